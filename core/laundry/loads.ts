import { groupBy } from '../basics/group-by';
import type { Piece } from './piece';
import { capacityFor, PROGRAMMES, type Programme } from './programme';
import { type Colour, type Drying, type Textile, textileOf } from './textile';

/** What is washed in one go. */
export type Load<P extends Piece = Piece> = {
  readonly programme: Programme;
  readonly colour: Colour;
  readonly drying: Drying;
  readonly pieces: readonly P[];
  readonly kg: number;
  /** What the machine takes of these together. */
  readonly capacityKg: number;
};

export type Wash<P extends Piece = Piece> = {
  /** In the order in which they are washed: what hangs in its place again first, what cleans the house last. */
  readonly loads: readonly Load<P>[];
  /** What is too heavy for the machine, and goes out of the house. */
  readonly tooHeavy: readonly P[];
};

/** What a usual machine takes of cotton, in kilograms. */
export const USUAL_MACHINE_KG = 7;

/** So many pieces that may be washed together are packed into the fewest loads that there can be; more, nearly so. */
export const PACKED_EXACTLY = 20;

/** Pieces in as few loads as may be: together only what bears the same temperature, is of one colour and dries one way. */
export function loadsOf<P extends Piece>(pieces: readonly P[], machineKg = USUAL_MACHINE_KG): Wash<P> {
  const [fitting, tooHeavy] = parted(pieces, (piece) => piece.kg <= roomFor([piece], machineKg) + GRAIN);
  const loads = [...groupBy(fitting, togetherBy).values()].flatMap((group) =>
    packed(group, machineKg).map((own) => loadOf(own, machineKg)),
  );
  return { loads: loads.sort((a, b) => turnOf(a) - turnOf(b)), tooHeavy };
}

/** What may be washed together has the same of all that decides it. */
function togetherBy({ textile }: Piece): string {
  const { warmest, colour, drying, apart = '' } = textileOf(textile);
  return [warmest, colour, drying, apart].join(' ');
}

/** Weights are sums of hundredths; what is less than half of one is nothing. */
const GRAIN = 0.005;

function roomFor(pieces: readonly Piece[], machineKg: number): number {
  return capacityFor(
    pieces.map(({ textile }) => textileOf(textile).fibre),
    machineKg,
  );
}

/** Whether a machine takes pieces in one go. */
export function fitsTogether(pieces: readonly Piece[], machineKg: number): boolean {
  const most = Math.min(...pieces.map(({ textile }) => textileOf(textile).most ?? pieces.length));
  return pieces.length <= most && weightOf(pieces) <= roomFor(pieces, machineKg) + GRAIN;
}

function weightOf(pieces: readonly Piece[]): number {
  return pieces.reduce((sum, { kg }) => sum + kg, 0);
}

type Bins<P> = readonly (readonly P[])[];

/** The fewest loads for pieces that may all be washed together: by the first that fits, then bettered by trying. */
function packed<P extends Piece>(pieces: readonly P[], machineKg: number): Bins<P> {
  const inTurn = pieces.toSorted((a, b) => need(b, machineKg) - need(a, machineKg));
  const quick = firstFit(inTurn, machineKg);
  const least = Math.ceil(inTurn.reduce((sum, piece) => sum + need(piece, machineKg), 0) - GRAIN);
  if (quick.length <= least || pieces.length > PACKED_EXACTLY) return quick;
  return fewest(inTurn, machineKg, quick, least);
}

/** The share that a piece takes of any load, at the least. */
function need(piece: Piece, machineKg: number): number {
  const { most } = textileOf(piece.textile);
  return Math.max(piece.kg / roomFor([piece], machineKg), most === undefined ? 0 : 1 / most);
}

function firstFit<P extends Piece>(pieces: readonly P[], machineKg: number): Bins<P> {
  const bins: P[][] = [];
  for (const piece of pieces) {
    const bin = bins.find((own) => fitsTogether([...own, piece], machineKg));
    if (bin) bin.push(piece);
    else bins.push([piece]);
  }
  return bins;
}

/** Every way to put one piece after the other into a load, but for those that can't come to fewer. */
function fewest<P extends Piece>(
  pieces: readonly P[],
  machineKg: number,
  quick: Bins<P>,
  least: number,
): Bins<P> {
  let best = quick;
  const bins: P[][] = [];
  const put = (i: number): void => {
    if (bins.length >= best.length) return;
    const piece = pieces[i];
    if (!piece) {
      best = bins.map((bin) => [...bin]);
      return;
    }
    const tried = new Set<string>();
    for (const bin of bins) {
      if (best.length <= least) return;
      const like = contentsOf(bin);
      if (tried.has(like) || !fitsTogether([...bin, piece], machineKg)) continue;
      tried.add(like);
      bin.push(piece);
      put(i + 1);
      bin.pop();
    }
    bins.push([piece]);
    put(i + 1);
    bins.pop();
  };
  put(0);
  return best;
}

/** What decides what else fits: loads that are alike in this need be tried once. */
function contentsOf(bin: readonly Piece[]): string {
  return `${bin.length} ${weightOf(bin).toFixed(2)} ${[...new Set(bin.map(({ textile }) => textileOf(textile).fibre))].sort().join()}`;
}

function loadOf<P extends Piece>(pieces: readonly P[], machineKg: number): Load<P> {
  const { warmest, colour, drying } = textileOf((pieces[0] as Piece).textile);
  return {
    programme: PROGRAMMES[warmest],
    colour,
    drying,
    pieces,
    kg: Math.round(weightOf(pieces) * 100) / 100,
    capacityKg: Math.round(roomFor(pieces, machineKg) * 100) / 100,
  };
}

/** What is waited for first: windows, then beds, then the rest; what cleans, and the cloths of the toilet, at the end. */
function turnOf({ pieces, drying }: Load): number {
  const { apart }: Textile = textileOf((pieces[0] as Piece).textile);
  if (apart === 'toilet') return 5;
  if (apart === 'cloths') return 4;
  if (apart === 'pet') return 3;
  if (drying === 'in-place') return 0;
  return drying === 'any' ? 1 : 2;
}

function parted<Item>(items: readonly Item[], holds: (item: Item) => boolean): [Item[], Item[]] {
  return [items.filter(holds), items.filter((item) => !holds(item))];
}
