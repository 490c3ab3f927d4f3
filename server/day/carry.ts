import type { CleanTask } from '../../core/clean/task';
import { partsOfStepId, stepIdOf } from '../../core/clean/tasks';
import { consequenceOf } from '../../core/day/consequence';
import type { Answer, DayAct, DayBatch, DayEvent, ToldEvent, Verdict } from '../../core/day/events';
import { helperMaySay, isHelpersStep } from '../../core/day/helper';
import { RESTED, runAfter } from '../../core/day/run';
import { isClockWrong, rightTime } from '../../core/day/seconds';
import { mayDo } from '../../core/safety/step-tags';
import { usedAt } from '../../core/safety/uses';
import type { HouseholdScope } from '../db/scope';
import { edit } from '../editing';
import { type Kept, keptWork } from '../kept';
import { correctTime, loadTick, putParts, tick, untick } from '../repositories/clean';
import { addEvent, eventsOfStep, loadAnswer, loadEvent } from '../repositories/day';
import { isLastEdit, undoEdit } from '../repositories/edits';
import { tell } from './hub';

/** Who sends: somebody of the household, or a helper, who speaks for one person only. */
export type Sender = { readonly scope: HouseholdScope; readonly helper?: string };

export type Carried = {
  readonly answers: readonly Answer[];
  /** What others have to hear of, in its order. */
  readonly told: readonly ToldEvent[];
  /** Something has happened that the plan has to make room for, or nothing has after all. */
  readonly replan: Replan | undefined;
  /** What was said last of all that can be taken back. */
  readonly said: string | undefined;
  /** The phone's clock was far off; its times were set right. */
  readonly clockWrong: boolean;
};

/** The plan made anew, or put back to what it was. */
export type Replan = 'anew' | 'back';

/**
 * Takes what a phone has kept, in its order: all of it or, where the database fails, nothing. What was sent before is
 * answered as it was then, and does nothing again. Tells the others once it is kept.
 */
export async function carryOut({ scope, helper }: Sender, batch: DayBatch, now: string): Promise<Carried> {
  const kept = await keptWork(scope);
  const carried = await scope.transaction(async (inside) => {
    await inside.lock();
    const hands = new Hands(inside, kept, helper);
    for (const event of batch.events)
      await hands.take({ ...event, at: rightTime(event.at, batch.sentAt, now) });
    if (hands.replan) await inside.own().increment('revision', 1);
    return hands;
  });
  for (const event of carried.told) tell(scope.household, { kind: 'event', event });
  return {
    answers: carried.answers,
    told: carried.told,
    replan: carried.replan,
    said: carried.said,
    clockWrong: isClockWrong(batch.sentAt, now),
  };
}

class Hands {
  readonly answers: Answer[] = [];
  readonly told: ToldEvent[] = [];
  replan: Replan | undefined;
  said: string | undefined;
  private readonly steps: ReadonlyMap<string, CleanTask>;

  constructor(
    private readonly scope: HouseholdScope,
    private readonly kept: Kept,
    private readonly helper: string | undefined,
  ) {
    this.steps = stepsOf(kept);
  }

  async take(sent: DayEvent): Promise<void> {
    const before = await loadAnswer(this.scope, sent.id);
    if (before) {
      this.answers.push(before);
      return;
    }
    const event = this.signed(sent);
    const verdict = await this.judge(event);
    const answer: Answer = { id: event.id, verdict };
    if (verdict.as === 'kept') await this.apply(event);
    const told = await addEvent(this.scope, event, answer);
    if (verdict.as === 'kept') this.told.push(told);
    this.answers.push(answer);
  }

  /** Said by the helper whose link it is, or by somebody who lives here. */
  private signed({ person, ...event }: DayEvent): DayEvent {
    const { people } = this.kept.household;
    const by = this.helper ?? people.find((member) => member.id === person)?.id;
    return by === undefined ? event : { ...event, person: by };
  }

