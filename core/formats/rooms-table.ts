import Papa from 'papaparse';
import type { z } from 'zod';
import { type Counted, MOST, MOST_NAME } from '../basics/limits';
import { oneLine } from '../basics/scalars';
import {
  FIXTURE_KINDS,
  type FixtureKindName,
  fixtureKindIn,
  isFixtureKind,
} from '../catalogue/fixture-kinds';
import { newFixture } from '../furnish/fixture';
import {
  type Fixture,
  type Floor,
  type Home,
  ROOM_KINDS,
  type Room,
  type RoomKind,
  roomSizes,
  type Stop,
  USUAL_HEIGHT_M,
} from '../home/room';
import { fixtureSchema, roomSchema } from '../home/room-schema';
import { SURFACES } from '../home/surfaces';
import { isFormula, readCell, writeTable } from './cell';
import { type DateOrder, dateIn, orderOfDates } from './dates';
import { nearestKind, nearestOf } from './near-names';

/** Rooms and fixtures as a table of comma-separated values, a line a fixture: written for a spreadsheet, read back from one. */

/** One row a column: how a fixture says it. Sizes are in metres whatever the household measures in. */
const COLUMNS = {
  floor: ({ floor }) => floor.name,
  room: ({ room }) => room?.name,
  room_kind: ({ room }) => room?.kind,
  room_length_m: ({ room }) => room?.lengthM,
  room_width_m: ({ room }) => room?.widthM,
  room_height_m: ({ room }) => room?.heightM,
  stop: ({ stop }) => stop?.name,
  all_round: ({ stop }) => stop && yesNo(stop.shell),
  fixture: ({ fixture }) => fixture?.kind,
  count: ({ fixture }) => fixture?.count,
  height: ({ fixture }) => fixture?.height,
  surface: ({ fixture }) => fixture?.surface,
  soil: ({ fixture }) => fixture?.soil,
  fullness: ({ fixture }) => fixture?.fullness,
  width_m: ({ fixture }) => fixture?.size.widthM,
  height_m: ({ fixture }) => fixture?.size.heightM,
  shelf_m: ({ fixture }) => fixture?.size.shelfM,
  drawers: ({ fixture }) => fixture?.size.drawers,
  slats: ({ fixture }) => fixture?.size.slats,
  leave: ({ fixture }) => fixture && yesNo(fixture.leave),
  last_done: ({ fixture }) => fixture?.lastDone,
  mend: ({ fixture }) => fixture?.mend,
  needs: ({ fixture }) => fixture?.needs,
  places: ({ fixture }) => fixture?.places?.join(BETWEEN_PLACES),
  fixture_id: ({ fixture }) => fixture?.id,
} as const satisfies Record<string, (line: Line) => string | number | undefined>;

/** Between the names of the single places of a fixture. */
const BETWEEN_PLACES = ' | ';

type Line = { readonly floor: Floor; readonly room?: Room; readonly stop?: Stop; readonly fixture?: Fixture };
type Cells = Readonly<Partial<Record<keyof typeof COLUMNS, string>>>;

const NEEDED: readonly (keyof typeof COLUMNS)[] = ['floor', 'room', 'stop', 'fixture'];

function yesNo(value: boolean): string {
  return value ? 'yes' : 'no';
}

/** The table of a home. Rooms and stops that hold nothing have a line of their own. */
export function writeRoomsTable(home: Home): string {
  const lines = home.floors.flatMap(linesOf);
  return writeTable(
    Object.keys(COLUMNS),
    lines.map((line) => Object.values(COLUMNS).map((column) => column(line))),
  );
}

function linesOf(floor: Floor): Line[] {
  if (floor.rooms.length === 0) return [{ floor }];
  return floor.rooms.flatMap((room) =>
    room.stops.length === 0
      ? [{ floor, room }]
      : room.stops.flatMap((stop): Line[] =>
          stop.fixtures.length === 0
            ? [{ floor, room, stop }]
            : stop.fixtures.map((fixture) => ({ floor, room, stop, fixture })),
        ),
  );
}

/** A line that cannot be read: its number in the file, and what is wrong with it. */
export type LineFault = { readonly line: number; readonly what: string };

