import { groupBy } from '../basics/group-by';
import type { MachineKind } from '../catalogue/work-kinds';
import { loadsOf, USUAL_MACHINE_KG } from '../laundry/loads';
import { type SpotAt, washedAt } from '../laundry/piece';
import { textileOf } from '../laundry/textile';

/** How often a machine runs for what is at a place: washing by its loads, two ovens one after the other. */
export function runsOf(
  machine: MachineKind | undefined,
  methodId: string,
  spot: SpotAt,
  washerKg: number = USUAL_MACHINE_KG,
): number {
  if (machine === undefined) return 1;
  return RUNS[machine](methodId, spot, washerKg);
}

type Runs = (methodId: string, spot: SpotAt, washerKg: number) => number;

/** Loads one after the other; what is washed apart, as pillows are, goes on while the rest dries. */
const byLoads: Runs = (methodId, spot, washerKg) => {
  const { loads } = loadsOf(washedAt(methodId, spot), washerKg);
  const apart = groupBy(loads, ({ pieces: [first] }) => first && textileOf(first.textile).apart);
  return Math.max(1, ...[...apart.values()].map((own) => own.length));
};
const oneEach: Runs = (_methodId, { fixture }) => fixture.count;
const once: Runs = () => 1;

const RUNS: Readonly<Record<MachineKind, Runs>> = {
  washer: byLoads,
  dryer: byLoads,
  line: once,
  dishwasher: oneEach,
  oven: oneEach,
};