  private async judge(event: DayEvent): Promise<Verdict> {
    const { act, person } = event;
    if (this.helper !== undefined && !(await this.maySay(act, this.helper))) return { as: 'not-yours' };
    if (act.do === 'take-back')
      return (await this.mayTakeBack(act.said)) ? { as: 'kept' } : { as: 'too-late' };
    if (!('step' in act)) return { as: 'kept' };
    const task = this.steps.get(act.step);
    if (!this.kept.household.clean || !task) return { as: 'gone' };
    const earlier = await eventsOfStep(this.scope, act.step);
    const run = runAfter(RESTED, earlier);
    if (act.do === 'done' || act.do === 'start') {
      const ticked = await loadTick(this.scope, this.kept.household.clean.id, act.step);
      if (ticked) return { as: 'already', by: ticked.person, at: ticked.at };
    }
    const work = run.work.get(act.step);
    if (act.do === 'start' && work?.since !== undefined && work.by !== person)
      return { as: 'taken', by: work.by };
    if (act.do === 'hand') {
      const to = this.kept.household.people.find((member) => member.id === act.to);
      if (!to || !mayDo(to, task)) return { as: 'not-for' };
    }
    return { as: 'kept' };
  }

  /** Only what was said last of all. */
  private async mayTakeBack(said: string): Promise<boolean> {
    return (await loadEvent(this.scope, said)) !== undefined && isLastEdit(this.scope, said);
  }

  private async maySay(act: DayAct, helper: string): Promise<boolean> {
    const about = 'said' in act ? act.said : 'found' in act ? act.found : undefined;
    const saidBy = about === undefined ? undefined : (await loadEvent(this.scope, about))?.person;
    return helperMaySay(act, { helper, isTheirs: await this.isTheirs(act, helper), saidBy });
  }

  private async isTheirs(act: DayAct, helper: string): Promise<boolean> {
    if (!('step' in act)) return false;
    const handedTo = runAfter(RESTED, await eventsOfStep(this.scope, act.step)).hands.get(act.step);
    return isHelpersStep(helper, act.step, this.kept.plans?.latest.plan.entries ?? [], handedTo);
  }

  private async apply(event: DayEvent): Promise<void> {
    const { scope } = this;
    const { clean } = this.kept.household;
    const { act, at, person } = event;
    if (!clean) return;
    switch (act.do) {
      case 'done': {
        const run = runAfter(RESTED, [...(await eventsOfStep(scope, act.step)), event]);
        const seconds = run.took.get(act.step);
        const used = this.usedIn(act.step);
        await tick(scope, clean.id, {
          step: act.step,
          at: at.slice(0, 16),
          ...(used && { used }),
          ...(seconds !== undefined && { seconds: Math.min(seconds, 86_400) }),
          ...(person !== undefined && { person }),
        });
        break;
      }
      case 'undo':
      case 'again':
        await untick(scope, clean.id, this.sameTask(act.step, act.also));
        if (act.do === 'again') this.replan = 'anew';
        break;
      case 'take-back':
        await undoEdit(scope);
        this.replan ??= 'back';
        break;
      case 'took':
        await correctTime(scope, clean.id, act.step, act.minutes * 60);
        break;
      case 'part':
        await putParts(scope, [{ step: act.step, share: act.share }]);
        this.replan = 'anew';
        break;
      default:
        await this.follow(event);
    }
  }

  private async follow(event: DayEvent): Promise<void> {
    const { home, people, ticks } = this.kept.household;
    const begun = new Set(ticks.flatMap(({ step }) => partsOfStepId(step)?.taskId ?? []));
    const change = consequenceOf(event, { home, people, tasks: this.kept.tasks, begun });
    if (!change) return;
    const done = await edit(this.scope, event.id, change, () => 'Said on the day');
    if (!done.ok) return;
    this.replan = 'anew';
    this.said = event.id;
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
