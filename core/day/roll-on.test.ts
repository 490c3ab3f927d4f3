import { describe, expect, it } from 'vitest';
import { juniperRow } from '../../demo/juniper-row';
import type { HouseholdChange } from '../household/change';
import type { Problem } from '../plan/problem';
import { type Missed, waysToRollOn } from './roll-on';

const cleanWith = (...reserve: string[]) => ({ ...juniperRow('2027-03-01').clean, reserve });

const link = (before: string, after: string, hard = true): Problem['precedence'][number] => ({
  before,
  after,
  hard,
  reason: 'So it is',
});
const missing = (slipped: string[], ...precedence: Problem['precedence'][number][]): Missed => ({
  slipped,
  problem: {
    tasks: ['taps', 'floor', 'bed'].map((id) => ({ id })) as unknown as Problem['tasks'],
    precedence,
  },
});

/** The reserve days that a way leaves shut, and from when on it puts which tasks. */
const told = (way: HouseholdChange | undefined) => {
  if (!way) return undefined;
  const changes = way.do === 'several' ? way.changes : [way];
  const clean = changes.find((change) => change.do === 'put-clean');
  const later = changes.find((change) => change.do === 'later');
  return {
    shut: clean?.do === 'put-clean' && clean.clean.reserve,
    later: later?.do === 'later' ? later.later.map(({ task, from }) => `${task} from ${from}`) : [],
  };
};
const ways = (reserve: string[], missed: Missed, today = '2027-03-05') =>
  waysToRollOn(cleanWith(...reserve), missed, today).map(told);

describe('waysToRollOn', () => {
  it('opens one reserve day after the other, and lets what was missed lie anywhere at the very end', () => {
    expect(ways(['2027-03-13', '2027-03-06'], missing(['taps/wrap', 'floor/mop']))).toEqual([
      { shut: ['2027-03-13'], later: ['taps from 2027-03-06', 'floor from 2027-03-06'] },
      { shut: [], later: ['taps from 2027-03-06', 'floor from 2027-03-06'] },
      { shut: [], later: [] },
    ]);
  });

  it('opens none that is over, and today’s still', () => {
    expect(ways(['2027-03-04', '2027-03-05'], missing(['taps/wrap']))).toEqual([
      { shut: ['2027-03-04'], later: ['taps from 2027-03-05'] },
      { shut: ['2027-03-04'], later: [] },
    ]);
  });

  it('knows no way where no reserve day is left', () => {
    expect(ways([], missing(['taps/wrap']))).toEqual([]);
    expect(ways(['2027-03-04'], missing(['taps/wrap']))).toEqual([]);
  });

  it('lets nobody wait for a reserve day: what other work comes after is not put off', () => {
    const [first] = ways(['2027-03-06'], missing(['taps/wrap', 'bed/make'], link('taps', 'floor')));
    expect(first?.later).toEqual(['bed from 2027-03-06']);
  });

  it('opens none at first where all that was missed is waited for', () => {
    expect(ways(['2027-03-06'], missing(['taps/wrap'], link('taps', 'floor')))).toEqual([
      undefined,
      { shut: [], later: [] },
    ]);
  });

  it('goes by tasks also where a rule is about their steps', () => {
    const [first] = ways(['2027-03-06'], missing(['taps/wrap', 'bed/make'], link('taps/rinse', 'floor/mop')));
    expect(first?.later).toEqual(['bed from 2027-03-06']);
  });

  it('puts off together what was missed together, and does not heed wishes', () => {
    const both = missing(['taps/wrap', 'floor/mop'], link('taps', 'floor'));
    expect(ways(['2027-03-06'], both)[0]?.later).toHaveLength(2);
    const wish = missing(['taps/wrap'], link('taps', 'floor', false));
    expect(ways(['2027-03-06'], wish)[0]?.later).toHaveLength(1);
  });

  it('says a task once, however many of its steps were missed', () => {
    expect(ways(['2027-03-06'], missing(['taps/wrap', 'taps/rinse']))[0]?.later).toHaveLength(1);
  });
});
