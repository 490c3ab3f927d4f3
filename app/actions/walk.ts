'use server';
import { isFixtureKind } from '@/core/catalogue/fixture-kinds';
import { starterStops } from '@/core/home/starters';
import {
  insertFloor,
  insertRoom,
  insertStop,
  putFixture,
  removeFixture,
  removeRoom,
  updateRoom,
} from '@/server/repositories/home';
import { type ActionResult, accepted, refused } from '@/ui/forms/result';
import {
  changedRoomSchema,
  fixtureFormSchema,
  idOnlySchema,
  newFloorSchema,
  newRoomSchema,
  newStopSchema,
} from '@/ui/forms/schemas';
import { act } from './act';

const GONE = 'That is no longer there. The page shows what is.';

export async function addFloor(input: unknown): Promise<ActionResult> {
  return act(newFloorSchema, input, async (scope, floor) => {
    await insertFloor(scope, floor);
    return accepted();
  });
}

export async function addRoom(input: unknown): Promise<ActionResult> {
  return act(newRoomSchema, input, async (scope, { floorId, ...room }) => {
    const floor = await scope.rows('floors').where({ id: floorId }).first('id');
    if (!floor) return refused('This floor is no longer there.', 'floorId');
    await insertRoom(scope, floorId, { ...room, stops: starterStops(room) });
    return accepted();
  });
}

export async function changeRoom(input: unknown): Promise<ActionResult> {
  return act(changedRoomSchema, input, async (scope, room) => {
    const known = await updateRoom(scope, room);
    return known ? accepted() : refused(GONE);
  });
}

export async function dropRoom(input: unknown): Promise<ActionResult> {
  return act(idOnlySchema, input, async (scope, { id }) => {
    await removeRoom(scope, id);
    return accepted();
  });
}

export async function addStop(input: unknown): Promise<ActionResult> {
  return act(newStopSchema, input, async (scope, { roomId, ...stop }) => {
    const room = await scope.rows('rooms').where({ id: roomId }).first('id');
    if (!room) return refused(GONE);
    await insertStop(scope, roomId, stop);
    return accepted();
  });
}

export async function saveFixture(input: unknown): Promise<ActionResult> {
  return act(fixtureFormSchema, input, async (scope, { stopId, fixture }) => {
    if (!isFixtureKind(fixture.kind))
      return refused('The catalogue does not know this kind of fixture.', 'fixture.kind');
    const stop = await scope.rows('stops').where({ id: stopId }).first('id');
    if (!stop) return refused(GONE);
    await putFixture(scope, stopId, fixture);
    return accepted();
  });
}

export async function dropFixture(input: unknown): Promise<ActionResult> {
  return act(idOnlySchema, input, async (scope, { id }) => {
    await removeFixture(scope, id);
    return accepted();
  });
}
