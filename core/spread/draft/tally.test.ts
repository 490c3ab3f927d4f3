import { fc, test } from '@fast-check/vitest';
import { describe, expect } from 'vitest';
import { randomFrom } from '../../basics/random';
import { costsOf, costView } from '../cost/costs';
import { unplacedMinutes } from '../cost/metrics';
import { exampleProblem, FEATURES } from '../examples/problems';
import { modelOf } from '../model/model';
import { Draft } from './draft';
import { insertBest } from './insert';

const LOOK = { beside: 3, dates: 2 };

describe('the tally of what lies on a board', () => {
  test.prop([fc.integer({ min: 1, max: 100_000 })], { seed: 11, numRuns: 80 })(
    'is at any moment what the whole plan costs',
    (seed) => {
      const draft = new Draft(modelOf(exampleProblem(seed, FEATURES, 16)));
      const random = randomFrom(seed);
      for (let i = 0; i < 12; i++) {
        const picked = draft.movable.filter(() => random() < 0.4).filter(({ tasks }) => draft.takeIn(tasks));
        for (const cluster of picked) draft.takeOff(cluster);
        for (const cluster of picked) insertBest(draft, cluster, LOOK, random);
        const { costs } = costsOf(costView(draft.model, draft.board.entries(), draft.out));
        expect(draft.tally.costs()).toEqual(costs);
        expect(draft.tally.score().slice(0, 3)).toEqual(Object.values(unplacedMinutes(draft.out)));
      }
    },
  );

  test.prop([fc.integer({ min: 1, max: 100_000 })], { seed: 12, numRuns: 40 })(
    'is the same again once what was done is taken back',
    (seed) => {
      const draft = new Draft(modelOf(exampleProblem(seed, FEATURES, 16)));
      const random = randomFrom(seed);
      for (const cluster of draft.movable) insertBest(draft, cluster, LOOK, random);
      const before = draft.tally.score();
      const entries = new Set(draft.board.entries());
      draft.mark();
      for (const cluster of draft.movable) if (draft.takeIn(cluster.tasks)) draft.takeOff(cluster);
      for (const cluster of draft.movable) insertBest(draft, cluster, LOOK, random);
      draft.rewind();
      expect(draft.tally.score()).toEqual(before);
      expect(new Set(draft.board.entries())).toEqual(entries);
    },
  );
});
