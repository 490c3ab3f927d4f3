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

/** A date of `YYYY-MM-DD` as the reader writes it. */
export function dateShown(value: string, { date }: ReaderFormats): string {
  const [year = '', month = '', day = ''] = value.split('-');
  return date.replace('YYYY', year).replace('MM', month).replace('DD', day);
}

/** A time of `HH:mm` as the reader writes it. */
export function timeShown(value: string, { twelve }: ReaderFormats): string {
  if (!twelve) return value;
  const [hour = 0, minute = 0] = value.split(':').map(Number);
  const two = (number: number) => String(number).padStart(2, '0');
  return `${two(hour % 12 === 0 ? 12 : hour % 12)}:${two(minute)} ${hour < 12 ? 'am' : 'pm'}`;
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
