import type ICAL from 'ical.js';

/** Whose calendar it is: the address that is invited to, or invites to, more of its events than any other; undefined where none is. */
export function ownerOf(events: readonly ICAL.Component[]): string | undefined {
  const counts = new Map<string, number>();
  for (const event of events)
    for (const address of new Set(['attendee', 'organizer'].flatMap((role) => addressesOf(event, role))))
      counts.set(address, (counts.get(address) ?? 0) + 1);
  const [first, second] = [...counts].sort(([, a], [, b]) => b - a);
  return first && first[1] > (second?.[1] ?? 0) ? first[0] : undefined;
}

/** Whether the owner of the calendar has declined; where nobody knows who that is, whether the only one invited has. */
export function isDeclined(event: ICAL.Component, owner: string | undefined): boolean {
  const invited = event.getAllProperties('attendee');
  const own = invited.length === 1 ? invited : invited.filter((one) => addressOf(one) === owner);
  return own.some((one) => String(one.getParameter('partstat') ?? '').toUpperCase() === 'DECLINED');
}

function addressesOf(event: ICAL.Component, role: string): string[] {
  return event.getAllProperties(role).map(addressOf);
}

function addressOf(property: ICAL.Property): string {
  return String(property.getFirstValue() ?? '').toLowerCase();
}
