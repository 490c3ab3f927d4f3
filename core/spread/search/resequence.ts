import type { Minute } from '../../basics/local-time';
import type { Board } from '../draft/board';
import { placeSteps } from '../draft/place';
import type { Cluster } from '../model/clusters';
import type { Person, Step } from '../model/model';
import { type Segment, segmentsOf } from '../model/segments';
import type { LinkIndex } from '../model/step-order';

/**
 * Clusters cut into segments, and what must come before each among them. They are placed one by one in the order of
 * their keys, so that the steps of several tasks may lie in between each other in any way.
 */
export type Sequence = {
  readonly segments: readonly Segment[];
  readonly before: ReadonlyMap<Segment, readonly Segment[]>;
};

/** Undefined where one of the clusters can't be put in order. */
export function sequenceOf(clusters: readonly Cluster[], links: LinkIndex): Sequence | undefined {
  const segments: Segment[] = [];
  for (const cluster of clusters) {
    const cut = segmentsOf(cluster, links, true);
    if (cut === undefined) return undefined;
    segments.push(...cut);
  }
  const home = new Map<Step, Segment>();
  for (const segment of segments) for (const step of segment.steps) home.set(step, segment);
  const before = new Map<Segment, Segment[]>();
  for (const segment of segments) {
    const found = new Set<Segment>(segment.after ? [segment.after] : []);
    for (const step of segment.steps)
      for (const link of links.into(step)) {
        const other = home.get(link.before);
        if (other && other.cluster !== segment.cluster) found.add(other);
      }
    before.set(segment, [...found]);
  }
  return { segments, before };
}

/** The segments in question are off the board; the others of the sequence stand on it. */
export type Resequencing = {
  readonly segments: readonly Segment[];
  readonly keyOf: (segment: Segment) => number;
  /** Who does a segment, where that is said. */
  readonly whoOf: (segment: Segment) => Person | undefined;
  /** Once something ends later it is no use to go on. */
  readonly latest: Minute;
};

/** Places the segments, the least key first, each after what must come before it; false where one finds no place. */
export function placeInOrder(
  board: Board,
  { before }: Sequence,
  { segments, keyOf, latest, whoOf }: Resequencing,
  links: LinkIndex,
): boolean {
  const keys = new Map(segments.map((segment) => [segment, keyOf(segment)]));
  const open = new Set(segments);
  const left = [...segments].sort((a, b) => (keys.get(a) as number) - (keys.get(b) as number));
  while (left.length > 0) {
    const at = left.findIndex((segment) => (before.get(segment) ?? []).every((other) => !open.has(other)));
    const [segment] = left.splice(at, 1) as [Segment];
    const who = whoOf(segment);
    if (!placeSteps(board, segment.steps, links, { wishes: false, ...(who && { who }) })) return false;
    if ((board.endOf(segment.steps[segment.steps.length - 1] as Step) ?? latest) > latest) return false;
    open.delete(segment);
  }
  return true;
}
