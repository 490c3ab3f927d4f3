import { fc, test } from '@fast-check/vitest';
import { describe, expect, it } from 'vitest';
import { DOZEN_HOMES, homeNamed } from '../../demo/dozen-homes';
import { juniperRow } from '../../demo/juniper-row';
import { randomFrom } from '../basics/random';
import { CATALOGUE } from '../catalogue/catalogue';
import { tasksOf } from '../work/tasks';
import { workOf } from '../work/work';
import { fitsTogether, type Load, loadsOf, PACKED_EXACTLY } from './loads';
import { type Piece, piecesOf } from './piece';
import { TEXTILES, type TextileName, textileOf } from './textile';

const NAMES = Object.keys(TEXTILES) as TextileName[];
const piece = (textile: TextileName, kg: number = textileOf(textile).dryKg): Piece => ({
  textile,
  kg,
});
const many = (count: number, textile: TextileName, kg?: number) =>
  Array.from({ length: count }, () => piece(textile, kg));
const told = ({ loads }: { readonly loads: readonly Load[] }) =>
  loads.map(({ pieces, programme, kg }) => `${pieces.length} at ${programme.temperature}, ${kg} kg`);

/** Two kinds of pieces that may not share a load, by the words on their labels. */
function mayShare(a: TextileName, b: TextileName): boolean {
  const [one, other] = [textileOf(a), textileOf(b)];
  return (
    one.warmest === other.warmest &&
    one.colour === other.colour &&
    one.drying === other.drying &&
    one.apart === other.apart
  );
}

/** The fewest loads there can be, by trying every set of pieces as a load: slow, and plain to see that it is right. */
function reference(pieces: readonly Piece[], machineKg: number): number {
  const all = (1 << pieces.length) - 1;
  const isLoad = Array.from({ length: all + 1 }, (_, set) => {
    const own = pieces.filter((_piece, i) => set & (1 << i));
    return (
      own.length > 0 &&
      own.every((one) => own.every((other) => mayShare(one.textile, other.textile))) &&
      fitsTogether(own, machineKg)
    );
  });
  const fewest = new Array<number>(all + 1).fill(Number.POSITIVE_INFINITY);
  fewest[0] = 0;
  for (let set = 1; set <= all; set++) {
    const first = set & -set;
    for (let load = set; load > 0; load = (load - 1) & set)
      if (load & first && isLoad[load]) fewest[set] = Math.min(fewest[set]!, fewest[set ^ load]! + 1);
  }
  return fewest[all]!;
}

/** A pile drawn from a seed: up to so many pieces of any textile, some heavier or lighter than usual. */
function pile(seed: number, most: number): { pieces: Piece[]; machineKg: number } {
  const random = randomFrom(seed);
  const narrow = random() < 0.6;
  const names = narrow ? NAMES.filter((name) => mayShare(name, 'double-sheet')) : NAMES;
  const pieces = Array.from({ length: 1 + Math.floor(random() * most) }, () => {
    const textile = names[Math.floor(random() * names.length)]!;
    return piece(textile, Math.round(textileOf(textile).dryKg * (0.5 + 2 * random()) * 100) / 100);
  });
  return { pieces, machineKg: 4 + Math.floor(random() * 6) };
}

