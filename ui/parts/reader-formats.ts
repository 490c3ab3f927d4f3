'use client';
import { useSyncExternalStore } from 'react';

/** How the reader writes dates and times: the order of day, month and year, and twelve hours or twenty-four. */
export type ReaderFormats = {
  /** Such as `DD/MM/YYYY`. */
  readonly date: string;
  /** Such as `HH:mm` or `hh:mm a`. */
  readonly time: string;
  readonly twelve: boolean;
};

/** Until the reader's device is there to be asked. */
const UNKNOWN: ReaderFormats = { date: 'DD/MM/YYYY', time: 'HH:mm', twelve: false };

const PARTS: Readonly<Record<string, string>> = { day: 'DD', month: 'MM', year: 'YYYY' };

/** By a language tag, such as `en-US`; that of the device where none is given. */
export function formatsOf(locale?: string): ReaderFormats {
  const date = new Intl.DateTimeFormat(locale, { day: '2-digit', month: '2-digit', year: 'numeric' })
    .formatToParts(new Date(2027, 2, 1))
    // What only ends a date, as a point or the word for year, is no part of the field.
    .filter(({ type }, i, all) => type !== 'literal' || i < all.length - 1)
    .map(({ type, value }) => PARTS[type] ?? value.trim().slice(0, 1))
    .join('');
  const { hour12: twelve = false } = new Intl.DateTimeFormat(locale, { hour: 'numeric' }).resolvedOptions();
  return { date, time: twelve ? 'hh:mm a' : 'HH:mm', twelve };
}

let known: ReaderFormats | undefined;
const never = () => () => undefined;

export function useReaderFormats(): ReaderFormats {
  return useSyncExternalStore(
    never,
    () => {
      known ??= formatsOf();
      return known;
    },
    () => UNKNOWN,
  );
}
