import { describe, expect, it } from 'vitest';
import { describeFault } from '../basics/fault';
import { exampleProblem } from '../spread/examples/problems';
import { parseProblem } from './read-problem';

type Loose = Record<string, never> & { [key: string]: never };

function faultsOf(change: (problem: ReturnType<typeof exampleProblem>) => void): string[] {
  const problem = structuredClone(exampleProblem(4, ['waits', 'machines', 'precedence'], 6));
  change(problem);
  const parsed = parseProblem(JSON.stringify(problem));
  return parsed.ok ? [] : parsed.faults.map(describeFault);
}

const loose = (value: unknown) => value as Loose;

describe('parseProblem', () => {
  it('reads what it wrote', () => {
    const problem = exampleProblem(11);
    const parsed = parseProblem(JSON.stringify(problem));
    expect(parsed).toEqual({ ok: true, value: problem });
  });

  it('reads the first version as one of the second with none of its keys', () => {
    const problem = exampleProblem(11, ['waits', 'precedence']);
    const first = { ...problem, version: 1 };
    expect(parseProblem(JSON.stringify(first))).toEqual({ ok: true, value: problem });
    const mixed = parseProblem(JSON.stringify({ ...first, quiet: [] }));
    expect(mixed.ok ? [] : mixed.faults.map(describeFault)).toEqual([
      'quiet: got a key that is not known here, expected no such key',
    ]);
  });

  it('takes a file with a byte order mark', () => {
    expect(parseProblem(`\uFEFF${JSON.stringify(exampleProblem(11))}`).ok).toBe(true);
  });

  const cases: [string, Parameters<typeof faultsOf>[0], RegExp][] = [
    ['an unknown key', (p) => Object.assign(p, { colour: 1 }), /^colour: got a key that is not known here/],
    [
      'an unknown key deep inside',
      (p) => Object.assign(p.tasks[0]!.steps[0]!, { x: 1 }),
      /^tasks\[0\]\.steps\[0\]\.x: got a key/,
    ],
    [
      'a missing key',
      (p) => {
        delete loose(p.policy).sessionCap;
      },
      /^policy\.sessionCap: got nothing, expected a number/,
    ],
    [
      'a wrong type',
      (p) => {
        Object.assign(p.people[0]!, { dailyCap: 'two' });
      },
      /^people\[0\]\.dailyCap: got "two", expected a number/,
    ],
    [
      'a negative length',
      (p) => {
        p.tasks[0]!.steps[0]!.minutes = -5;
      },
      /^tasks\[0\]\.steps\[0\]\.minutes: got -5, expected .* at least/,
    ],
    [
      'half a minute',
      (p) => {
        p.tasks[0]!.steps[0]!.minutes = 1.5;
      },
      /minutes: got 1\.5, expected/,
    ],
    [
      'a date that is not on the calendar',
      (p) => {
        p.finish = '2027-02-30';
      },
      /^finish: got "2027-02-30", expected a date that is on the calendar/,
    ],
    [
      'a time with seconds',
      (p) => {
        p.people[0]!.windows = [{ start: '2027-03-01T08:00:00', end: '2027-03-01T09:00' }];
      },
      /windows\[0\]\.start: .*YYYY-MM-DDTHH:mm/,
    ],
    [
      'a finish before the start',
      (p) => {
        p.finish = '2027-02-01';
      },
      /^finish: got "2027-02-01", expected a date not before start/,
    ],
    [
      'a window that runs backwards',
      (p) => {
        p.people[0]!.windows = [{ start: '2027-03-01T09:00', end: '2027-03-01T08:00' }];
      },
      /windows\[0\]\.end/,
    ],
    [
      'a fixed entry that runs backwards',
      (p) => {
        p.fixed = [{ step: 'task-0/step-0', people: [], start: '2027-03-01T09:00', end: '2027-03-01T08:00' }];
      },
      /^fixed\[0\]\.end: got .*, expected a time not before its start/,
    ],
    [
      'two tasks with one id',
      (p) => {
        p.tasks.push(structuredClone(p.tasks[0]!));
      },
      /got "task-0" again, expected an id unique in tasks/,
    ],
    [
      'a step with the id of a task',
      (p) => {
        p.tasks[0]!.steps[0]!.id = 'task-0';
      },
      /got "task-0" again/,
    ],
    [
      'an unknown room',
      (p) => {
        p.tasks[0]!.room = 'attic';
      },
      /^tasks\[0\]\.room: got "attic", expected the id of one of the rooms/,
    ],
    [
      'a rule that names nothing',
      (p) => {
        p.precedence.push({ before: 'nobody', after: 'task-0', hard: true, reason: '' });
      },
      /precedence\[\d+\]\.before: got "nobody"/,
    ],
    [
      'a crew for a named person',
      (p) => {
        p.tasks[0]!.person = 'person-0';
        p.tasks[0]!.steps = [{ id: 'z', mode: 'hands', minutes: 5, crew: 2 }];
      },
      /crew: got 2, expected 1/,
    ],
    [
      'a most below the least',
      (p) => {
        p.tasks[0]!.steps = [{ id: 'z', mode: 'wait', minutes: 5, atMost: 2 }];
      },
      /atMost: got 2, expected at least its minutes, 5/,
    ],
    [
      'a made-up time zone',
      (p) => {
        p.timezone = 'Mars/Base';
      },
      /^timezone: got "Mars\/Base"/,
    ],
    [
      'a circle',
      (p) => {
        p.precedence = [
          { before: 'task-0', after: 'task-1', hard: true, reason: '' },
          { before: 'task-1', after: 'task-0', hard: true, reason: '' },
        ];
      },
      /^precedence: got a circle: .* before /,
    ],
    [
      'a focus that names nobody',
      (p) => {
        p.focus = [
          { id: 'f', from: '2027-03-01T08:00', to: '2027-03-01T07:00', people: ['zoe'], binds: 'time' },
        ];
      },
      /^focus\[0\]\.to: got "2027-03-01T07:00", expected a time after its start/,
    ],
    [
      'somebody kept out who is not there',
      (p) => {
        p.tasks[0]!.steps[0]!.keepsOut = ['zoe'];
      },
      /keepsOut\[0\]: got "zoe", expected the id of one of the people/,
    ],
    [
      'a factor that is too large',
      (p) => {
        p.policy.weights = { late: 11 };
      },
      /^policy\.weights\.late: got 11, expected a number of at most 10/,
    ],
    [
      'another format',
      (p) => {
        Object.assign(p, { version: 3 });
      },
      /^version: got 3, expected 1 or 2/,
    ],
  ];

  it.each(cases)('says what is wrong with %s', (_name, change, expected) => {
    const faults = faultsOf(change);
    expect(
      faults.some((line) => expected.test(line)),
      faults.join('\n'),
    ).toBe(true);
  });

  it('opens a circle that runs through an order-only rule', () => {
    expect(
      faultsOf((p) => {
        p.precedence = [
          { before: 'task-0', after: 'task-1', hard: true, reason: '' },
          { before: 'task-1', after: 'task-0', hard: true, orderOnly: true, reason: '' },
        ];
      }),
    ).toEqual([]);
  });

  it.each(['', '{', '[]', 'null', '"text"', '{"format":"early-thaw/problem"}', '\u0000'])(
    'refuses %j',
    (text) => {
      const parsed = parseProblem(text);
      expect(parsed.ok).toBe(false);
      if (!parsed.ok) expect(parsed.faults.length).toBeGreaterThan(0);
    },
  );
});
