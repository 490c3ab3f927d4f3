import { describe, expect, it } from 'vitest';
import { SURFACES } from '../home/surfaces';
import { CATALOGUE } from './catalogue';
import { clashesBetween, clashesOn, FIXTURE_CLASHES, PRODUCT_CLASHES, SURFACE_CLASHES } from './clashes';
import { FIXTURE_KINDS, type FixtureKindName } from './fixture-kinds';
import { factsOf } from './product-facts';
import { PRODUCT_NAMES, type ProductName } from './products';

/** What is expected of two products or of a product on a surface. */
type Verdict = 'forbidden' | 'careful' | 'fine';

const verdict = (rows: readonly { readonly forbidden: boolean }[]): Verdict =>
  rows.length === 0 ? 'fine' : rows[0]?.forbidden ? 'forbidden' : 'careful';

const words = (text: string) => text.split(' ').filter((word) => word !== '') as ProductName[];

const ACIDS = 'vinegar citric-acid limescale-remover toilet-cleaner machine-cleaner';
const CHLORINES = 'chlorine-bleach mould-remover';
const SOAPS = 'dish-soap soft-soap wood-soap stone-cleaner laundry-detergent rinse-aid carpet-shampoo';
const SODAS = 'washing-soda baking-soda degreaser';
const PEROXIDES = 'oxygen-bleach peroxide';
const ALCOHOLS = 'alcohol glass-cleaner';
const SOLVENTS = 'solvent-cleaner metal-polish';
const OILS = 'wood-wax wood-oil leather-care';
const EVERYTHING_ELSE = (text: string) =>
  PRODUCT_NAMES.filter((name) => !words(text).includes(name)).join(' ');

/** Written down by hand, pair by pair of groups; whatever is in no line is fine. */
const IN_ONE_ROOM: readonly [Verdict, string, string][] = [
  ['forbidden', CHLORINES, `${ACIDS} ${ALCOHOLS} ${SOLVENTS} ammonia-cleaner`],
  ['forbidden', 'drain-opener', EVERYTHING_ELSE(`water steam ${SOAPS} ${OILS}`)],
  ['forbidden', PEROXIDES, ACIDS],
  ['careful', CHLORINES, `${PEROXIDES} disinfectant oven-cleaner`],
  ['careful', 'oven-cleaner', ACIDS],
];

const IN_ONE_GO: readonly [Verdict, string, string][] = [
  ['forbidden', CHLORINES, EVERYTHING_ELSE(`water steam ${CHLORINES}`)],
  ['forbidden', 'drain-opener', EVERYTHING_ELSE('water steam')],
  ['forbidden', PEROXIDES, `${ACIDS} ${ALCOHOLS} ${SOLVENTS}`],
  ['forbidden', 'oven-cleaner', `${ACIDS} ${ALCOHOLS} ${SOLVENTS} ammonia-cleaner`],
  ['careful', SODAS, ACIDS],
  ['careful', 'disinfectant', SOAPS],
];

function expectedOf(table: typeof IN_ONE_ROOM, a: ProductName, b: ProductName): Verdict {
  const holds = ([, one, other]: (typeof table)[number]) =>
    (words(one).includes(a) && words(other).includes(b)) ||
    (words(one).includes(b) && words(other).includes(a));
  return table.find(holds)?.[0] ?? 'fine';
}

const LIMY = 'marble, limestone, granite, stone';
const PLASTIC_AND_PAINT = 'acrylic, paint, painted wood, painted metal, lacquer, laminate, vinyl, plastic';
const WOODS = 'wood, oiled wood, waxed wood';

