import { fc, test } from '@fast-check/vitest';
import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '../catalogue/catalogue';
import type { Method } from '../catalogue/method';
import type { Fixture, Room } from '../home/room';
import { estimateTask, guessedEstimate, sumRanges, USUAL_CIRCUMSTANCES } from './estimate';

const method = (id: string): Method => CATALOGUE.method(id) as Method;

function fixture(change: Partial<Fixture>): Fixture {
  return {
    id: 'f',
    kind: 'window',
    height: 'middle',
    count: 1,
    size: {},
    soil: 'normal',
    fullness: 'empty',
    leave: false,
    ...change,
  };
}

function roomWith(...fixtures: Fixture[]): Room {
  return {
    id: 'r',
    name: 'Room',
    kind: 'bedroom',
    lengthM: 4,
    widthM: 3,
    heightM: 2.5,
    ventilation: 'window',
    opensTo: [],
    stops: [{ id: 's', name: 'Stop', shell: false, fixtures }],
  };
}

describe('estimateTask', () => {
  it('adds set-up and quantity over rate, times soil and reach', () => {
    // 2 windows of 1 × 1.5 m, heavy soil, at the middle (× 1): frames 2 + 2 ÷ 18 × 60 × 1.5 = 12; glass 3 ÷ 24 × 60 × 1.5 = 11.25.
    const windows = fixture({ count: 2, size: { widthM: 1, heightM: 1.5 }, soil: 'heavy' });
    const estimate = estimateTask(method('window-inside'), windows, roomWith(windows));
    expect(estimate.steps.map((step) => step.minutes)).toEqual([12, 11.25]);
    expect(estimate.hands.minutes).toBe(23.25);
  });

  it('takes floors and skirting from the room, less the doors', () => {
    const door = fixture({ id: 'd', kind: 'door' });
    const skirting = fixture({ kind: 'skirting', height: 'low' });
    const room = roomWith(door, skirting);
    // 2 × (4 + 3) − 0.8 = 13.2 m; 2 + 13.2 ÷ 120 × 60 × 1.1 = 9.26.
    expect(estimateTask(method('skirting-wipe'), skirting, room).hands.minutes).toBeCloseTo(9.26, 2);
  });

  it('counts things by fullness: an empty shelf has none to decide about', () => {
    const shelf = (fullness: Fixture['fullness']) =>
      fixture({ kind: 'shelf', height: 'middle', size: { shelfM: 10 }, fullness });
    const things = (fullness: Fixture['fullness']) =>
      estimateTask(method('shelf-clear'), shelf(fullness), roomWith()).steps[0]?.parts?.belongings?.things;
    expect([things('empty'), things('half'), things('full'), things('crammed')]).toEqual([0, 60, 90, 130]);
  });

  it('keeps waits out of the hands-on minutes, however many fixtures there are', () => {
    const taps = fixture({ kind: 'taps', count: 4 });
    const estimate = estimateTask(method('taps-descale'), taps, roomWith(taps));
    expect(estimate.waitMinutes).toBe(40);
    expect(estimate.steps.map((step) => step.step.mode)).toEqual(['hands', 'wait', 'hands']);
  });

  it('takes the usual size of a kind when nobody measured', () => {
    const unknown = estimateTask(method('window-inside'), fixture({}), roomWith());
    const measured = estimateTask(
      method('window-inside'),
      fixture({ size: { widthM: 1.1, heightM: 1.3 } }),
      roomWith(),
    );
    expect(unknown.steps.map((step) => step.minutes)).toEqual(measured.steps.map((step) => step.minutes));
  });

  it('is surer of what was measured than of what the kind usually is, and of that less than of what is counted', () => {
    const width = (of: Fixture, id: string) => {
      const { minutes, low, high } = estimateTask(method(id), of, roomWith()).hands;
      return (high - low) / minutes;
    };
    const wardrobe = fixture({ kind: 'wardrobe', height: 'high', fullness: 'full' });
    expect(width({ ...wardrobe, size: { widthM: 1.5 } }, 'wardrobe-sort')).toBeLessThan(
      width(wardrobe, 'wardrobe-sort') * 0.8,
    );
    // Glass by the usual size of a window: 3 ÷ 24 × 60, and 0.24 below to 0.36 above instead of 0.2 and 0.3.
    const glass = estimateTask(method('window-inside'), fixture({ count: 2 }), roomWith()).steps[1]!;
    expect(glass.low / glass.minutes).toBeCloseTo(1 - 0.2 * 1.2, 9);
    expect(glass.high / glass.minutes).toBeCloseTo(1 + 0.3 * 1.2, 9);
    // Taps are counted: as it is.
    const taps = estimateTask(method('taps-descale'), fixture({ kind: 'taps' }), roomWith()).steps[0]!;
    expect(taps.low / taps.minutes).toBeCloseTo(0.8, 9);
  });
});

