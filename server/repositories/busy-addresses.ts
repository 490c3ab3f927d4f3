import type { HouseholdScope } from '../db/scope';

/** Where the calendars of people are read from. Whoever has such an address sees the calendar: only its host is shown. */

export async function keepBusyAddress(scope: HouseholdScope, person: string, address: string): Promise<void> {
  await scope.put('busy_addresses', { id: person, address }, ['id']);
}

export async function forgetBusyAddress(scope: HouseholdScope, person: string): Promise<void> {
  await scope.dropAll('busy_addresses', [person]);
}

export async function busyAddressOf(scope: HouseholdScope, person: string): Promise<string | undefined> {
  const row: { address: string } | undefined = await scope
    .rows('busy_addresses')
    .where({ id: person })
    .first('address');
  return row?.address;
}

/** The host of each person’s calendar, by person. */
export async function busyHosts(scope: HouseholdScope): Promise<ReadonlyMap<string, string>> {
  const rows: { id: string; address: string }[] = await scope.rows('busy_addresses').select('id', 'address');
  return new Map(rows.map(({ id, address }) => [id, new URL(address).host]));
}