/** For each product: where it must not go, and where with care; everywhere else it is fine. */
const ON_SURFACES: readonly [string, string, string][] = [
  ['water', '', ''],
  [`${SOAPS} disinfectant`, 'screen', ''],
  [
    'steam',
    `laminate, lacquer, painted wood, paint, acrylic, vinyl, wallpaper, paper, leather, wool, down, glass, ${WOODS}, screen`,
    '',
  ],
  ['enzyme-cleaner', 'wool, down, leather, screen', ''],
  [ACIDS, `${LIMY}, grout, concrete, aluminium, cast iron, rubber, screen`, 'chrome, brass, enamel'],
  [SODAS, 'aluminium, wool, down, leather, oiled wood, waxed wood, lacquer, screen', ''],
  [
    PEROXIDES,
    'wool, down, leather, screen',
    'fabric, carpet, paint, wallpaper, wood, painted wood, marble, limestone',
  ],
  [
    CHLORINES,
    `${LIMY}, rubber, steel, aluminium, cast iron, brass, chrome, metal, fabric, carpet, paper, wallpaper, rattan, ${WOODS}, wool, down, leather, screen`,
    '',
  ],
  [ALCOHOLS, 'acrylic, lacquer, leather, oiled wood, waxed wood, painted wood, screen', ''],
  [
    'oven-cleaner drain-opener',
    `${PLASTIC_AND_PAINT}, ${WOODS}, wallpaper, carpet, fabric, paper, rattan, rubber, aluminium, wool, down, leather, screen`,
    '',
  ],
  [OILS, `${LIMY}, concrete, carpet, fabric, wallpaper, paper, screen`, ''],
  [
    'scouring-cream',
    'acrylic, glass hob, screen, lacquer, glass, plastic, aluminium, paint, vinyl, marble, limestone, enamel, laminate, painted wood, painted metal',
    '',
  ],
  [
    'metal-polish',
    'acrylic, glass hob, screen, lacquer, glass, plastic, aluminium, paint, vinyl, marble, limestone, enamel, laminate, painted wood, painted metal, oiled wood, waxed wood, leather, rubber',
    '',
  ],
  [
    'solvent-cleaner',
    'acrylic, lacquer, leather, oiled wood, waxed wood, painted wood, plastic, rubber, vinyl, laminate, screen',
    '',
  ],
  ['ammonia-cleaner', 'brass, aluminium, acrylic, screen', ''],
];

describe('products that meet', () => {
  const pairs = PRODUCT_NAMES.flatMap((a, i) => PRODUCT_NAMES.slice(i).map((b) => [a, b] as const));

  it.each(pairs)('%s and %s are judged as written down, in one room and in one go', (a, b) => {
    expect(verdict(clashesBetween(a, b, 'room')), 'in one room').toBe(
      a === b && a !== 'drain-opener' ? 'fine' : expectedOf(IN_ONE_ROOM, a, b),
    );
    expect(verdict(clashesBetween(a, b, 'task')), 'in one go').toBe(
      a === b && a !== 'drain-opener' ? 'fine' : expectedOf(IN_ONE_GO, a, b),
    );
    expect(clashesBetween(b, a, 'task')).toEqual(clashesBetween(a, b, 'task'));
  });
});

describe('products on surfaces', () => {
  const cases = PRODUCT_NAMES.flatMap((product) => SURFACES.map((surface) => [product, surface] as const));

  it('are all written down once', () => {
    const listed = ON_SURFACES.flatMap(([products]) => words(products));
    expect(listed.toSorted()).toEqual([...PRODUCT_NAMES].toSorted());
  });

  it.each(cases)('%s on %s is judged as written down', (product, surface) => {
    const [, forbidden = '', careful = ''] =
      ON_SURFACES.find(([products]) => words(products).includes(product)) ?? [];
    const expected = forbidden.split(', ').includes(surface)
      ? 'forbidden'
      : careful.split(', ').includes(surface)
        ? 'careful'
        : 'fine';
    expect(verdict(clashesOn(product, surface))).toBe(expected);
  });

  it('keep foam out of a jetted bath, oil off treads, and what evaporates away from heat', () => {
    expect(verdict(clashesOn('dish-soap', 'acrylic', 'jetted-bath'))).toBe('forbidden');
    expect(verdict(clashesOn('citric-acid', 'acrylic', 'jetted-bath'))).toBe('fine');
    expect(verdict(clashesOn('wood-wax', 'wood', 'treads'))).toBe('forbidden');
    expect(verdict(clashesOn('alcohol', 'enamel', 'oven'))).toBe('forbidden');
    expect(verdict(clashesOn('solvent-cleaner', 'steel', 'dryer'))).toBe('forbidden');
  });
});

describe('the tables', () => {
  it('have an id of its own for each row, a why and an instead', () => {
    const rows = [...PRODUCT_CLASHES, ...SURFACE_CLASHES, ...FIXTURE_CLASHES];
    expect(new Set(rows.map((row) => row.id)).size).toBe(rows.length);
    for (const row of rows) expect(row.why.length * row.instead.length, row.id).toBeGreaterThan(0);
    for (const { id, fixtures } of FIXTURE_CLASHES)
      for (const fixture of fixtures) expect(FIXTURE_KINDS[fixture as FixtureKindName], id).toBeDefined();
  });

  it('know each product, liquids in ml and powders in g as the catalogue doses them', () => {
    for (const method of CATALOGUE.all())
      for (const dose of Object.values(method.products).flat())
        if (dose)
          expect(dose.unit, `${method.id} ${dose.product}`).toBe(
            factsOf(dose.product).form === 'liquid' ? 'ml' : 'g',
          );
  });
});
