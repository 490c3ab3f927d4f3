import { formatMinute, minuteOf } from '../basics/local-time';

/** Wall-clock times with their seconds, `YYYY-MM-DDTHH:mm:ss`, as whole seconds. */
export type Second = number;

export function secondOf(at: string): Second {
  return minuteOf(at.slice(0, 16)) * 60 + Number(at.slice(17, 19));
}

/** `YYYY-MM-DDTHH:mm:ss`. */
export function formatSecond(second: Second): string {
  const whole = Math.floor(second);
  return `${formatMinute(Math.floor(whole / 60))}:${String(whole % 60).padStart(2, '0')}`;
}

/** Clocks may differ by so much before one of them counts as wrong. */
const FAIR_DIFFERENCE = 120;

/**
 * When something really happened that a phone has told with its own clock: how long ago it was by that clock is
 * believed, what the clock shows is not. Never later than `now`.
 */
export function rightTime(at: string, sentAt: string, now: string): string {
  const wrong = secondOf(now) - secondOf(sentAt);
  const drift = Math.abs(wrong) > FAIR_DIFFERENCE ? wrong : 0;
  return formatSecond(Math.min(secondOf(at) + drift, secondOf(now)));
}

/** Whether a phone's clock is so far off that its times have to be set right. */
export function isClockWrong(sentAt: string, now: string): boolean {
  return Math.abs(secondOf(now) - secondOf(sentAt)) > FAIR_DIFFERENCE;
}
