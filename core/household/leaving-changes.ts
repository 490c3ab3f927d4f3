import { z } from 'zod';
import { idSchema } from '../basics/scalars';
import { dropOffSchema, type Leaving, MOST_LEAVING, newHomeSchema, ownPileSchema } from '../clean/leaving';
import { fixturesOf, roomsOf } from '../home/room';
import { type AnyRow, rowsOn } from './change-row';
import type { Editable } from './editable';
import { type Made, made, refuse } from './made';
import { put } from './put';

const row = rowsOn<Editable>();

/** Piles, places that take things, and new homes of things. No plan rests on any of them. */
export const LEAVING_CHANGES = {
  'put-pile': row({
    shape: { pile: ownPileSchema },
    apply: (before, { pile }) => putIn(before, 'piles', pile),
    words: ({ pile }) => `The pile ${pile.name}`,
    planless: true,
  }),
  /** What was counted on it stays counted, and a place that took nothing else takes nothing now, rather than all. */
  'drop-pile': row({
    shape: { id: z.uuid() },
    apply: (before, { id }) =>
      onLeaving(before, ({ piles }) => ({ piles: piles.filter((pile) => pile.id !== id) })),
    words: () => 'A pile removed',
    planless: true,
  }),
  'put-drop-off': row({
    shape: { place: dropOffSchema },
    apply: (before, { place }) => putIn(before, 'places', place),
    words: ({ place }) => place.name,
    planless: true,
  }),
  'drop-drop-off': row({
    shape: { id: idSchema },
    apply: (before, { id }) =>
      onLeaving(before, ({ places }) => ({ places: places.filter((place) => place.id !== id) })),
    words: () => 'A drop-off place removed',
    planless: true,
  }),
  'put-new-home': row({
    shape: { home: newHomeSchema },
    apply: (before, { home }) => {
      const known = new Set(roomsOf(before.home).flatMap((room) => fixturesOf(room).map(({ id }) => id)));
      return known.has(home.from.fixture) && known.has(home.to.fixture)
        ? putIn(before, 'homes', home)
        : refuse('gone');
    },
    words: ({ home }) => `A new home for ${home.what}`,
    planless: true,
  }),
  'drop-new-home': row({
    shape: { id: idSchema },
    apply: (before, { id }) =>
      onLeaving(before, ({ homes }) => ({ homes: homes.filter((home) => home.id !== id) })),
    words: () => 'A new home taken off the list',
    planless: true,
  }),
} satisfies Record<string, AnyRow<Editable>>;

function putIn<Key extends keyof Leaving>(
  before: Editable,
  key: Key,
  item: Leaving[Key][number],
): Made<Editable> {
  const next = put<Leaving[keyof Leaving][number]>(before.leaving[key], item, ({ id }) => id);
  return next.length > MOST_LEAVING[key] ? refuse('too-much') : onLeaving(before, () => ({ [key]: next }));
}

function onLeaving(before: Editable, change: (leaving: Leaving) => Partial<Leaving>): Made<Editable> {
  return made({ ...before, leaving: { ...before.leaving, ...change(before.leaving) } });
}
