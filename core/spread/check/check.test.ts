import { describe, expect, it } from 'vitest';
import type { Plan } from '../../plan/plan';
import type { Problem } from '../../plan/problem';
import { checkPlan, describeViolation } from './check';
import type { RuleName } from './subject';

const HASH = 'a'.repeat(64);

/**
 * A morning worked out by hand. Ada strips the bed (9:00–9:20) and loads the washer, which runs an hour; Ben dusts
 * meanwhile; the floor is mopped last and closes the room for half an hour. Ada makes the bed when the wash is done.
 */
function problem(): Problem {
  return {
    format: 'early-thaw/problem',
    version: 2,
    timezone: 'Europe/Berlin',
    start: '2027-03-01',
    finish: '2027-03-03',
    now: '2027-03-01T08:00',
    people: [
      {
        id: 'ada',
        windows: [
          { start: '2027-03-01T08:00', end: '2027-03-01T13:00' },
          { start: '2027-03-02T08:00', end: '2027-03-02T13:00' },
        ],
        dailyCap: 150,
        cannot: ['ladder'],
        dislikes: {},
        breakAfter: 90,
        breakLength: 10,
      },
      {
        id: 'ben',
        windows: [
          { start: '2027-03-01T09:00', end: '2027-03-01T12:00' },
          { start: '2027-03-02T09:00', end: '2027-03-02T12:00' },
        ],
        dailyCap: 120,
        cannot: [],
        dislikes: {},
        breakAfter: 60,
        breakLength: 10,
      },
    ],
    machines: [{ id: 'washer', windows: [{ start: '2027-03-01T08:00', end: '2027-03-01T12:00' }] }],
    rooms: [
      { id: 'bedroom', maxPeople: 2 },
      { id: 'hall', maxPeople: 1 },
    ],
    tasks: [
      task('bed', 'bedroom', [
        { id: 'strip', mode: 'hands', minutes: 20 },
        { id: 'wash', mode: 'wait', minutes: 60, machine: 'washer', atMost: 120 },
        { id: 'make', mode: 'hands', minutes: 25 },
      ]),
      task('lamp', 'bedroom', [{ id: 'lamp-1', mode: 'hands', minutes: 15, tags: ['ladder'] }]),
      task('mattress', 'bedroom', [{ id: 'turn', mode: 'hands', minutes: 10, crew: 2 }]),
      {
        ...task('wardrobe', 'bedroom', [{ id: 'sort', mode: 'hands', minutes: 70, split: 30 }]),
        person: 'ben',
      },
      task('floor', 'hall', [
        { id: 'mop', mode: 'hands', minutes: 20 },
        { id: 'dry', mode: 'wait', minutes: 30, closesRoom: true },
      ]),
      {
        ...task('rug', 'hall', [{ id: 'beat', mode: 'hands', minutes: 20 }]),
        needs: ['dry', 'daylight'],
        latest: '2027-03-02T12:00',
        earliest: '2027-03-01T09:00',
      },
      {
        ...task('coats', 'hall', [
          { id: 'coats-1', mode: 'hands', minutes: 15 },
          { id: 'coats-2', mode: 'hands', minutes: 15 },
        ]),
        sameDay: true,
      },
      { ...task('photos', 'hall', [{ id: 'photos-1', mode: 'hands', minutes: 200 }]), priority: 'could' },
      { ...task('frames', 'hall', [{ id: 'frames-1', mode: 'hands', minutes: 10 }]), priority: 'could' },
    ],
    precedence: [
      {
        before: 'strip',
        after: 'mattress',
        hard: true,
        minGap: 0,
        maxGap: 180,
        reason: 'The mattress has to be bare',
      },
      { before: 'lamp', after: 'floor', hard: false, reason: 'High before low' },
      { before: 'photos', after: 'frames', hard: true, reason: 'Photos out of the frames first' },
    ],
    days: [
      { date: '2027-03-01', dry: true, daylight: { from: '08:00', to: '18:00' } },
      { date: '2027-03-02', dry: false, daylight: { from: '08:00', to: '18:00' } },
    ],
    fixed: [{ step: 'lamp-1', people: ['ben'], start: '2027-03-01T09:00', end: '2027-03-01T09:15' }],
    done: [],
    policy: {
      spread: 'early',
      grouping: 'room',
      hardestFirst: false,
      openRooms: 1,
      reserve: ['2027-03-03'],
      sessionCap: 210,
    },
  };
}

function task(id: string, room: string, steps: Problem['tasks'][number]['steps']): Problem['tasks'][number] {
  return { id, title: id, room, kind: 'work', layer: 1, priority: 'should', hardness: 2, steps };
}