export type ReadTable = {
  /** The home with the lines that could be read: what is known is written anew, everything else is added. */
  readonly home: Home;
  readonly fixtures: number;
  readonly counts: TableCounts;
  /** Names that nobody knows, with what they nearly are. */
  readonly near: readonly NearName[];
  /** Whether dates such as 03/04/2027 could be read both ways, and nobody has said which. */
  readonly datesInDoubt: boolean;
  readonly faults: readonly LineFault[];
};

/** What becomes of fixtures: those that are known, those of them that move, what is new, and what the table does not have. */
export type TableCounts = {
  readonly known: number;
  readonly moved: number;
  readonly added: number;
  readonly missing: number;
};

export type NearName = { readonly written: string; readonly kind: FixtureKindName; readonly name: string };

/** What somebody has said of a table after a first look. */
export type TableWords = {
  readonly dates?: DateOrder | undefined;
  /** What is meant by names that nobody knows, by how they are written. */
  readonly meant?: Readonly<Record<string, string>> | undefined;
};

/** Reads a table into a home. Lines that cannot be read are left out and listed; `newId` names what is new. */
export function readRoomsTable(
  text: string,
  home: Home,
  newId: () => string,
  words: TableWords = {},
): ReadTable {
  const { rows, faults } = parse(text);
  const order = words.dates ?? orderOfDates(rows.flatMap(({ cells }) => cells.last_done ?? []));
  const reader = new Reader(home, newId, { dates: order, meant: words.meant ?? {} });
  for (const { line, cells } of rows) {
    const fault = reader.take(cells);
    if (fault) faults.push({ line, what: fault });
  }
  return {
    home: reader.result(),
    fixtures: reader.fixtures,
    counts: reader.counts(),
    near: reader.near(),
    datesInDoubt: order === undefined,
    faults,
  };
}

function parse(text: string): { rows: { line: number; cells: Cells }[]; faults: LineFault[] } {
  const rows: { line: number; cells: Cells }[] = [];
  const faults: LineFault[] = [];
  const source = text.replace(/^\uFEFF/, '');
  let header: string[] | undefined;
  let line = 1;
  let read = 0;
  Papa.parse<string[]>(source, {
    skipEmptyLines: false,
    step: ({ data, errors, meta }, parser) => {
      const at = line;
      line += (source.slice(read, meta.cursor).match(/\n/g) ?? []).length;
      read = meta.cursor;
      if (data.every((cell) => cell.trim() === '')) return;
      if (!header) {
        header = data.map((name) => name.trim().toLowerCase());
        const missing = NEEDED.filter((name) => !header?.includes(name));
        if (missing.length > 0) {
          faults.push({
            line: at,
            what: `The first line has to name the columns. Missing: ${missing.join(', ')}.`,
          });
          parser.abort();
        }
        return;
      }
      const [error] = errors;
      if (error) faults.push({ line: at, what: brokenLine(line - at) });
      else rows.push({ line: at, cells: cellsOf(header, data) });
    },
  });
  if (!header) faults.push({ line: 1, what: 'The file is empty.' });
  return { rows, faults };
}

/** A quotation mark that is never closed takes all that follows for its own. */
function brokenLine(swallowed: number): string {
  return swallowed > 1
    ? `A quotation mark is opened here and not closed, so that the ${swallowed - 1} lines after it were taken for a part of it.`
    : 'A quotation mark is opened here and not closed, or stands where none may stand.';
}

function cellsOf(header: readonly string[], data: readonly string[]): Cells {
  return Object.fromEntries(header.map((name, i) => [name, readCell(data[i] ?? '')])) as Cells;
}

/** What is known of a room before its stops. */
const roomBaseSchema = roomSchema.omit({ stops: true });
type RoomBase = z.infer<typeof roomBaseSchema>;

/** Takes lines in one by one; a line is taken whole or not at all. */
class Reader {
  fixtures = 0;
  private readonly floors: Floor[];
  private readonly floorsByName: Map<string, Floor>;
  /** Rooms by their floor's name and their own, stops by their room's id, whether they run all round, and their name. */
  private readonly rooms = new Map<string, Room>();
  private readonly stops = new Map<string, Stop>();
  /** Where each fixture stands by now. */
  private readonly places = new Map<string, Stop>();
  /** Fixtures as they were before the table, and those of them that a line was about. */
  private readonly before = new Map<string, Fixture>();
  private readonly met = new Set<string>();
  private moved = 0;
  private readonly unknown = new Map<string, NearName>();

