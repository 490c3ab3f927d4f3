import type { HouseholdMachine } from '../../core/machines/household-machine';
import type { Member } from '../../core/people/member';
import { MACHINES, MEMBERS } from '../db/codecs';
import type { HouseholdScope } from '../db/scope';

/** Who and what does the work: people with their hours, machines with theirs. */

export async function loadPeople(scope: HouseholdScope): Promise<Member[]> {
  return (await scope.rows('members').orderBy('position').orderBy('id').select()).map(MEMBERS.ofRow);
}

export async function loadMachines(scope: HouseholdScope): Promise<HouseholdMachine[]> {
  return (await scope.rows('machines').orderBy('position').select()).map(MACHINES.ofRow);
}
