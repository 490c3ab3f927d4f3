import { partsOfStepId, taskOfStep } from '@/core/basics/ids';
import { FIXTURE_KINDS, isFixtureKind } from '@/core/catalogue/fixture-kinds';
import { type ProductName, productInText, productName } from '@/core/catalogue/products';
import { MACHINE_KINDS } from '@/core/catalogue/work-kinds';
import type { Call } from '@/core/clean/call';
import type { ToldEvent } from '@/core/clean/events';
import type { Leaving } from '@/core/clean/leaving';
import { NOTHING_LEAVING } from '@/core/clean/piles';
import { helperHears, packOfHelper } from '@/core/day/helper';
import { type DayPack, packFor } from '@/core/day/pack';
import type { HomeFacts } from '@/core/home/facts';
import { roomsOf } from '@/core/home/room';
import type { Plan } from '@/core/plan/plan';
import { breaksOf } from '@/core/problem/blocks';
import type { Campaign, Current } from '@/core/problem/campaign';
import { dosesOf } from '@/core/products/product-choice';
import { cautionsAt, cautionsBeside } from '@/core/safety/step-cautions';
import { isAtPlace } from '@/core/work/place-of-job';
import { cannotDo } from '@/core/work/step-tags';
import type { CleanTask } from '@/core/work/tasks';
import type { Pour } from '../supplies/pour';
import { markOf } from '../walk/marks';
import { pieceOfWork, workSentence } from '../words/piece-of-work';
import { type RoomInLittle, roomInLittle } from './here';
import { movesAtStep } from './move-words';
import { doseWords, fillingsOn, type Mixing, poursIn, type Stretch, waterWords } from './water-words';

/** The day as plain data that a phone can keep: it carries the day by it, whether the server answers or not. */

/** What a person has to know of a step to find and do it. */
export type StepWords = {
  /** The job and the manner in one sentence. */
  readonly title: string;
  readonly job: string;
  readonly manner: string;
  readonly where: string;
  readonly room: string;
  /** The sort of thing it is done to, such as `Window`. */
  readonly thing?: string;
  /** The mark of its kind. */
  readonly mark?: string;
  readonly how: string;
  /** How one knows that all of the task is done; only its last step has it. */
  readonly doneWhen?: string;
  /** What to beware of at this step, each said once a day. */
  readonly cautions: readonly string[];
  readonly kit: readonly string[];
  /** What to mix before it, and when to change the water; only the first step of a task has it. */
  readonly waters: readonly string[];
  /** The same as it is drawn. */
  readonly pours: readonly Pour[];
  /** The stop at which it is done; absent for what is all round. */
  readonly stop?: string;
  /** What gets another place in the house, from here or to here; only the first step of a task has it. */
  readonly moves: readonly string[];
};

export type DayPerson = {
  readonly id: string;
  readonly name: string;
  /** Hazards that are kept from them. */
  readonly cannot: readonly string[];
  /** Work without a rest is no longer than this, and a rest no shorter, in minutes. */
  readonly breakAfter: number;
  readonly breakLength: number;
};

/** A room of today: how much of it was clear this morning is told by what is done. */
export type RoomToday = {
  readonly id: string;
  readonly name: string;
  /** Tasks of the whole clean in this room: planned, and done when the file was made. */
  readonly tasks: number;
  readonly clear: number;
};

export type DayFile = {
  /** Another one each time it is made, so that one from the phone's own cupboard can be told from a fresh one. */
  readonly made: string;
  /** Names the cupboard on the phone in which what is not sent yet is kept. */
  readonly keeper: string;
  readonly date: string;
  readonly today: string;
  /** Wall clock of the home when it was made, `YYYY-MM-DDTHH:mm:ss`. */
  readonly now: string;
  readonly person: string | undefined;
  readonly helper: boolean;
  readonly pack: DayPack;
  readonly words: Readonly<Record<string, StepWords>>;
  readonly people: readonly DayPerson[];
  readonly rooms: readonly { readonly id: string; readonly name: string }[];
  /** The rooms of today in little, by id. */
  readonly little: Readonly<Record<string, RoomInLittle>>;
  readonly products: readonly { readonly id: ProductName; readonly name: string }[];
  readonly machines: readonly { readonly id: string; readonly name: string }[];
  readonly todaysRooms: readonly RoomToday[];
  readonly sessions: readonly { readonly person: string; readonly start: string; readonly end: string }[];
  /** Piles of the household's own, and where things can be taken. */
  readonly leaving: Pick<Leaving, 'piles' | 'places'>;
  /** Licensed trades that come on this day. */
  readonly calls: readonly Call[];
  /** The nearest later date on which something is planned. */
  readonly nextDate: string | undefined;
  readonly forecast: {
    readonly hoursLeft: number;
    readonly ends: string | undefined;
    readonly finish: string;
    readonly reward: string;
    /** Jobs that have no place in the plan. */
    readonly out: number;
  };
  /** What happened before the date and lasts, and what happened on it. */
  readonly earlier: readonly ToldEvent[];
  readonly events: readonly ToldEvent[];
  readonly seq: number;
  /** Of the household it was made from: another one there means another plan, or another house. */
  readonly revision: number;
};

