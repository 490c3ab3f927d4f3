import { fixtureOfTask, partsOfStepId } from '@/core/basics/ids';
import { shownIn, unitName } from '@/core/basics/units';
import { USUAL_SWEEP } from '@/core/clean/clean';
import { ROOM_KINDS, type Room, roomsOf } from '@/core/home/room';
import type { Current } from '@/core/problem/campaign';
import { clearFixtures } from '@/core/problem/progress';
import { joinedRooms } from '@/core/work/floor-runs';
import { handsRange } from '@/core/work/tasks';
import { usesOf } from '@/core/work/uses';
import { atHandOf, lastsOneDay, paceOf, USUAL_SCHOOL } from '@/core/work/work';
import { facesIn, oftenIn } from '@/present/walk/kind-faces';
import { roomOrder } from '@/present/walk/room-order';
import type { RoomSurroundings } from '@/present/walk/room-work';
import { ticksIn } from '@/present/walk/ticks';
import { amount, count, hourRange, hours } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import type { ChangeActions } from '../parts/change-actions';
import { PageHead } from '../parts/page-head';
import { TextLink } from '../parts/text-link';
import type { CommandAction } from '../state/command';
import { ChangeRoomLater } from './change-room-later';
import { KindFacesProvider } from './kind-faces';
import type { MoveTask } from './order-panel';
import { RoomProducts } from './room-products';
import { UnrolledRoom } from './unrolled-room';

type RoomPageProps = {
  readonly state: Current;
  readonly room: Room;
  readonly actions: ChangeActions;
  readonly moveTask: MoveTask;
  readonly tickStep: CommandAction;
};

export function RoomPage({ state, room, actions, moveTask, tickStep }: RoomPageProps) {
  const { units, home, marks } = state.household;
  const tasks = state.tasks.filter((task) => task.room.id === room.id);
  const range = handsRange(tasks);
  const here = new Set(room.stops.flatMap((stop) => stop.fixtures.map((fixture) => fixture.id)));
  const clear = state.campaign ? [...clearFixtures(state.campaign.problem)].filter((id) => here.has(id)) : [];
  const length = (metres: number) => amount(shownIn(units, 'm', metres));
  return (
    <>
      <TextLink href="/walk">The walk</TextLink>
      <PageHead title={room.name} paper={`/paper/room/${encodeURIComponent(room.id)}`}>
        {ROOM_KINDS[room.kind]}, {length(room.lengthM)} × {length(room.widthM)} {unitName(units, 'm')},{' '}
        {length(room.heightM)} {unitName(units, 'm')} high. {count(tasks.length, 'job', 'jobs')},{' '}
        {hours(range.minutes)} of hands-on work ({hourRange(range)}).
      </PageHead>
      <KindFacesProvider faces={facesIn(room)}>
        <UnrolledRoom
          room={room}
          often={oftenIn(room)}
          around={surroundingsOf(state, room)}
          steps={roomOrder(state.order, room.id, state.campaign)}
          clear={clear}
          edits={state.edits}
          actions={actions}
          moveTask={moveTask}
          ticks={ticksIn(state, room)}
          tickStep={tickStep}
        />
      </KindFacesProvider>
      <RoomProducts
        room={room.id}
        mark={marks.find((mark) => mark.on === 'room' && mark.target === room.id)}
        actions={actions}
      />
      {state.household.clean && (
        <TextLink
          href={`/record/clean?room=${encodeURIComponent(room.id)}#pictures`}
          className={css({ display: 'inline-flex', alignItems: 'center', minHeight: 44 })}
        >
          Take a picture of it, before or after
        </TextLink>
      )}
      <ChangeRoomLater
        room={room}
        others={roomsOf(home)
          .filter((other) => other !== room)
          .map(({ id, name }) => ({ id, name }))}
        actions={actions}
      />
    </>
  );
}

/** What its estimates depend on outside the room; of the marks only those that concern it. */
function surroundingsOf({ household }: Current, room: Room): RoomSurroundings {
  const { home, people, machines, marks, catalogue, clean, ticks, almanac, lastDone = [] } = household;
  const here = new Set(room.stops.flatMap((stop) => stop.fixtures.map((fixture) => fixture.id)));
  return {
    facts: home.facts,
    way: home.wayRound,
    pace: paceOf(people, almanac.learnt),
    learnt: almanac.learnt,
    doneBefore: lastDone.filter(({ fixture }) => here.has(fixture)),
    atHand: atHandOf({ home, people, machines }),
    belongings: clean?.belongings ?? 'stop',
    sweep: clean?.sweep ?? USUAL_SWEEP,
    estimates: clean?.estimates ?? 'rates',
    school: clean?.products ?? USUAL_SCHOOL,
    uses: usesOf(ticks.filter(({ step }) => here.has(partsOfStepId(step)?.fixtureId ?? ''))),
    finish: clean?.finish,
    lastsOneDay: lastsOneDay(clean),
    marks: marks.filter(
      ({ on, target }) => on === 'kind' || target === room.id || here.has(fixtureOfTask(target)),
    ),
    catalogue,
    joined: joinedRooms(home).has(room.id),
  };
}
