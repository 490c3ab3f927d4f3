import { fc, test } from '@fast-check/vitest';
import { describe, expect, it } from 'vitest';
import { methodAtHand } from './at-hand';
import { CATALOGUE } from './catalogue';
import type { Method } from './method';
import { MACHINE_KINDS, type MachineKind } from './work-kinds';

const KINDS = Object.keys(MACHINE_KINDS) as MachineKind[];
const keysOf = (id: string, machines: MachineKind[], singleBedding = false) =>
  methodAtHand(CATALOGUE.method(id) as Method, {
    machines,
    singleBedding,
    singleTowels: false,
    alone: false,
  }).steps.map(({ key }) => key);

describe('a bed', () => {
  it('is made again at once where there is a second set, and its linen washed by itself', () => {
    expect(keysOf('bed-linen', ['washer', 'dryer'])).toEqual(['strip', 'make']);
    expect(keysOf('bed-linen-wash', ['washer', 'dryer'])).toEqual(['load', 'wash', 'tumble', 'dry', 'fold']);
  });

  it('waits for its linen where there is one set, and there is no other wash then', () => {
    expect(keysOf('bed-linen', ['washer', 'dryer'], true)).toEqual([
      'strip',
      'wash',
      'tumble',
      'dry',
      'make',
    ]);
    expect(keysOf('bed-linen-wash', ['washer', 'dryer'], true)).toEqual([]);
  });
});

describe('the wash', () => {
  it('dries in the dryer, else on the line, else on an airer', () => {
    expect(keysOf('bed-linen-wash', ['washer', 'dryer', 'line'])).toContain('dry');
    expect(keysOf('bed-linen-wash', ['washer', 'line'])).toEqual([
      'load',
      'wash',
      'hang',
      'dry-line',
      'fold',
    ]);
    expect(keysOf('bed-linen-wash', ['washer'])).toEqual(['load', 'wash', 'hang', 'dry-airer', 'fold']);
  });

  it('goes out of the house where there is no machine, or is done by hand', () => {
    expect(keysOf('bed-linen-wash', ['dryer'])).toEqual(['load', 'take-out', 'out', 'fetch', 'fold']);
    expect(keysOf('curtain-wash', [])).toEqual(['down', 'by-hand', 'up']);
    expect(keysOf('curtain-wash', ['washer'])).toEqual(['down', 'wash', 'up']);
  });

  it('takes a day or more indoors, and never an hour on nothing', () => {
    const airer = methodAtHand(CATALOGUE.method('bed-linen-wash') as Method, {
      machines: ['washer'],
      singleBedding: false,
      singleTowels: false,
      alone: false,
    }).steps.find(({ key }) => key === 'dry-airer');
    expect(airer).toMatchObject({ mode: 'wait', low: 720, minutes: 1080, high: 1440 });
  });
});

describe('what is heavy', () => {
  it.each(['mattress-turn', 'fridge-behind', 'behind-furniture-vacuum'])(
    'is lifted by two, or moved bit by bit by one: %s',
    (id) => {
      const stepsFor = (alone: boolean) =>
        methodAtHand(CATALOGUE.method(id) as Method, {
          machines: [],
          singleBedding: false,
          singleTowels: false,
          alone,
        }).steps;
      const [two, one] = [stepsFor(false), stepsFor(true)].map((steps) =>
        steps.find((step) => step.mode === 'hands' && step.tags.includes('heavy')),
      );
      expect(two).toMatchObject({ crew: 2 });
      expect(one).toMatchObject({ crew: 1 });
      expect(stepsFor(true)).toHaveLength(stepsFor(false).length);
    },
  );
});

describe('any method, whatever a household has', () => {
  const atHand = fc.record({
    machines: fc.subarray(KINDS),
    singleBedding: fc.boolean(),
    singleTowels: fc.boolean(),
    alone: fc.boolean(),
  });

  test.prop([atHand], { seed: 15 })(
    'begins by hand, and puts nothing into a machine that is not there',
    (has) => {
      for (const method of CATALOGUE.all()) {
        const { steps } = methodAtHand(method, has as Parameters<typeof methodAtHand>[1]);
        if (steps.length === 0) continue;
        expect(steps[0]?.mode, method.id).toBe('hands');
        expect(new Set(steps.map(({ key }) => key)).size).toBe(steps.length);
        for (const { machine, when } of steps)
          if (when && machine) expect(has.machines, `${method.id} in the ${machine}`).toContain(machine);
      }
    },
  );

  test.prop([atHand], { seed: 15 })('that washes something dries it, once', (has) => {
    for (const id of ['bed-linen-wash', 'bed-linen', 'protector-wash', 'duvet-wash'] as const) {
      const { steps } = methodAtHand(
        CATALOGUE.method(id) as Method,
        has as Parameters<typeof methodAtHand>[1],
      );
      if (!steps.some(({ key }) => key === 'wash' || key === 'by-hand')) continue;
      const drying = steps.filter(({ key }) => ['dry', 'dry-line', 'dry-airer'].includes(key));
      expect(drying, id).toHaveLength(1);
    }
  });

  it('is the very same where nothing hangs on what is at hand', () => {
    const method = CATALOGUE.method('door-wash') as Method;
    expect(
      methodAtHand(method, { machines: [], singleBedding: true, singleTowels: false, alone: true }),
    ).toBe(method);
  });
});
