import { partsOfStepId } from '../basics/ids';
import { clockMinutes } from '../basics/local-time';
import type { AtHand } from '../catalogue/at-hand';
import type { Catalogue } from '../catalogue/catalogue';
import { catalogueWith } from '../catalogue/household-catalogue';
import { type Clean, USUAL_SWEEP } from '../clean/clean';
import { type LastDone, lastDoneIn, lastDoneKey } from '../clean/last-done';
import { type Learnt, learntOfPerson, NOTHING_LEARNT } from '../clean/learnt';
import type { RecordLine } from '../clean/record-line';
import { PACES } from '../home/room';
import type { StoredHousehold } from '../household/stored';
import { USUAL_MACHINE_KG } from '../laundry/loads';
import type { Member } from '../people/member';
import { areEverTogether } from '../people/together';
import { marksOf } from '../scope/scope';
import { isAtPlace } from './place-of-job';
import type { Work } from './task';
import { usesOf } from './uses';

/** What was done before is known from the record, or was read of it already. */
export type WithRecord = {
  readonly record?: readonly RecordLine[];
  readonly lastDone?: readonly LastDone[];
};

function doneBefore({
  record = [],
  lastDone,
  clean,
}: WithRecord & { readonly clean: Clean | undefined }): readonly LastDone[] {
  return lastDone ?? lastDoneIn(record, clean?.id);
}

/** What is used where nobody has chosen. */
export const USUAL_SCHOOL = 'pantry';

/** What the tasks of a household are made from, over the catalogue that ships. */
export function workOf(
  household: Pick<
    StoredHousehold,
    'home' | 'people' | 'machines' | 'marks' | 'catalogue' | 'clean' | 'ticks' | 'almanac'
  > &
    WithRecord,
  catalogue: Catalogue,
): Work {
  const { home, people, machines, marks, clean } = household;
  return {
    home,
    catalogue: catalogueWith(catalogue, household.catalogue),
    marks: marksOf(marks),
    pace: paceOf(people, household.almanac.learnt),
    learnt: household.almanac.learnt,
    lastDone: new Map(
      doneBefore(household).map(({ fixture, method, date }) => [lastDoneKey(fixture, method), date]),
    ),
    atHand: atHandOf({ home, people, machines }),
    belongings: clean?.belongings ?? 'stop',
    sweep: clean?.sweep ?? USUAL_SWEEP,
    estimates: clean?.estimates ?? 'rates',
    school: clean?.products ?? USUAL_SCHOOL,
    uses: usesOf(household.ticks),
    asOne: new Set(
      household.ticks.flatMap(({ step }) => {
        const known = partsOfStepId(step);
        return known && !isAtPlace(known.key) ? [known.taskId] : [];
      }),
    ),
    finish: clean?.finish,
    lastsOneDay: lastsOneDay(clean),
    roomByRoom: clean?.grouping === 'room' && !lastsOneDay(clean),
    ticked: new Set(household.ticks.map(({ step }) => step)),
  };
}

/** What a household has at hand, by which jobs are done in one way or another. */
export function atHandOf({
  home,
  people,
  machines,
}: Pick<StoredHousehold, 'home' | 'people' | 'machines'>): AtHand {
  return {
    machines: [...new Set(machines.map(({ kind }) => kind))].sort(),
    singleBedding: home.facts.singleBedding,
    singleTowels: home.facts.singleTowels,
    washerKg: washerKgOf(machines),
    alone: !areEverTogether(people.filter(mayLift)),
  };
}

/** What the largest washing machine takes; where there is none, what a usual one would. */
function washerKgOf(machines: StoredHousehold['machines']): number {
  const takes = machines.flatMap(({ kind, kg }) => (kind === 'washer' ? [kg ?? USUAL_MACHINE_KG] : []));
  return takes.length === 0 ? USUAL_MACHINE_KG : Math.max(...takes);
}

/** From this age on somebody holds the other end of what is heavy. */
const LIFTS_FROM = 16;

function mayLift({ age, cannot }: Member): boolean {
  return (age === undefined || age >= LIFTS_FROM) && !cannot.includes('heavy');
}

/** Whether all of a clean is done on one date. */
export function lastsOneDay(clean: Pick<Clean, 'start' | 'finish'> | undefined): boolean {
  return clean !== undefined && clean.start === clean.finish;
}

/** The pace of a household: that of its people, each by the hours that he or she offers in a week. */
export function paceOf(
  people: readonly Pick<Member, 'id' | 'hours' | 'pace'>[],
  learnt: Learnt = NOTHING_LEARNT,
): number {
  let hours = 0;
  let sum = 0;
  for (const person of people) {
    const offered = person.hours.reduce(
      (total, { from, to }) => total + clockMinutes(to) - clockMinutes(from),
      0,
    );
    hours += offered;
    sum += offered * PACES[person.pace] * learntOfPerson(learnt, person.id);
  }
  return hours === 0 ? 1 : Math.round((sum / hours) * 100) / 100;
}
