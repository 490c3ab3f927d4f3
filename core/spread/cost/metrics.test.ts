import { describe, expect, it } from 'vitest';
import { minuteOf } from '../../basics/local-time';
import type { Problem } from '../../plan/problem';
import { exampleProblem } from '../examples/problems';
import { type Model, modelOf } from '../model/model';
import {
  brokenWishes,
  metricsOf,
  openRoomsByNight,
  type Placed,
  sessionDocuments,
  sessionsOf,
} from './metrics';

/** Two rooms, two people, four tasks of one step; the second of each room takes a wait after it. */
const problem: Problem = {
  ...exampleProblem(1, [], 1),
  start: '2027-03-01',
  finish: '2027-03-05',
  people: ['ada', 'ben'].map((id) => ({
    id,
    windows: [{ start: '2027-03-01T08:00', end: '2027-03-01T20:00' }],
    dailyCap: 600,
    cannot: [],
    dislikes: (id === 'ben' ? { floors: 2 } : {}) as Record<string, number>,
    breakAfter: 60,
    breakLength: 10,
  })),
  machines: [],
  rooms: [{ id: 'bath' }, { id: 'hall' }],
  tasks: [
    {
      id: 'tiles',
      room: 'bath',
      kind: 'walls',
      steps: [{ id: 'tiles-1', mode: 'hands' as const, minutes: 30 }],
    },
    {
      id: 'bath-floor',
      room: 'bath',
      kind: 'floors',
      steps: [
        { id: 'bath-floor-1', mode: 'hands' as const, minutes: 20 },
        { id: 'bath-floor-2', mode: 'wait' as const, minutes: 600 },
      ],
    },
    {
      id: 'lamp',
      room: 'hall',
      kind: 'walls',
      steps: [{ id: 'lamp-1', mode: 'hands' as const, minutes: 15 }],
    },
    {
      id: 'hall-floor',
      room: 'hall',
      kind: 'floors',
      steps: [{ id: 'hall-floor-1', mode: 'hands' as const, minutes: 25, crew: 2 }],
    },
  ].map((task) => ({ title: task.id, layer: 1, priority: 'should' as const, hardness: 1, ...task })),
  precedence: [
    { before: 'lamp', after: 'hall-floor', hard: false, reason: 'High first' },
    { before: 'tiles', after: 'bath-floor', hard: false, maxGap: 120, reason: 'Soon after' },
  ],
  policy: {
    spread: 'early',
    grouping: 'room',
    hardestFirst: false,
    openRooms: 1,
    reserve: [],
    sessionCap: 300,
  },
};

const model: Model = modelOf(problem);

function placed(step: string, people: string[], from: string, to: string): Placed {
  return {
    step: model.steps.get(step)!,
    people: people.map((id) => model.people.find((person) => person.id === id)!),
    start: minuteOf(`2027-03-${from}`),
    end: minuteOf(`2027-03-${to}`),
  };
}

const entries = [
  placed('tiles-1', ['ada'], '01T09:00', '01T09:30'),
  placed('bath-floor-1', ['ada'], '01T19:00', '01T19:20'),
  placed('bath-floor-2', [], '01T19:20', '02T05:20'),
  placed('hall-floor-1', ['ada', 'ben'], '02T09:00', '02T09:25'),
  placed('lamp-1', ['ben'], '03T09:00', '03T09:15'),
];

describe('the figures of a plan', () => {
  it('cuts sessions by date and wherever an hour or more lies between', () => {
    expect(
      sessionDocuments(sessionsOf(entries, model.people)).map(
        (s) => `${s.person} ${s.start.slice(8)} ${s.end.slice(8)}`,
      ),
    ).toEqual([
      'ada 01T09:00 01T09:30',
      'ada 01T19:00 01T19:20',
      'ada 02T09:00 02T09:25',
      'ben 02T09:00 02T09:25',
      'ben 03T09:00 03T09:15',
    ]);
  });

  it('joins work less than an hour apart, the gap within', () => {
    const near = [
      placed('tiles-1', ['ada'], '01T09:00', '01T09:30'),
      placed('bath-floor-1', ['ada'], '01T10:29', '01T10:49'),
    ];
    expect(sessionsOf(near, model.people)).toHaveLength(1);
    const far = [
      placed('tiles-1', ['ada'], '01T09:00', '01T09:30'),
      placed('bath-floor-1', ['ada'], '01T10:30', '01T10:50'),
    ];
    expect(sessionsOf(far, model.people)).toHaveLength(2);
  });

  it('counts rooms that are begun and not finished at midnight, a wait that runs on included', () => {
    // The bath is open over the first night for its floor dries till 5:20; the hall over the second, for the lamp.
    expect(openRoomsByNight(model, entries, [])).toEqual([1, 1, 0]);
  });

  it('counts nights from now on', () => {
    const later = modelOf({ ...problem, now: '2027-03-02T07:00' });
    expect(openRoomsByNight(later, entries, [])).toEqual([1, 0]);
  });

  it('finds the wishes that are broken: by order and by gap', () => {
    expect(brokenWishes(model, entries).map((link) => link.reason)).toEqual(['High first', 'Soon after']);
    expect(brokenWishes(model, entries.slice(0, 1))).toEqual([]);
  });

  it('adds up: hands by person, sessions, idle beyond the breaks due', () => {
    const metrics = metricsOf(model, entries, sessionsOf(entries, model.people), [model.tasks[0]!]);
    expect(metrics).toEqual({
      finish: '2027-03-03T09:15',
      hands: 30 + 20 + 50 + 15,
      session: 30 + 20 + 25 + 25 + 15,
      idle: 0,
      unplaced: { must: 0, should: 30, could: 0 },
      openRoomNights: 2,
      wishesBroken: 2,
    });
  });

  it('counts idle minutes in a session, less the breaks that are due', () => {
    const gap = [
      placed('tiles-1', ['ada'], '01T09:00', '01T09:30'),
      placed('bath-floor-1', ['ada'], '01T10:00', '01T10:20'),
    ];
    expect(metricsOf(model, gap, sessionsOf(gap, model.people), []).idle).toBe(30);
  });

  it('has no finish where nothing is placed', () => {
    expect(metricsOf(model, [], [], model.tasks)).toMatchObject({
      finish: null,
      hands: 0,
      unplaced: { must: 0, should: 30 + 20 + 15 + 50, could: 0 },
    });
  });
});
