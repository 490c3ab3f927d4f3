import { createHash } from 'node:crypto';
import { partsOfStepId } from '../../core/basics/ids';
import type { Answer, DayAct, DayBatch, DayEvent, ToldEvent, Verdict } from '../../core/clean/events';
import type { RecordLine } from '../../core/clean/record-line';
import type { PastUse, Use } from '../../core/clean/use';
import { consequenceOf } from '../../core/day/consequence';
import { helperMaySay, isHelpersStep } from '../../core/day/helper';
import { RESTED, runAfter } from '../../core/day/run';
import { isClockWrong, rightTime } from '../../core/day/seconds';
import { lineOf } from '../../core/record/line-of';
import { clashOf } from '../../core/work/apart';
import { mayDo } from '../../core/work/step-tags';
import type { CleanTask } from '../../core/work/task';
import { stepIdOf } from '../../core/work/tasks';
import { isInTheWay, usedAt } from '../../core/work/uses';
import type { HouseholdScope } from '../db/scope';
import { type Kept, keptHousehold } from '../household/kept';
import type { Ledger } from '../household/ledger';
import { perform } from '../household/perform';
import { type Heard, loadAnswers, loadEvent, loadHeard } from '../repositories/day';
import { nextUndo } from '../repositories/edits';
import { dropLines, lineOfStep, putLine } from '../repositories/record';
import { changeIn } from './change';
import { takeBackEntry } from './journal';

/** Who sends: somebody of the household, or a helper, who speaks for one person only. */
export type Sender = { readonly scope: HouseholdScope; readonly helper?: string };

/** The wall clock of a home in that zone, `YYYY-MM-DDTHH:mm:ss`. */
export type Clock = (timezone: string) => string;

export type Carried = {
  readonly answers: readonly Answer[];
  /** What others have to hear of, in its order. */
  readonly told: readonly ToldEvent[];
  /** The number of the wish for a plan that makes room for it. */
  readonly wish: number | undefined;
  /** What was said before is as if it had never been. */
  readonly isBack: boolean;
  /** What was said last of all that can be taken back. */
  readonly said: string | undefined;
  /** The phone's clock was far off; its times were set right. */
  readonly clockWrong: boolean;
};

type Stored = { readonly isBack: boolean; readonly said?: string };

/**
 * Takes what a phone has kept, in its order: all of it or, where the database fails, nothing. What was sent before is
 * answered as it was then, and does nothing again. Tells the others once it is kept.
 */
export async function carryOut({ scope, helper }: Sender, batch: DayBatch, clock: Clock): Promise<Carried> {
  let taken: DayInHand | undefined;
  const { answer, wish } = await perform<Stored>(scope, {
    id: idOf(batch, helper),
    decide: async (ledger) => {
      const now = clock(ledger.kept.household.timezone);
      const events = batch.events.map((event) => ({ ...event, at: rightTime(event.at, batch.sentAt, now) }));
      taken = new DayInHand(ledger, helper, await loadHeard(ledger.scope, events));
      for (const event of events) await taken.take(event);
      return taken.stored(events);
    },
  });
  const { timezone } = taken?.household ?? (await keptHousehold(scope)).household;
  return {
    answers: taken?.answers ?? (await answersTo(scope, batch.events)),
    told: taken?.told ?? [],
    wish,
    isBack: answer.isBack,
    said: answer.said,
    clockWrong: isClockWrong(batch.sentAt, clock(timezone)),
  };
}

/** The same for the same things said by the same: a batch has no name of its own. */
function idOf({ events }: DayBatch, helper: string | undefined): string {
  const said = [helper ?? '', ...events.map(({ id }) => id)].join(' ');
  return `day ${createHash('sha256').update(said).digest('hex')}`;
}

async function answersTo(scope: HouseholdScope, events: readonly DayEvent[]): Promise<Answer[]> {
  const answers = await loadAnswers(scope, events);
  return events.flatMap(({ id }) => answers.get(id) ?? []);
}

class DayInHand {
  readonly answers: Answer[] = [];
  readonly told: ToldEvent[] = [];
  private isBack = false;
  private hasRepeats = false;
  private readonly scope: HouseholdScope;
  private readonly steps: ReadonlyMap<string, CleanTask>;

  constructor(
    private readonly ledger: Ledger,
    private readonly helper: string | undefined,
    /** What was said before of the same steps, and what was said before and is sent again. */
    private readonly heard: Heard,
  ) {
    this.scope = ledger.scope;
    this.steps = stepsOf(ledger.kept);
  }

