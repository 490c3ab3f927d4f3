import type { TaskId } from '../basics/ids';
import { quantityOf } from '../furnish/quantities';
import type { Place } from '../home/room';
import { type TextileName, textileOf } from './textile';

/** One thing that goes into the wash. */
export type Piece = {
  readonly textile: TextileName;
  readonly kg: number;
};

/** A piece of a clean: the task that takes it off, and in which room. */
export type PieceOff = Piece & { readonly task: TaskId; readonly room: string };

/** A fixture and the room that it is in. */
export type SpotAt = Pick<Place, 'fixture' | 'room'>;

/** How many there are of a textile, or how many square metres, at a fixture. */
type Count = (spot: SpotAt) => number;

const each: Count = ({ fixture }) => fixture.count;
const times =
  (number: number): Count =>
  ({ fixture }) =>
    number * fixture.count;
const faceM2: Count = ({ fixture, room }) => quantityOf('faceM2', fixture, room) / fixture.count;
const isDouble = ({ fixture, room }: SpotAt) =>
  quantityOf('widthM', fixture, room) / fixture.count >= DOUBLE_M;
const where = (holds: (spot: SpotAt) => boolean, count: Count): Count => {
  return (spot) => (holds(spot) ? count(spot) : 0);
};
const isSingle = (spot: SpotAt) => !isDouble(spot);
const isWool = ({ fixture }: SpotAt) => (fixture.surface ?? 'wool') === 'wool';
const isNoWool = (spot: SpotAt) => !isWool(spot);

/** A bed of this width is for two. */
const DOUBLE_M = 1.3;

type Row = {
  readonly method: string;
  readonly textile: TextileName;
  readonly count: Count;
  /** Whether a piece is as heavy as it is large: one for each of the fixture. */
  readonly byArea?: true;
};

const BEDDING: readonly Omit<Row, 'method'>[] = [
  { textile: 'single-sheet', count: where(isSingle, each) },
  { textile: 'single-cover', count: where(isSingle, each) },
  { textile: 'double-sheet', count: where(isDouble, each) },
  { textile: 'double-cover', count: where(isDouble, each) },
  { textile: 'pillow-case', count: where(isSingle, each) },
  { textile: 'pillow-case', count: where(isDouble, times(2)) },
];

/** What a clean takes off, one row a method and textile. */
const TAKEN_OFF: readonly Row[] = [
  ...BEDDING.map((row) => ({ ...row, method: 'bed-linen' })),
  { method: 'protector-wash', textile: 'protector', count: each },
  { method: 'duvet-wash', textile: 'duvet', count: each },
  { method: 'duvet-wash', textile: 'pillow', count: times(2) },
  { method: 'mats-wash', textile: 'bath-mat', count: times(2) },
  { method: 'towels-wash', textile: 'bath-towel', count: times(3) },
  { method: 'towels-wash', textile: 'hand-towel', count: times(3) },
  { method: 'shower-curtain-wash', textile: 'shower-curtain', count: each },
  { method: 'curtain-wash', textile: 'curtain', count: each, byArea: true },
  { method: 'nets-wash', textile: 'net', count: each, byArea: true },
  { method: 'cushion-covers-wash', textile: 'cushion-cover', count: times(4) },
  { method: 'throws-wash', textile: 'wool-throw', count: where(isWool, each) },
  { method: 'throws-wash', textile: 'throw', count: where(isNoWool, each) },
  { method: 'pet-bed-wash', textile: 'pet-bed', count: each },
  { method: 'mops-boil', textile: 'mop-cover', count: times(2) },
  { method: 'cloths-boil', textile: 'cloth', count: times(20) },
  { method: 'cloths-boil', textile: 'toilet-cloth', count: times(4) },
];

/** Everything that the tasks of a clean take off to be washed, piece by piece. */
export function piecesOf(tasks: readonly TakingOff[]): PieceOff[] {
  return tasks.flatMap((task) =>
    piecesAt(task.method.id, task).map((piece) => ({ ...piece, task: task.id, room: task.room.name })),
  );
}

/** Work at a place by which something may be taken off. */
type TakingOff = SpotAt & { readonly id: TaskId; readonly method: { readonly id: string } };

/** What one method takes off at a fixture. */
export function piecesAt(methodId: string, spot: SpotAt): Piece[] {
  return TAKEN_OFF.filter(({ method }) => method === methodId).flatMap(({ textile, count, byArea }) => {
    const kg = hundredths(textileOf(textile).dryKg * (byArea ? faceM2(spot) : 1));
    return Array.from({ length: count(spot) }, () => ({ textile, kg }));
  });
}

/** What washes that another takes off. */
const TAKEN_OFF_BY: Readonly<Record<string, string>> = { 'bed-linen-wash': 'bed-linen' };

/** What goes into the wash by one method at a fixture, whichever took it off. */
export function washedAt(methodId: string, spot: SpotAt): Piece[] {
  return piecesAt(TAKEN_OFF_BY[methodId] ?? methodId, spot);
}

function hundredths(value: number): number {
  return Math.round(value * 100) / 100;
}
