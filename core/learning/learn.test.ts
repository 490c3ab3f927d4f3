import { describe, expect, it } from 'vitest';
import { type LearntOf, learntFor, learntOfPerson, NOTHING_LEARNT } from '../clean/learnt';
import { isBelieved, learn } from './learn';
import { JOBS_A_KIND, KINDS, type Peculiar, ticksOf } from './testing/simulated';

const SEEDS = Array.from({ length: 25 }, (_, i) => i + 1);
const learntBy = (peculiar: Peculiar) => ({ ...NOTHING_LEARNT, ...learn(ticksOf(peculiar)) });
const mean = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0) / values.length;

/** How far estimates of a kind are from what it really takes, on average over its jobs. */
function errorOf(peculiar: Peculiar, kind: (typeof KINDS)[number]): number {
  const learnt = learntBy(peculiar);
  const factor = peculiar.kinds?.[kind] ?? 1;
  const jobs = Array.from({ length: JOBS_A_KIND }, (_, i) => `${kind}-${i}`);
  return mean(
    jobs.map((method) => Math.abs(learntFor(learnt, { kind, method, room: 'elsewhere' }) / factor - 1)),
  );
}

describe('what a household learns of a kind of work', () => {
  it.each([0.6, 0.75, 1.4, 1.7])(
    'that takes %d times as long: half the error is gone after ten ticks',
    (factor) => {
      const errors = SEEDS.map((seed) =>
        errorOf({ seed, ticksAKind: 10, kinds: { appliances: factor } }, 'appliances'),
      );
      expect(mean(errors)).toBeLessThan(Math.abs(1 / factor - 1) / 2);
    },
  );

  it('of whichever time it takes: more than half of all error is gone after ten ticks', () => {
    const factors = [0.6, 0.75, 0.85, 1.2, 1.4, 1.7];
    const left = factors.flatMap((factor) =>
      SEEDS.map((seed) => errorOf({ seed, ticksAKind: 10, kinds: { appliances: factor } }, 'appliances')),
    );
    expect(mean(left)).toBeLessThan(mean(factors.map((factor) => Math.abs(1 / factor - 1))) / 2);
  });

  it.each([0.6, 0.75, 1.2, 1.4, 1.7])(
    'that takes %d times as long: it is within a tenth after thirty',
    (factor) => {
      const errors = SEEDS.map((seed) =>
        errorOf({ seed, ticksAKind: 30, kinds: { appliances: factor } }, 'appliances'),
      );
      expect(mean(errors)).toBeLessThan(0.06);
      expect(errors.filter((error) => error < 0.1).length / errors.length).toBeGreaterThan(0.8);
    },
  );

  it('says from how many ticks', () => {
    const { factors } = learn(ticksOf({ seed: 2, ticksAKind: 30, kinds: { limescale: 1.5 } }));
    expect(factors).toMatchObject([{ of: 'kind', id: 'limescale', ticks: 30 }]);
  });
});

describe('a household without any peculiarity', () => {
  const moved = SEEDS.flatMap((seed) =>
    [5, 10, 20, 40].map((ticksAKind) => {
      const learnt = learntBy({ seed, ticksAKind });
      return KINDS.map((kind) => learntFor(learnt, { kind, method: `${kind}-0`, room: 'room-1' }));
    }),
  );

  it('is not moved by more than a twentieth as a whole', () => {
    for (const factors of moved) expect(Math.abs(mean(factors) - 1)).toBeLessThan(0.05);
  });

  it('is hardly ever moved in anything', () => {
    const all = moved.flat();
    expect(all.filter((factor) => Math.abs(factor - 1) > 0.05).length / all.length).toBeLessThan(0.001);
  });
});

describe('what is learnt', () => {
  it('tells people apart from work', () => {
    const learnt = learntBy({ seed: 4, ticksAKind: 30, people: { ada: 1.4, ben: 1, cleo: 1 } });
    expect(learnt.factors.map(({ of }) => of)).not.toContain('kind' satisfies LearntOf);
    expect(learntOfPerson(learnt, 'ada') / learntOfPerson(learnt, 'ben')).toBeCloseTo(1.4, 1);
  });

  it('takes a household that is slow in everything for just that', () => {
    const slow = Object.fromEntries(KINDS.map((kind) => [kind, 1.3]));
    const { factors } = learn(ticksOf({ seed: 4, ticksAKind: 12, kinds: slow }));
    expect(factors.map(({ of }) => of)).toEqual(['household']);
    expect(factors[0]?.factor).toBeCloseTo(1.3, 1);
  });

  it('is nothing by a handful of ticks, however far off', () => {
    expect(learn(ticksOf({ seed: 1, ticksAKind: 3, kinds: { floors: 3 } })).factors).toEqual([]);
    expect(learn([])).toEqual({ factors: [], spread: 1 });
  });

  it('leaves out what was set back', () => {
    const ticks = ticksOf({ seed: 2, ticksAKind: 30, kinds: { limescale: 1.5 } });
    expect(learn(ticks, ['kind/limescale']).factors.map(({ id }) => id)).not.toContain('limescale');
  });

  it('counts from the rates, whatever was learnt before', () => {
    const ticks = ticksOf({ seed: 2, ticksAKind: 30, kinds: { limescale: 1.5 } });
    const moved = ticks.map((line) => {
      if (line.kind !== 'limescale') return line;
      const { minutes, low, high } = line.estimate;
      return { ...line, estimate: { minutes: minutes * 1.5, low: low * 1.5, high: high * 1.5, learnt: 1.5 } };
    });
    expect(learn(moved).factors).toEqual(learn(ticks).factors);
  });

  it('hears of wide ranges, too', () => {
    const ticks = ticksOf({ seed: 9, ticksAKind: 40, atTheDoor: 0 });
    expect(Math.abs(learn(ticks).spread - 1)).toBeLessThan(0.15);
    const narrow = ticks.map((line) => {
      const { minutes, low, high } = line.estimate;
      return {
        ...line,
        estimate: { minutes, low: minutes - (minutes - low) / 2, high: minutes + (high - minutes) / 2 },
      };
    });
    expect(learn(narrow).spread).toBeGreaterThan(1.5);
  });

  it('does not believe a clock that ran on, and keeps what nobody timed', () => {
    const [line] = ticksOf({ seed: 1, ticksAKind: 1 });
    if (!line) throw new Error('There is no line.');
    const nineHours = { ...line, seconds: 9 * 3600 };
    expect([isBelieved(line), isBelieved(nineHours), isBelieved({ ...line, seconds: undefined })]).toEqual([
      true,
      false,
      true,
    ]);
    const ticks = ticksOf({ seed: 1, ticksAKind: 20 });
    const ran = ticks.map((one) => (one.kind === 'floors' ? { ...one, seconds: 9 * 3600 } : one));
    expect(learn(ran).factors).toEqual(learn(ticks.filter(({ kind }) => kind !== 'floors')).factors);
  });
});
