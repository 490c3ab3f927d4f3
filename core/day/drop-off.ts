import { dayOf, formatDate, weekdayOf } from '../basics/local-time';

/** Where what leaves the house can be taken. Made up, and a stand-in for the places that a household really has. */
export type DropOff = {
  readonly name: string;
  /** By weekday, 1 Monday … 7 Sunday. */
  readonly opens: readonly { readonly weekday: number; readonly from: string; readonly to: string }[];
};

export const THE_OLD_STATION: DropOff = {
  name: 'The Old Station, drop-off',
  opens: [
    { weekday: 2, from: '16:00', to: '19:00' },
    { weekday: 4, from: '16:00', to: '19:00' },
    { weekday: 6, from: '09:00', to: '14:00' },
  ],
};

/** Opening times from a date up to another, both included, in their order. */
export function openingsOf(
  { opens }: DropOff,
  from: string,
  to: string,
): readonly { readonly date: string; readonly from: string; readonly to: string }[] {
  const found = [];
  for (let day = dayOf(from); day <= dayOf(to); day++)
    for (const hours of opens.filter(({ weekday }) => weekday === weekdayOf(day)))
      found.push({ date: formatDate(day), from: hours.from, to: hours.to });
  return found;
}
