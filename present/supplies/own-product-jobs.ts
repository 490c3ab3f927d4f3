import { CATALOGUE } from '@/core/catalogue/catalogue';
import { allMethods } from '@/core/catalogue/household-catalogue';
import type { Current } from '@/core/problem/campaign';
import { fixtureKindName } from '../catalogue/catalogue-model';

/** The jobs that take a product, by name. */
export function jobsWithProducts({ household }: Pick<Current, 'household'>): (readonly [string, string])[] {
  return allMethods(CATALOGUE, household.catalogue)
    .filter(({ products }) => Object.keys(products).length > 0)
    .map(({ id, title, fixture }) => [id, `${title} · ${fixtureKindName(fixture)}`] as const)
    .sort(([, a], [, b]) => a.localeCompare(b));
}
