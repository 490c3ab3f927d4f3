import { dayOfMinute } from '../basics/local-time';
import { oneOf } from '../basics/random';
import type { Board } from './board';
import type { Cluster } from './clusters';
import type { Placed } from './metrics';
import type { Room, Task } from './model';

/** Which clusters a round takes off the board and places anew. */
type Neighbourhood = (movable: readonly Cluster[], board: Board, random: () => number) => Cluster[];

/** A plan of so few clusters is placed anew as a whole. */
export const FEW_CLUSTERS = 24;

/** Draws one of the ways to choose, and chooses by it. */
export function pickClusters(movable: readonly Cluster[], board: Board, random: () => number): Cluster[] {
  if (movable.length <= FEW_CLUSTERS) return [...movable];
  return oneOf(NEIGHBOURHOODS, random)(movable, board, random);
}

const NEIGHBOURHOODS: readonly Neighbourhood[] = [ofRooms, ofDays, ofFew];

/** All of a room, or of two. */
function ofRooms(movable: readonly Cluster[], _board: Board, random: () => number): Cluster[] {
  const rooms = new Set([roomOf(oneOf(movable, random))]);
  if (random() < 0.3) rooms.add(roomOf(oneOf(movable, random)));
  return movable.filter((cluster) => rooms.has(roomOf(cluster)));
}

function roomOf(cluster: Cluster): Room {
  return (cluster.tasks[0] as Task).room;
}

const MOST_DAYS = 2;

/** What lies on a few days in a row. */
function ofDays(movable: readonly Cluster[], board: Board, random: () => number): Cluster[] {
  const entries = board.entries();
  if (entries.length === 0) return [];
  const from = dayOfMinute(oneOf(entries, random).start);
  const to = from + Math.floor(random() * MOST_DAYS);
  const lies = ({ start }: Placed) => dayOfMinute(start) >= from && dayOfMinute(start) <= to;
  return movable.filter((cluster) =>
    cluster.tasks.some((task) => task.steps.some((step) => board.entriesOf(step).some(lies))),
  );
}

const MOST_FEW = 5;

/** A few, wherever they lie. */
function ofFew(movable: readonly Cluster[], _board: Board, random: () => number): Cluster[] {
  const share = (1 + random() * MOST_FEW) / movable.length;
  return movable.filter(() => random() < share);
}
