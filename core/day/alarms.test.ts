import { describe, expect, it } from 'vitest';
import { alarmsAt } from './alarms';
import type { RunningWait } from './day-item';
import { secondOf } from './seconds';

const at = (clock: string) => secondOf(`2027-03-01T${clock}:00`);
const soak = {
  step: { id: 'soak', minutes: 30 },
  since: '2027-03-01T18:00',
  ready: '2027-03-01T18:30',
  latest: '2027-03-01T18:45',
  next: 'rinse',
  word: undefined,
} as unknown as RunningWait;
const breaks = { breakAfter: 25, breakLength: 5 };

describe('alarmsAt', () => {
  it('rings when a soak is over, not before, and anew when it is late', () => {
    const ids = ['18:29', '18:30', '18:45', '18:46'].map((clock) =>
      alarmsAt([soak], [], at(clock)).map(({ id }) => id),
    );
    expect(ids).toEqual([
      [],
      ['over soak 2027-03-01T18:00'],
      ['over soak 2027-03-01T18:00'],
      ['late soak 2027-03-01T18:00'],
    ]);
  });

  it('does not ring for a floor that dries by itself, nor for what was over on an earlier day', () => {
    expect(alarmsAt([{ ...soak, next: undefined }], [], at('19:00'))).toEqual([]);
    expect(alarmsAt([soak], [], secondOf('2027-03-02T09:00:00'))).toEqual([]);
  });

  it('rings for a machine that stands still', () => {
    const word = { report: 'faulty', minutes: 0, at: '2027-03-01T18:10' } as const;
    const [alarm] = alarmsAt([{ ...soak, word }], [], at('18:10'));
    expect(alarm?.about).toEqual({ kind: 'fault', step: 'soak' });
  });

  it('has the loudest first: what stands still, what is late, what is over, and then people', () => {
    const word = { report: 'faulty', minutes: 0, at: '2027-03-01T18:10' } as const;
    const wait = (id: string, rest: Partial<RunningWait> = {}) =>
      ({ ...soak, step: { id, minutes: 30 }, ...rest }) as unknown as RunningWait;
    const waits = [wait('over', { latest: undefined }), wait('late'), wait('fault', { word })];
    const stretch = { what: 'begin', since: at('18:00') } as const;
    const alarms = alarmsAt(waits, [{ person: 'ines', stretch, ...breaks }], at('18:50'));
    expect(alarms.map(({ id }) => id.split(' ')[0])).toEqual(['fault', 'late', 'over', 'rest']);
  });

  it('calls to a rest after a block, and back after the rest; never after enough', () => {
    const kinds = (what: 'begin' | 'rest' | 'enough', clock: string) =>
      alarmsAt([], [{ person: 'ines', stretch: { what, since: at('18:00') }, ...breaks }], at(clock)).map(
        ({ about }) => about.kind,
      );
    expect([kinds('begin', '18:24'), kinds('begin', '18:25')]).toEqual([[], ['rest']]);
    expect([kinds('rest', '18:04'), kinds('rest', '18:05')]).toEqual([[], ['work']]);
    expect(kinds('enough', '20:00')).toEqual([]);
  });

  it('calls each person by their own stretch', () => {
    const of = (person: string, clock: string) => ({
      person,
      stretch: { what: 'begin' as const, since: at(clock) },
      ...breaks,
    });
    const alarms = alarmsAt(
      [],
      [of('ines', '18:00'), of('bram', '18:20'), of('odalys', '18:00')],
      at('18:30'),
    );
    expect(alarms.map(({ about }) => about)).toEqual([
      { kind: 'rest', person: 'ines' },
      { kind: 'rest', person: 'odalys' },
    ]);
    expect(new Set(alarms.map(({ id }) => id)).size).toBe(2);
  });
});
