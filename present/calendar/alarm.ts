/** Minutes before a session at which a calendar can ring. */
export const ALARMS = [
  [10, '10 minutes before'],
  [30, 'half an hour before'],
  [60, 'an hour before'],
  [720, 'twelve hours before'],
] as const;

/** What an address asks for: minutes, 10 where it asks for nothing, and none where it says `none`. */
export function alarmAsked(asked: string | null): number | undefined {
  if (asked === 'none') return undefined;
  return ALARMS.find(([minutes]) => String(minutes) === asked)?.[0] ?? ALARMS[0][0];
}