  constructor(
    private readonly home: Home,
    private readonly newId: () => string,
    private readonly words: {
      readonly dates: DateOrder | undefined;
      readonly meant: Readonly<Record<string, string>>;
    },
  ) {
    this.floors = structuredClone(home.floors);
    this.floorsByName = new Map(this.floors.map((floor) => [floor.name, floor]));
    for (const floor of this.floors)
      for (const room of floor.rooms) {
        this.rooms.set(keyOf(floor.name, room.name), room);
        for (const stop of room.stops) {
          this.stops.set(keyOf(room.id, yesNo(stop.shell), stop.name), stop);
          for (const fixture of stop.fixtures) {
            this.places.set(fixture.id, stop);
            this.before.set(fixture.id, fixture);
          }
        }
      }
  }

  counts(): TableCounts {
    const known = this.met.size;
    return {
      known,
      moved: this.moved,
      added: this.fixtures - known,
      missing: this.before.size - known,
    };
  }

  near(): NearName[] {
    return [...this.unknown.values()];
  }

  result(): Home {
    return { ...this.home, floors: this.floors };
  }

  /** What is wrong with the line; undefined when it was taken. */
  take(cells: Cells): string | undefined {
    if (!cells.floor) return 'No floor is named.';
    const floorName = nameIn(cells.floor);
    const full = this.fullFor(floorName, cells);
    if (full) return `A home holds at most ${MOST[full]} ${full}.`;
    if (!cells.room) {
      this.floor(floorName);
      return undefined;
    }
    const room = this.readRoom(floorName, cells);
    if (typeof room === 'string') return room;
    const fixture = cells.fixture ? this.readFixture(floorName, cells) : undefined;
    if (typeof fixture === 'string') return fixture;
    if (fixture && !this.places.has(fixture.id) && this.places.size >= MOST.fixtures)
      return `A home holds at most ${MOST.fixtures} fixtures.`;
    this.place(floorName, room, cells, fixture);
    return undefined;
  }

  /** What the home can't hold more of, where the line brings more of it. */
  private fullFor(floorName: string, cells: Cells): Counted | undefined {
    const room = this.rooms.get(keyOf(floorName, nameIn(cells.room ?? '')));
    if (!this.floorsByName.has(floorName) && this.floors.length >= MOST.floors) return 'floors';
    if (cells.room && !room && this.rooms.size >= MOST.rooms) return 'rooms';
    const stop = room && this.stops.get(stopKey(room.id, cells));
    return cells.room && !stop && this.stops.size >= MOST.stops ? 'stops' : undefined;
  }

  private floor(name: string): Floor {
    const known = this.floorsByName.get(name);
    if (known) return known;
    const floor: Floor = { id: this.newId(), name, rooms: [] };
    this.floors.push(floor);
    this.floorsByName.set(name, floor);
    return floor;
  }

  private readRoom(floorName: string, cells: Cells): RoomBase | string {
    const name = nameIn(cells.room ?? '');
    const known = this.rooms.get(keyOf(floorName, name));
    const said = roomKindOf(cells.room_kind);
    if (cells.room_kind && !said) return unknownRoom(cells.room_kind);
    const kind = said ?? known?.kind;
    const [length, width] = roomSizes(kind ?? 'store').middle;
    const sizes = {
      lengthM: numberOf(cells.room_length_m) ?? known?.lengthM ?? length,
      widthM: numberOf(cells.room_width_m) ?? known?.widthM ?? width,
      heightM: numberOf(cells.room_height_m) ?? known?.heightM ?? USUAL_HEIGHT_M,
    };
    const { stops: _stops, ...base } = known ?? {
      id: this.newId(),
      ventilation: 'window' as const,
      opensTo: [],
      stops: [],
    };
    const room = roomBaseSchema.safeParse({ ...base, name, kind: kind ?? 'store', ...sizes });
    return room.success ? room.data : sentenceOf(room.error.issues[0], cells);
  }

