import { z } from 'zod';
import type { Fixture } from '../home/room';
import { FIXTURE_KINDS, isFixtureKind } from './fixture-kinds';
import { type Method, type MethodEntry, methodSchema } from './method';
import { APPLIANCES } from './methods/appliances';
import { BATHROOM } from './methods/bathroom';
import { BEDROOM } from './methods/bedroom';
import { CEILING_AND_WALLS } from './methods/ceiling-and-walls';
import { FIRST_AND_LAST } from './methods/first-and-last';
import { FLOORS } from './methods/floors';
import { FURNITURE } from './methods/furniture';
import { KITCHEN } from './methods/kitchen';
import { LAUNDRY } from './methods/laundry';
import { OUTSIDE } from './methods/outside';
import { WAYS_IN } from './methods/ways-in';
import { WHOLE_HOUSE } from './methods/whole-house';
import { WINDOWS } from './methods/windows';

/** Methods by the kind of fixture that they are for, in the order in which they were written down. */
export class Catalogue {
  readonly methods: ReadonlyMap<string, Method>;
  private readonly byFixture = new Map<string, Method[]>();

  constructor(methods: readonly Method[]) {
    this.methods = new Map(methods.map((method) => [method.id, method]));
    for (const method of methods) {
      const known = this.byFixture.get(method.fixture);
      if (known) known.push(method);
      else this.byFixture.set(method.fixture, [method]);
    }
  }

  method(id: string): Method | undefined {
    return this.methods.get(id);
  }

  all(): Method[] {
    return [...this.methods.values()];
  }

  /** The methods for a fixture, by its kind and by what it is made of. */
  for(fixture: Pick<Fixture, 'kind' | 'surface'>): Method[] {
    const surface = surfaceOf(fixture) ?? '';
    return (this.byFixture.get(fixture.kind) ?? []).filter(
      ({ surfaces, notOn }) =>
        (!surfaces || (surfaces as readonly string[]).includes(surface)) &&
        !(notOn as readonly string[]).includes(surface),
    );
  }
}

/** Reads methods and refuses doubled ids, doubled step keys and fixtures that are not known. Throws, naming each. */
export function catalogueOf(entries: readonly MethodEntry[]): Catalogue {
  const methods = z.array(methodSchema).parse(entries);
  const seen = new Set<string>();
  for (const method of methods) {
    if (seen.has(method.id)) throw new Error(`Two methods have the id ${method.id}`);
    seen.add(method.id);
    if (!isFixtureKind(method.fixture))
      throw new Error(`Method ${method.id} is for an unknown fixture: ${method.fixture}`);
    const keys = method.steps.map((step) => step.key);
    if (new Set(keys).size < keys.length) throw new Error(`Method ${method.id} has two steps with one key`);
    for (const step of method.steps)
      if (step.mode === 'wait' && !(step.low <= step.minutes && step.minutes <= step.high))
        throw new Error(`Method ${method.id} has a wait whose usual length is out of its range: ${step.key}`);
  }
  return new Catalogue(methods);
}

/** The catalogue that ships with the product. */
export const CATALOGUE: Catalogue = catalogueOf([
  ...CEILING_AND_WALLS,
  ...WINDOWS,
  ...FURNITURE,
  ...BEDROOM,
  ...BATHROOM,
  ...KITCHEN,
  ...APPLIANCES,
  ...LAUNDRY,
  ...WAYS_IN,
  ...OUTSIDE,
  ...WHOLE_HOUSE,
  ...FIRST_AND_LAST,
  ...FLOORS,
]);

/** What a fixture is made of: as noted, else the usual surface of its kind. */
export function surfaceOf(fixture: Pick<Fixture, 'kind' | 'surface'>): string | undefined {
  return (
    fixture.surface ?? (isFixtureKind(fixture.kind) ? FIXTURE_KINDS[fixture.kind].surfaces[0] : undefined)
  );
}
