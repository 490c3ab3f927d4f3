import { describe, expect, it } from 'vitest';
import { DOZEN_HOMES } from '../../../demo/dozen-homes';
import { minuteOf } from '../../basics/local-time';
import { randomFrom } from '../../basics/random';
import { CATALOGUE } from '../../catalogue/catalogue';
import type { Problem, ProblemTask } from '../../plan/problem';
import { expand } from '../../problem/expand';
import { Draft } from '../draft/draft';
import { placeCluster } from '../draft/place';
import { exampleHome } from '../examples/homes';
import { hourOf, onTwoDates, TWO_DATES } from '../examples/two-dates';
import { modelOf } from '../model/model';
import { bestOf, firstPlans } from './first-plans';
import { takeOver } from './taken-over';

const DATES = TWO_DATES;

/** Two jobs of an hour; the lamp has to be done on the first date. */
function problemOf(shelfBy?: string): Problem {
  const lamp = { ...hourOf('lamp'), latest: `${DATES[0]}T12:00` };
  const shelf = { ...hourOf('shelf'), ...(shelfBy && { latest: shelfBy }) };
  return onTwoDates(['mira'], [lamp, shelf]);
}

/** Two drafts: in one the shelf has taken the first date, in the other the lamp has. */
function twoDrafts(problem: Problem): [Draft, Draft] {
  const first = new Draft(modelOf(problem));
  const other = first.empty();
  const [lamp, shelf] = first.model.tasks as [
    (typeof first.model.tasks)[number],
    (typeof first.model.tasks)[number],
  ];
  placeCluster(first.board, first.homeOf(shelf), first.links, { wishes: false });
  first.leaveOut([lamp]);
  placeCluster(other.board, other.homeOf(lamp), other.links, { wishes: false });
  if (!placeCluster(other.board, other.homeOf(shelf), other.links, { wishes: false }))
    other.leaveOut([shelf]);
  return [first, other];
}

const placesOf = ({ board, model }: Draft) =>
  model.tasks.map((one) => board.startOf(one.steps[0] as (typeof one.steps)[number]));

describe('what another plan has besides', () => {
  it('is put where it lies there, and what lay in its way finds another place', () => {
    const [draft, other] = twoDrafts(problemOf());
    expect(draft.out.map(({ id }) => id)).toEqual(['lamp']);
    takeOver(draft, other, randomFrom(1));
    expect(draft.out).toEqual([]);
    expect(placesOf(draft)).toEqual([minuteOf(`${DATES[0]}T09:00`), minuteOf(`${DATES[1]}T09:00`)]);
  });

  it('takes what has to come after it along, on whichever date that lies', () => {
    const third = '2027-03-03';
    const problem = problemOf();
    const [lamp, shelf] = problem.tasks as [ProblemTask, ProblemTask];
    const [mira] = problem.people as [Problem['people'][number]];
    const [draft, other] = twoDrafts({
      ...problem,
      finish: third,
      people: [{ ...mira, windows: [...mira.windows, { start: `${third}T09:00`, end: `${third}T10:00` }] }],
      tasks: [{ ...lamp, earliest: `${DATES[1]}T00:00`, latest: `${DATES[1]}T12:00` }, shelf],
      precedence: [
        { before: 'lamp/do', after: 'shelf/do', hard: true, orderOnly: true, reason: 'Dust falls.' },
      ],
    });
    expect(placesOf(draft)).toEqual([undefined, minuteOf(`${DATES[0]}T09:00`)]);
    takeOver(draft, other, randomFrom(1));
    expect(placesOf(draft)).toEqual([minuteOf(`${DATES[1]}T09:00`), minuteOf(`${third}T09:00`)]);
  });

  it('stays out where something as heavy would have to go for it', () => {
    const [draft, other] = twoDrafts(problemOf(`${DATES[0]}T12:00`));
    const before = placesOf(draft);
    takeOver(draft, other, randomFrom(1));
    expect(draft.tally.score().slice(0, 3)).toEqual([0, 60, 0]);
    expect(draft.out).toHaveLength(1);
    expect(before.filter((start) => start !== undefined)).toHaveLength(1);
  });

  it('never brings along what is left out of the work in its way, in any home', () => {
    const homes = DOZEN_HOMES.map((home) => expand(home, CATALOGUE));
    const seasons = [1, 2, 3, 4, 5, 6].map((seed) => exampleHome(seed, 60));
    for (const problem of [...homes, ...seasons]) {
      const drafts = firstPlans(modelOf(problem), { seed: 1, stop: () => false });
      const best = bestOf(drafts);
      for (const draft of drafts) {
        takeOver(draft, best, randomFrom(1));
        expect(draft.out.filter((one) => draft.isPlaced(one))).toEqual([]);
      }
    }
  });
});
