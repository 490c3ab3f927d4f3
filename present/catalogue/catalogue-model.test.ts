import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '@/core/catalogue/catalogue';
import { catalogueWith, type HouseholdCatalogue } from '@/core/catalogue/household-catalogue';
import { methodSchema } from '@/core/catalogue/method';
import type { Current } from '@/core/problem/campaign';
import { chooseProducts } from '@/core/products/product-choice';
import { BEFORE, once } from '@/demo/changes';
import { catalogueGroups, fixtureKindName, isOwn, methodOf } from './catalogue-model';
import { STATE_WORDS, whenWords } from './catalogue-words';
import { ownMethod } from './own-method';

const FORM = {
  title: 'Wax the piano',
  fixture: 'instrument' as const,
  kind: 'furniture' as const,
  layer: 4,
  doing: 'Wax it',
  setUpMinutes: 5,
  minutesEach: 20,
  waitMinutes: 0,
  after: '',
  afterMinutes: 0,
  intervalMonths: 12,
  priority: 'could' as const,
  tools: '',
  product: '' as const,
  dose: 0,
  water: 0,
  machine: '' as const,
  tags: [],
  leastAge: 0,
  how: 'Thin, and along the grain.',
  doneWhen: 'It shines and nothing comes off on a finger.',
};
const stateWith = (catalogue: HouseholdCatalogue) => ({ household: { catalogue } }) as unknown as Current;

describe('the catalogue as a household has it', () => {
  it('lists every method once, under its kind of work', () => {
    const groups = catalogueGroups(stateWith(BEFORE.catalogue));
    const listed = groups.flatMap(({ lines }) => lines.map(({ id }) => id));
    expect(listed.toSorted()).toEqual(
      CATALOGUE.all()
        .map(({ id }) => id)
        .toSorted(),
    );
    expect(new Set(listed).size).toBe(listed.length);
    for (const { kind, lines } of groups) {
      expect(lines.length).toBeGreaterThan(0);
      expect(lines.every((line) => line.kind === kind && line.state === 'default')).toBe(true);
    }
  });

  it('says of each what was made of it; switched off says more than changed', () => {
    const { catalogue } = once(
      { do: 'change-method', id: 'door-wash', change: { steps: {}, intervalMonths: 3 } },
      { do: 'change-method', id: 'walls-spot', change: { steps: {}, intervalMonths: 3 } },
      { do: 'switch-method', id: 'walls-spot', off: true },
      { do: 'put-method', method: ownMethod('piano', FORM) },
    );
    const lines = catalogueGroups(stateWith(catalogue)).flatMap((group) => group.lines);
    const wordsOf = (id: string) => STATE_WORDS[lines.find((line) => line.id === id)!.state];
    expect(['door-wash', 'walls-spot', 'own-piano', 'floor-mop'].map(wordsOf)).toEqual([
      'with your numbers',
      'switched off',
      'your own',
      '',
    ]);
    expect(isOwn({ id: 'own-piano' }) && !isOwn({ id: 'door-wash' })).toBe(true);
  });

  it('finds a method with its own numbers, also one that is switched off', () => {
    const { catalogue } = once(
      { do: 'change-method', id: 'door-wash', change: { steps: {}, intervalMonths: 3 } },
      { do: 'switch-method', id: 'door-wash', off: true },
    );
    expect(methodOf(stateWith(catalogue), 'door-wash')?.intervalMonths).toBe(3);
    expect(methodOf(stateWith(catalogue), 'nothing')).toBeUndefined();
  });

  it('calls a kind that is known by its name, and another as it came', () => {
    expect(fixtureKindName('window')).toBe('Window');
    expect(fixtureKindName('dragon')).toBe('dragon');
  });
});

describe('a step that is not done everywhere', () => {
  it('says where it is done', () => {
    expect(whenWords(undefined)).toBe('');
    expect(whenWords({ has: ['dryer'] })).toBe('Where there is a dryer');
    expect(whenWords({ has: ['washer', 'line'], lacks: ['dryer'] })).toBe(
      'Where there is a washing machine and a drying line but no dryer',
    );
    expect(whenWords({ singleBedding: true })).toBe('With only one set of bedding');
    expect(whenWords({ alone: true })).toBe('Where one lifts alone');
    expect(whenWords({ lacks: ['washer'], singleBedding: false })).toBe(
      'Where there is no washing machine, with more than one set of bedding',
    );
  });
});

describe('a method of one’s own', () => {
  it('takes the minutes that were given, for each of them', () => {
    const method = ownMethod('piano', FORM);
    expect(method).toMatchObject({ id: 'own-piano', layer: 4, intervalMonths: 12, products: {} });
    expect(method.steps).toEqual([
      {
        key: 'work',
        mode: 'hands',
        title: 'Wax it',
        setUpMinutes: 5,
        rate: { quantity: 'each', perHour: 3 },
        soiled: true,
        tags: [],
        crew: 1,
      },
    ]);
  });

  it('takes its tools, product, machine, hazards and age', () => {
    const method = ownMethod('piano', {
      ...FORM,
      waitMinutes: 30,
      tools: 'soft cloth, , brush ',
      product: 'citric-acid',
      dose: 20,
      water: 500,
      machine: 'dryer',
      tags: ['ladder'],
      leastAge: 12,
    });
    const dose = { product: 'citric-acid', amount: 20, unit: 'g', inMl: 500 };
    expect(method).toMatchObject({
      tools: ['soft cloth', 'brush'],
      leastAge: 12,
      products: { water: [dose], pantry: [dose], shop: [dose] },
    });
    expect(method.steps[0]).toMatchObject({ tags: ['ladder'] });
    expect(method.steps[1]).toMatchObject({ mode: 'wait', machine: 'dryer' });
    expect(methodSchema.parse(method)).toEqual(method);
  });

  it('is refused an acid on marble all the same: another way is found, and said', () => {
    const method = ownMethod('sill', { ...FORM, fixture: 'sill', product: 'vinegar', dose: 50, water: 0 });
    const marble = { kind: 'sill', surface: 'marble' } as const;
    const choice = chooseProducts(method, marble, 'pantry');
    expect(choice.doses).toEqual([]);
    expect(choice.swap).toMatchObject({ why: 'surface', product: 'vinegar' });
    expect(chooseProducts(method, { kind: 'sill', surface: 'painted wood' }, 'pantry').doses).toHaveLength(1);
  });

  it('waits by itself where something soaks, and is seen to after where that was said', () => {
    const keys = (form: Partial<typeof FORM>) =>
      ownMethod('piano', { ...FORM, ...form }).steps.map((step) => step.key);
    expect(keys({ waitMinutes: 30 })).toEqual(['work', 'wait']);
    expect(keys({ waitMinutes: 30, after: 'Buff', afterMinutes: 10 })).toEqual(['work', 'wait', 'after']);
    expect(keys({ after: 'Buff', afterMinutes: 10 })).toEqual(['work']);
  });

  it('is a method like any other of the catalogue', () => {
    const own = once({ do: 'put-method', method: ownMethod('piano', FORM) }).catalogue;
    const catalogue = catalogueWith(CATALOGUE, own);
    expect(catalogue.method('own-piano')?.title).toBe('Wax the piano');
    expect(catalogue.all()).toHaveLength(CATALOGUE.all().length + 1);
  });
});