describe('the wash', () => {
  it('takes two double beds and a single one in one hot load', () => {
    const double = [piece('double-sheet'), piece('double-cover'), ...many(2, 'pillow-case')];
    const single = [piece('single-sheet'), piece('single-cover'), piece('pillow-case')];
    // 2 × (0.7 + 1.1 + 0.3) + 0.4 + 0.8 + 0.15 = 5.55
    expect(told(loadsOf([...double, ...double, ...single]))).toEqual(['11 at 60, 5.55 kg']);
    // A machine of 5 kg takes them in two.
    expect(told(loadsOf([...double, ...double, ...single], 5))).toHaveLength(2);
  });

  it('takes half as much of easy-care, and a third of wool', () => {
    expect(told(loadsOf(many(3, 'throw')))).toEqual(['2 at 40, 2.4 kg', '1 at 40, 1.2 kg']);
    expect(told(loadsOf(many(2, 'wool-throw')))).toEqual(['1 at 20, 1.2 kg', '1 at 20, 1.2 kg']);
    expect(told(loadsOf(many(2, 'wool-throw'), 8))).toEqual(['2 at 20, 2.4 kg']);
  });

  it('leaves a duvet alone, and takes two pillows at most', () => {
    expect(told(loadsOf([piece('duvet'), ...many(3, 'pillow'), piece('double-sheet')]))).toEqual([
      '1 at 60, 2.5 kg',
      '2 at 60, 1.6 kg',
      '1 at 60, 0.8 kg',
      '1 at 60, 0.7 kg',
    ]);
  });

  it('begins with what hangs damp in its place again, and ends with cloths, those of the toilet last', () => {
    const { loads } = loadsOf([
      piece('toilet-cloth'),
      piece('cloth'),
      piece('cushion-cover'),
      piece('double-sheet'),
      piece('curtain', 2.1),
    ]);
    expect(loads.map(({ pieces }) => pieces[0]!.textile)).toEqual([
      'curtain',
      'double-sheet',
      'cushion-cover',
      'cloth',
      'toilet-cloth',
    ]);
  });

  it('sends out what the machine can’t take, and is nothing where nothing is taken off', () => {
    const carpet = piece('throw', 4);
    expect(loadsOf([carpet, piece('throw')])).toMatchObject({ tooHeavy: [carpet], loads: [{ kg: 1.2 }] });
    expect(loadsOf([])).toEqual({ loads: [], tooHeavy: [] });
  });

  it('takes the fewest loads there can be, on 500 piles', () => {
    for (let seed = 1; seed <= 500; seed++) {
      const { pieces, machineKg } = pile(seed, 11);
      const { loads, tooHeavy } = loadsOf(pieces, machineKg);
      const fitting = pieces.filter((one) => !tooHeavy.includes(one));
      expect(loads.length, `pile ${seed}`).toBe(reference(fitting, machineKg));
    }
  });

  test.prop([fc.integer({ min: 1, max: 100_000 }), fc.constantFrom(11, PACKED_EXACTLY, 80)], {
    seed: 15,
    numRuns: 300,
  })('washes each piece once, as its label says, and never more than the machine takes', (seed, most) => {
    const { pieces, machineKg } = pile(seed, most);
    const { loads, tooHeavy } = loadsOf(pieces, machineKg);
    expect([...loads.flatMap((load) => load.pieces), ...tooHeavy].length).toBe(pieces.length);
    expect(new Set([...loads.flatMap((load) => load.pieces), ...tooHeavy])).toEqual(new Set(pieces));
    for (const load of loads) {
      expect(load.kg).toBeLessThanOrEqual(load.capacityKg + 0.01);
      expect(fitsTogether(load.pieces, machineKg)).toBe(true);
      for (const { textile } of load.pieces) {
        const { warmest, colour, drying } = textileOf(textile);
        expect(load.programme.temperature).toBeLessThanOrEqual(warmest);
        expect([load.colour, load.drying]).toEqual([colour, drying]);
        for (const other of load.pieces) expect(mayShare(textile, other.textile)).toBe(true);
      }
    }
    for (const one of tooHeavy) expect(fitsTogether([one], machineKg)).toBe(false);
  });
});

describe('what a clean takes off', () => {
  const piecesIn = (household: Parameters<typeof workOf>[0]) =>
    piecesOf(tasksOf(workOf(household, CATALOGUE)));

  it('is a sheet, a cover and cases for each bed, by its width', () => {
    const household = homeNamed('children of 6 and 11');
    const linen = piecesIn(household).filter(({ task }) => task.endsWith(':bed-linen'));
    const of = (room: string) => linen.filter((one) => one.room === room).map(({ textile }) => textile);
    const rooms = [...new Set(linen.map(({ room }) => room))];
    expect(rooms.length).toBe(3);
    for (const room of rooms) expect([3, 4]).toContain(of(room).length);
    expect(of(rooms[0]!)).toEqual(['double-sheet', 'double-cover', 'pillow-case', 'pillow-case']);
  });

  it('weighs curtains by their area', () => {
    const curtains = piecesIn(juniperRow('2027-03-01')).filter(({ textile }) => textile === 'curtain');
    expect(curtains.length).toBeGreaterThan(0);
    for (const { kg } of curtains) expect(kg).toBeGreaterThan(0.5);
  });

  it('comes to loads that any of the dozen homes can wash', () => {
    for (const home of DOZEN_HOMES) {
      const pieces = piecesIn(home);
      const { loads, tooHeavy } = loadsOf(pieces);
      expect(tooHeavy, home.name).toEqual([]);
      expect(loads.reduce((sum, load) => sum + load.pieces.length, 0)).toBe(pieces.length);
    }
  });
});
