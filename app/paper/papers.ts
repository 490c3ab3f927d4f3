import { fileFor } from '@/app/api/day/file-for';
import { isLocalDate } from '@/core/basics/local-time';
import { roomsOf } from '@/core/home/room';
import type { Current } from '@/core/problem/campaign';
import { seasonsScreen } from '@/present/almanac/seasons-model';
import { yearScreen } from '@/present/almanac/year-model';
import { seasonsSheet, yearSheet } from '@/present/paper/almanac-sheets';
import { daySheet } from '@/present/paper/day-sheet';
import { planSheet } from '@/present/paper/plan-sheet';
import { roomSheet } from '@/present/paper/room-sheet';
import { emptySheet, type Sheet } from '@/present/paper/sheet';
import { mixingSheet, shoppingSheet, washSheet } from '@/present/paper/supply-sheets';
import { walkSheet } from '@/present/paper/walk-sheet';
import { kitsOn, suppliesScreen } from '@/present/supplies/supplies-model';
import { washScreen } from '@/present/supplies/wash-model';
import { roomOrder } from '@/present/walk/room-order';
import { almanacNow, recordOfYear } from '@/server/almanac';
import { foundLeft } from '@/server/commands/found';
import type { HouseholdScope } from '@/server/db/scope';

/** What is printed, by the first part of its address. */

type Asked = {
  readonly scope: HouseholdScope;
  readonly state: Current;
  /** What follows in the address: a date, a room. */
  readonly of: string | undefined;
  readonly query: Readonly<Record<string, string | string[] | undefined>>;
};

type Paper = {
  readonly back: (asked: Asked) => { readonly href: string; readonly name: string };
  /** Undefined where there is no such room or date. */
  readonly sheet: (asked: Asked) => Sheet | undefined | Promise<Sheet | undefined>;
};

export const PAPERS: Readonly<Record<string, Paper>> = {
  plan: { back: () => ({ href: '/spread', name: 'the spread' }), sheet: ({ state }) => planSheet(state) },
  day: {
    back: ({ of = '' }) => ({ href: `/day/${of}`, name: 'the day' }),
    sheet: async ({ scope, state, of = state.today, query: { person } }) => {
      if (!isLocalDate(of)) return undefined;
      const file = await fileFor({ scope }, of, typeof person === 'string' ? person : undefined);
      return file
        ? daySheet(file, kitsOn(state, of, file.person))
        : emptySheet('The day', 'There is no plan yet. Once the work is spread, each day can be printed.');
    },
  },
  room: {
    back: ({ of = '' }) => ({ href: `/walk/${encodeURIComponent(of)}`, name: 'the room' }),
    sheet: ({ state: { household, order, campaign }, of }) => {
      const room = roomsOf(household.home).find(({ id }) => id === of);
      return room && roomSheet(room, household.home, roomOrder(order, room.id, campaign));
    },
  },
  shopping: {
    back: () => ({ href: '/supplies', name: 'what is to buy' }),
    sheet: async ({ scope, state }) => {
      const found = await foundLeft(scope);
      const texts = found.filter(({ find }) => find === 'buy').map(({ text }) => text);
      return shoppingSheet(suppliesScreen(state), texts);
    },
  },
  mixing: {
    back: () => ({ href: '/supplies/mix', name: 'what is to mix' }),
    sheet: ({ state }) => mixingSheet(suppliesScreen(state)),
  },
  wash: {
    back: () => ({ href: '/supplies/wash', name: 'the wash' }),
    sheet: ({ state }) => washSheet(washScreen(state)),
  },
  seasons: {
    back: () => ({ href: '/almanac/seasons', name: 'seasons and trades' }),
    sheet: async ({ scope }) => {
      const { kept, entries, today } = await almanacNow(scope);
      return seasonsSheet(seasonsScreen(entries, kept.household.almanac, today));
    },
  },
  walk: {
    back: () => ({ href: '/walk', name: 'the walk' }),
    sheet: ({ state: { household } }) => walkSheet(household.home, household.units),
  },
  year: {
    back: () => ({ href: '/almanac', name: 'the almanac' }),
    sheet: ({ scope, of, query: { by } }) => yearOnPaper(scope, of, by === 'room' ? 'room' : 'kind'),
  },
};

const YEAR = /^[12]\d{3}$/;

async function yearOnPaper(
  scope: HouseholdScope,
  asked: string | undefined,
  by: 'room' | 'kind',
): Promise<Sheet | undefined> {
  const { kept, entries, today } = await almanacNow(scope);
  const year = asked ?? today.slice(0, 4);
  if (!YEAR.test(year)) return undefined;
  const rooms = new Map(roomsOf(kept.household.home).map(({ id, name }) => [id, name]));
  return yearSheet(yearScreen({ entries, record: await recordOfYear(scope, year), rooms, year, today, by }));
}
