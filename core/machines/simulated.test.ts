import { describe, expect, it } from 'vitest';
import type { MachineCycle } from './machine';
import { reportAt, SimulatedMachines } from './simulated';

const cycle = (minute: number): MachineCycle => ({
  machine: 'washer-1',
  kind: 'washer',
  step: 'sheets:wash/run',
  since: `2027-03-01T08:${String(minute).padStart(2, '0')}`,
  minutes: 90,
});
const end = (one: MachineCycle) => reportAt(one, 1, '2027-03-01T12:00').report;

describe('simulated machines', () => {
  it('run while their cycle lasts, and are finished after it', async () => {
    const usual = Array.from({ length: 60 }, (_, i) => cycle(i)).find(
      (one) => reportAt(one, 1, '2027-03-01T09:55').report === 'finished' && one.since < '2027-03-01T08:20',
    )!;
    expect(reportAt(usual, 1, '2027-03-01T09:00')).toEqual({ report: 'running' });
    expect(await new SimulatedMachines(1).ask(usual, '2027-03-01T12:00')).toEqual({ report: 'finished' });
  });

  it('are late now and then, say so half way, and finish all the same; a few stop with a fault', () => {
    const cycles = Array.from({ length: 60 }, (_, i) => cycle(i));
    const halfWay = cycles.map((one) => reportAt(one, 1, '2027-03-01T09:44').report);
    const late = cycles.filter((_, i) => halfWay[i] === 'delayed');
    expect(late.length).toBeGreaterThan(3);
    expect(late.length).toBeLessThan(25);
    expect(new Set(late.map(end))).toEqual(new Set(['finished']));
    expect(new Set(cycles.map(end))).toEqual(new Set(['finished', 'faulty']));
  });

  it('say the same whenever they are asked, and another thing of another cycle', () => {
    expect(reportAt(cycle(3), 7, '2027-03-01T09:44')).toEqual(reportAt(cycle(3), 7, '2027-03-01T09:44'));
    const seeds = [1, 2, 3, 4, 5, 6, 7, 8].map((seed) => reportAt(cycle(3), seed, '2027-03-01T09:44').report);
    expect(new Set(seeds).size).toBeGreaterThan(1);
  });
});
