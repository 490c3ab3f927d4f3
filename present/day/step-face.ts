import { isSecondGo } from '@/core/basics/ids';
import { minuteOf } from '@/core/basics/local-time';
import type { DayItem } from '@/core/day/day-item';
import type { DayView } from '@/core/day/day-view';
import type { Run } from '@/core/day/run';
import { formatSecond, type Second } from '@/core/day/seconds';
import { clock, duration } from '../words/words';
import type { DayFile, DayPerson, StepWords } from './day-file';

/** A step with the words for it, as the screen shows it. */
export type StepFace = StepWords & {
  readonly id: string;
  readonly item: DayItem;
  /** Nobody is named where one person does it all. */
  readonly who: string;
};

const NO_WORDS: StepWords = {
  title: 'A step that has changed meanwhile',
  job: 'A step that has changed meanwhile',
  manner: '',
  where: '',
  room: '',
  how: '',
  cautions: [],
  kit: [],
  waters: [],
  pours: [],
  moves: [],
};

export type Faces = (item: DayItem) => StepFace;

/** The faces of a day's steps: the same one for as long as nothing at it is another. */
export function facesOf(file: DayFile): Faces {
  const known = new Map<string, StepFace>();
  return (item) => {
    const key = [item.step.id, item.start, item.end, ...item.people].join(' ');
    const face = known.get(key) ?? faceOf(item, file);
    known.set(key, face);
    return face;
  };
}

function faceOf(item: DayItem, { words, people }: DayFile): StepFace {
  const names = item.people.map((id) => people.find((person) => person.id === id)?.name ?? 'Somebody');
  return {
    // A day that a phone has kept since before may lack some of them.
    ...NO_WORDS,
    ...words[item.step.id],
    id: item.step.id,
    item,
    who: people.length > 1 ? names.join(' and ') : '',
  };
}

export function nameOf(person: string | undefined, { people }: DayFile): string {
  return people.find(({ id }) => id === person)?.name ?? 'Somebody';
}

/** Steps of the same task that come after one, which can't stay done without it. */
export function stepsAfter(item: DayItem): string[] {
  const ids = item.task.steps.map(({ id }) => id);
  return ids.slice(ids.indexOf(item.step.id) + 1);
}

/** Whether a job is at its end, did not come clean, and can be planned once more. */
export function mayGoAgain(item: DayItem, { cameOut, secondGoes }: Run): boolean {
  const { id } = item.step;
  const isDirty = cameOut.has(id) && cameOut.get(id) !== 'clean';
  return isDirty && stepsAfter(item).length === 0 && !secondGoes.has(id) && !isSecondGo(item.task.id);
}

/** Whether all that was planned for the day is behind. */
export function isOver(view: DayView): boolean {
  return isDoneWith(view) && view.done.length > 0;
}

/** Whether nothing is left to do on the day, whether something was done or not. */
export function isDoneWith(view: DayView): boolean {
  return view.now === undefined && view.next.length === 0;
}

/** Who is at a step right now, where that is somebody else than who looks. */
export function workNote(step: string, { work }: Run, file: DayFile): string | undefined {
  const found = work.get(step);
  if (found?.since === undefined || found.by === file.person) return undefined;
  return `${nameOf(found.by, file)} is at it`;
}

/** That a step takes longer than what is left of the session of whoever has it; undefined where it fits. */
export function tooLongWords(
  { step, people }: DayItem,
  { sessions }: DayFile,
  now: Second,
): string | undefined {
  const at = formatSecond(now).slice(0, 16);
  const session = sessions.find(
    ({ person, start, end }) => people.includes(person) && start <= at && at < end,
  );
  if (!session) return undefined;
  const left = minuteOf(session.end) - minuteOf(at);
  return step.minutes > left
    ? `Longer than what is left: ${duration(left)} until ${clock(session.end)}. It may be begun, or left for another day.`
    : undefined;
}

/** What of a day is open and done to the same sort of thing, each task by the first of its steps. */
export function alikeTo(step: StepFace, { next }: DayView, face: Faces): StepFace[] {
  const tasks = new Set([step.item.task.id]);
  return next.map(face).filter(({ thing, item }) => {
    if (thing === undefined || thing !== step.thing || tasks.has(item.task.id)) return false;
    tasks.add(item.task.id);
    return true;
  });
}

/** The soak that is just over before a step, with what set it going: what is done again where it did not come clean. */
export function soakBefore({ step, task }: DayItem): { step: string; also: string[] } | undefined {
  const at = task.steps.findIndex(({ id }) => id === step.id);
  const [begun, soak] = [task.steps[at - 2], task.steps[at - 1]];
  return soak?.mode === 'wait' && soak.machine === undefined && begun?.mode === 'hands'
    ? { step: soak.id, also: [begun.id] }
    : undefined;
}

/** Who else may do a step: nobody from whom one of its hazards is kept. */
export function othersFor({ step, people }: DayItem, file: DayFile): DayPerson[] {
  const tags = step.mode === 'hands' ? (step.tags ?? []) : [];
  return file.people.filter(
    ({ id, cannot }) => !people.includes(id) && !tags.some((tag) => cannot.includes(tag)),
  );
}
