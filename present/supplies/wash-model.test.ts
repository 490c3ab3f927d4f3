import { describe, expect, it } from 'vitest';
import { minuteOf } from '@/core/basics/local-time';
import type { Household } from '@/core/household/household';
import { DOZEN_HOMES, homeNamed } from '@/demo/dozen-homes';
import { juniperRow } from '@/demo/juniper-row';
import { quickPlan, stateOf } from '@/ui/testing/demo-state';
import { weightWords } from './supply-words';
import { type WashScreen, washScreen } from './wash-model';
import { clockAfter, washLead } from './wash-words';

const NOW = '2027-03-01T08:00';

function washOf(household: Household, now = NOW): WashScreen {
  return washScreen(stateOf(household, now, quickPlan(household, now)));
}

const demo = juniperRow('2027-03-01');
const wash = washOf(demo);
const titles = (screen: WashScreen) => screen.runs.map(({ title, room }) => `${title}, ${room}`);

describe('the wash of the demo household', () => {
  it('has each run in its turn, with what is in the drum', () => {
    expect(wash.atHome).toBe(true);
    expect(wash.runs.length).toBeGreaterThan(6);
    const starts = wash.runs.map(({ start }) => start);
    expect(starts).toEqual(starts.toSorted());
    for (const { drums, title } of wash.runs) {
      expect(drums.length, title).toBeGreaterThan(0);
      for (const { arcs } of drums) {
        const share = arcs.reduce((sum, arc) => sum + arc.share, 0);
        expect(share, title).toBeGreaterThan(0);
        expect(share, title).toBeLessThanOrEqual(1.001);
      }
    }
  });

  it('washes the linen of all beds at 60 degrees in one drum, by what there is of each', () => {
    const [load, ...more] = wash.runs.filter(({ title }) => title === 'Wash the bed linen');
    expect(more).toEqual([]);
    expect(load!.room.split(', ')).toHaveLength(4);
    const [drum] = load!.drums;
    expect([drum!.programme, drum!.weight, drum!.capacity]).toEqual(['Hot, 60 °C', '6.2 kg', '7 kg']);
    expect(drum!.arcs.map(({ words }) => words).toSorted()).toEqual([
      '3 × single duvet cover',
      '3 × single sheet',
      '5 × pillow case',
      'Double duvet cover',
      'Double sheet',
    ]);
  });

  it('washes pillows in a drum of their own', () => {
    const duvet = wash.runs.find(({ title }) => title === 'Wash duvet and pillows');
    expect(duvet!.drums.map(({ arcs }) => arcs[0]!.words)).toEqual(['Duvet', '2 × pillow']);
  });

  it('is out of the machine in time, and says where it dries till when', () => {
    for (const { start, end, outBy, dries, title } of wash.runs) {
      expect(minuteOf(end), title).toBeGreaterThan(minuteOf(start));
      if (outBy) expect(outBy >= end, title).toBe(true);
      if (dries?.until) expect(dries.until > end, title).toBe(true);
    }
    const where = (title: string) => wash.runs.find((run) => run.title === title)?.dries?.where;
    expect(where('Wash the bed linen')).toBe('in the dryer');
    expect(where('Wash the curtains')).toBe('where it hangs');
  });

  it('names runs of one date that one drum would hold', () => {
    for (const { date, names } of wash.together) {
      expect(names.length).toBeGreaterThan(1);
      const ofDate = titles({ ...wash, runs: wash.runs.filter(({ start }) => start.startsWith(date)) });
      for (const name of names) expect(ofDate).toContain(name);
    }
  });

  it('leaves out what is in the wash already or was', () => {
    const [first] = wash.runs;
    const begun = stateOf(demo, NOW, quickPlan(demo, NOW));
    const step = begun.tasks
      .find(({ id }) => id === first!.key)!
      .method.steps.find(({ machine }) => machine === 'washer')!;
    const ticked = { step: `${first!.key}/${step.key}`, at: NOW } as Household['ticks'][number];
    const household = { ...begun.household, ticks: [...begun.household.ticks, ticked] };
    expect(washScreen({ ...begun, household }).runs.map(({ key }) => key)).not.toContain(first!.key);
  });
});

describe('the wash of other homes', () => {
  it.each(DOZEN_HOMES.map(({ name }) => name))('%s: each piece in a drum that takes it', (name) => {
    const home = homeNamed(name);
    const screen = washOf(home, home.now);
    for (const drum of [...screen.runs.flatMap(({ drums }) => drums), ...screen.waiting])
      expect(drum.arcs.reduce((sum, { share }) => sum + share, 0)).toBeLessThanOrEqual(1.001);
    expect(washLead(screen)).toMatch(/\.$/);
  });

  it('is out of the house or by hand where there is no machine', () => {
    const screen = washOf(homeNamed('no machines'), homeNamed('no machines').now);
    expect(screen).toMatchObject({ atHome: false, runs: [], waiting: [], tooHeavy: [] });
    expect(washLead(screen)).toBe('Nothing that is left of the clean goes into the wash.');
  });

  it('says what is too heavy for a small machine, and takes more of a large one', () => {
    const withKg = (kg: number) => ({
      ...demo,
      machines: demo.machines.map((machine) => (machine.kind === 'washer' ? { ...machine, kg } : machine)),
    });
    const small = washOf(withKg(2));
    expect(small.tooHeavy.some((words) => words.startsWith('Duvet, '))).toBe(true);
    expect(washOf(withKg(12)).tooHeavy).toEqual([]);
    const capacity = washOf(withKg(12)).runs.find(({ title }) => title === 'Wash the bed linen')!.drums[0]!;
    expect(capacity.capacity).toBe('12 kg');
  });

  it('is packed into as few drums as may be before there is a plan', () => {
    const { plans: _plans, ...campaign } = stateOf(demo, NOW, quickPlan(demo, NOW)).campaign!;
    const state = {
      ...stateOf(demo, NOW, quickPlan(demo, NOW)),
      campaign: { ...campaign, plans: undefined },
    };
    const screen = washScreen(state);
    expect(screen.runs).toEqual([]);
    expect(screen.waiting.length).toBeGreaterThan(3);
    // What the plan has no place for is washed besides.
    const drums = wash.runs.flatMap((run) => run.drums).length + wash.waiting.length;
    expect(screen.waiting.length).toBeLessThanOrEqual(drums);
    expect(washLead(screen)).toContain('once the work is spread');
  });
});

describe('words of the wash', () => {
  it('tells weights in the units that one reads', () => {
    expect([weightWords(1.35, 'metric'), weightWords(7, 'us')]).toEqual(['1.4 kg', '15.4 lb']);
  });

  it('names the date of a time only where it is another', () => {
    expect(clockAfter('2027-03-01T21:07', '2027-03-01T18:00')).toBe('21:07');
    expect(clockAfter('2027-03-02T10:00', '2027-03-01T18:00')).toBe('10:00 on Tue 2 Mar');
  });
});
