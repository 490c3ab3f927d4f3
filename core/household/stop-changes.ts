import { z } from 'zod';
import { idSchema, nameSchema } from '../basics/scalars';
import { FIXTURE_KINDS, isFixtureKind } from '../catalogue/fixture-kinds';
import { HEIGHTS, type Home } from '../home/room';
import { fixtureSchema, surfaceSchema } from '../home/room-schema';
import { rowsOn } from './change-row';
import { findStop } from './home-parts';
import { refuse } from './made';
import { findFixture, STOP_EDITS } from './stop-edits';

/** Stops on the walk round a room, and the fixtures at them. */

const row = rowsOn<Home>();

export const STOP_CHANGES = {
  'add-stop': row({
    shape: { roomId: idSchema, id: idSchema, name: nameSchema },
    apply: STOP_EDITS['add-stop'],
    words: ({ name }) => `${name} added`,
  }),
  'rename-stop': row({
    shape: { id: idSchema, name: nameSchema },
    apply: STOP_EDITS['rename-stop'],
    words: ({ id }, home) => `${stopName(home, id)} renamed`,
  }),
  /** Behind another stop, or to the front. */
  'move-stop': row({
    shape: { id: idSchema, after: idSchema.nullable() },
    apply: STOP_EDITS['move-stop'],
    words: ({ id }, home) => `${stopName(home, id)} moved`,
  }),
  'drop-stop': row({
    shape: { id: idSchema },
    apply: STOP_EDITS['drop-stop'],
    words: ({ id }, home) => `${stopName(home, id)} removed`,
  }),
  'put-fixture': row({
    shape: {
      stopId: idSchema,
      fixture: fixtureSchema.extend({ surface: surfaceSchema.optional() }),
    },
    apply: (home, said) =>
      isFixtureKind(said.fixture.kind) ? STOP_EDITS['put-fixture'](home, said) : refuse('unknown-kind'),
    words: ({ fixture }, home) =>
      `${kindName(fixture.kind)} ${findFixture(home, fixture.id) ? 'changed' : 'added'}`,
  }),
  'move-fixture': row({
    shape: { id: idSchema, stopId: idSchema, height: z.enum(HEIGHTS) },
    apply: STOP_EDITS['move-fixture'],
    words: ({ id }, home) => `${fixtureName(home, id)} moved`,
  }),
  'drop-fixture': row({
    shape: { id: idSchema },
    apply: STOP_EDITS['drop-fixture'],
    words: ({ id }, home) => `${fixtureName(home, id)} removed`,
  }),
};

function stopName(home: Home, id: string): string {
  return findStop(home, id)?.name ?? 'A stop';
}

function fixtureName(home: Home, id: string): string {
  return kindName(findFixture(home, id)?.kind ?? '');
}

function kindName(kind: string): string {
  return isFixtureKind(kind) ? FIXTURE_KINDS[kind].name : 'A thing';
}
