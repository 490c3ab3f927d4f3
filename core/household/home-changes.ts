import { z } from 'zod';
import { homeFactsSchema } from '../home/facts';
import { type Home, WAYS_ROUND } from '../home/room';
import { homeSchema } from '../home/room-schema';
import { type AnyRow, type ChangeOf, rowsOn } from './change-row';
import { type Made, made } from './made';
import { ROOM_CHANGES } from './room-changes';
import { STOP_CHANGES } from './stop-changes';

const row = rowsOn<Home>();

/** What a person does to the home on the walk. */
export const HOME_CHANGES = {
  ...ROOM_CHANGES,
  ...STOP_CHANGES,
  'way-round': row({
    shape: { way: z.enum(WAYS_ROUND) },
    apply: (home, { way }) => made({ ...home, wayRound: way }),
    words: () => 'Way round changed',
  }),
  'home-facts': row({
    shape: { facts: homeFactsSchema },
    apply: (home, { facts }) => made({ ...home, facts }),
    words: () => 'Facts of the house changed',
  }),
  /** Rooms and fixtures from a table. */
  'take-in': row({
    shape: { home: homeSchema },
    apply: (_before, { home }) => made(home),
    words: () => 'Rooms imported from a table',
    inside: true,
  }),
} satisfies Record<string, AnyRow<Home>>;
export type HomeChange = ChangeOf<typeof HOME_CHANGES>;

/** The home after a change. What did not change stays the same object. */
export function changeHome(home: Home, change: HomeChange): Made<Home> {
  const { apply }: AnyRow<Home> = HOME_CHANGES[change.do];
  return apply(home, change as never);
}
