import { fc, test } from '@fast-check/vitest';
import { describe, expect } from 'vitest';
import { randomFrom } from '../basics/random';
import { clustersOf } from './clusters';
import { scoreOf } from './compare';
import { type Construction, construct, type LeftOut } from './construct';
import { exampleProblem, FEATURES } from './examples/problems';
import { metricsOf, type Placed, sessionsOf } from './metrics';
import { type Model, modelOf } from './model';
import { Standing } from './standing';
import { indexLinks } from './step-order';

function wholeScore(model: Model, entries: readonly Placed[], leftOut: readonly LeftOut[]) {
  const out = leftOut.flatMap((item) => item.tasks);
  return scoreOf(model, entries, out, metricsOf(model, entries, sessionsOf(entries, model.people), out));
}

function builtFrom(model: Model): Construction {
  const recipe = {
    priorityFirst: false,
    asListed: true,
    wishes: false,
    dayLoad: Number.POSITIVE_INFINITY,
    closeRooms: false,
    roomOrder: model.rooms,
  };
  const built = construct(model, clustersOf(model), indexLinks(model), recipe, () => false);
  if (!built) throw new Error('Nothing stopped it.');
  return built;
}

describe('the standing of what lies on a board', () => {
  test.prop([fc.integer({ min: 1, max: 100_000 })], { seed: 11, numRuns: 60 })(
    'is at any moment the score of the whole',
    (seed) => {
      const model = modelOf(exampleProblem(seed, FEATURES, 16));
      const { board, leftOut } = builtFrom(model);
      const standing = new Standing(board);
      const random = randomFrom(seed);
      const off: Placed[] = [];
      for (let i = 0; i < 12; i++) {
        for (const entry of board.entries()) {
          if (random() > 0.2) continue;
          board.take(entry);
          off.push(entry);
        }
        for (const entry of off.splice(0)) {
          if (random() < 0.6) board.put(entry);
          else off.push(entry);
        }
        const without = random() < 0.5 ? leftOut : leftOut.slice(1);
        expect(standing.score(without)).toEqual(wholeScore(model, board.entries(), without));
      }
    },
  );

  test.prop([fc.integer({ min: 1, max: 100_000 })], { seed: 12, numRuns: 30 })(
    'tells every gap of the sessions in which somebody stands about',
    (seed) => {
      const model = modelOf(exampleProblem(seed, FEATURES, 16));
      const built = builtFrom(model);
      const gaps = new Standing(built.board).gaps();
      const idle = metricsOf(
        model,
        built.board.entries(),
        sessionsOf(built.board.entries(), model.people),
        [],
      ).idle;
      const length = gaps.reduce((sum, { before, after }) => sum + after.start - before.end, 0);
      expect(length).toBeGreaterThanOrEqual(idle);
      expect(length > 0).toBe(idle > 0);
      for (const { person, before, after } of gaps)
        expect([before, after].every((entry) => entry.people.includes(person))).toBe(true);
    },
  );
});
