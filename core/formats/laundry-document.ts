import { groupBy } from '../basics/group-by';
import type { Catalogue } from '../catalogue/catalogue';
import type { MachineKind } from '../catalogue/work-kinds';
import type { HouseholdFile } from '../household/household';
import { type Load, loadsOf } from '../laundry/loads';
import { type PieceOff, piecesOf } from '../laundry/piece';
import { textileOf } from '../laundry/textile';
import { listTasks } from '../work/tasks';
import { atHandOf, workOf } from '../work/work';

/** What the command line prints of the wash: what a clean takes off, in as few loads as may be. Plain JSON for other programs. */
export function laundryDocument(household: HouseholdFile, catalogue: Catalogue): object {
  const pieces = piecesOf(
    listTasks(workOf({ ...household, clean: household.clean }, catalogue)).filter(({ scope }) => scope.in),
  );
  const { machines, washerKg } = atHandOf(household);
  const atHome = machines.includes('washer');
  const { loads, tooHeavy } = loadsOf(atHome ? pieces : [], washerKg);
  return {
    format: 'early-thaw/laundry',
    version: 1,
    ...(atHome && { machineKg: washerKg }),
    loads: loads.map((load, i) => ({ number: i + 1, ...loadEntry(load, machines) })),
    // Without a machine, and what is too heavy for it: washed out of the house, or by hand.
    out: piecesEntry(atHome ? tooHeavy : pieces),
  };
}

function loadEntry(
  { programme, colour, drying, pieces, kg, capacityKg }: Load<PieceOff>,
  machines: readonly MachineKind[],
) {
  return {
    programme: programme.name,
    temperature: programme.temperature,
    minutes: programme.minutes,
    colour,
    dries: drying === 'in-place' ? 'where it hangs' : placeToDry(drying, machines),
    kg,
    capacityKg,
    pieces: piecesEntry(pieces),
  };
}

function placeToDry(drying: Load['drying'], machines: readonly MachineKind[]): string {
  if (drying === 'any' && machines.includes('dryer')) return 'in the dryer';
  return machines.includes('line') ? 'on the line' : 'on an airer';
}

/** Pieces that are alike and come from one place are told together. */
function piecesEntry(pieces: readonly PieceOff[]): object[] {
  return [...groupBy(pieces, ({ textile, task }) => `${textile} ${task}`).values()].map((own) => {
    const [{ textile, task, room }] = own as [PieceOff];
    const kg = Math.round(own.reduce((sum, piece) => sum + piece.kg, 0) * 100) / 100;
    return { textile, name: textileOf(textile).name, count: own.length, kg, room, task };
  });
}
