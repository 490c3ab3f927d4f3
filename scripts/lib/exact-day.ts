import loadHighs from 'highs';
import { minuteOf } from '../../core/basics/local-time';
import type { Problem, ProblemStep } from '../../core/plan/problem';

/** Whether one day can be done by a certain end: found out, or not within the time that was given. */
export type Proof = 'possible' | 'impossible' | 'unknown';

const SLOT = 5;

type Item = {
  readonly step: ProblemStep;
  readonly room: string;
  readonly id: number;
  readonly slots: number;
  /** Who may do it, by position. */
  readonly people: readonly number[];
};

/**
 * Asks an integer programme over a grid of five minutes whether a day of `exampleDay` can end by `end`. It knows
 * people, machines, rooms, chains, longest waits and hard rules; all times have to be multiples of five minutes.
 */
export async function canEndBy(problem: Problem, end: number, seconds: number): Promise<Proof> {
  const highs = await loadHighs();
  const programme = programmeFor(problem, end);
  if (programme === undefined) return 'impossible';
  const { Status } = highs.solve(programme, { time_limit: seconds, output_flag: false });
  if (Status === 'Infeasible') return 'impossible';
  return Status === 'Optimal' ? 'possible' : 'unknown';
}

function programmeFor(problem: Problem, end: number): string | undefined {
  const midnight = minuteOf(`${problem.start}T00:00`);
  const opens = Math.min(...problem.people.map(({ windows }) => minuteOf(windows[0]?.start ?? '')));
  const horizon = (end - opens) / SLOT;
  const rows: string[] = [];
  const binaries = new Set<string>();
  const items = problem.tasks
    .flatMap((task) => task.steps.map((step) => ({ step, room: task.room })))
    .map(
      ({ step, room }, id): Item => ({
        step,
        room,
        id,
        slots: step.minutes / SLOT,
        people: eligible(problem, step),
      }),
    );
  const byStep = new Map(items.map((item) => [item.step.id, item]));
  const from = (person: number) => (minuteOf(problem.people[person]?.windows[0]?.start ?? '') - opens) / SLOT;
  /** Waits may begin before anybody is there. */
  const first = (item: Item) => (item.step.mode === 'wait' ? Math.max((midnight - opens) / SLOT, -12) : 0);
  const x = (item: Item, t: number) => name(`x${item.id}_${t}`);
  const y = (item: Item, person: number, t: number) => name(`y${item.id}_${person}_${t}`);
  const name = (raw: string) => {
    const known = raw.replace('-', 'm');
    binaries.add(known);
    return known;
  };
  const starts = (item: Item) => range(first(item), horizon - item.slots);
  const upTo = (item: Item, t: number) => starts(item).filter((start) => start <= t);
  const sum = (terms: readonly string[]) => (terms.length > 0 ? terms.join(' + ') : '0 zero');

  for (const item of items) {
    if (starts(item).length === 0) return undefined;
    rows.push(`${sum(starts(item).map((t) => x(item, t)))} = 1`);
    if (item.step.mode !== 'hands') continue;
    const crew = item.step.crew ?? 1;
    for (const t of starts(item)) {
      const who = item.people.filter((person) => t >= from(person)).map((person) => y(item, person, t));
      rows.push(`${sum(who)} - ${crew} ${x(item, t)} = 0`);
    }
  }
  // What follows has begun by t only if what it follows has begun early enough.
  const follows = (before: Item, after: Item, gap: number) => {
    for (const t of starts(after))
      rows.push(
        `${sum(upTo(after, t).map((start) => x(after, start)))} ${upTo(before, t - gap)
          .map((start) => `- ${x(before, start)}`)
          .join(' ')} <= 0`,
      );
  };
  const within = (before: Item, after: Item, most: number) => {
    for (const t of starts(before)) {
      const late = upTo(after, t + most).map((start) => x(after, start));
      rows.push(
        `${sum(upTo(before, t).map((start) => x(before, start)))} ${late.map((term) => `- ${term}`).join(' ')} <= 0`,
      );
    }
  };
  for (const task of problem.tasks)
    task.steps.forEach((step, i) => {
      const before = task.steps[i - 1];
      if (!before) return;
      const [one, other] = [byStep.get(before.id) as Item, byStep.get(step.id) as Item];
      follows(one, other, one.slots);
      if (step.mode === 'wait' && before.mode === 'hands') within(one, other, one.slots);
      if (before.mode === 'wait' && before.atMost !== undefined) within(one, other, before.atMost / SLOT);
    });
  const tasks = new Map(problem.tasks.map((task) => [task.id, task]));
  for (const link of problem.precedence) {
    const before = tasks.get(link.before)?.steps.at(-1)?.id ?? link.before;
    const after = tasks.get(link.after)?.steps[0]?.id ?? link.after;
    const one = byStep.get(before) as Item;
    if (link.hard) follows(one, byStep.get(after) as Item, one.slots);
  }
  const running = (item: Item, t: number) =>
    starts(item).filter((start) => start <= t && t < start + item.slots);
  for (const t of range(-12, horizon - 1)) {
    problem.people.forEach((_, person) => {
      const terms = items
        .filter((item) => item.people.includes(person))
        .flatMap((item) =>
          running(item, t)
            .filter((start) => start >= from(person))
            .map((start) => y(item, person, start)),
        );
      if (terms.length > 1) rows.push(`${sum(terms)} <= 1`);
    });
    for (const { id } of problem.machines) {
      const terms = items
        .filter((item) => item.step.machine === id)
        .flatMap((item) => running(item, t).map((start) => x(item, start)));
      if (terms.length > 1) rows.push(`${sum(terms)} <= 1`);
    }
    for (const room of problem.rooms) {
      const most = room.maxPeople ?? 2;
      const inside = items.filter((item) => item.room === room.id);
      const terms = inside.flatMap((item) => {
        const weight = item.step.mode === 'hands' ? (item.step.crew ?? 1) : item.step.closesRoom ? most : 0;
        return weight === 0 ? [] : running(item, t).map((start) => `${weight} ${x(item, start)}`);
      });
      // Two floors that dry in one room are in nobody's way.
      const hands = inside.filter((item) => item.step.mode === 'hands');
      for (const closing of inside.filter((item) => item.step.mode === 'wait' && item.step.closesRoom)) {
        const own = running(closing, t).map((start) => `${most} ${x(closing, start)}`);
        const others = hands.flatMap((item) =>
          running(item, t).map(
            (start) => `${item.step.mode === 'hands' ? (item.step.crew ?? 1) : 1} ${x(item, start)}`,
          ),
        );
        if (own.length > 0 && others.length > 0) rows.push(`${sum([...own, ...others])} <= ${most}`);
      }
      if (!inside.some((item) => item.step.mode === 'wait' && item.step.closesRoom) && terms.length > 1)
        rows.push(`${sum(terms)} <= ${most}`);
      else if (hands.length > 0) {
        const others = hands.flatMap((item) =>
          running(item, t).map(
            (start) => `${item.step.mode === 'hands' ? (item.step.crew ?? 1) : 1} ${x(item, start)}`,
          ),
        );
        if (others.length > 1) rows.push(`${sum(others)} <= ${most}`);
      }
    }
  }
  return `Minimize\n obj: 0 zero\nSubject To\n${rows.map((row, i) => ` c${i}: ${row}`).join('\n')}\nBounds\n zero = 0\nBinary\n ${[...binaries].join('\n ')}\nEnd\n`;
}

function eligible(problem: Problem, step: ProblemStep): number[] {
  if (step.mode === 'wait') return [];
  return problem.people.flatMap((person, i) =>
    step.tags?.some((tag) => person.cannot.includes(tag)) ? [] : [i],
  );
}

function range(from: number, to: number): number[] {
  return Array.from({ length: Math.max(0, to - from + 1) }, (_, i) => from + i);
}
