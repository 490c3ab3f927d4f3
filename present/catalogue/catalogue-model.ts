import { CATALOGUE } from '@/core/catalogue/catalogue';
import { FIXTURE_KINDS, isFixtureKind } from '@/core/catalogue/fixture-kinds';
import { allMethods } from '@/core/catalogue/household-catalogue';
import type { Method } from '@/core/catalogue/method';
import { OWN_PREFIX } from '@/core/catalogue/own-prefix';
import { WORK_KINDS, type WorkKind } from '@/core/catalogue/work-kinds';
import type { Current } from '@/core/problem/campaign';
import type { CatalogueLine } from './catalogue-words';

/** All methods of the household, in groups of one kind of work. */
export function catalogueGroups({
  household,
}: Current): { kind: WorkKind; name: string; lines: CatalogueLine[] }[] {
  const lines = allMethods(CATALOGUE, household.catalogue).map((method) =>
    lineOf(method, household.catalogue),
  );
  return (Object.keys(WORK_KINDS) as WorkKind[])
    .map((kind) => ({ kind, name: WORK_KINDS[kind], lines: lines.filter((line) => line.kind === kind) }))
    .filter((group) => group.lines.length > 0);
}

function lineOf(method: Method, { changed, off }: Current['household']['catalogue']): CatalogueLine {
  const state = off.includes(method.id)
    ? 'off'
    : isOwn(method)
      ? 'own'
      : changed[method.id]
        ? 'changed'
        : 'default';
  return {
    id: method.id,
    title: method.title,
    fixture: fixtureKindName(method.fixture),
    kind: method.kind,
    state,
  };
}

export function isOwn(method: Pick<Method, 'id'>): boolean {
  return method.id.startsWith(OWN_PREFIX);
}

export function fixtureKindName(kind: string): string {
  return isFixtureKind(kind) ? FIXTURE_KINDS[kind].name : kind;
}

/** A method as the household has it, switched off or not. */
export function methodOf({ household }: Current, id: string): Method | undefined {
  return allMethods(CATALOGUE, household.catalogue).find((method) => method.id === id);
}