function entry(
  step: string,
  people: string[],
  from: string,
  to: string,
  date = '2027-03-01',
): Plan['entries'][number] {
  return { step, people, start: `${date}T${from}`, end: `${date}T${to}` };
}

function plan(): Plan {
  return {
    format: 'early-thaw/plan',
    version: 1,
    problem: HASH,
    entries: [
      entry('strip', ['ada'], '09:00', '09:20'),
      entry('wash', [], '09:20', '10:25'),
      entry('make', ['ada'], '10:25', '10:50'),
      entry('lamp-1', ['ben'], '09:00', '09:15'),
      entry('turn', ['ada', 'ben'], '09:20', '09:30'),
      entry('sort', ['ben'], '09:40', '10:20'),
      entry('sort', ['ben'], '10:40', '11:10'),
      entry('beat', ['ada'], '09:45', '10:05'),
      entry('mop', ['ben'], '11:25', '11:45'),
      entry('dry', [], '11:45', '12:15'),
      entry('coats-1', ['ben'], '09:00', '09:15', '2027-03-02'),
      entry('coats-2', ['ben'], '09:15', '09:30', '2027-03-02'),
    ],
    sessions: [
      { id: 's1', person: 'ada', date: '2027-03-01', start: '2027-03-01T09:00', end: '2027-03-01T10:50' },
      { id: 's2', person: 'ben', date: '2027-03-01', start: '2027-03-01T09:00', end: '2027-03-01T11:45' },
      { id: 's3', person: 'ben', date: '2027-03-02', start: '2027-03-02T09:00', end: '2027-03-02T09:30' },
    ],
    unplaced: [
      { task: 'photos', reason: 'too-long', message: 'Too long' },
      { task: 'frames', reason: 'predecessor', message: 'Waits for the photos' },
    ],
    // hands: ada 20+25+10+20 = 75; ben 15+10+40+30+20+30 = 145. Sessions 110 + 165 + 30. Idle: ada 110-75 = 35;
    // ben 165-115-10 (one break is due, ceil(115/60)-1) = 40; 0. Nights: the hall is open after the first day.
    metrics: {
      finish: '2027-03-02T09:30',
      hands: 220,
      session: 305,
      idle: 75,
      unplaced: { must: 0, should: 0, could: 210 },
      openRoomNights: 1,
      wishesBroken: 0,
    },
  };
}

function broken(change: (parts: { plan: Plan; problem: Problem }) => void): RuleName[] {
  const parts = { plan: plan(), problem: problem() };
  change(parts);
  const rules = checkPlan(parts.problem, parts.plan, HASH).map((violation) => violation.rule);
  return [...new Set(rules)].filter((rule) => rule !== 'metrics');
}

const find = (p: Plan, step: string) => p.entries.find((e) => e.step === step) as Plan['entries'][number];
const move = (p: Plan, step: string, from: string, to: string, date = '2027-03-01') =>
  Object.assign(find(p, step), { start: `${date}T${from}`, end: `${date}T${to}` });
const personIn = (p: Problem, id: string) => p.people.find((x) => x.id === id) as Problem['people'][number];
const taskIn = (p: Problem, id: string) => p.tasks.find((t) => t.id === id) as Problem['tasks'][number];

