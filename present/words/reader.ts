/** How the reader writes dates and times: the order of day, month and year, and twelve hours or twenty-four. */
export type Reader = {
  /** In fields, such as `DD/MM/YYYY`. */
  readonly date: string;
  /** In fields, such as `HH:mm` or `hh:mm a`. */
  readonly time: string;
  readonly twelve: boolean;
  /** `March 26` rather than `26 March`. */
  readonly monthFirst: boolean;
};

/** Where nobody is known to read: files, calendars, what runs in the background. */
export const NOBODY_KNOWN: Reader = {
  date: 'DD/MM/YYYY',
  time: 'HH:mm',
  twelve: false,
  monthFirst: false,
};

const PARTS: Readonly<Record<string, string>> = { day: 'DD', month: 'MM', year: 'YYYY' };

/** By a language tag, such as `en-US`. Throws a RangeError where it is none. */
export function readerOf(language: string): Reader {
  const parts = new Intl.DateTimeFormat(language, { day: '2-digit', month: '2-digit', year: 'numeric' })
    .formatToParts(new Date(2027, 2, 1))
    // What only ends a date, as a point or the word for year, is no part of the field.
    .filter(({ type }, i, all) => type !== 'literal' || i < all.length - 1);
  const { hour12: twelve = false } = new Intl.DateTimeFormat(language, { hour: 'numeric' }).resolvedOptions();
  const at = (wanted: string) => parts.findIndex(({ type }) => type === wanted);
  return {
    date: parts.map(({ type, value }) => PARTS[type] ?? value.trim().slice(0, 1)).join(''),
    time: twelve ? 'hh:mm a' : 'HH:mm',
    twelve,
    monthFirst: at('month') < at('day'),
  };
}

/** The manners that one may choose instead of the device’s, each by a language that has it. */
export const MANNERS = [
  ['en-GB', '26 March, 15:40'],
  ['en-AU', '26 March, 3:40 pm'],
  ['en-US', 'March 26, 3:40 pm'],
] as const;

/** The cookie that keeps the choice on a device. */
export const MANNER_COOKIE = 'early-thaw-dates';

/** What a browser says of its reader: the choice that was kept, and the languages in their order. */
export function readerAsked(cookies: string | undefined, languages: string | undefined): Reader {
  const chosen = MANNERS.find(([tag]) => cookies?.includes(`${MANNER_COOKIE}=${tag}`))?.[0];
  const first = chosen ?? languages?.split(',', 1)[0]?.split(';', 1)[0]?.trim();
  try {
    return isKnown(first) ? readerOf(first) : NOBODY_KNOWN;
  } catch {
    return NOBODY_KNOWN;
  }
}

/** Another language would be taken for that of the server. Throws a RangeError where it is none. */
function isKnown(language: string | undefined): language is string {
  return language !== undefined && Intl.DateTimeFormat.supportedLocalesOf(language).length > 0;
}

/** One place for pages on the server, for those in the browser and for the script between them. */
const PLACE = 'earlyThawReader';
type Place = { [PLACE]?: () => Reader | undefined };

/** Who reads what is being written just now. */
export function reader(): Reader {
  return (globalThis as Place)[PLACE]?.() ?? NOBODY_KNOWN;
}

/** How the reader is found, by request on a server. */
export function writeFor(find: () => Reader | undefined): void {
  (globalThis as Place)[PLACE] = find;
}

/** Runs in the browser before all else, so that it writes as the server did. */
export function readerScript(known: Reader): string {
  return `(reader => { globalThis.${PLACE} = () => reader })(${JSON.stringify(known).replaceAll('<', '\\u003c')})`;
}

/** A date of `YYYY-MM-DD` as it is written in a field. */
export function dateShown(value: string, { date }: Reader): string {
  const [year = '', month = '', day = ''] = value.split('-');
  return date.replace('YYYY', year).replace('MM', month).replace('DD', day);
}

/** A time of `HH:mm` as it is written in a field. */
export function timeShown(value: string, known: Reader): string {
  const [hour = '', ...rest] = timeWritten(value, known).split(':');
  return [hour.padStart(2, '0'), ...rest].join(':');
}

/** A time of `HH:mm` as it is written in a sentence: `18:40`, `6:40 pm`. */
export function timeWritten(value: string, { twelve }: Reader): string {
  if (!twelve) return value;
  const hour = Number(value.slice(0, 2));
  return `${hour % 12 === 0 ? 12 : hour % 12}:${value.slice(3, 5)} ${hour % 24 < 12 ? 'am' : 'pm'}`;
}
