import { describe, expect, it } from 'vitest';
import type { MadePlan } from '@/core/plan/plan';
import { juniperRow } from '@/demo/juniper-row';
import { quickPlan } from '@/ui/testing/demo-state';
import { costRows, judgedWords } from './cost-words';

const NOW = '2027-03-01T08:00';
const made = quickPlan(juniperRow('2027-03-01'), NOW) as MadePlan;

describe('what a plan was judged by', () => {
  it('is all of its cost, the dearest part first, and nothing that costs nothing', () => {
    const rows = costRows(made);
    expect(rows.reduce((sum, { minutes }) => sum + minutes, 0)).toBe(made.metrics.cost);
    expect(rows.map(({ minutes }) => minutes)).toEqual(
      rows.map(({ minutes }) => minutes).toSorted((a, b) => b - a),
    );
    expect(rows.every(({ minutes }) => minutes > 0)).toBe(true);
  });

  it('is nothing for a plan from before costs were counted', () => {
    const { costs: _costs, cost: _cost, ...metrics } = made.metrics;
    expect(costRows({ ...made, version: 1, metrics } as Parameters<typeof costRows>[0])).toEqual([]);
  });

  it('is one sentence', () => {
    const metrics = { ...made.metrics, openRoomNights: 3, wishesBroken: 1 };
    const sessions = made.sessions.slice(0, 1);
    expect(judgedWords({ ...made, sessions, metrics })).toBe(
      '1 day with 1 session; rooms stay half done overnight 3 times; 1 small wish for the order is set aside.',
    );
    expect(
      judgedWords({ ...made, sessions, metrics: { ...metrics, openRoomNights: 0, wishesBroken: 0 } }),
    ).toBe('1 day with 1 session; no room is left half done overnight; every wish for the order is kept.');
    // Of a plan in which nothing fits there is nothing good to say.
    expect(judgedWords({ ...made, sessions: [] })).toBe('');
  });
});
