import { fc, test } from '@fast-check/vitest';
import { describe, expect, it } from 'vitest';
import { Track } from './track';

type Bar = { readonly start: number; readonly end: number };

const barArbitrary = fc
  .tuple(fc.integer({ min: 0, max: 200 }), fc.integer({ min: 1, max: 60 }))
  .map(([start, length]): Bar => ({ start, end: start + length }));

describe('Track', () => {
  test.prop(
    [fc.array(barArbitrary, { maxLength: 40 }), fc.array(fc.nat(), { maxLength: 20 }), barArbitrary],
    { seed: 20270301 },
  )('finds the same overlaps as looking at every span', (bars, removals, probe) => {
    const track = new Track<Bar>();
    const simple: Bar[] = [];
    for (const bar of bars) {
      track.add(bar);
      simple.push(bar);
    }
    for (const removal of removals) {
      if (simple.length === 0) break;
      const [gone] = simple.splice(removal % simple.length, 1) as [Bar];
      track.remove(gone);
    }
    const expected = simple.filter((bar) => bar.start < probe.end && probe.start < bar.end);
    const found = track.overlapping(probe.start, probe.end);
    expect(new Set(found)).toEqual(new Set(expected));
    expect(found.map((bar) => bar.start)).toEqual([...found].map((bar) => bar.start).sort((a, b) => a - b));
  });

  it('does not count spans that only touch', () => {
    const track = new Track<Bar>();
    track.add({ start: 10, end: 20 });
    expect(track.overlapping(0, 10)).toEqual([]);
    expect(track.overlapping(20, 30)).toEqual([]);
    expect(track.overlapping(19, 20)).toHaveLength(1);
  });

  it('refuses to take what it does not hold', () => {
    expect(() => new Track<Bar>().remove({ start: 1, end: 2 })).toThrow(/not on the track/);
  });
});
