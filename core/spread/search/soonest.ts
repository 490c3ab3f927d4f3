import type { Minute } from '../../basics/local-time';
import { oneOf } from '../../basics/random';
import { type Draft, isOpen, type Snapshot } from '../draft/draft';
import { compareScores, type Score } from '../draft/tally';
import { isSettled, type Person, type Step } from '../model/model';
import type { Segment } from '../model/segments';
import { Bottleneck } from './bottleneck';
import { placeInOrder, type Sequence, sequenceOf } from './resequence';
import type { SearchOptions } from './search';

/** A plan of so few clusters is placed anew as a whole, step by step. */
export const FEW_CLUSTERS = 24;

/** How often a round looks at what holds up the end: at least, and the more the more of the work is machines'. */
const BY_BOTTLENECK = 0.1;
const BY_BOTTLENECK_OF_MACHINES = 0.4;
const BOTTLENECK_TURNS = 40;
/** How often a round also draws who does something. */
const BY_CREW = 0.35;
const MOST_MOVED = 3;

/** After so many rounds without anything better, this share of the segments is moved at most, for an end so much later. */
const ROUNDS_TO_KICK = 90;
const KICKED = 0.4;
const WORSE_BY = 0.06;

/**
 * Brings the end of a small plan nearer, to the minute: segments of work are put into another order, in between each
 * other, or given to somebody else, and placed anew from where the order changes. Plans that end at the same minute may
 * cost more for a while, so that the rest can move.
 */
export function searchSoonest(draft: Draft, options: SearchOptions): void {
  const sequence = sequenceOf(
    draft.movable.filter(({ tasks }) => tasks.every((task) => !draft.isOut(task))),
    draft.links,
  );
  if (!sequence || sequence.segments.length === 0) return;
  const searching = new Searching(draft, sequence, options);
  for (let round = 0; round < options.rounds && !options.stop(); round++) searching.round();
  searching.finish();
}

/** Where a score holds the end. */
const FINISH = 3;

class Searching {
  private score: Score;
  private best: Snapshot;
  private bottleneck: Bottleneck | undefined;
  private readonly bottleneckShare: number;
  private crews = new Map<Segment, Person>();
  private fruitless = 0;
  private isKicking = false;

  constructor(
    private readonly draft: Draft,
    private readonly sequence: Sequence,
    private readonly options: SearchOptions,
  ) {
    this.best = draft.snapshot();
    this.score = this.best.score;
    const steps = draft.movable.flatMap(({ tasks }) => tasks.filter(isOpen)).flatMap((task) => task.steps);
    const ofMachines = steps.filter((step) => step.mode === 'wait' && step.machine).length;
    this.bottleneckShare = BY_BOTTLENECK + (BY_BOTTLENECK_OF_MACHINES * ofMachines) / steps.length;
  }

  round(): void {
    const { random } = this.options;
    this.fruitless++;
    if (this.fruitless % ROUNDS_TO_KICK === 0) this.kick();
    if (random() < this.bottleneckShare) this.byBottleneck();
    else this.byDraw();
  }

  finish(): void {
    this.draft.restore(this.best);
  }

  /** From the best that was found to something a little worse, so that another way down may be found. */
  private kick(): void {
    this.draft.restore(this.best);
    this.score = this.best.score;
    this.bottleneck = undefined;
    const { random } = this.options;
    const { keys, from } = this.shuffledKeys(
      2 + Math.floor(random() * this.sequence.segments.length * KICKED),
    );
    this.crews = new Map();
    this.isKicking = true;
    this.attempt((segment) => keys.get(segment) as number, from, this.crews);
    this.isKicking = false;
  }

  private byDraw(): void {
    const { random } = this.options;
    const crews = random() < BY_CREW ? this.drawnCrews() : this.crews;
    const { keys, from } = this.shuffledKeys(1 + Math.floor(random() * MOST_MOVED));
    this.attempt((segment) => keys.get(segment) as number, from, crews);
  }