  private readFixture(floorName: string, cells: Cells): Fixture | string {
    const written = cells.fixture as string;
    const { meant } = this.words;
    const kind = fixtureKindOf((Object.hasOwn(meant, written) && meant[written]) || written);
    if (!kind) return this.unknownFixture(written);
    if (cells.surface && !(SURFACES as readonly string[]).includes(cells.surface))
      return `The catalogue knows no surface "${shown(cells.surface)}".`;
    const known = this.knownFixture(floorName, kind, cells);
    const base = newFixture(known?.id ?? (cells.fixture_id || this.newId()), kind);
    const old: Partial<Fixture> = known?.kind === kind ? known : {};
    const fixture = fixtureSchema.safeParse({ ...base, ...kept(old, cells), ...this.said(base, old, cells) });
    return fixture.success ? fixture.data : sentenceOf(fixture.error.issues[0], cells);
  }

  /** What the cells say; what has no column stays as it was, and an empty cell is as usual. */
  private said(base: Fixture, old: Partial<Fixture>, cells: Cells): Partial<Record<keyof Fixture, unknown>> {
    const lastDone = cells.last_done && dateIn(cells.last_done, this.words.dates);
    return {
      ...(cells.count !== undefined && { count: numberOf(cells.count) ?? base.count }),
      ...(cells.height !== undefined && { height: cells.height.toLowerCase() || base.height }),
      size: sizesIn(cells, old.size ?? {}),
      ...(cells.surface && { surface: cells.surface }),
      ...(cells.soil !== undefined && { soil: cells.soil.toLowerCase() || base.soil }),
      ...(cells.fullness !== undefined && { fullness: cells.fullness.toLowerCase() || base.fullness }),
      ...(cells.leave !== undefined && { leave: isYes(cells.leave) }),
      ...(lastDone && { lastDone }),
      ...(cells.mend && { mend: cells.mend }),
      ...(cells.needs && { needs: cells.needs }),
      ...(cells.places && { places: cells.places.split('|').map(oneLine) }),
    };
  }

  /** The fixture that a line is about: by its id, else the first of its kind at its stop, else in its room, that no line was about. */
  private knownFixture(floorName: string, kind: FixtureKindName, cells: Cells): Fixture | undefined {
    if (cells.fixture_id) return this.before.get(cells.fixture_id);
    const room = this.rooms.get(keyOf(floorName, nameIn(cells.room ?? '')));
    if (!room) return undefined;
    const free = (stop: Stop | undefined) =>
      stop?.fixtures.find(({ id, kind: own }) => own === kind && this.before.has(id) && !this.met.has(id));
    return (
      free(this.stops.get(stopKey(room.id, cells))) ??
      room.stops.map(free).find((found) => found !== undefined)
    );
  }

  private unknownFixture(written: string): string {
    const near = nearestKind(written);
    if (near) this.unknown.set(written, { written, ...near });
    return `The catalogue knows no fixture "${shown(written)}".${near ? ` Is “${near.name}” meant?` : ''}`;
  }

  private place(floorName: string, read: RoomBase, cells: Cells, fixture: Fixture | undefined): void {
    const room = this.room(floorName, read);
    if (!cells.stop && !fixture) return;
    const stop = this.stop(room, cells);
    if (fixture) this.put(stop, fixture);
  }

  private room(floorName: string, read: RoomBase): Room {
    const key = keyOf(floorName, read.name);
    const known = this.rooms.get(key);
    const { kind, lengthM, widthM, heightM } = read;
    if (known) return Object.assign(known, { kind, lengthM, widthM, heightM });
    const room: Room = { ...read, stops: [] };
    this.floor(floorName).rooms.push(room);
    this.rooms.set(key, room);
    return room;
  }

  private stop(room: Room, cells: Cells): Stop {
    const key = stopKey(room.id, cells);
    const known = this.stops.get(key);
    if (known) return known;
    const { name, shell } = stopIn(cells);
    const stop: Stop = { id: this.newId(), name, shell, fixtures: [] };
    room.stops.push(stop);
    this.stops.set(key, stop);
    return stop;
  }

  /** A fixture that is there already is written anew where it stands, or moves. */
  private put(stop: Stop, fixture: Fixture): void {
    this.fixtures += 1;
    const known = this.places.get(fixture.id);
    if (this.before.has(fixture.id) && !this.met.has(fixture.id)) {
      this.met.add(fixture.id);
      if (known !== stop) this.moved += 1;
    }
    this.places.set(fixture.id, stop);
    if (known === stop) {
      stop.fixtures = stop.fixtures.map((other) => (other.id === fixture.id ? fixture : other));
      return;
    }
    if (known) known.fixtures = known.fixtures.filter((other) => other.id !== fixture.id);
    stop.fixtures.push(fixture);
  }
}

