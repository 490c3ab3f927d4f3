import { groupBy } from '../basics/group-by';
import { clashesBetween, FIXTURE_CLASHES, PRODUCT_CLASHES, SURFACE_CLASHES } from '../catalogue/clashes';
import { productInText, productName } from '../catalogue/products';
import { TAGS, type Tag } from '../catalogue/tags';
import type { Household } from '../household/household';
import type { Member } from '../people/member';
import { productsOf, type Swap } from '../products/product-choice';
import { apartIn } from '../work/apart';
import { cannotDo, mayDo, tagsOf } from '../work/step-tags';
import type { CleanTask } from '../work/task';
import { holdOf, usesOf } from '../work/uses';
import { cautionsAt } from './step-cautions';

/** How what must not happen was kept out of the plan. */
export type Remedy = 'another-product' | 'another-day' | 'another-person' | 'somebody-home' | 'none';

/**
 * Something that the safety of this clean rests on. What is forbidden is designed out and says how; the rest are
 * cautions, said again at the step where they matter.
 */
export type Finding = {
  readonly id: string;
  readonly forbidden: boolean;
  readonly remedy: Remedy | undefined;
  readonly what: string;
  readonly where: string;
  readonly why: string;
  readonly instead: string;
  /** The tasks that it is about, by id. */
  readonly tasks: readonly string[];
};

type Subject = Pick<Household, 'home' | 'people' | 'machines' | 'ticks'>;

/** All that was found in the tasks of a clean: the forbidden first, then what is to beware of, each once. */
export function safetyFindings(tasks: readonly CleanTask[], household: Subject): Finding[] {
  return [
    ...swaps(tasks),
    ...keptApart(tasks),
    ...waiting(tasks, household.ticks),
    ...people(tasks, household.people),
    ...emptyHouse(tasks, household),
    ...besideEachOther(tasks),
    ...cautions(tasks, household),
  ];
}

const CLASHES = new Map(
  [...PRODUCT_CLASHES, ...SURFACE_CLASHES, ...FIXTURE_CLASHES].map((clash) => [clash.id, clash]),
);

function placeOf({ room, stop }: CleanTask): string {
  return stop.shell ? room.name : `${room.name}, ${stop.name}`;
}

/** Products that were exchanged, one finding for each pair of clash and room. */
function swaps(tasks: readonly CleanTask[]): Finding[] {
  return tasks.flatMap((task) => {
    const { swap, doses } = task.products;
    const clash = swap && 'clash' in swap ? CLASHES.get(swap.clash) : undefined;
    if (!swap || !('clash' in swap) || !clash) return [];
    const used = doses.map((dose) => productInText(dose.product)).join(' and ') || 'water and a cloth';
    return [
      {
        id: `swap:${task.id}`,
        forbidden: true,
        remedy: 'another-product' as const,
        what: `${productName(swap.product)} ${SWAP_WORDS[swap.why](task)}`,
        where: placeOf(task),
        why: clash.why,
        instead: `Planned with ${used}.`,
        tasks: [task.id],
      },
    ];
  });
}

const SWAP_WORDS: Record<Exclude<Swap['why'], 'none' | 'told'>, (task: CleanTask) => string> = {
  surface: ({ fixture, method }) => `for “${method.title}”, on ${fixture.surface ?? 'this surface'}`,
  near: ({ method }) => `for “${method.title}”, beside what else is used in this room`,
};

function keptApart(tasks: readonly CleanTask[]): Finding[] {
  return apartIn(tasks).map(({ first, second, clash }) => ({
    id: `apart:${first.id}:${second.id}`,
    forbidden: true,
    remedy: 'another-day',
    what: `“${first.method.title}” and “${second.method.title}” on one day`,
    where: first.room.name,
    why: clash.why,
    instead: 'Planned a whole day apart; rinse well with water after the first.',
    tasks: [first.id, second.id],
  }));
}

/** What waits until what was used in its room is a day old. */
function waiting(tasks: readonly CleanTask[], ticks: Subject['ticks']): Finding[] {
  const uses = usesOf(ticks);
  return tasks.flatMap((task) => {
    const held = holdOf(uses, task);
    if (!held) return [];
    return [
      {
        id: `waits:${task.id}`,
        forbidden: true,
        remedy: 'another-day' as const,
        what: `“${task.method.title}” after ${productsOf(held.use)
          .map((product) => productInText(product))
          .join(' and ')} was used`,
        where: task.room.name,
        why: held.clash.why,
        instead: `Planned no earlier than a whole day after; rinse well with water before.`,
        tasks: [task.id],
      },
    ];
  });
}

