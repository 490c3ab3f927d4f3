import { FIXTURE_KINDS, isFixtureKind } from '@/core/catalogue/fixture-kinds';

/** Metres of the wall that one of a kind usually takes up. */
export function usualWidthM(kind: string): number | undefined {
  return isFixtureKind(kind) ? FIXTURE_KINDS[kind].size.widthM : undefined;
}