describe('checkPlan', () => {
  it('finds nothing in a valid plan', () => {
    expect(checkPlan(problem(), plan(), HASH).map(describeViolation)).toEqual([]);
  });

  const mutations: [string, RuleName[], Parameters<typeof broken>[0]][] = [
    [
      'another problem',
      ['form'],
      ({ plan }) => {
        plan.problem = 'b'.repeat(64);
      },
    ],
    [
      'an unknown step',
      ['form'],
      ({ plan }) => {
        find(plan, 'make').step = 'nowhere';
      },
    ],
    [
      'an unknown person',
      ['form'],
      ({ plan }) => {
        find(plan, 'make').people = ['zoe'];
      },
    ],
    [
      'a step that runs backwards',
      ['form'],
      ({ plan }) => {
        move(plan, 'make', '10:50', '10:25');
      },
    ],
    [
      'a step left out',
      [1],
      ({ plan }) => {
        plan.entries = plan.entries.filter((e) => e.step !== 'beat');
      },
    ],
    [
      'a step placed twice',
      [1, 7],
      ({ plan }) => {
        plan.entries.push(entry('beat', ['ada'], '12:20', '12:40'));
      },
    ],
    [
      'a placed task listed as unplaced',
      [1],
      ({ plan }) => {
        plan.unplaced.push({ task: 'rug', reason: 'no-time', message: '' });
      },
    ],
    [
      'parts that add up to less',
      [1],
      ({ plan }) => {
        move(plan, 'sort', '09:45', '10:20');
      },
    ],
    [
      'a first part shorter than the shortest',
      [1, 4],
      ({ plan }) => {
        move(plan, 'sort', '09:55', '10:20');
        plan.entries[6] = entry('sort', ['ben'], '10:25', '11:10');
      },
    ],
    [
      'an entry for a done step',
      [1],
      ({ problem }) => {
        problem.done = [{ step: 'beat', end: '2027-03-01T07:00' }];
      },
    ],
    [
      'steps out of order',
      [2],
      ({ plan }) => {
        move(plan, 'coats-2', '09:00', '09:15', '2027-03-02');
        move(plan, 'coats-1', '09:15', '09:30', '2027-03-02');
      },
    ],
    [
      'a hands-on step of the wrong length',
      [2],
      ({ plan }) => {
        move(plan, 'beat', '09:45', '10:04');
      },
    ],
    [
      'a wait that starts late',
      [2],
      ({ plan }) => {
        move(plan, 'wash', '09:21', '10:25');
      },
    ],
    [
      'a wait that is too short',
      [2],
      ({ plan }) => {
        move(plan, 'wash', '09:20', '10:19');
        move(plan, 'make', '10:19', '10:44');
        plan.sessions[0]!.end = '2027-03-01T10:44';
      },
    ],
    [
      'a wait that ends before the next step',
      [2],
      ({ plan }) => {
        move(plan, 'wash', '09:20', '10:20');
      },
    ],
    [
      'a wait longer than its most',
      [2],
      ({ problem }) => {
        Object.assign(taskIn(problem, 'bed').steps[1]!, { atMost: 62 });
      },
    ],
    [
      'a last wait with an overhang',
      [2],
      ({ plan }) => {
        move(plan, 'dry', '11:45', '12:16');
      },
    ],
    [
      'two things at once',
      [3],
      ({ plan }) => {
        move(plan, 'beat', '09:25', '09:45');
      },
    ],
    [
      'work outside the free time',
      [3],
      ({ problem }) => {
        personIn(problem, 'ada').windows[0]!.end = '2027-03-01T10:49';
      },
    ],
    [
      'a step that this person must not do',
      [3],
      ({ problem }) => {
        personIn(problem, 'ben').cannot = ['noise'];
        taskIn(problem, 'floor').steps[0]!.tags = ['noise'];
      },
    ],
    [
      'more than the cap of a day',
      [3],
      ({ problem }) => {
        personIn(problem, 'ben').dailyCap = 114;
      },
    ],
    [
      'too small a crew',
      [3],
      ({ plan }) => {
        find(plan, 'turn').people = ['ada'];
      },
    ],
    [
      'somebody else than the named person',
      [3],
      ({ problem }) => {
        taskIn(problem, 'rug').person = 'ben';
      },
    ],
    [
      'no break',
      [4],
      ({ problem }) => {
        personIn(problem, 'ben').breakAfter = 39;
      },
    ],
    [
      'a break that is too short',
      [4],
      ({ problem }) => {
        personIn(problem, 'ben').breakLength = 21;
      },
    ],
    [
      'a machine that serves two',
      [5],
      ({ problem, plan }) => {
        problem.tasks.push(
          task('towels', 'bedroom', [{ id: 'towel-wash', mode: 'wait', minutes: 60, machine: 'washer' }]),
        );
        plan.entries.push(entry('towel-wash', [], '10:15', '11:15'));
      },
    ],
    [
      'a machine outside its times',
      [5],
      ({ problem }) => {
        problem.machines[0]!.windows = [{ start: '2027-03-01T09:30', end: '2027-03-01T12:00' }];
      },
    ],
    [
      'too many in a room',
      [6],
      ({ problem }) => {
        problem.rooms[0]!.maxPeople = 1;
      },
    ],
    [
      'work in a closed room',
      [6],
      ({ problem, plan }) => {
        taskIn(problem, 'bed').room = 'hall';
        Object.assign(taskIn(problem, 'bed').steps[1]!, { closesRoom: true });
        void plan;
      },
    ],
    [
      'a hard order that is not kept',
      [7],
      ({ problem }) => {
        problem.precedence.push({ before: 'mop', after: 'beat', hard: true, reason: 'x' });
      },
    ],
    [
      'a gap that is too small',
      [7],
      ({ problem }) => {
        problem.precedence[0]!.minGap = 1;
      },
    ],
    [
      'a gap that is too large',
      [7],
      ({ problem }) => {
        problem.precedence.push({ before: 'strip', after: 'make', maxGap: 64, hard: true, reason: 'x' });
      },
    ],
    [
      'an order-only rule between two planned tasks',
      [7],
      ({ problem }) => {
        problem.precedence.push({ before: 'mop', after: 'beat', hard: true, orderOnly: true, reason: 'x' });
      },
    ],
    [
      'before the earliest time',
      [7],
      ({ problem }) => {
        taskIn(problem, 'rug').earliest = '2027-03-01T09:46';
      },
    ],
    [
      'after the latest time',
      [7],
      ({ problem }) => {
        taskIn(problem, 'rug').latest = '2027-03-01T10:04';
      },
    ],
    [
      'two dates where one is asked',
      [7],
      ({ plan }) => {
        move(plan, 'coats-1', '12:30', '12:45');
        find(plan, 'coats-1').people = ['ada'];
        plan.sessions.push({
          id: 's4',
          person: 'ada',
          date: '2027-03-01',
          start: '2027-03-01T12:30',
          end: '2027-03-01T12:45',
        });
        plan.sessions[2]!.start = '2027-03-02T09:15';
      },
    ],
    [
      'rain',
      [7],
      ({ problem }) => {
        problem.days![0]!.dry = false;
      },
    ],
    [
      'the dark',
      [7],
      ({ problem }) => {
        problem.days![0]!.daylight.from = '10:00';
      },
    ],
    [
      'before now',
      [7],
      ({ problem }) => {
        problem.now = '2027-03-01T09:10';
      },
    ],
    [
      'a day kept free',
      [7],
      ({ problem }) => {
        problem.policy.reserve = ['2027-03-02'];
      },
    ],
    [
      'before the first date',
      [7],
      ({ problem }) => {
        problem.start = '2027-03-02';
      },
    ],
    [
      'after the last date',
      [7],
      ({ problem }) => {
        problem.finish = '2027-03-01';
      },
    ],
    [
      'too long a session',
      [7],
      ({ problem }) => {
        problem.policy.sessionCap = 164;
      },
    ],
    [
      'work in no session',
      [7],
      ({ plan }) => {
        plan.sessions.pop();
      },
    ],
    [
      'a session that does not begin with work',
      [7],
      ({ plan }) => {
        plan.sessions[0]!.start = '2027-03-01T08:59';
      },
    ],
    [
      'sessions too close to each other',
      [7],
      ({ plan }) => {
        plan.sessions[1]!.end = '2027-03-01T11:10';
        plan.sessions.push({
          id: 's4',
          person: 'ben',
          date: '2027-03-01',
          start: '2027-03-01T11:25',
          end: '2027-03-01T11:45',
        });
      },
    ],
    [
      'a fixed entry that was moved',
      [8],
      ({ plan }) => {
        move(plan, 'lamp-1', '09:01', '09:16');
        plan.sessions[1]!.start = '2027-03-01T09:01';
      },
    ],
    [
      'a follower without what comes first',
      [9],
      ({ plan }) => {
        plan.unplaced.pop();
        plan.entries.push(entry('frames-1', ['ada'], '12:30', '12:40'));
        plan.sessions.push({
          id: 's4',
          person: 'ada',
          date: '2027-03-01',
          start: '2027-03-01T12:30',
          end: '2027-03-01T12:40',
        });
      },
    ],
  ];

  it.each(mutations)('finds %s', (_name, rules, change) => {
    expect(broken(change)).toEqual(rules);
  });

  it('finds a figure that is not true', () => {
    const lying = plan();
    lying.metrics.idle = 0;
    lying.metrics.openRoomNights = 2;
    expect(checkPlan(problem(), lying, HASH).map((v) => v.message)).toEqual([
      'idle is given as 0 and is 75',
      'openRoomNights is given as 2 and is 1',
    ]);
  });

  it('lets a fixed entry break a rule by itself', () => {
    const given = problem();
    personIn(given, 'ben').cannot = ['ladder'];
    personIn(given, 'ben').windows[0]!.start = '2027-03-01T09:20';
    expect(checkPlan(given, plan(), HASH)).toEqual([]);
  });

  it('lets a wait after a done step start before now', () => {
    const given = problem();
    given.done = [{ step: 'strip', end: '2027-03-01T07:50' }];
    const made = plan();
    made.entries = made.entries.filter((e) => e.step !== 'strip');
    move(made, 'wash', '07:50', '09:50');
    move(made, 'make', '09:50', '10:15');
    move(made, 'beat', '10:15', '10:35');
    Object.assign(made.sessions[0]!, { start: '2027-03-01T09:20', end: '2027-03-01T10:35' });
    given.machines[0]!.windows = [];
    expect(checkPlan(given, made, HASH).map((v) => v.rule)).toEqual([5, 'metrics', 'metrics', 'metrics']);
    delete given.machines[0]!.windows;
    expect(checkPlan(given, made, HASH).map((v) => v.rule)).toEqual(['metrics', 'metrics', 'metrics']);
  });
});
