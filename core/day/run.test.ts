import { fc, it as prop } from '@fast-check/vitest';
import { describe, expect, it } from 'vitest';
import type { DayAct, DayEvent } from '../clean/events';
import { RESTED, runAfter, spentOn } from './run';
import { secondOf } from './seconds';

let numbers = 0;
const at = (clock: string, act: DayAct, person = 'ada'): DayEvent => ({
  id: `event-${++numbers}`,
  at: `2027-03-01T${clock}`,
  person,
  act,
});
const step = 'taps:descale/rinse';
const runOf = (...events: DayEvent[]) => runAfter(RESTED, events);

describe('a run', () => {
  it('measures a step without its pauses', () => {
    const run = runOf(
      at('18:00:00', { do: 'start', step }),
      at('18:04:30', { do: 'pause', step }),
      at('18:20:00', { do: 'start', step }),
      at('18:21:15', { do: 'done', step }),
    );
    expect(run.took.get(step)).toBe(5 * 60 + 45);
    expect(run.work.has(step)).toBe(false);
    expect(run.done.get(step)).toEqual({ at: '2027-03-01T18:21', by: 'ada' });
  });

  it('has a step again that was off by a slip of the finger', () => {
    const slip = at('18:00:00', { do: 'not-today', step });
    expect(runOf(slip).off.get(step)).toBe('not-today');
    const back: DayAct = { do: 'take-back', said: slip.id, putBack: step };
    expect(runOf(slip, at('18:00:05', back)).off.size).toBe(0);
    // What was said of the house as a whole leaves the run as it is.
    expect(runOf(slip, at('18:00:05', { do: 'take-back', said: slip.id })).off.size).toBe(1);
  });

  it('counts the first of two ticks', () => {
    const run = runOf(at('18:00:00', { do: 'done', step }), at('18:05:00', { do: 'done', step }, 'ben'));
    expect(run.done.get(step)).toEqual({ at: '2027-03-01T18:00', by: 'ada' });
  });

  it('takes a tick back, with those that hang on it', () => {
    const later = 'taps:descale/polish';
    const run = runOf(
      at('18:00:00', { do: 'done', step }),
      at('18:05:00', { do: 'done', step: later }),
      at('18:06:00', { do: 'undo', step, also: [later] }),
    );
    expect([...run.done]).toEqual([]);
  });

  it('lets the clock run on while nobody pauses', () => {
    const work = runOf(at('18:00:00', { do: 'start', step })).work.get(step)!;
    expect(spentOn(work, secondOf('2027-03-01T18:01:30'))).toBe(90);
  });

  it('puts off what is not for today, until somebody begins it all the same', () => {
    const off = runOf(at('18:00:00', { do: 'cannot', step, why: 'tool' }));
    expect(off.off.get(step)).toBe('tool');
    expect(runAfter(off, [at('18:01:00', { do: 'start', step })]).off.has(step)).toBe(false);
  });

  it('puts off all of a sort in one go, and takes it back', () => {
    const others = ['pane:wash/wash', 'sill:wipe/wipe'];
    const off = runOf(at('18:00:00', { do: 'not-today', step, also: others }));
    expect([...off.off.keys()]).toEqual([step, ...others]);
    const back = { do: 'take-back', said: crypto.randomUUID(), putBack: step, alsoBack: others } as const;
    expect(runAfter(off, [at('18:01:00', back)]).off.size).toBe(0);
  });

  it('hands a step on, and the clock of whoever had it stops', () => {
    const run = runOf(at('18:00:00', { do: 'start', step }), at('18:01:00', { do: 'hand', step, to: 'ben' }));
    expect(run.hands.get(step)).toBe('ben');
    expect(run.work.has(step)).toBe(false);
  });

  it('says what a load took after all, and begins it again where it came out dirty', () => {
    const wash = 'sheets:wash/load';
    const done = runOf(at('18:00:00', { do: 'done', step: wash }));
    expect(runAfter(done, [at('18:01:00', { do: 'took', step: wash, minutes: 9 })]).took.get(wash)).toBe(540);
    const again = runAfter(done, [at('19:30:00', { do: 'again', step: 'sheets:wash/run', also: [wash] })]);
    expect(again.done.size).toBe(0);
  });

  it('knows how it came out until it is taken back', () => {
    const run = runOf(
      at('18:00:00', { do: 'done', step }),
      at('18:01:00', { do: 'came-out', step, how: 'part' }),
    );
    expect(run.cameOut.get(step)).toBe('part');
    expect(runAfter(run, [at('18:02:00', { do: 'undo', step, also: [] })]).cameOut.size).toBe(0);
  });

  it('keeps what was found until it is settled', () => {
    const found = at('18:00:00', { do: 'found', find: 'mend', text: 'Loose hinge', room: 'hall' });
    const run = runOf(found, found);
    expect(run.found).toEqual([{ id: found.id, find: 'mend', room: 'hall', text: 'Loose hinge' }]);
    expect(runAfter(run, [at('18:01:00', { do: 'settle', found: found.id })]).found).toEqual([]);
    const named = at('18:01:00', {
      do: 'reword',
      found: found.id,
      text: 'Hinge of the cupboard',
      room: 'bath',
    });
    expect(runAfter(run, [named]).found).toEqual([
      { id: found.id, find: 'mend', room: 'bath', text: 'Hinge of the cupboard' },
    ]);
    const lentils = at('18:02:00', { do: 'found', find: 'use', text: 'Red lentils', by: '2027-03-20' });
    expect(runOf(lentils).found).toMatchObject([{ find: 'use', text: 'Red lentils', by: '2027-03-20' }]);
  });

  prop.prop([fc.array(fc.tuple(fc.constantFrom('give', 'bin', 'stays'), fc.integer({ min: -3, max: 5 })))], {
    seed: 6,
  })('never counts a pile below nothing', (counts) => {
    const run = runOf(
      ...counts.map(([pile, count]) => at('18:00:00', { do: 'pile', pile: pile as 'give', count })),
    );
    expect([...run.piles.values()].every((number) => number >= 0)).toBe(true);
  });
});
