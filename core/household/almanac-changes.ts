import { z } from 'zod';
import { dateSchema, idSchema } from '../basics/scalars';
import { seasonChangeSchema, tradeSchema } from '../clean/almanac-settings';
import { learntFactorSchema, learntKey, learntSchema } from '../clean/learnt';
import { type AnyRow, rowsOn } from './change-row';
import type { Editable } from './editable';
import { type Made, made, refuse } from './made';
import { put } from './put';

const row = rowsOn<Editable>();
const factorShape = learntFactorSchema.shape;

/** The year of a household, what it has learnt, and the end of a clean. */
export const ALMANAC_CHANGES = {
  /** A job on the list of a season, or off it. */
  'season-job': row({
    shape: seasonChangeSchema.shape,
    apply: (before, said) =>
      onAlmanac(before, (almanac) => ({
        ...almanac,
        seasons: put(almanac.seasons, said, ({ season, method }) => `${season}/${method}`),
      })),
    words: ({ on }) => (on ? 'A job on the list of a season' : 'A job off the list of a season'),
    planless: true,
  }),
  /** Work for a trade: how often, when last, or not at all. */
  'put-trade': row({
    shape: { trade: tradeSchema },
    apply: (before, { trade }) =>
      onAlmanac(before, (almanac) => ({ ...almanac, trades: put(almanac.trades, trade, ({ id }) => id) })),
    words: ({ trade }) => trade.what,
    planless: true,
  }),
  'drop-trade': row({
    shape: { id: idSchema },
    apply: (before, { id }) =>
      onAlmanac(before, (almanac) => ({
        ...almanac,
        trades: almanac.trades.filter((trade) => trade.id !== id),
      })),
    words: () => 'Work for a trade taken out',
    planless: true,
  }),
  /** A part of the house each month by turns; without a date: in cleans again. */
  'by-turns': row({
    shape: { since: dateSchema.optional() },
    apply: (before, { since }) =>
      onAlmanac(before, ({ roundSince: _before, ...almanac }) => ({
        ...almanac,
        ...(since !== undefined && { roundSince: since }),
      })),
    words: ({ since }) => (since === undefined ? 'No longer by turns' : 'Round the year by turns'),
    planless: true,
  }),
  /** Whether estimates go by one's own times. */
  'switch-learnt': row({
    shape: { on: z.boolean() },
    apply: (before, { on }) => onLearnt(before, (learnt) => ({ ...learnt, on })),
    words: ({ on }) => (on ? 'Estimates learn' : 'Estimates do not learn'),
  }),
  /** Something that was learnt is set back, and not learnt again; or is learnt again. */
  unlearn: row({
    shape: { of: factorShape.of, id: z.string().max(200), never: z.boolean() },
    apply: (before, { of, id, never }) =>
      onLearnt(before, (learnt) => {
        const key = learntKey({ of, id });
        const others = learnt.never.filter((known) => known !== key);
        return {
          ...learnt,
          factors: learnt.factors.filter((factor) => learntKey(factor) !== key),
          never: never ? [...others, key] : others,
        };
      }),
    words: ({ never }) => (never ? 'Something learnt set back' : 'Something may be learnt again'),
  }),
  /** What the record says by now. */
  'take-lessons': row({
    shape: { factors: learntSchema.shape.factors, spread: learntSchema.shape.spread },
    apply: (before, { factors, spread }) => onLearnt(before, (learnt) => ({ ...learnt, factors, spread })),
    words: () => 'Estimates learnt from your times',
    inside: true,
  }),
  /** The clean is over; without a date it goes on. */
  'close-clean': row({
    shape: { closed: dateSchema.optional() },
    apply: (before, { closed }) => {
      if (!before.clean) return refuse('gone');
      const { closed: _before, ...clean } = before.clean;
      return made({ ...before, clean: { ...clean, ...(closed !== undefined && { closed }) } });
    },
    words: ({ closed }) => (closed === undefined ? 'The clean goes on' : 'The clean closed'),
    planless: true,
  }),
} satisfies Record<string, AnyRow<Editable>>;

function onAlmanac(
  before: Editable,
  change: (almanac: Editable['almanac']) => Editable['almanac'],
): Made<Editable> {
  return made({ ...before, almanac: change(before.almanac) });
}

function onLearnt(
  before: Editable,
  change: (learnt: Editable['almanac']['learnt']) => Editable['almanac']['learnt'],
): Made<Editable> {
  return onAlmanac(before, (almanac) => ({ ...almanac, learnt: change(almanac.learnt) }));
}