  async take(sent: DayEvent): Promise<void> {
    const before = this.heard.answers.get(sent.id);
    if (before) {
      this.hasRepeats = true;
      this.answers.push(before);
      return;
    }
    const event = this.signed(sent);
    const verdict = await this.judge(event);
    const answer: Answer = { id: event.id, verdict };
    if (verdict.as === 'kept') await this.apply(event);
    const told = this.ledger.happened(event, answer);
    if (verdict.as === 'kept') {
      this.told.push(told);
      if ('step' in told.act) this.heard.of(told.act.step).push(told);
    }
    this.heard.answers.set(event.id, answer);
    this.answers.push(answer);
  }

  /** What a repeat is answered with: what can be taken back is the last entry of the journal, where it is of these. */
  async stored(events: readonly DayEvent[]): Promise<Stored> {
    const isAsked = this.hasRepeats || this.ledger.isWritten;
    const last = isAsked ? (await nextUndo(this.scope))?.event : undefined;
    const said = events.some(({ id }) => id === last) ? last : undefined;
    return { isBack: this.isBack, ...(said !== undefined && { said }) };
  }

  get household(): Kept['household'] {
    return this.ledger.kept.household;
  }

  /** Said by the helper whose link it is, or by somebody who lives here. */
  private signed({ person, ...event }: DayEvent): DayEvent {
    const by = this.helper ?? this.household.people.find((member) => member.id === person)?.id;
    return by === undefined ? event : { ...event, person: by };
  }

  private async judge(event: DayEvent): Promise<Verdict> {
    const { act, person } = event;
    if (this.helper !== undefined && !(await this.maySay(act, this.helper))) return { as: 'not-yours' };
    if (act.do === 'take-back') return (await this.entryOf(act.said)) ? { as: 'kept' } : { as: 'too-late' };
    if (!('step' in act)) return { as: 'kept' };
    const task = this.steps.get(act.step);
    if (!this.household.clean || !task) return { as: 'gone' };
    const ticked = this.ledger.progress.of(act.step);
    if (ticked && (act.do === 'done' || act.do === 'start'))
      return { as: 'already', by: ticked.person, at: ticked.at };
    if (act.do === 'start') {
      const work = runAfter(RESTED, this.heard.of(act.step)).work.get(act.step);
      if (work?.since !== undefined && work.by !== person) return { as: 'taken', by: work.by };
    }
    if (act.do === 'hand') {
      const to = this.household.people.find((member) => member.id === act.to);
      if (!to || !mayDo(to, task)) return { as: 'not-for' };
    }
    return { as: 'kept' };
  }

  /** The entry of the journal that something said on the day led to, where it can be taken back: only the last of all. */
  private async entryOf(said: string) {
    const entry = await nextUndo(this.scope);
    return entry?.event === said ? entry : undefined;
  }

  private async maySay(act: DayAct, helper: string): Promise<boolean> {
    await this.ledger.toWrite.write();
    const about = 'said' in act ? act.said : 'found' in act ? act.found : undefined;
    const saidBy = about === undefined ? undefined : (await loadEvent(this.scope, about))?.person;
    return helperMaySay(act, { helper, isTheirs: this.isTheirs(act, helper), saidBy });
  }

  private isTheirs(act: DayAct, helper: string): boolean {
    if (!('step' in act)) return false;
    const handedTo = runAfter(RESTED, this.heard.of(act.step)).hands.get(act.step);
    return isHelpersStep(helper, act.step, this.ledger.kept.plans?.latest.plan.entries ?? [], handedTo);
  }

  private async apply(event: DayEvent): Promise<void> {
    const { clean } = this.household;
    const { act } = event;
    if (!clean) return;
    switch (act.do) {
      case 'done':
        return this.tickOff(event, act.step, clean.id);
      case 'undo':
        return this.untick(clean.id, act.step, act.also);
      case 'again':
        await this.untick(clean.id, act.step, act.also);
        return this.ledger.want({ how: 'again' });
      case 'take-back':
        return this.takeBack(act.said);
      case 'took':
        await this.ledger.progress.took(clean.id, act.step, act.minutes * 60);
        return this.putRight(clean.id, act.step, { seconds: act.minutes * 60, said: true });
      case 'came-out':
        return this.putRight(clean.id, act.step, { cameOut: act.how });
      case 'part':
        await this.ledger.progress.came({ step: act.step, share: act.share });
        return this.ledger.want({ how: 'again' });
      default:
        return this.follow(event);
    }
  }

