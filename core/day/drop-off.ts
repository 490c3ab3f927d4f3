import { dayOf, formatDate, weekdayOf } from '../basics/local-time';

import type { DropOff } from '../clean/leaving';

/** Made up, and a stand-in for the places that a household really has, until it names them. */
export const THE_OLD_STATION: DropOff = {
  id: 'old-station',
  name: 'The Old Station, drop-off',
  address: '',
  takes: [],
  opens: [
    { weekday: 2, from: '16:00', to: '19:00' },
    { weekday: 4, from: '16:00', to: '19:00' },
    { weekday: 6, from: '09:00', to: '14:00' },
  ],
};

/** Opening times from a date up to another, both included, in their order. */
export function openingsOf(
  { opens }: Pick<DropOff, 'opens'>,
  from: string,
  to: string,
): readonly { readonly date: string; readonly from: string; readonly to: string }[] {
  const found = [];
  for (let day = dayOf(from); day <= dayOf(to); day++)
    for (const hours of opens.filter(({ weekday }) => weekday === weekdayOf(day)))
      found.push({ date: formatDate(day), from: hours.from, to: hours.to });
  return found;
}
