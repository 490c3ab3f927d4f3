import { describe, expect, it } from 'vitest';
import type { ProblemStep } from '../../plan/problem';
import { type Model, modelOf } from '../model/model';
import type { Placed } from './metrics';
import { addSession, noSessionCosts } from './session-costs';

const WAIT: ProblemStep = { id: 'tap/soak', mode: 'wait', minutes: 20 };

/** Two rooms, the loft two storeys above the hall. */
const model: Model = modelOf({
  format: 'early-thaw/problem',
  version: 2,
  timezone: 'Europe/Berlin',
  start: '2027-03-01',
  finish: '2027-03-01',
  people: [
    {
      id: 'mira',
      windows: [{ start: '2027-03-01T09:00', end: '2027-03-01T18:00' }],
      dailyCap: 600,
      cannot: [],
      dislikes: {},
      breakAfter: 60,
      breakLength: 10,
    },
  ],
  machines: [],
  rooms: [{ id: 'hall' }, { id: 'loft', floor: 2 }],
  tasks: [
    ['hall', [{ id: 'door/do', mode: 'hands', minutes: 20 }]],
    ['loft', [{ id: 'lamp/do', mode: 'hands', minutes: 4 }]],
    [
      'loft',
      [{ id: 'tap/wrap', mode: 'hands', minutes: 4 }, WAIT, { id: 'tap/off', mode: 'hands', minutes: 6 }],
    ],
  ].map(([room, steps], i) => ({
    id: `task-${i}`,
    title: 'Task',
    room: room as string,
    kind: 'work',
    layer: 1,
    priority: 'must',
    hardness: 1,
    steps: steps as ProblemStep[],
  })),
  precedence: [],
  policy: {
    spread: 'early',
    grouping: 'room',
    hardestFirst: false,
    openRooms: 1,
    reserve: [],
    sessionCap: 240,
  },
});

const [mira] = model.people as [Model['people'][number]];

function entry(step: string, from: number, minutes: number): Placed {
  return {
    step: model.steps.get(step)!,
    people: [mira],
    start: model.start + from,
    end: model.start + from + minutes,
  };
}

function costsOf(entries: readonly Placed[]) {
  const costs = noSessionCosts();
  addSession(costs, mira, entries, 'room');
  return costs;
}

describe('what a session costs', () => {
  it('counts a start, what is missing to twenty-five minutes, and standing about', () => {
    const costs = costsOf([entry('door/do', 600, 20)]);
    expect(costs).toMatchObject({ sessions: 12 + 5, idle: 0, goings: 0, slivers: 0, visits: 1, short: 0 });
    expect(costsOf([entry('door/do', 600, 20), entry('door/do', 635, 20)]).idle).toBe(15);
  });

  it('leaves out the breaks that are due', () => {
    // 70 minutes of work after which one break of ten minutes is due; a quarter of an hour lies between.
    expect(costsOf([entry('door/do', 600, 40), entry('door/do', 655, 30)]).idle).toBe(5);
  });

  it('counts four for another room and two a storey, and what a short visit lacks to ten minutes', () => {
    const costs = costsOf([entry('door/do', 600, 20), entry('lamp/do', 620, 4), entry('door/do', 624, 20)]);
    expect(costs).toMatchObject({ goings: 2 * (4 + 2 * 2), slivers: 6, visits: 3, short: 1 });
  });

  it('forgives a short visit that does nothing but tend what waits', () => {
    const costs = costsOf([entry('door/do', 600, 20), entry('tap/wrap', 620, 4), entry('door/do', 624, 20)]);
    expect(costs).toMatchObject({ slivers: 0, visits: 3, short: 0 });
  });

  it('looks at a part of a list where it is told to', () => {
    const costs = noSessionCosts();
    const entries = [entry('lamp/do', 500, 4), entry('door/do', 700, 30)];
    addSession(costs, mira, entries, 'room', 1, 2);
    expect(costs).toMatchObject({ sessions: 12, visits: 1 });
  });
});
