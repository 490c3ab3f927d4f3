import { z } from 'zod';
import type { Fixture } from '../home/room';
import { FIXTURE_KINDS, isFixtureKind } from './fixture-kinds';
import { type Dose, type Method, type MethodEntry, methodSchema, type ProductSchool } from './method';
import { ANY_ROOM } from './methods/any-room';
import { BATHROOM } from './methods/bathroom';
import { BEDROOM } from './methods/bedroom';
import { KITCHEN } from './methods/kitchen';

export type Catalogue = ReadonlyMap<string, Method>;

/** Reads methods and refuses doubled ids, doubled step keys and fixtures that are not known. Throws, naming each. */
export function catalogueOf(entries: readonly MethodEntry[]): Catalogue {
  const methods = z.array(methodSchema).parse(entries);
  const found = new Map<string, Method>();
  for (const method of methods) {
    if (found.has(method.id)) throw new Error(`Two methods have the id ${method.id}`);
    if (!isFixtureKind(method.fixture))
      throw new Error(`Method ${method.id} is for an unknown fixture: ${method.fixture}`);
    const keys = method.steps.map((step) => step.key);
    if (new Set(keys).size < keys.length) throw new Error(`Method ${method.id} has two steps with one key`);
    found.set(method.id, method);
  }
  return found;
}

/** The catalogue that ships with the product. */
export const CATALOGUE: Catalogue = catalogueOf([...ANY_ROOM, ...BEDROOM, ...BATHROOM, ...KITCHEN]);

/** The methods for a fixture, by its kind and by what it is made of. */
export function methodsFor(fixture: Fixture, catalogue: Catalogue): Method[] {
  const surface = surfaceOf(fixture);
  return [...catalogue.values()].filter(
    (method) =>
      method.fixture === fixture.kind &&
      (!method.surfaces ||
        (surface !== undefined && (method.surfaces as readonly string[]).includes(surface))),
  );
}

/** Where a school of products has nothing for a method: the schools to look in next, the mildest first. */
const NEXT_SCHOOLS: readonly ProductSchool[] = ['pantry', 'water', 'shop', 'disinfecting'];

/** What a method takes of products in a school, or in the nearest one that has something for it. */
export function dosesFor(method: Method, school: ProductSchool): Dose[] {
  const found = [school, ...NEXT_SCHOOLS].find((name) => method.products[name] !== undefined);
  return (found && method.products[found]) ?? [];
}

/** What a fixture is made of: as noted, else the usual surface of its kind. */
export function surfaceOf(fixture: Fixture): string | undefined {
  return (
    fixture.surface ?? (isFixtureKind(fixture.kind) ? FIXTURE_KINDS[fixture.kind].surfaces[0] : undefined)
  );
}