  private byBottleneck(): void {
    const { board, links } = this.draft;
    this.bottleneck ??= new Bottleneck(this.sequence, board, links, this.options.random);
    const keys = this.bottleneck.search(BOTTLENECK_TURNS);
    if (!keys) return;
    this.attempt(keys, Number.NEGATIVE_INFINITY, this.crewsNow());
  }

  /** What comes before `from` stays as it is. */
  private attempt(
    keyOf: (segment: Segment) => number,
    from: number,
    crews: ReadonlyMap<Segment, Person>,
  ): void {
    const { draft } = this;
    draft.mark();
    const segments = this.sequence.segments.filter((segment) => keyOf(segment) >= from);
    for (const { steps } of segments) for (const step of steps) this.takeOff(step);
    const { start } = draft.model;
    const finish = this.score[FINISH] as number;
    const latest = this.isKicking ? finish + (finish - start) * WORSE_BY : finish;
    const resequencing = { segments, keyOf, latest, whoOf: (segment: Segment) => crews.get(segment) };
    if (!placeInOrder(draft.board, this.sequence, resequencing, draft.links) || !this.mayStand())
      draft.rewind();
    else this.crews = new Map(crews);
  }

  private mayStand(): boolean {
    const reached = this.draft.tally.score();
    const firm = this.isKicking ? FINISH : FINISH + 1;
    if (compareScores(reached.slice(0, firm), this.score.slice(0, firm)) > 0) return false;
    // Another assignment of the people: what holds up the end is seen anew.
    if (reached[FINISH] !== this.score[FINISH]) this.bottleneck = undefined;
    this.score = reached;
    if (compareScores(reached, this.best.score) < 0) {
      this.best = this.draft.snapshot();
      this.fruitless = 0;
      this.options.better?.();
    }
    return true;
  }

  private takeOff(step: Step): void {
    const previous = step.task.steps[step.position - 1];
    const isGiven = step.mode === 'wait' && previous !== undefined && isSettled(previous);
    if (isGiven) return;
    const { board } = this.draft;
    for (const entry of [...board.entriesOf(step)])
      if (!entry.step.fixed.some((fixed) => fixed.start === entry.start && fixed.end === entry.end))
        board.take(entry);
  }

  /** The order as it is, but for a few segments that go somewhere else in it; before `from` nothing changes. */
  private shuffledKeys(moved: number): { keys: ReadonlyMap<Segment, number>; from: number } {
    const { random } = this.options;
    const { segments } = this.sequence;
    const keys = new Map(segments.map((segment) => [segment, this.startOf(segment)]));
    const all = [...keys.values()];
    let from = Number.POSITIVE_INFINITY;
    for (let i = 0; i < moved; i++) {
      const segment = oneOf(segments, random);
      const key = oneOf(all, random) + random() - 0.5;
      from = Math.min(from, key, keys.get(segment) as number);
      keys.set(segment, key);
    }
    return { keys, from };
  }

  private startOf({ steps }: Segment): Minute {
    return this.draft.board.startOf(steps[0] as Step) ?? 0;
  }

  /** Some segments are given to somebody who is drawn; some are left to whoever is free first. */
  private drawnCrews(): ReadonlyMap<Segment, Person> {
    const { random } = this.options;
    const crews = new Map(this.crews);
    const changed = 1 + Math.floor(random() * MOST_MOVED);
    for (let i = 0; i < changed; i++) {
      const segment = oneOf(this.sequence.segments, random);
      const hands = segment.steps.find((step) => step.mode === 'hands');
      if (hands?.crew !== 1) continue;
      const who = oneOf(this.draft.board.eligibleFor(hands), random);
      if (who && random() < 0.6) crews.set(segment, who);
      else crews.delete(segment);
    }
    return crews;
  }

  /** Who does what as it lies on the board. */
  private crewsNow(): ReadonlyMap<Segment, Person> {
    const crews = new Map<Segment, Person>();
    for (const segment of this.sequence.segments) {
      const hands = segment.steps.find((step) => step.mode === 'hands' && step.crew === 1);
      const [who] = hands ? (this.draft.board.entriesOf(hands)[0]?.people ?? []) : [];
      if (who) crews.set(segment, who);
    }
    return crews;
  }
}
