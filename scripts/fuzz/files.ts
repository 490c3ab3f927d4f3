import { readFileSync } from 'node:fs';
import { writeRoomsTable } from '../../core/formats/rooms-table';
import type { HouseholdFile } from '../../core/household/household';
import { bentBytes, bentDocument, hostileText } from './hostile';

/** Files of each kind that can be handed in, whole, and how one is bent. */
export type FileKind = {
  readonly name: string;
  /** Where it is handed in. */
  readonly path: (random: () => number) => string;
  readonly bent: (random: () => number) => Uint8Array;
};

const example = (name: string) =>
  readFileSync(new URL(`../../core/formats/examples/${name}`, import.meta.url));

const bytesOf = (text: string) => Buffer.from(text, 'utf8');

export function fileKinds(file: HouseholdFile): readonly FileKind[] {
  const table = bytesOf(writeRoomsTable(file.home));
  const cells = table.toString('utf8').split(',');
  const workbook = example('rooms-of-one.xlsx');
  const calendar = bytesOf(calendarOf());
  const whole = bytesOf(JSON.stringify(file));
  return [
    {
      name: 'household file',
      path: () => '/api/household',
      bent: (random) =>
        random() < 0.6 ? bytesOf(JSON.stringify(bentDocument(file, random)) ?? '') : bentBytes(whole, random),
    },
    {
      name: 'table of rooms',
      path: (random) => (random() < 0.5 ? '/api/rooms?take' : '/api/rooms'),
      bent: (random) => (random() < 0.5 ? bytesOf(withCell(cells, random)) : bentBytes(table, random)),
    },
    {
      name: 'workbook',
      path: (random) => (random() < 0.5 ? '/api/rooms?take' : '/api/rooms'),
      bent: (random) => bentBytes(workbook, random),
    },
    {
      name: 'calendar',
      path: () => `/api/busy?person=${file.people[0]?.id ?? ''}`,
      bent: (random) => bentBytes(calendar, random),
    },
    {
      name: 'picture',
      path: () => `/api/pictures?id=${crypto.randomUUID()}&room=kitchen&moment=before`,
      bent: (random) => bentBytes(PICTURE, random),
    },
  ];
}

function withCell(cells: readonly string[], random: () => number): string {
  const at = Math.floor(random() * cells.length);
  return cells.map((cell, i) => (i === at ? hostileText(random) : cell)).join(',');
}

/** As programs write them: zones, recurrences, exceptions, folded lines, alarms. */
function calendarOf(): string {
  return [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'PRODID:-//example//calendar//EN',
    'BEGIN:VTIMEZONE',
    'TZID:Europe/Berlin',
    'BEGIN:STANDARD',
    'DTSTART:19701025T030000',
    'RRULE:FREQ=YEARLY;BYMONTH=10;BYDAY=-1SU',
    'TZOFFSETFROM:+0200',
    'TZOFFSETTO:+0100',
    'END:STANDARD',
    'BEGIN:DAYLIGHT',
    'DTSTART:19700329T020000',
    'RRULE:FREQ=YEARLY;BYMONTH=3;BYDAY=-1SU',
    'TZOFFSETFROM:+0100',
    'TZOFFSETTO:+0200',
    'END:DAYLIGHT',
    'END:VTIMEZONE',
    ...Array.from({ length: 20 }, (_, i) => [
      'BEGIN:VEVENT',
      `UID:event-${i}@example.org`,
      'DTSTAMP:20270201T120000Z',
      `DTSTART;TZID=Europe/Berlin:202703${String(1 + i).padStart(2, '0')}T190000`,
      `DTEND;TZID=Europe/Berlin:202703${String(1 + i).padStart(2, '0')}T203000`,
      `SUMMARY:Choir\\, room ${i}`,
      ...(i % 3 === 0
        ? ['RRULE:FREQ=WEEKLY;COUNT=10;BYDAY=MO,TH', 'EXDATE;TZID=Europe/Berlin:20270308T190000']
        : []),
      ...(i % 4 === 0 ? ['BEGIN:VALARM', 'ACTION:DISPLAY', 'TRIGGER:-PT15M', 'END:VALARM'] : []),
      'END:VEVENT',
    ]).flat(),
    'END:VCALENDAR',
    '',
  ].join('\r\n');
}

/** The smallest that a program for pictures opens: eight by eight, grey. */
const PICTURE = Buffer.from(
  '/9j/4AAQSkZJRgABAQEASABIAAD/2wBDAAMCAgICAgMCAgIDAwMDBAYEBAQEBAgGBgUGCQgKCgkICQkKDA8MCgsOCwkJDRENDg8QEBEQCgwSExIQEw8QEBD/wAALCAAIAAgBAREA/8QAFAABAAAAAAAAAAAAAAAAAAAACf/EABQQAQAAAAAAAAAAAAAAAAAAAAD/2gAIAQEAAD8AVN//2Q==',
  'base64',
);
