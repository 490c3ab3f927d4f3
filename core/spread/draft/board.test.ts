import { fc, test } from '@fast-check/vitest';
import { describe, expect, it } from 'vitest';
import { dayOfMinute, type Minute, midnightOf, minuteOf } from '../../basics/local-time';
import { randomFrom } from '../../basics/random';
import { type Placed, SESSION_GAP } from '../cost/metrics';
import { MEANWHILE } from '../examples/meanwhile';
import { exampleProblem, FEATURES, type Feature } from '../examples/problems';
import { type Model, modelOf, type Person, type Step } from '../model/model';
import { Board, NEVER } from './board';

/** What lies there already is drawn by this test; what goes on meanwhile has examples of its own. */
const LEFT_ASIDE: ReadonlySet<Feature> = new Set(['fixed', 'done', ...MEANWHILE]);

/** A board on which some steps lie at random, whether or not they break a rule there. */
function boardWith(seed: number): { model: Model; board: Board; entries: Placed[] } {
  const model = modelOf({
    ...exampleProblem(
      seed,
      FEATURES.filter((feature) => !LEFT_ASIDE.has(feature)),
      12,
    ),
    fixed: [],
    done: [],
  });
  const board = new Board(model);
  const random = randomFrom(seed + 1);
  const entries: Placed[] = [];
  for (const step of model.steps.values()) {
    if (random() < 0.5) continue;
    const start = model.start + 400 + Math.floor(random() * (model.end - model.start - 900));
    const people = step.mode === 'hands' ? model.people.slice(0, step.crew) : [];
    const entry = { step, people, start, end: start + step.minutes };
    board.put(entry);
    entries.push(entry);
  }
  return { model, board, entries };
}

const shares = (a: { start: Minute; end: Minute }, b: { start: Minute; end: Minute }) =>
  a.start < b.end && b.start < a.end;
const isHands = (entry: Placed) => entry.step.mode === 'hands';
const length = (list: readonly Placed[]) => list.reduce((sum, entry) => sum + entry.end - entry.start, 0);

/** The rules once more, minute by minute and without any cleverness: may this person do this step just then? */
function isAllowed(
  model: Model,
  entries: readonly Placed[],
  step: Step,
  person: Person,
  start: Minute,
): boolean {
  const span = { start, end: start + step.minutes };
  const day = dayOfMinute(start);
  const own = entries.filter((entry) => isHands(entry) && entry.people.includes(person));
  const inRoom = entries.filter((entry) => entry.step.task.room === step.task.room);
  const light = model.daylight(day);
  return (
    (model.now === undefined || start >= model.now) &&
    start >= model.start &&
    span.end <= model.end &&
    span.end < midnightOf(day + 1) &&
    !model.isReserve(day) &&
    person.windows.some((window) => window.start <= start && span.end <= window.end) &&
    !own.some((entry) => shares(entry, span)) &&
    length(own.filter((entry) => dayOfMinute(entry.start) === day)) + step.minutes <= person.dailyCap &&
    step.minutes <= person.breakAfter &&
    runAround(own, span, person.breakLength, () => true).minutes <= person.breakAfter &&
    sessionAround(own, span, day) <= model.policy.sessionCap &&
    !inRoom.some(
      (entry) =>
        entry.step.closesRoom && shares({ start: entry.start, end: entry.start + entry.step.minutes }, span),
    ) &&
    isUncrowded(inRoom.filter(isHands), span, step.task.room.maxPeople) &&
    !entries.some(
      (entry) => step.machine && entry.step.machine === step.machine && shares(busy(entry), span),
    ) &&
    (step.machine?.windows?.some((window) => window.start <= start && span.end <= window.end) ?? true) &&
    (!step.task.dry || model.isDry(day)) &&
    (!step.task.daylight || (start >= light.start && span.end <= light.end))
  );
}

const busy = (entry: Placed) => ({
  start: entry.start,
  end: entry.start + (isHands(entry) ? entry.end - entry.start : entry.step.minutes),
});

function isUncrowded(work: readonly Placed[], span: { start: Minute; end: Minute }, most: number): boolean {
  for (let minute = span.start; minute < span.end; minute++) {
    const inside = work
      .filter((entry) => entry.start <= minute && minute < entry.end)
      .reduce((sum, entry) => sum + entry.people.length, 0);
    if (inside + 1 > most) return false;
  }
  return true;
}