function keyOf(...names: readonly string[]): string {
  return names.join('\n');
}

/** As much of a cell as a name may hold. */
function nameIn(cell: string): string {
  return oneLine(cell).slice(0, MOST_NAME).trim();
}

function stopIn(cells: Cells): { readonly name: string; readonly shell: boolean } {
  const shell = isYes(cells.all_round);
  return { name: nameIn(cells.stop || (shell ? 'The room itself' : 'Somewhere')), shell };
}

function stopKey(roomId: string, cells: Cells): string {
  const { name, shell } = stopIn(cells);
  return keyOf(roomId, yesNo(shell), name);
}

/** What a table without these columns leaves as it is. */
function kept(old: Partial<Fixture>, cells: Cells): Partial<Fixture> {
  const { surface, lastDone, mend, needs, places, ...always } = old;
  return {
    ...always,
    ...(cells.surface === undefined && surface && { surface }),
    ...(cells.last_done === undefined && lastDone && { lastDone }),
    ...(cells.mend === undefined && mend && { mend }),
    ...(cells.needs === undefined && needs && { needs }),
    ...(cells.places === undefined && places && { places }),
  };
}

function sizesIn(cells: Cells, old: Fixture['size']): Record<string, number> {
  const sizes = [
    ['widthM', cells.width_m, old.widthM],
    ['heightM', cells.height_m, old.heightM],
    ['shelfM', cells.shelf_m, old.shelfM],
    ['drawers', cells.drawers, old.drawers],
    ['slats', cells.slats, old.slats],
  ] as const;
  return Object.fromEntries(
    sizes.flatMap(([name, cell, before]) => {
      const size = cell === undefined ? before : numberOf(cell);
      return size === undefined ? [] : [[name, size]];
    }),
  );
}

function unknownRoom(text: string): string {
  const near = nearestOf(text, Object.values(ROOM_KINDS));
  return `There is no kind of room "${shown(text)}".${near ? ` Is “${near}” meant?` : ''}`;
}

function roomKindOf(text: string | undefined): RoomKind | undefined {
  return byKeyOrName(ROOM_KINDS, text, (name) => name);
}

function fixtureKindOf(text: string): FixtureKindName | undefined {
  if (isFixtureKind(text)) return text;
  return byKeyOrName(FIXTURE_KINDS, text, (kind) => kind.name) ?? fixtureKindIn(text);
}

function byKeyOrName<Key extends string, Row>(
  rows: Readonly<Record<Key, Row>>,
  text: string | undefined,
  name: (row: Row) => string,
): Key | undefined {
  const wanted = text?.toLowerCase();
  return (Object.keys(rows) as Key[]).find(
    (key) => key === wanted || name(rows[key]).toLowerCase() === wanted,
  );
}

/** A number with a point or a comma; undefined where nothing stands; not a number where something else does. */
function numberOf(text: string | undefined): number | undefined {
  return text ? Number(text.replace(',', '.')) : undefined;
}

function isYes(text: string | undefined): boolean {
  return ['yes', 'true', '1', 'x'].includes((text ?? '').toLowerCase());
}

/** The name of a column for the key of a value, where they differ. */
const COLUMN_OF: Readonly<Record<string, keyof typeof COLUMNS>> = {
  lengthM: 'room_length_m',
  widthM: 'width_m',
  heightM: 'height_m',
  shelfM: 'shelf_m',
  lastDone: 'last_done',
};

type Issue = { readonly path: readonly PropertyKey[]; readonly message: string };

function sentenceOf(issue: Issue | undefined, cells: Cells): string {
  const key = String(issue?.path.at(-1) ?? '');
  const isRoomSize = issue?.path.length === 1 && ['widthM', 'heightM'].includes(key);
  const column = (isRoomSize ? `room_${COLUMN_OF[key]}` : (COLUMN_OF[key] ?? key)) as keyof typeof COLUMNS;
  const cell = cells[column] ?? '';
  const formula = isFormula(cell) ? ' A formula is not worked out.' : '';
  return `"${shown(cell)}" cannot be in the column ${column}.${formula}`;
}

function shown(text: string): string {
  return text.length > 40 ? `${text.slice(0, 39)}…` : text;
}
