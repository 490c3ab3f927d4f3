import { describe, expect, it } from 'vitest';
import { juniperRow } from '../../demo/juniper-row';
import { newFixture } from '../furnish/fixture';
import { fixturesOf, roomsOf } from '../home/room';
import { changeWords, type HouseholdChange } from './change';
import type { Editable } from './editable';
import { REFUSALS } from './refusals';

const BEFORE: Editable = juniperRow('2027-03-01');
const [room] = roomsOf(BEFORE.home);
const [stop] = room!.stops;
const [fixture] = fixturesOf(room!);
const [bram] = BEFORE.people.filter(({ id }) => id === 'bram');

const words = (change: HouseholdChange) => changeWords(change, BEFORE);

describe('what a change was', () => {
  it('is called by the name of what it was about', () => {
    expect(words({ do: 'drop-room', id: room!.id })).toBe(`${room!.name} removed`);
    expect(words({ do: 'rename-stop', id: stop!.id, name: 'Nook' })).toBe(`${stop!.name} renamed`);
    expect(words({ do: 'add-floor', id: 'roof', name: 'Roof' })).toBe('Roof added');
    expect(words({ do: 'drop-member', id: 'bram' })).toBe('Bram left');
  });

  it('tells what is new from what is changed', () => {
    const known: HouseholdChange = { do: 'put-fixture', stopId: stop!.id, fixture: fixture! };
    expect(words(known)).toMatch(/changed$/);
    expect(words({ ...known, fixture: newFixture('another', 'door') })).toMatch(/added$/);
    expect(words({ do: 'put-member', member: { ...bram!, id: 'new', name: 'Ada' } })).toBe('Ada joined');
    expect(words({ do: 'put-member', member: bram! })).toBe('Bram changed');
  });

  it('counts where there are several', () => {
    const mark = { on: 'room' as const, target: room!.id, in: true };
    expect(words({ do: 'mark', marks: [mark] })).toBe('One decision about the scope');
    expect(words({ do: 'mark', marks: [mark, mark, mark] })).toBe('3 decisions about the scope');
    expect(words({ do: 'several', changes: [{ do: 'drop-room', id: room!.id }] })).toBe(
      `${room!.name} removed`,
    );
    expect(words({ do: 'several', changes: [] })).toBe('Nothing');
  });

  it('has words also for what is gone meanwhile', () => {
    expect(words({ do: 'drop-room', id: 'gone' })).toBe('A room removed');
    expect(words({ do: 'drop-fixture', id: 'gone' })).toBe('A thing removed');
    expect(words({ do: 'drop-stop', id: 'gone' })).toBe('A stop removed');
    expect(words({ do: 'drop-floor', id: 'gone' })).toBe('A floor removed');
    expect(words({ do: 'drop-member', id: 'gone' })).toBe('Somebody left');
  });
});

describe('why a change could not be made', () => {
  it('is a sentence', () => {
    for (const sentence of Object.values(REFUSALS)) expect(sentence).toMatch(/^[A-Z].*\.$/);
  });
});