export type FileFor = {
  readonly made: string;
  readonly keeper: string;
  readonly second: string;
  readonly date: string;
  readonly person: string | undefined;
  readonly helper: boolean;
  readonly earlier: readonly ToldEvent[];
  readonly events: readonly ToldEvent[];
  readonly seq: number;
  readonly revision: number;
};

/** A date of a clean for one person, or for everybody; a helper's shows nothing of the others. */
export function dayFile(state: Current, campaign: Campaign, wanted: FileFor): DayFile {
  const { date, person, helper } = wanted;
  const plan = campaign.plans?.latest.plan;
  if (!plan) throw new Error('A day needs a plan.');
  const { household } = state;
  const whole = packFor(campaign.problem, plan, date, household.parts);
  const isHelper = helper && person !== undefined;
  const pack = isHelper ? packOfHelper(whole, person, wanted.events) : whole;
  const tasks = new Map(state.tasks.map((task) => [task.id, task]));
  const ofPerson = (one: string) => person === undefined || one === person;
  const people = household.people.filter(({ id }) => !helper || id === person);
  const shown = new Set(pack.tasks.map((task) => task.room));
  return {
    made: wanted.made,
    keeper: wanted.keeper,
    date,
    today: state.today,
    now: wanted.second,
    person,
    helper,
    pack,
    words: wordsFor(pack, tasks, household, plan.sessions),
    little: Object.fromEntries(
      roomsOf(household.home)
        .filter(({ id }) => shown.has(id))
        .map((room) => [room.id, roomInLittle(room, household.home.wayRound)]),
    ),
    people: people.map((member) => ({
      id: member.id,
      name: member.name,
      cannot: cannotDo(member),
      ...breaksOf(member, campaign.clean.block),
    })),
    rooms: roomsOf(household.home)
      .filter(({ id }) => !helper || shown.has(id))
      .map(({ id, name }) => ({ id, name })),
    products: productsIn(pack, tasks),
    machines: helper ? [] : household.machines.map(({ id, kind }) => ({ id, name: MACHINE_KINDS[kind] })),
    todaysRooms: roomsToday(campaign, pack, state),
    sessions: plan.sessions
      .filter((session) => session.date === date && ofPerson(session.person))
      .map(({ person: who, start, end }) => ({ person: who, start, end })),
    leaving: helper ? NOTHING_LEAVING : household.leaving,
    calls: helper ? [] : household.calls.filter((call) => call.date === date),
    nextDate: plan.sessions
      .filter((session) => session.date > date && ofPerson(session.person))
      .map((session) => session.date)
      .sort()[0],
    forecast: forecastOf(campaign, plan),
    earlier: helper ? [] : wanted.earlier,
    events: isHelper ? wanted.events.filter((event) => helperHears(event, person, pack)) : wanted.events,
    seq: wanted.seq,
    revision: wanted.revision,
  };
}

function forecastOf({ problem, clean }: Campaign, plan: Plan): DayFile['forecast'] {
  const done = new Set((problem.done ?? []).map((entry) => entry.step));
  const minutes = problem.tasks
    .flatMap((task) => task.steps)
    .filter((step) => step.mode === 'hands' && !done.has(step.id))
    .reduce((sum, step) => sum + step.minutes * (step.mode === 'hands' ? (step.crew ?? 1) : 1), 0);
  return {
    hoursLeft: minutes / 60,
    ends: plan.metrics.finish?.slice(0, 10),
    finish: clean.finish,
    reward: clean.reward,
    out: plan.unplaced.length,
  };
}

function roomsToday({ problem }: Campaign, pack: DayPack, { household }: Current): RoomToday[] {
  const done = new Set((problem.done ?? []).map((entry) => entry.step));
  const steps = new Set([
    ...pack.entries.map((entry) => entry.step),
    ...pack.done.filter(({ end }) => end.slice(0, 10) === pack.date).map(({ step }) => step),
  ]);
  const today = new Set(
    pack.tasks.filter((task) => task.steps.some((step) => steps.has(step.id))).map((task) => task.room),
  );
  return roomsOf(household.home)
    .filter(({ id }) => today.has(id))
    .map(({ id, name }) => {
      const tasks = problem.tasks.filter((task) => task.room === id);
      const clear = tasks.filter((task) =>
        task.steps.every((step) => step.mode === 'wait' || done.has(step.id)),
      );
      return { id, name, tasks: tasks.length, clear: clear.length };
    });
}

