import { describe, expect, it } from 'vitest';
import { formatMinute, minuteOf } from '../../basics/local-time';
import { hourOf, onTwoDates, TWO_DATES } from '../examples/two-dates';
import type { Cluster } from '../model/clusters';
import { modelOf, type Step } from '../model/model';
import { Draft } from './draft';
import { type Lay, liesAgain, putBack } from './lie-again';
import { placeCluster } from './place';

/** A draft with each task on a date, and what can be asked of it. */
function lying(dates: Readonly<Record<string, string>>) {
  const draft = new Draft(modelOf(onTwoDates(['mira', 'ida'], Object.keys(dates).map(hourOf))));
  const of = (id: string) => draft.movable.find(({ tasks }) => tasks.some((one) => one.id === id)) as Cluster;
  const step = (id: string) => of(id).tasks[0]?.steps[0] as Step;
  const place = (id: string, notBefore: string) =>
    placeCluster(draft.board, of(id), draft.links, { wishes: false, notBefore: minuteOf(notBefore) });
  for (const [id, date] of Object.entries(dates)) expect(place(id, `${date}T09:00`)).toBe(true);
  const where = (id: string) => {
    const [entry] = draft.board.entriesOf(step(id));
    return entry && `${formatMinute(entry.start)} ${entry.people[0]?.id}`;
  };
  /** Where each lay before: on a date, done by one of the two. */
  const lay = (places: Readonly<Record<string, readonly [date: string, person: string]>>): Lay =>
    new Map(
      Object.entries(places).map(([id, [date, person]]) => {
        const start = minuteOf(`${date}T09:00`);
        const people = draft.model.people.filter((one) => one.id === person);
        return [step(id), [{ step: step(id), people, start, end: start + 60 }]];
      }),
    );
  return { draft, of, where, lay };
}

const [MONDAY, TUESDAY] = TWO_DATES;

describe('what has been moved', () => {
  it('goes back where it lay, by the same hands, where there is room', () => {
    const { draft, where, lay } = lying({ lamp: TUESDAY });
    putBack(draft, lay({ lamp: [MONDAY, 'ida'] }));
    expect(where('lamp')).toBe('2027-03-01T09:00 ida');
  });

  it('stays where something else has its place now', () => {
    const { draft, where, lay } = lying({ shelf: MONDAY, lamp: TUESDAY });
    putBack(draft, lay({ shelf: [MONDAY, 'mira'], lamp: [MONDAY, 'mira'] }));
    expect(where('lamp')).toMatch('2027-03-02T09:00');
    expect(where('shelf')).toBe('2027-03-01T09:00 mira');
  });

  it('goes back once what was in its way has gone back', () => {
    const { draft, where, lay } = lying({ lamp: TUESDAY, shelf: MONDAY });
    const places = lay({ lamp: [MONDAY, 'mira'] });
    putBack(draft, places);
    expect(where('lamp')).toMatch('2027-03-02T09:00');
    draft.takeOff(draft.movable.find(({ tasks }) => tasks[0]?.id === 'shelf') as Cluster);
    putBack(draft, places);
    expect(where('lamp')).toBe('2027-03-01T09:00 mira');
  });

  it('lies again at its minute, whoever is free, or not at all', () => {
    const { draft, of, where, lay } = lying({ lamp: TUESDAY, shelf: MONDAY });
    for (const id of ['lamp', 'shelf']) draft.takeOff(of(id));
    expect(liesAgain(draft, of('lamp'), lay({ lamp: [MONDAY, 'mira'] }))).toBe(true);
    expect(liesAgain(draft, of('shelf'), lay({ shelf: [MONDAY, 'ida'] }))).toBe(false);
    expect(where('shelf')).toBeUndefined();
  });
});
