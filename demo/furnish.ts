import type { FixtureKindName } from '../core/catalogue/fixture-kinds';
import { newFixture } from '../core/furnish/fixture';
import type { Fixture, Room, RoomKind, Stop } from '../core/home/room';

/** Short ways to write a furnished room down. */

export type Note = Partial<Omit<Fixture, 'id' | 'kind'>> & { readonly kind: FixtureKindName };

/** What stands at one stop of the walk. */
export type StopNote = readonly [name: string, ...fixtures: readonly (Note | FixtureKindName)[]];

export type RoomNote = {
  readonly id: string;
  readonly name: string;
  readonly kind: RoomKind;
  readonly ventilation?: Room['ventilation'];
  readonly sizeM: readonly [length: number, width: number, height: number];
  /** The room itself: ceiling, walls, skirting, floor. */
  readonly shell: readonly (Note | FixtureKindName)[];
  readonly stops: readonly StopNote[];
};

export function furnish(note: RoomNote): Room {
  const [lengthM, widthM, heightM] = note.sizeM;
  const shell: StopNote = ['The room itself', ...note.shell];
  const stops = [shell, ...note.stops].map((stop, i): Stop => stopOf(note.id, stop, i));
  return {
    id: note.id,
    name: note.name,
    kind: note.kind,
    lengthM,
    widthM,
    heightM,
    ventilation: note.ventilation ?? 'window',
    opensTo: [],
    stops,
  };
}

function stopOf(room: string, [name, ...fixtures]: StopNote, index: number): Stop {
  const id = `${room}-${index}`;
  return { id, name, shell: index === 0, fixtures: fixtures.map((fixture) => fixtureOf(id, fixture)) };
}

function fixtureOf(stop: string, note: Note | FixtureKindName): Fixture {
  const given: Note = typeof note === 'string' ? { kind: note } : note;
  return { ...newFixture(`${stop}-${given.kind}`, given.kind), ...given };
}