describe('the circumstances', () => {
  const shelf = fixture({ kind: 'shelf', height: 'middle', size: { shelfM: 10 }, fullness: 'full' });
  const minutes = (belongings: 'first' | 'stop' | 'leave') =>
    estimateTask(method('shelf-clear'), shelf, roomWith(), { ...USUAL_CIRCUMSTANCES, belongings }).steps.map(
      (estimate) => [estimate.step.key, Math.round(estimate.minutes * 10) / 10],
    );

  it('decide what is done with belongings', () => {
    // 90 things: clear 2 + 90 × 13 s = 21.5; wipe 1 + 10 ÷ 45 × 60 = 14.3; return 90 × 6 s = 9.
    expect(minutes('stop')).toEqual([
      ['clear', 21.5],
      ['wipe', 14.3],
      ['return', 9],
    ]);
    // Sorted through beforehand: 90 × 5.2 s are left of the clearing.
    expect(minutes('first')[0]).toEqual(['clear', 9.8]);
    expect(minutes('leave')).toEqual([['wipe', 14.3]]);
  });

  it('know a crammed wardrobe of a metre and a half: about a hundred things on the rail, an hour and more', () => {
    const wardrobe = (fullness: Fixture['fullness']) =>
      estimateTask(
        method('wardrobe-sort'),
        fixture({ kind: 'wardrobe', height: 'high', fullness }),
        roomWith(),
      );
    // 1.5 m × 70 on the rail, 1.5 m × 0.7 × 50 folded: 105 × 15 s + 52.5 × 25 s are 48 min; wiping 3 + 3 + 7.1 more.
    const { steps, hands } = wardrobe('crammed');
    expect(steps[0]?.parts?.belongings?.things).toBe(105);
    expect(hands.minutes).toBeGreaterThan(60);
    expect(hands.minutes).toBeLessThan(65);
    expect(wardrobe('sparse').hands.minutes).toBeLessThan(30);
  });

  it('leave what has to be moved out of the way where it is moved all the same', () => {
    const fridge = fixture({ kind: 'fridge', fullness: 'full', size: { shelfM: 3 } });
    const empty = estimateTask(method('fridge-clean'), fridge, roomWith(), {
      ...USUAL_CIRCUMSTANCES,
      belongings: 'leave',
    }).steps[0];
    // The upper half: 2 + 60 ÷ 8 + 3 m × 7 things × 8 s = 12.3.
    expect(empty?.minutes).toBeCloseTo(12.3, 5);
  });

  it('let hard water, the pace and a shared set-up be seen in the figure', () => {
    const taps = fixture({ kind: 'taps' });
    const usual = estimateTask(method('taps-descale'), taps, roomWith());
    const hard = estimateTask(method('taps-descale'), taps, roomWith(), {
      ...USUAL_CIRCUMSTANCES,
      facts: { ...USUAL_CIRCUMSTANCES.facts, hardWater: true },
    });
    const rates = usual.steps.reduce((sum, step) => sum + (step.parts?.rate?.minutes ?? 0), 0);
    expect(hard.hands.minutes - usual.hands.minutes).toBeCloseTo(rates * 0.25, 5);
    const slow = estimateTask(method('taps-descale'), taps, roomWith(), {
      ...USUAL_CIRCUMSTANCES,
      pace: 1.25,
    });
    expect(slow.hands.minutes).toBeCloseTo(usual.hands.minutes * 1.25, 5);
    const floor = fixture({ kind: 'hard-floor', height: 'floor' });
    const alone = estimateTask(method('floor-vacuum'), floor, roomWith()).hands.minutes;
    const shared = estimateTask(method('floor-vacuum'), floor, roomWith(), {
      ...USUAL_CIRCUMSTANCES,
      setUpShared: 'room',
    }).hands.minutes;
    expect(alone - shared).toBeCloseTo(2, 5);
  });

  it('let a wet floor dry slower where no air gets in', () => {
    const floor = fixture({ kind: 'hard-floor', height: 'floor', surface: 'tile' });
    const drying = (ventilation: Room['ventilation']) =>
      estimateTask(method('floor-mop'), floor, { ...roomWith(), ventilation }).waitMinutes;
    expect([drying('window'), drying('fan'), drying('none')]).toEqual([25, 25, 37.5]);
  });

  it('let a guess stand beside the figure, the steps in proportion', () => {
    const windows = fixture({ count: 2, size: { widthM: 1, heightM: 1.5 }, soil: 'heavy' });
    const guess = guessedEstimate(estimateTask(method('window-inside'), windows, roomWith(windows)), 46.5);
    expect(guess.steps.map((step) => step.minutes)).toEqual([24, 22.5]);
    expect(guess.hands.minutes).toBe(46.5);
  });
});

describe('sumRanges', () => {
  it('is narrower than the sum of the worst cases, and as wide for one alone', () => {
    const one = { minutes: 20, low: 16, high: 26 };
    const single = sumRanges([one]);
    expect([single.low, single.high]).toEqual([expect.closeTo(16, 9), expect.closeTo(26, 9)]);
    const ten = sumRanges(Array(10).fill(one));
    expect(ten.minutes).toBe(200);
    expect(ten.high).toBeLessThan(260);
    expect(ten.low).toBeGreaterThan(160);
  });

  const range = fc.tuple(
    fc.integer({ min: 1, max: 300 }),
    fc.integer({ min: 0, max: 100 }),
    fc.integer({ min: 0, max: 100 }),
  );
  test.prop([fc.array(range, { minLength: 1, maxLength: 40 })], { seed: 20270301 })(
    'always holds the minutes it adds up',
    (parts) => {
      const ranges = parts.map(([minutes, below, above]) => ({
        minutes,
        low: minutes - Math.min(minutes, below),
        high: minutes + above,
      }));
      const sum = sumRanges(ranges);
      const least = ranges.reduce((total, r) => total + r.low, 0);
      const most = ranges.reduce((total, r) => total + r.high, 0);
      expect(sum.low).toBeGreaterThanOrEqual(Math.max(0, least) - 1e-9);
      expect(sum.high).toBeLessThanOrEqual(most + 1e-9);
    },
  );
});
