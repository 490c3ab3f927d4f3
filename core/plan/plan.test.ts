import { describe, expect, it } from 'vitest';
import { describeFault } from '../basics/fault';
import { plan } from '../spread';
import { exampleProblem } from '../spread/examples/problems';
import { type Plan, parsePlan } from './plan';

const made = plan(exampleProblem(11), { problemHash: 'a'.repeat(64), seed: 1, stop: () => true });

function faultsOf(change: (subject: Plan) => void): string[] {
  const changed = structuredClone(made);
  change(changed);
  const parsed = parsePlan(JSON.stringify(changed));
  return parsed.ok ? [] : parsed.faults.map(describeFault);
}

describe('parsePlan', () => {
  it('reads what it wrote', () => {
    expect(parsePlan(JSON.stringify(made))).toEqual({ ok: true, value: made });
  });

  const cases: [string, (subject: Plan) => void, RegExp][] = [
    [
      'a hash in capitals',
      (p) => {
        p.problem = 'A'.repeat(64);
      },
      /^problem: got .*expected a SHA-256 as 64 lower-case hex digits/,
    ],
    [
      'a made-up reason',
      (p) => {
        p.unplaced = [{ task: 'x', reason: 'tired' as never, message: '' }];
      },
      /^unplaced\[0\]\.reason: got "tired", expected one of "no-time"/,
    ],
    [
      'a negative figure',
      (p) => {
        p.metrics.idle = -1;
      },
      /^metrics\.idle: got -1/,
    ],
    [
      'a time with a zone',
      (p) => {
        p.entries = [{ step: 's', people: [], start: '2027-03-01T10:00Z', end: '2027-03-01T10:10' }];
      },
      /^entries\[0\]\.start: .*YYYY-MM-DDTHH:mm/,
    ],
    [
      'no sessions',
      (p) => {
        delete (p as Partial<Plan>).sessions;
      },
      /^sessions: got nothing, expected a list/,
    ],
    [
      'another version',
      (p) => {
        Object.assign(p, { version: '1' });
      },
      /^version: got "1", expected 1 or 2/,
    ],
  ];

  it.each(cases)('says what is wrong with %s', (_name, change, expected) => {
    const faults = faultsOf(change);
    expect(
      faults.some((line) => expected.test(line)),
      faults.join('\n'),
    ).toBe(true);
  });
});
