import type { Units } from '@/core/basics/choices';
import { shownIn, unitName } from '@/core/basics/units';
import { FIXTURE_KINDS } from '@/core/catalogue/fixture-kinds';
import { oftenMissing, usualStops } from '@/core/furnish/templates';
import { type Home, ROOM_KINDS, type Room, type RoomKind, roomsOf } from '@/core/home/room';
import { FACT_QUESTIONS } from '../walk/fact-words';
import { fixtureName } from '../walk/fixture-name';
import { SOIL_WORDS } from '../walk/fixture-words';
import { amount } from '../words/words';
import type { Block, Sheet, SheetPart } from './sheet';

/** Rooms that nearly every home has. */
const USUAL_ROOMS = [
  'kitchen',
  'bathroom',
  'bedroom',
  'living',
  'hall',
] as const satisfies readonly RoomKind[];
const BLANK_ROOMS = 2;
const HEAD = ['What stands there', 'How many', 'Where', 'Soil', 'Leave'];
/** Lines to write on under what is known, and in a room that nobody has described. */
const MORE_LINES = 6;
const BLANK_LINES = 18;

/** The walk as a form to fill in by hand: a page for each room, with what is known and what is often forgotten. */
export function walkSheet(home: Home, units: Units): Sheet {
  const rooms = roomsOf(home);
  return {
    title: 'The walk',
    line: 'Go round each room from its door, always the same way. Soil is light, normal, heavy or of years; a cross under “Leave” keeps a thing out of this clean.',
    parts: [
      housePart(),
      ...(rooms.length > 0
        ? rooms.map((room) => roomPart(room, units))
        : USUAL_ROOMS.map((kind) => usualPart(kind, units))),
      ...Array.from({ length: BLANK_ROOMS }, () => blankPart(units)),
    ],
  };
}

function housePart(): SheetPart {
  const questions = Object.values(FACT_QUESTIONS).map(({ ask }) => ask);
  return {
    title: 'About the house',
    blocks: [
      { is: 'lines', lines: questions.map((what) => ({ box: 'open', what })) },
      { is: 'ruled', title: 'Who lives here, and when they have time', rows: 4 },
      { is: 'ruled', title: 'Machines (washing machine, dryer, dishwasher, steam cleaner …)', rows: 2 },
    ],
  };
}

function roomPart(room: Room, units: Units): SheetPart {
  const { name, kind, lengthM, widthM, heightM } = room;
  const size = [lengthM, widthM, heightM].map((metres) => amount(shownIn(units, 'm', metres)));
  return {
    title: name,
    line: `${ROOM_KINDS[kind]}, ${size.join(' × ')} ${unitName(units, 'm')} (length, width, height)`,
    ownPage: true,
    blocks: [
      {
        is: 'form',
        head: HEAD,
        rows: room.stops.flatMap((stop) =>
          stop.fixtures.map((fixture) => [
            fixtureName(fixture),
            String(fixture.count),
            stop.name,
            SOIL_WORDS[fixture.soil],
            fixture.leave ? '×' : '',
          ]),
        ),
        blank: MORE_LINES,
      },
      forgotten(room),
    ],
  };
}

function usualPart(kind: RoomKind, units: Units): SheetPart {
  const stops = usualStops({ id: kind, kind });
  const known = stops.flatMap((stop) =>
    stop.fixtures.map((fixture) => [fixtureName(fixture), '', stop.shell ? '' : stop.name, '', '']),
  );
  return {
    title: ROOM_KINDS[kind],
    line: sizeLine(units),
    ownPage: true,
    blocks: [{ is: 'form', head: HEAD, rows: known, blank: MORE_LINES }, forgotten({ kind, stops })],
  };
}

function blankPart(units: Units): SheetPart {
  return {
    title: 'Another room: ______________________________',
    line: sizeLine(units),
    ownPage: true,
    blocks: [{ is: 'form', head: HEAD, rows: [], blank: BLANK_LINES }],
  };
}

function sizeLine(units: Units): string {
  return `Length ________ × width ________ × height ________ ${unitName(units, 'm')}`;
}

/** What is often in such a room, and not in this one yet. */
function forgotten(room: Pick<Room, 'kind' | 'stops'>): Block {
  const names = oftenMissing(room).map((kind) => FIXTURE_KINDS[kind].name.toLowerCase());
  return {
    is: 'words',
    title: 'Often there as well',
    words: [names.length > 0 ? `${names.join(', ')}.` : 'Nothing else.'],
  };
}