function wordsFor(
  pack: DayPack,
  tasks: ReadonlyMap<string, CleanTask>,
  { home, supplies, leaving, units }: Current['household'],
  sessions: Plan['sessions'],
): Record<string, StepWords> {
  const cautions = cautionsOf(pack, tasks, home.facts);
  const mixing: Mixing = { vessels: supplies, units };
  const filled = fillingsOn(stretchesOf(pack, tasks, sessions), supplies);
  const words: Record<string, StepWords> = {};
  for (const { id } of pack.tasks.flatMap((task) => task.steps)) {
    const task = tasks.get(partsOfStepId(id)?.taskId ?? '');
    if (!task) continue;
    const fillings = isFirstStep(id, task) ? (filled.get(task.id) ?? []) : [];
    const waters = waterWords(fillings, mixing);
    const piece = pieceOfWork(task, partsOfStepId(id)?.key);
    words[id] = {
      title: workSentence(piece),
      ...piece,
      where: whereOf(task, id),
      room: task.room.id,
      ...(isFixtureKind(task.fixture.kind) && { thing: FIXTURE_KINDS[task.fixture.kind].name }),
      ...(markOf(task.fixture.kind) && { mark: markOf(task.fixture.kind) }),
      how: task.method.how,
      ...(isLastStep(id, task) && { doneWhen: task.method.doneWhen }),
      cautions: cautions.get(id) ?? [],
      kit: kitOf(task, mixing, waters),
      waters,
      pours: poursIn(fillings, mixing),
      ...(!task.stop.shell && { stop: task.stop.id }),
      moves: movesAtStep(task, id, { home, leaving }),
    };
  }
  return words;
}

/** The tasks that are begun in each session of the date, in that order. */
function stretchesOf(
  pack: DayPack,
  tasks: ReadonlyMap<string, CleanTask>,
  sessions: Plan['sessions'],
): Stretch[] {
  const begun = pack.entries
    .filter(({ step }) => isFirstStep(step, tasks.get(taskOfStep(step))))
    .toSorted((a, b) => a.start.localeCompare(b.start));
  return sessions
    .filter(({ date }) => date === pack.date)
    .map(({ person, start, end }) => ({
      tasks: begun
        .filter((entry) => entry.people[0] === person && entry.start >= start && entry.start < end)
        .map(({ step }) => tasks.get(taskOfStep(step)) as CleanTask),
    }));
}

function isFirstStep(id: string, task: CleanTask | undefined): boolean {
  return partsOfStepId(id)?.key === task?.method.steps.find(({ mode }) => mode === 'hands')?.key;
}

function isLastStep(id: string, { method }: CleanTask): boolean {
  return partsOfStepId(id)?.key === method.steps.at(-1)?.key;
}

function productsIn(pack: DayPack, tasks: ReadonlyMap<string, CleanTask>): DayFile['products'] {
  const found = pack.tasks.flatMap((task) => {
    const products = tasks.get(task.id)?.products;
    return products ? [...products.doses, ...(products.disinfectant ? [products.disinfectant] : [])] : [];
  });
  return [...new Set(found.map((dose) => dose.product))].map((id) => ({ id, name: productName(id) }));
}

/**
 * What to beware of, by step: each caution at the first step of the day where it matters, whatever its order later on.
 * Steps that are done keep theirs, so that nothing moves to another step with a tick.
 */
function cautionsOf(
  pack: DayPack,
  tasks: ReadonlyMap<string, CleanTask>,
  facts: HomeFacts,
): Map<string, string[]> {
  const said = new Set<string>();
  const before: CleanTask[] = [];
  const found = new Map<string, string[]>();
  for (const { step: id } of pack.entries.toSorted((a, b) => a.start.localeCompare(b.start))) {
    const task = tasks.get(partsOfStepId(id)?.taskId ?? '');
    const step = task?.method.steps.find((known) => known.key === partsOfStepId(id)?.key);
    if (!task || step?.mode !== 'hands') continue;
    const all = [...cautionsAt(task, step, facts), ...cautionsBeside(task, before)];
    before.push(task);
    const fresh = all.filter(({ id }) => !said.has(id));
    for (const { id } of fresh) said.add(id);
    found.set(
      id,
      fresh.map(({ says }) => says),
    );
  }
  return found;
}

/** The room and the stop in it; once, where both have one name. How many there are, unless a step is about one of them. */
export function whereOf(
  { room, stop, fixture, part }: Pick<CleanTask, 'room' | 'stop' | 'fixture' | 'part'>,
  stepId?: string,
): string {
  if (stop.shell) return room.name;
  const isAtOne = part !== undefined || isAtPlace(partsOfStepId(stepId ?? '')?.key ?? '');
  const many = fixture.count > 1 && !isAtOne ? `, ${fixture.count} of them` : '';
  const isOneName = stop.name.toLowerCase() === room.name.toLowerCase();
  return `${room.name}${isOneName ? '' : `, ${stop.name.toLowerCase()}`}${many}`;
}

/** Tools, and the products that are safe there; what is mixed first is said with the water, and not again. */
function kitOf({ method, products }: CleanTask, mixing: Mixing, waters: readonly string[]): string[] {
  const isSaid = (words: string) => waters.some((water) => water.includes(words));
  const doses = dosesOf(products).filter(({ product }) => !isSaid(` of ${productInText(product)} in `));
  return [...method.tools, ...doses.map((dose) => doseWords(dose, mixing))];
}