/** What a person is kept from, by hazard; and what nobody in the house may do. */
function people(tasks: readonly CleanTask[], members: readonly Member[]): Finding[] {
  const kept = members.flatMap((member) => {
    const never = cannotDo(member);
    const barred = tasks.filter((task) => !mayDo(member, task));
    if (barred.length === 0) return [];
    const hazards = [
      ...new Set(barred.flatMap((task) => hazardsOf(task).filter((tag) => never.includes(tag)))),
    ];
    return [
      {
        id: `person:${member.id}`,
        forbidden: true,
        remedy: 'another-person' as const,
        what: `${member.name}: ${hazards.map(tagWords).join(', ')}`,
        where: 'The whole house',
        why: 'People and hazards that do not go together are never planned together.',
        instead: `${barred.length} ${barred.length === 1 ? 'job goes' : 'jobs go'} to somebody else.`,
        tasks: barred.map((task) => task.id),
      },
    ];
  });
  const orphans =
    members.length === 0 ? [] : tasks.filter((task) => !members.some((member) => mayDo(member, task)));
  return orphans.length === 0 ? kept : [nobody(orphans), ...kept];
}

function nobody(orphans: readonly CleanTask[]): Finding {
  return {
    id: 'nobody',
    forbidden: true,
    remedy: 'none',
    what: `Nobody in the house may do ${orphans.length === 1 ? 'one job' : `${orphans.length} jobs`}`,
    where: [...new Set(orphans.map((task) => task.room.name))].join(', '),
    why: 'Each of them has a hazard that everybody is kept from.',
    instead: 'A helper, a milder school of products, or leave it out. It stays unplanned until then.',
    tasks: orphans.map((task) => task.id),
  };
}

function hazardsOf(task: CleanTask): string[] {
  return task.method.steps.flatMap((step) => (step.mode === 'hands' ? tagsOf(task, step) : []));
}

function tagWords(tag: string): string {
  const years = /^from-(\d+)$/.exec(tag)?.[1];
  return years ? `work from ${years} years on` : (TAGS[tag as Tag] ?? tag);
}

/** An oven that cleans itself for hours runs only while somebody is at home. */
function emptyHouse(tasks: readonly CleanTask[], { machines }: Subject): Finding[] {
  const ovens = tasks.filter((task) =>
    task.estimate.steps.some(({ step }) => step.mode === 'wait' && step.machine === 'oven'),
  );
  if (ovens.length === 0) return [];
  const known = machines.find((machine) => machine.kind === 'oven');
  return [
    {
      id: 'empty-house',
      forbidden: true,
      remedy: 'somebody-home',
      what: 'An oven that cleans itself in an empty house',
      where: ovens.map(placeOf).join('; '),
      why: 'It gets hotter than any cooking, and gives off fumes that are bad for people and deadly for birds.',
      instead:
        known?.from !== undefined
          ? `Planned between ${known.from} and ${known.to}, when somebody is at home.`
          : 'Planned while somebody works in the house.',
      tasks: ovens.map((task) => task.id),
    },
  ];
}

/** Products of one room that may be used on one day, but not one on top of the other. */
function besideEachOther(tasks: readonly CleanTask[]): Finding[] {
  const found = new Map<string, Finding>();
  const rooms = groupBy(
    tasks.filter((task) => productsOf(task.products).length > 0),
    (task) => task.room.id,
  );
  for (const room of rooms.values())
    room.forEach((a, i) => {
      for (const b of room.slice(i + 1))
        for (const clash of productsOf(a.products).flatMap((one) =>
          productsOf(b.products).flatMap((other) => clashesBetween(one, other, 'room')),
        )) {
          if (clash.forbidden) continue;
          const id = `beside:${clash.id}:${a.room.id}`;
          const known = found.get(id);
          found.set(id, {
            id,
            forbidden: false,
            remedy: undefined,
            what: 'Two products in one room',
            where: a.room.name,
            why: clash.why,
            instead: clash.instead,
            tasks: [...new Set([...(known?.tasks ?? []), a.id, b.id])],
          });
        }
    });
  return [...found.values()];
}

/** What to beware of at single steps, gathered: one line for each caution, with all the tasks that it concerns. */
function cautions(tasks: readonly CleanTask[], { home }: Subject): Finding[] {
  const found = new Map<string, Finding>();
  for (const task of tasks)
    for (const step of task.method.steps) {
      if (step.mode !== 'hands') continue;
      for (const { id, why, says } of cautionsAt(task, step, home.facts)) {
        const known = found.get(id);
        const concerned = [...new Set([...(known?.tasks ?? []), task.id])];
        found.set(id, {
          id: `caution:${id}`,
          forbidden: false,
          remedy: undefined,
          what: known ? known.what : cautionTitle(id, task),
          where: roomsWords([...(known?.where.split(', ') ?? []), task.room.name]),
          why,
          instead: why === says ? LABEL_FIRST : says.replace(`${why} `, ''),
          tasks: concerned,
        });
      }
    }
  return [...found.values()];
}

const LABEL_FIRST = 'The label and the maker come first.';

function roomsWords(rooms: readonly string[]): string {
  return [...new Set(rooms)].join(', ');
}

function cautionTitle(id: string, task: CleanTask): string {
  const [kind = '', name = ''] = id.split(':');
  if (kind === 'tag') return capital(tagWords(name));
  return kind === 'method' ? task.method.title : kind === 'home' ? 'Because of the house' : 'Products';
}

function capital(words: string): string {
  return words.slice(0, 1).toUpperCase() + words.slice(1);
}
