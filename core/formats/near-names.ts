import { closest, distance } from 'fastest-levenshtein';
import { FIXTURE_KINDS, type FixtureKindName } from '../catalogue/fixture-kinds';

/** What a name that nobody knows may be meant for. */

/** So many letters in a hundred may be others. */
const MOST_OTHERS = 0.34;

/** The name that is nearest to a text, where one is near enough to be asked about. */
export function nearestOf(text: string, names: readonly string[]): string | undefined {
  const wanted = text.trim().toLowerCase();
  if (wanted.length < 3 || wanted.length > 60) return undefined;
  const near = closest(
    wanted,
    names.map((name) => name.toLowerCase()),
  );
  const isNear = distance(wanted, near) <= Math.max(1, Math.floor(near.length * MOST_OTHERS));
  return isNear ? names.find((name) => name.toLowerCase() === near) : undefined;
}

/** By the names of all kinds, and by what else people call them. */
export function nearestKind(
  text: string,
): { readonly kind: FixtureKindName; readonly name: string } | undefined {
  const near = nearestOf(
    text,
    NAMES.map(({ called }) => called),
  );
  const found = NAMES.find(({ called }) => called === near);
  return found && { kind: found.kind, name: found.name };
}

const NAMES = (Object.keys(FIXTURE_KINDS) as FixtureKindName[]).flatMap((kind) => {
  const { name, synonyms } = FIXTURE_KINDS[kind];
  return [name, ...(synonyms ?? [])].map((called) => ({ called, kind, name }));
});
