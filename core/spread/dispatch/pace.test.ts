import { describe, expect, it } from 'vitest';
import { dayOf } from '../../basics/local-time';
import { exampleHome } from '../examples/homes';
import { modelOf, openHands, type Person } from '../model/model';
import { offersOf } from '../model/offers';
import { steadyPace } from './pace';

describe('a steady pace', () => {
  const model = modelOf(exampleHome(3, 80));
  const pace = steadyPace(model, 2);
  const all = model.tasks.reduce((sum, task) => sum + openHands(task), 0);

  it('comes to all the work by the last date, each person’s share together', () => {
    const done = model.people.reduce((sum, person) => sum + pace.upTo(person, model.lastDay), 0);
    expect(done).toBeCloseTo(all, 6);
  });

  it('gives a date some multiple of its share of what somebody offers, and nothing where they offer nothing', () => {
    const { ofPersonOn, all: offered } = offersOf(model);
    const [person] = model.people as [Person];
    ofPersonOn[0]!.forEach((offer, i) => {
      expect(pace.ofDate(person, model.firstDay + i)).toBeCloseTo((2 * all * offer) / offered, 6);
    });
  });

  it('lets a week go as far as its end, and no further', () => {
    const [person] = model.people as [Person];
    const first = dayOf('2027-03-01') - model.firstDay;
    expect(first).toBeGreaterThanOrEqual(0);
    const week = Array.from({ length: 7 }, (_, i) => pace.upTo(person, model.firstDay + i));
    expect(new Set(week).size).toBe(1);
    expect(pace.upTo(person, model.firstDay + 7)).toBeGreaterThan(week[0] as number);
  });
});
