import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '../catalogue/catalogue';
import type { FixtureKindName } from '../catalogue/fixture-kinds';
import type { Method } from '../catalogue/method';
import { newFixture } from '../furnish/fixture';
import { usualStops } from '../furnish/templates';
import type { Room } from '../home/room';
import { estimateTask } from './estimate';
import { runsOf } from './runs';

const room = {
  id: 'room',
  name: 'Room',
  kind: 'bedroom',
  lengthM: 4,
  widthM: 4,
  heightM: 2.5,
  ventilation: 'window',
  opensTo: [],
  stops: usualStops({ id: 'room', kind: 'bedroom' }),
} as Room;
const some = (count: number, kind: FixtureKindName) => ({ ...newFixture('it', kind), count });
const runs = (count: number, kind: FixtureKindName, method: string, kg?: number) =>
  runsOf('washer', method, { fixture: some(count, kind), room }, kg);
const runMinutes = (count: number, kind: FixtureKindName, id: string) =>
  estimateTask(CATALOGUE.method(id) as Method, some(count, kind), room).steps.find(
    ({ step }) => step.machine !== undefined,
  )?.minutes ?? 0;

describe('how often a machine runs', () => {
  it('is as often as what is washed comes to loads', () => {
    // A double bed’s set weighs 2.1 kg: three go into 7 kg, four don’t.
    expect([1, 3, 4, 7].map((beds) => runs(beds, 'bed', 'bed-linen-wash'))).toEqual([1, 1, 2, 3]);
    // A machine of 10 kg takes four.
    expect([4, 7].map((beds) => runs(beds, 'bed', 'bed-linen-wash', 10))).toEqual([1, 2]);
    // A pair of curtains weighs 2.11 kg, and of easy-care the machine takes half.
    expect([1, 2, 4].map((pairs) => runs(pairs, 'curtains', 'curtain-wash'))).toEqual([1, 2, 4]);
  });

  it('is once for each duvet; its pillows go while it dries', () => {
    expect([1, 2].map((duvets) => runs(duvets, 'duvet', 'duvet-wash'))).toEqual([1, 2]);
  });

  it('is once for each oven, one after the other', () => {
    expect(runMinutes(2, 'oven', 'oven-self-clean')).toBe(2 * runMinutes(1, 'oven', 'oven-self-clean'));
    expect(runsOf('oven', 'oven-self-clean', { fixture: some(3, 'oven'), room })).toBe(3);
  });

  it('is once on a line, however much hangs on it, and for what runs in no machine', () => {
    expect(runsOf('line', 'curtain-wash', { fixture: some(4, 'curtains'), room })).toBe(1);
    expect(runsOf(undefined, 'curtain-wash', { fixture: some(4, 'curtains'), room })).toBe(1);
  });
});
