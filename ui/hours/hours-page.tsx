import type { Room } from '@/core/home/room';
import { tasksInOrder } from '@/core/order/working-order';
import type { Current } from '@/core/problem/campaign';
import { offeredMinutes, progressByRoom, sumProgress } from '@/core/problem/progress';
import { type CleanTask, handsRange } from '@/core/work/tasks';
import { HOURS_VIEWS } from '@/present/hours/hours-views';
import { hourRange, hours } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { LinkButton } from '../parts/link-button';
import { PageHead } from '../parts/page-head';
import { ViewSwitch } from '../parts/view-switch';
import { PartsLegend } from './parts-bar';
import { RoomHours } from './room-hours';

/** How long everything takes, room by room, each figure opened to its sum. */
export function HoursPage({ state, open }: { state: Current; open: string | undefined }) {
  const { household } = state;
  const tasks = tasksInOrder(state.order.steps);
  const rooms = household.home.floors.flatMap((floor) => floor.rooms);
  if (tasks.length === 0) return <NothingYet rooms={rooms.length} />;
  const longest = Math.max(...rooms.map((room) => handsRange(inRoom(tasks, room)).high));
  const total = handsRange(tasks);
  return (
    <>
      <ViewSwitch label="Hours" views={HOURS_VIEWS} here="/hours" />
      <PageHead title={`${hours(total.minutes)} of hands-on work`}>
        Usually {hourRange(total)}. {offered(state)} Open a room for its jobs, and a job for the sum behind
        it.
      </PageHead>
      <PartsLegend />
      <div className={css({ display: 'flex', flexDirection: 'column', maxWidth: 900 })}>
        {rooms
          .filter((room) => inRoom(tasks, room).length > 0)
          .map((room) => (
            <RoomHours
              key={room.id}
              room={room}
              tasks={inRoom(tasks, room)}
              longest={longest}
              open={room.id === open}
              units={household.units}
              facts={household.home.facts}
            />
          ))}
      </div>
    </>
  );
}

function inRoom(tasks: readonly CleanTask[], room: Room): CleanTask[] {
  return tasks.filter((task) => task.room.id === room.id);
}

function offered({ campaign }: Current): string {
  if (!campaign) return '';
  const { total, done } = sumProgress(progressByRoom(campaign.problem).values());
  return `${hours(total - done)} are left to do; ${hours(offeredMinutes(campaign.problem))} are offered until the finish line.`;
}

function NothingYet({ rooms }: { rooms: number }) {
  return (
    <>
      <PageHead title="Hours">
        {rooms === 0
          ? 'Hours come from what stands in the rooms. Walk one first.'
          : 'The rooms are still empty. Open one and add what stands in it.'}
      </PageHead>
      <LinkButton href="/walk" variant="contained" size="large">
        Go to the walk
      </LinkButton>
    </>
  );
}
