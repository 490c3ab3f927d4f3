import { FIXTURE_KINDS, isFixtureKind } from '@/core/catalogue/fixture-kinds';
import type { Fixture } from '@/core/home/room';

/** What a thing is called by its kind; by the kind as it stands where the catalogue knows none of it. */
export function fixtureName(fixture: Pick<Fixture, 'kind'>): string {
  return isFixtureKind(fixture.kind) ? FIXTURE_KINDS[fixture.kind].name : fixture.kind;
}