  private async tickOff(event: DayEvent, step: string, cleanId: string): Promise<void> {
    const { at, person } = event;
    const run = runAfter(RESTED, [...this.heard.of(step), event]);
    const seconds = run.took.get(step);
    const used = this.usedIn(step);
    const ticked = {
      step,
      at: at.slice(0, 16),
      ...(used && { used }),
      ...(seconds !== undefined && { seconds: Math.min(seconds, 86_400) }),
      ...(person !== undefined && { person }),
    };
    await this.ledger.progress.tick(cleanId, ticked);
    this.writeDown(event.id, ticked, cleanId);
    if (used && this.isInTheWay({ ...used, at: ticked.at })) this.ledger.want({ how: 'again' });
  }

  /** What stays of a tick, whatever becomes of the clean. */
  private writeDown(id: string, ticked: Parameters<typeof lineOf>[1], clean: string): void {
    const task = this.steps.get(ticked.step);
    const name = this.household.people.find((member) => member.id === ticked.person)?.name;
    const line = task && lineOf(task, ticked, { id, clean, name });
    if (line) this.ledger.toWrite.line(line);
  }

  /** Whether the plan has what must not meet this so soon that it has to lie elsewhere. */
  private isInTheWay(use: PastUse): boolean {
    const { tasks, plans } = this.ledger.kept;
    return isInTheWay(use, tasks, plans?.latest.plan.entries ?? [], this.begun());
  }

  /** What waited for this need not wait any more. */
  private letLoose(used: Use | undefined): void {
    const { tasks, plans } = this.ledger.kept;
    const waits = ({ room, products }: CleanTask) =>
      used !== undefined && room.id === used.room && clashOf(used, products) !== undefined;
    if (plans && tasks.some(waits)) this.ledger.want({ how: 'again' });
  }

  /** Tasks of which something is done. */
  private begun(): ReadonlySet<string> {
    return new Set([...this.ledger.progress.steps].flatMap((step) => partsOfStepId(step)?.taskId ?? []));
  }

  private async untick(cleanId: string, step: string, also: readonly string[]): Promise<void> {
    const steps = this.sameTask(step, also);
    const { progress } = this.ledger;
    for (const gone of steps) this.letLoose(progress.of(gone)?.used);
    await progress.untick(cleanId, steps);
    await dropLines(this.scope, cleanId, steps);
  }

  /** What is said afterwards of something that was done. */
  private async putRight(cleanId: string, step: string, said: Partial<RecordLine>): Promise<void> {
    await this.ledger.toWrite.write();
    const line = await lineOfStep(this.scope, cleanId, step);
    if (line) await putLine(this.scope, { ...line, ...said });
  }

  private async takeBack(said: string): Promise<void> {
    const entry = await this.entryOf(said);
    if (entry) await takeBackEntry(this.ledger, entry);
    this.isBack = true;
  }

  private async follow(event: DayEvent): Promise<void> {
    const { home, people } = this.ledger.editable;
    const { tasks } = this.ledger.kept;
    const change = consequenceOf(event, { home, people, tasks, begun: this.begun() });
    if (!change) return;
    await this.ledger.toWrite.write();
    await changeIn(this.ledger, change, 'Said on the day', { id: event.id, event: event.id });
  }

  /** What a step is done with: remembered, since the choice may be another tomorrow. */
  private usedIn(step: string) {
    const task = this.steps.get(step);
    const key = partsOfStepId(step)?.key;
    return task && key !== undefined ? usedAt(task, key) : undefined;
  }

  /** A step and others, as far as they are of the same task. */
  private sameTask(step: string, also: readonly string[]): string[] {
    const task = this.steps.get(step);
    return [step, ...also.filter((other) => this.steps.get(other) === task)];
  }
}

const known = new WeakMap<Kept['tasks'], ReadonlyMap<string, CleanTask>>();

/** The task of each step that is part of the clean. */
function stepsOf({ tasks }: Kept): ReadonlyMap<string, CleanTask> {
  let steps = known.get(tasks);
  if (!steps) {
    steps = new Map(
      tasks.flatMap((task) => task.estimate.steps.map((step) => [stepIdOf(task, step), task] as const)),
    );
    known.set(tasks, steps);
  }
  return steps;
}
