import type { Clean } from '../../core/clean/clean';
import type { Answer, DayEvent, ToldEvent } from '../../core/clean/events';
import { markKey } from '../../core/clean/marks';
import { applyChange, type HouseholdChange } from '../../core/household/change';
import type { Editable } from '../../core/household/editable';
import type { Refusal } from '../../core/household/refusals';
import { rowChanges } from '../db/rows';
import type { HouseholdScope, Standing } from '../db/scope';
import { writeRowChanges } from '../repositories/editable';
import { addEdit, type Entry, replayEntry } from '../repositories/edits';
import { Kept } from './kept';
import { Progress } from './progress';
import { ToWrite } from './to-write';
import { mergedWish, type PlanWish } from './wish';

/**
 * A household held for one command: what it is at this very moment, and all that the command does to it. Nothing of it is
 * there for others before the command is at its end, and then all of it.
 */
export class Ledger {
  readonly told: ToldEvent[] = [];
  /** What is done of the clean, as the command has left it so far. */
  readonly progress: Progress;
  /** What is said and not written yet. */
  readonly toWrite: ToWrite;
  private state: Editable;
  private wish: PlanWish | undefined;
  private hasChanged = false;
  private mustRead = false;
  private lastWords: string | undefined;
  private daySeq: number;
  private position: number;

  constructor(
    readonly scope: HouseholdScope,
    /** As it was when the command took hold of it. */
    readonly kept: Kept,
    private readonly standing: Standing,
    /** The command's own id, under which its change can be taken back. */
    readonly id: string,
  ) {
    const { ticks, parts } = kept.household;
    this.state = kept.household;
    this.toWrite = new ToWrite(scope);
    this.progress = new Progress(scope, this.toWrite, ticks, parts);
    this.daySeq = standing.daySeq;
    this.position = standing.editPosition;
  }

  /** What can be edited, as the command has left it so far. */
  get editable(): Editable {
    return this.state;
  }

  /** Carries a change out and writes it into the journal, where it can be taken back. */
  async change(
    change: HouseholdChange,
    words: string,
    /** Under which it is kept in the journal, and what was said on a day that it follows from. */
    { id = this.id, event }: { readonly id?: string; readonly event?: string } = {},
  ): Promise<'done' | 'same' | Refusal> {
    const after = applyChange(this.state, change);
    if (!after.ok) return after.why;
    const changes = rowChanges(this.state, after.value);
    this.state = after.value;
    if (changes.length === 0) return 'same';
    this.position += 1;
    const hasUndone = this.kept.edits.redo !== undefined || this.mustRead;
    await addEdit(this.scope, { id, words, changes, event, position: this.position, hasUndone });
    this.lastWords = words;
    this.hasChanged = true;
    return 'done';
  }

  /** Sets out on a clean: written, and not in the journal. */
  async begin(clean: Clean, more: Partial<Editable> = {}): Promise<void> {
    const after = { ...this.state, ...more, clean };
    await writeRowChanges(this.scope, rowChanges(this.state, after));
    this.state = after;
    this.rewritten();
  }

  /** Whether the journal has a new entry. */
  get isWritten(): boolean {
    return this.lastWords !== undefined;
  }

  /** Takes an entry of the journal back, or does it again. */
  async replay(entry: Entry, back: boolean): Promise<void> {
    await replayEntry(this.scope, entry, back);
    this.hasChanged = true;
    this.mustRead = true;
  }

  /** Keeps something that has happened on a day; what counts is told to everybody. */
  happened(event: DayEvent, answer: Answer): ToldEvent {
    this.daySeq += 1;
    const told = { ...event, seq: this.daySeq };
    this.toWrite.event(told, answer);
    if (answer.verdict.as === 'kept') this.told.push(told);
    return told;
  }

  /** The number of the last thing that happened on a day. */
  get seq(): number {
    return this.daySeq;
  }

  /** So many things have happened by a file. */
  days(count: number): void {
    this.daySeq += count;
  }

  /** A plan is wanted once this is at its end. */
  want(wish: PlanWish): void {
    this.wish = mergedWish(this.wish, wish);
  }

  /** Something was written that the journal does not know: nothing that was read of the household holds. */
  rewritten(): void {
    this.hasChanged = true;
    this.mustRead = true;
  }

  /** The number of the wish for a plan; undefined where none is wanted. */
  get wishNumber(): number | undefined {
    return this.wish && this.standing.planWanted + 1;
  }

  /** Whether pages have to be drawn anew. */
  get isAnother(): boolean {
    return this.hasChanged || this.wish !== undefined;
  }

  /** Writes down how the household stands now, with the answer to the command. */
  async close(answer: string): Promise<void> {
    const { standing, wish, wishNumber } = this;
    const pending = standing.planMade < standing.planWanted ? parseWish(standing.planWish) : undefined;
    const standsNow = this.scope.own().update({
      revision: standing.revision + (this.isAnother ? 1 : 0),
      day_seq: this.daySeq,
      edit_position: this.position,
      ...(wish && {
        plan_wanted: wishNumber,
        plan_wish: JSON.stringify(mergedWish(pending, wish)),
      }),
    });
    await this.toWrite.write(standsNow, ...this.scope.inserting('commands', [{ id: this.id, answer }]));
  }

  /** The household as the command has left it; undefined where it has to be read. */
  left(): Kept | undefined {
    if (this.mustRead) return undefined;
    const { kept, standing, daySeq } = this;
    const revision = standing.revision + (this.isAnother ? 1 : 0);
    const versions = { revision, daySeq };
    const { ticks, parts } = daySeq === kept.daySeq ? kept.household : this.progress;
    if (this.lastWords === undefined) return kept.ticked(versions, ticks, parts);
    const household = { ...kept.household, ...inStoredOrder(this.state), ticks, parts };
    return new Kept(versions, household, { undo: this.lastWords }, kept.plans);
  }
}

/** As the database gives it back. */
function inStoredOrder(state: Editable): Editable {
  const marks = [...state.marks].sort((a, b) => (markKey(a) < markKey(b) ? -1 : 1));
  return { ...state, marks };
}

function parseWish(text: string | null): PlanWish | undefined {
  return text === null ? undefined : (JSON.parse(text) as PlanWish);
}
