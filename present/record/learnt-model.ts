import { CATALOGUE } from '@/core/catalogue/catalogue';
import { catalogueWith, type HouseholdCatalogue } from '@/core/catalogue/household-catalogue';
import { WORK_KINDS, type WorkKind } from '@/core/catalogue/work-kinds';
import type { Learnt, LearntFactor, LearntOf } from '@/core/clean/learnt';

/** What estimates have learnt, a sentence each with its evidence. */
export type LearntScreen = {
  readonly on: boolean;
  readonly lessons: readonly {
    readonly of: LearntOf;
    readonly id: string;
    readonly sentence: string;
    readonly evidence: string;
  }[];
  readonly never: readonly { readonly of: LearntOf; readonly id: string; readonly name: string }[];
  readonly ranges: string | undefined;
};

type Names = {
  readonly catalogue: HouseholdCatalogue;
  readonly people: ReadonlyMap<string, string>;
  readonly rooms: ReadonlyMap<string, string>;
};

export function learntScreen(learnt: Learnt, names: Names): LearntScreen {
  return {
    on: learnt.on,
    lessons: learnt.factors.map((factor) => ({
      of: factor.of,
      id: factor.id,
      sentence: `${subjectOf(factor, names)} ${timesWords(factor)}; estimates say so now.`,
      evidence: `from ${factor.ticks} ticks with a time`,
    })),
    never: learnt.never.map((key) => {
      const slash = key.indexOf('/');
      const [of, id] = [key.slice(0, slash) as LearntOf, key.slice(slash + 1)];
      return { of, id, name: subjectOf({ of, id }, names) };
    }),
    ranges: rangeWords(learnt.spread),
  };
}

/** One row a sort of lesson: who or what it speaks of. */
const SUBJECTS: Readonly<Record<LearntOf, (id: string, names: Names) => string>> = {
  household: () => 'Everything',
  kind: (id) => `Work of the kind “${WORK_KINDS[id as WorkKind] ?? id}”`,
  method: (id, { catalogue }) =>
    `“${catalogueWith(CATALOGUE, catalogue).method(id)?.title ?? 'A job that is gone'}”`,
  person: (id, { people }) => `What ${people.get(id) ?? 'somebody who has left'} does`,
  room: (id, { rooms }) => `What is done in ${rooms.get(id) ?? 'a room that is gone'}`,
};

function subjectOf({ of, id }: Pick<LearntFactor, 'of' | 'id'>, names: Names): string {
  return SUBJECTS[of](id, names);
}

function timesWords({ factor, of }: LearntFactor): string {
  const whom = of === 'person' ? '' : ' you';
  return `takes${whom} ${factor} times as long as usual`;
}

const WORTH_A_WORD = 0.1;

function rangeWords(spread: number): string | undefined {
  if (Math.abs(spread - 1) < WORTH_A_WORD) return undefined;
  return spread > 1
    ? `Your times vary ${spread} times as much as usual, so ranges are wider.`
    : `Your times vary less than usual, so ranges are narrower (${spread} times).`;
}
