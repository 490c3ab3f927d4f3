import type { Current } from '@/core/clean/campaign';
import { clearFixtures } from '@/core/clean/progress';
import { handsRange } from '@/core/clean/tasks';
import { ROOM_KINDS, type Room } from '@/core/home/room';
import type { ActionResult } from '../forms/result';
import { PageHead } from '../parts/page-head';
import { TextLink } from '../parts/text-link';
import { amount, count, hourRange, hours } from '../parts/words';
import { ChangeRoomLater } from './change-room-later';
import { fixtureOrder } from './strip-model';
import { type RoomActions, UnrolledRoom } from './unrolled-room';

export type RoomPageActions = RoomActions & {
  readonly changeRoom: (input: unknown) => Promise<ActionResult>;
  readonly dropRoom: (input: unknown) => Promise<ActionResult>;
};

export function RoomPage({ state, room, actions }: { state: Current; room: Room; actions: RoomPageActions }) {
  const tasks = state.tasks.filter((task) => task.room.id === room.id);
  const range = handsRange(tasks);
  const clear = state.campaign ? [...clearFixtures(state.campaign.problem)] : [];
  const { changeRoom, dropRoom, ...strip } = actions;
  return (
    <>
      <TextLink href="/walk">The walk</TextLink>
      <PageHead title={room.name}>
        {ROOM_KINDS[room.kind]}, {amount(room.lengthM)} × {amount(room.widthM)} m, {amount(room.heightM)} m
        high. {count(tasks.length, 'job', 'jobs')}, {hours(range.minutes)} of hands-on work (
        {hourRange(range)}).
      </PageHead>
      <UnrolledRoom room={room} order={fixtureOrder(tasks)} clear={clear} actions={strip} />
      <ChangeRoomLater room={room} change={changeRoom} drop={dropRoom} />
    </>
  );
}
