import { type HouseholdMachine, householdMachineSchema } from '../../core/machines/household-machine';
import { type Member, memberSchema } from '../../core/people/member';
import type { HouseholdScope } from '../db/scope';

/** Who and what does the work: people with their hours, machines with theirs. */

type MemberRow = {
  id: string;
  name: string;
  hours: string;
  daily_cap: number;
  cannot: string;
  dislikes: string;
  break_after: number;
  break_length: number;
  pace: string;
  age: number | null;
  exceptions: string | null;
  busy: string | null;
};
type MachineRow = { id: string; kind: string; runs_from: string | null; runs_to: string | null };

export async function loadPeople(scope: HouseholdScope): Promise<Member[]> {
  const rows: MemberRow[] = await scope.rows('members').orderBy('position').orderBy('id').select();
  return rows.map((row) =>
    memberSchema.parse({
      id: row.id,
      name: row.name,
      hours: JSON.parse(row.hours),
      dailyCap: row.daily_cap,
      cannot: JSON.parse(row.cannot),
      dislikes: JSON.parse(row.dislikes),
      breakAfter: row.break_after,
      breakLength: row.break_length,
      pace: row.pace,
      ...(row.age !== null && { age: row.age }),
      exceptions: JSON.parse(row.exceptions ?? '[]'),
      busy: JSON.parse(row.busy ?? '[]'),
    }),
  );
}

export async function loadMachines(scope: HouseholdScope): Promise<HouseholdMachine[]> {
  const rows: MachineRow[] = await scope.rows('machines').orderBy('position').select();
  return rows.map((row) =>
    householdMachineSchema.parse({
      id: row.id,
      kind: row.kind,
      ...(row.runs_from !== null && { from: row.runs_from }),
      ...(row.runs_to !== null && { to: row.runs_to }),
    }),
  );
}