/** Work that hangs together with the span by gaps shorter than `gap`, the span included. */
function runAround(
  own: readonly Placed[],
  span: { start: Minute; end: Minute },
  gap: number,
  counts: (entry: Placed) => boolean,
) {
  const run = { start: span.start, end: span.end, minutes: span.end - span.start };
  const left = own.filter(counts);
  for (let grown = true; grown; ) {
    grown = false;
    for (const entry of left) {
      if (entry.start >= run.end ? entry.start - run.end >= gap : run.start - entry.end >= gap) continue;
      left.splice(left.indexOf(entry), 1);
      Object.assign(run, {
        start: Math.min(run.start, entry.start),
        end: Math.max(run.end, entry.end),
        minutes: run.minutes + entry.end - entry.start,
      });
      grown = true;
      break;
    }
  }
  return run;
}

function sessionAround(own: readonly Placed[], span: { start: Minute; end: Minute }, day: number): number {
  const run = runAround(own, span, SESSION_GAP, (entry) => dayOfMinute(entry.start) === day);
  return run.end - run.start;
}

/** Entries of one person that overlap each other are given, not made; the simple model says nothing of them. */
const overlapsItself = (entries: readonly Placed[], person: Person) => {
  const own = entries.filter((entry) => isHands(entry) && entry.people.includes(person));
  return own.some((a, i) => own.some((b, j) => i < j && shares(a, b)));
};

describe('Board.handsStart', () => {
  test.prop([fc.integer({ min: 0, max: 1_000_000 })], { numRuns: 60, seed: 20270301 })(
    'finds the very first minute that the rules allow',
    (seed) => {
      const { model, board, entries } = boardWith(seed);
      const steps = [...model.steps.values()].filter((step) => step.mode === 'hands' && step.crew === 1);
      for (const step of steps.slice(0, 4)) {
        for (const person of model.people.filter((someone) => !overlapsItself(entries, someone))) {
          const others = entries.filter((entry) => entry.step !== step);
          for (const entry of board.entriesOf(step)) board.take(entry);
          const found = board.handsStart(step, [person], step.minutes, model.start, undefined);
          let first = model.start;
          while (first < model.end && !isAllowed(model, others, step, person, first)) first++;
          expect(found === NEVER ? model.end : found, `${step.id} by ${person.id}`).toBe(first);
          for (const entry of entries)
            if (entry.step === step && !board.entriesOf(step).includes(entry)) board.put(entry);
        }
      }
    },
  );
});

describe('Board', () => {
  const { model, board, entries } = boardWith(12);

  it('forgets what is taken off it', () => {
    const before = board.entries().length;
    const [entry] = entries as [Placed];
    board.take(entry);
    expect(board.startOf(entry.step)).toBeUndefined();
    board.put(entry);
    expect(board.entries()).toHaveLength(before);
    expect(board.startOf(entry.step)).toBe(entry.start);
  });

  it('starts no wait of the dry kind before rain is over', () => {
    const wet = modelOf({
      ...exampleProblem(1, [], 1),
      start: '2027-03-01',
      finish: '2027-03-05',
      rooms: [{ id: 'yard' }],
      tasks: [
        {
          id: 'rug',
          title: '',
          room: 'yard',
          kind: '',
          layer: 0,
          priority: 'could',
          hardness: 1,
          needs: ['dry'],
          steps: [{ id: 'air', mode: 'wait', minutes: 120 }],
        },
      ],
      days: ['2027-03-01', '2027-03-02'].map((date) => ({
        date,
        dry: false,
        daylight: { from: '08:00', to: '18:00' },
      })),
    });
    const open = new Board(wet);
    expect(open.waitStart(wet.steps.get('air')!, minuteOf('2027-03-01T10:00'), undefined)).toBe(
      minuteOf('2027-03-03T00:00'),
    );
    expect(open.waitStart(wet.steps.get('air')!, minuteOf('2027-03-01T10:00'), 'dry')).toBe(
      minuteOf('2027-03-01T10:00'),
    );
  });

  it('knows who may do a step at all', () => {
    for (const step of model.steps.values()) {
      for (const person of board.eligibleFor(step)) {
        expect(step.tags.some((tag) => person.cannot.has(tag))).toBe(false);
        if (step.task.person) expect(person).toBe(step.task.person);
      }
    }
  });
});
