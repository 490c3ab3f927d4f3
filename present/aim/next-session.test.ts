import { describe, expect, it } from 'vitest';
import { juniperRow } from '@/demo/juniper-row';
import { quickPlan, stateOf } from '@/ui/testing/demo-state';
import { nextSession } from './next-session';

const demo = juniperRow('2027-03-01');
const at = (now: string) => {
  const latest = quickPlan(demo, '2027-03-01T08:00');
  const state = stateOf(demo, now, latest);
  return { latest, next: nextSession(state, state.campaign!) };
};

describe('the session that comes next', () => {
  it('is the first that is not over, with who, where, how long and what first', () => {
    const { latest, next } = at('2027-03-01T08:00');
    const [session] = latest.sessions.toSorted((a, b) => a.start.localeCompare(b.start));
    expect(next!.href).toBe(`/day/${session!.date}`);
    expect(next!.when).toContain(`${session!.start.slice(11)} to ${session!.end.slice(11)}`);
    expect(next!.what).toMatch(/^(Ines|Bram|Odalys|Teodor), .* of work: ./);
    expect(next!.first).not.toBe('');
  });

  it('is the one under way while it lasts, and another once it is over', () => {
    const { latest } = at('2027-03-01T08:00');
    const [one] = latest.sessions.toSorted((a, b) => a.start.localeCompare(b.start));
    expect(at(`${one!.start.slice(0, 15)}5`).next!.when).toContain(one!.start.slice(11));
    expect(at(one!.end).next!.when).not.toContain(`${one!.start.slice(11)} to ${one!.end.slice(11)}`);
  });

  it('is none once nothing more is planned', () => {
    expect(at('2027-12-01T08:00').next).toBeUndefined();
  });
});
