/** Dates as people write them in a table: 2026-11-28, 28.11.2026, 28/11/2026, 11/28/2026. */

/** Whether the day or the month comes first where both are numbers between strokes. */
export const DATE_ORDERS = ['day-first', 'month-first'] as const;
export type DateOrder = (typeof DATE_ORDERS)[number];

const WITH_DOTS = /^(\d{1,2})\.\s*(\d{1,2})\.\s*(\d{4})$/;
const WITH_STROKES = /^(\d{1,2})[/-](\d{1,2})[/-](\d{4})$/;
const YEAR_FIRST = /^(\d{4})[./-](\d{1,2})[./-](\d{1,2})(?:[T ].*)?$/;

/** The order that all dates of a table can have; undefined where they can have both and it matters. */
export function orderOfDates(texts: readonly string[]): DateOrder | undefined {
  const pairs = texts.flatMap((text) => {
    const found = WITH_STROKES.exec(text.trim());
    return found ? [[Number(found[1]), Number(found[2])] as const] : [];
  });
  if (pairs.some(([first]) => first > 12)) return 'day-first';
  if (pairs.some(([, second]) => second > 12)) return 'month-first';
  return pairs.some(([first, second]) => first !== second) ? undefined : 'day-first';
}

/** The date as `YYYY-MM-DD`; as it was where it is none, so that whoever checks it can say what is wrong. */
export function dateIn(text: string, order: DateOrder | undefined): string {
  const trimmed = text.trim();
  const iso = YEAR_FIRST.exec(trimmed);
  if (iso) return joined(iso[1], iso[2], iso[3]);
  const dots = WITH_DOTS.exec(trimmed);
  if (dots) return joined(dots[3], dots[2], dots[1]);
  const strokes = WITH_STROKES.exec(trimmed);
  if (!strokes || order === undefined) return trimmed;
  const [, first, second, year] = strokes;
  return order === 'day-first' ? joined(year, second, first) : joined(year, first, second);
}

function joined(year = '', month = '', day = ''): string {
  return `${year}-${month.padStart(2, '0')}-${day.padStart(2, '0')}`;
}
