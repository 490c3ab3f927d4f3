import {
  type HouseholdMachine,
  householdMachineSchema,
  type Member,
  memberSchema,
} from '../../core/formats/household';
import type { HouseholdScope, Row } from '../db/scope';

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

/** Adds a person, or writes one anew. */
export async function putMember(scope: HouseholdScope, member: Member): Promise<void> {
  await scope.transaction(async (inside) => {
    const known: { position: number } | undefined = await inside
      .rows('members')
      .where({ id: member.id })
      .first('position');
    const last: { last: number | null } = await inside.rows('members').max({ last: 'position' }).first();
    await inside.put('members', memberRow(member, known?.position ?? (last.last ?? -1) + 1), ['id']);
  });
}

export async function insertPeople(scope: HouseholdScope, people: readonly Member[]): Promise<void> {
  await scope.insert('members', people.map(memberRow));
}

export async function removeMember(scope: HouseholdScope, id: string): Promise<boolean> {
  return (await scope.rows('members').where({ id }).del()) > 0;
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

export async function insertMachines(
  scope: HouseholdScope,
  machines: readonly HouseholdMachine[],
): Promise<void> {
  await scope.insert(
    'machines',
    machines.map((machine, position) => ({
      id: machine.id,
      kind: machine.kind,
      runs_from: machine.from ?? null,
      runs_to: machine.to ?? null,
      position,
    })),
  );
}

function memberRow(member: Member, position: number): Row {
  return {
    id: member.id,
    name: member.name,
    hours: JSON.stringify(member.hours),
    daily_cap: member.dailyCap,
    cannot: JSON.stringify(member.cannot),
    dislikes: JSON.stringify(member.dislikes),
    break_after: member.breakAfter,
    break_length: member.breakLength,
    pace: member.pace,
    age: member.age ?? null,
    exceptions: JSON.stringify(member.exceptions),
    busy: JSON.stringify(member.busy),
    position,
  };
}
