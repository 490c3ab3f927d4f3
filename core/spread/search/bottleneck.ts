import type { Minute } from '../../basics/local-time';
import type { Board } from '../draft/board';
import type { Person, Step } from '../model/model';
import type { Segment } from '../model/segments';
import type { LinkIndex } from '../model/step-order';
import { CriticalPath, type Operation } from './critical-path';
import type { Sequence } from './resequence';

/**
 * A plan seen by what holds its end up: machines, people as they are assigned, and rooms with space for one. Breaks,
 * closing times and longest waits are left to the placing that follows.
 */
export class Bottleneck {
  private readonly steps: readonly Step[];
  private readonly path: CriticalPath;

  constructor(
    readonly sequence: Sequence,
    board: Board,
    links: LinkIndex,
    random: () => number,
  ) {
    this.steps = sequence.segments
      .flatMap((segment) => segment.steps)
      .filter((step) => step.fixed.length === 0 && board.startOf(step) !== undefined);
    const { machines, people, rooms } = board.model;
    this.path = new CriticalPath(
      this.steps.map((step) => this.operationOf(step, board, links)),
      machines.length + people.length + rooms.length,
      random,
    );
  }

  /** Looks for a shorter order for so many turns; gives the keys to place by where one was found. */
  search(turns: number): ((segment: Segment) => number) | undefined {
    if (!this.path.search(turns)) return undefined;
    const starts = new Map(this.steps.map((step, i) => [step, this.path.bestStarts[i] as number]));
    return ({ steps }) => starts.get(steps[0] as Step) ?? 0;
  }

  private operationOf(step: Step, board: Board, links: LinkIndex): Operation {
    const position = new Map(this.steps.map((other, i) => [other, i]));
    const before = links
      .into(step)
      .filter((link) => position.has(link.before))
      .map((link) => ({ operation: position.get(link.before) as number, gap: link.minGap }));
    const previous = step.task.steps[step.position - 1];
    const chained = previous && position.get(previous);
    return {
      minutes: step.minutes,
      release: releaseOf(step, board),
      after: [...(chained === undefined ? [] : [{ operation: chained, gap: 0 }]), ...before],
      resources: resourcesOf(step, board),
      start: board.startOf(step) as Minute,
    };
  }
}

function releaseOf(step: Step, board: Board): Minute {
  const { start, now } = board.model;
  return board.opensFor(crewOf(step, board), Math.max(start, now ?? start, step.task.earliest));
}

function crewOf(step: Step, board: Board): readonly Person[] {
  return board.entriesOf(step)[0]?.people ?? [];
}

function resourcesOf(step: Step, board: Board): number[] {
  const { machines, people } = board.model;
  const { room } = step.task;
  const fillsRoom = room.maxPeople === 1 && (step.mode === 'hands' || step.closesRoom);
  return [
    ...(step.machine ? [step.machine.index] : []),
    ...crewOf(step, board).map((person) => machines.length + person.index),
    ...(fillsRoom ? [machines.length + people.length + room.index] : []),
  ];
}
