import type { WeeklyHours } from './member';

/** Evenings on two weekdays and a Saturday morning: what somebody new is taken to offer until they say otherwise. */
export const USUAL_HOURS: readonly WeeklyHours[] = [
  { weekday: 2, from: '18:30', to: '20:30' },
  { weekday: 4, from: '18:30', to: '20:30' },
  { weekday: 6, from: '09:30', to: '12:30' },
];

/** Whether nobody has said anything else of somebody’s hours. */
export function hasUsualHours({ hours }: { readonly hours: readonly WeeklyHours[] }): boolean {
  return JSON.stringify(hours) === JSON.stringify(USUAL_HOURS);
}
