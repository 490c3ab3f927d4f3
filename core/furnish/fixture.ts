import { FIXTURE_KINDS, type FixtureKindName } from '../catalogue/fixture-kinds';
import type { Fixture } from '../home/room';

/** A fixture as it is until somebody says more about it. */
export function newFixture(id: string, kind: FixtureKindName): Fixture {
  const { height, holds } = FIXTURE_KINDS[kind];
  return {
    id,
    kind,
    height,
    count: 1,
    size: {},
    soil: 'normal',
    fullness: holds ? 'half' : 'empty',
    leave: false,
  };
}
