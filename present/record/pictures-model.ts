import { groupBy } from '@/core/basics/group-by';
import type { Moment, Picture } from '@/core/clean/picture';
import { dateWithYear } from '../words/words';

/** Pictures of a clean, room by room: the first before beside the last after. */
export type RoomPictures = {
  readonly room: string;
  readonly place: string;
  readonly pictures: readonly PictureWords[];
};

export type PictureWords = {
  readonly id: string;
  readonly src: string;
  readonly moment: Moment;
  /** `Kitchen before, 26 Mar 2027`. */
  readonly words: string;
};

export const MOMENT_WORDS: Readonly<Record<Moment, string>> = { before: 'before', after: 'after' };

export function roomPictures(pictures: readonly Picture[]): RoomPictures[] {
  return [...groupBy(pictures, ({ room }) => room)].map(([room, own]) => ({
    room,
    place: own.at(-1)?.place ?? '',
    pictures: own
      .toSorted((a, b) => rank(a) - rank(b) || (a.at < b.at ? -1 : 1))
      .map(({ id, moment, place, at }) => ({
        id,
        moment,
        src: `/api/pictures/${encodeURIComponent(id)}`,
        words: `${place} ${MOMENT_WORDS[moment]}, ${dateWithYear(at.slice(0, 10))}`,
      })),
  }));
}

function rank({ moment }: Picture): number {
  return moment === 'before' ? 0 : 1;
}
