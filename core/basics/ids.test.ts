import { fc, test } from '@fast-check/vitest';
import { describe, expect, it } from 'vitest';
import { fixtureOfTask, partsOfStepId, stepIdIn, taskIdOf, taskOfStep } from './ids';

const fixtureArb = fc.string({ minLength: 1, maxLength: 40 });
const methodArb = fc.stringMatching(/^[a-z0-9-]{1,20}$/);
const keyArb = fc.stringMatching(/^[a-z-]{1,12}$/);

describe('the name of a step', () => {
  test.prop([fixtureArb, methodArb, keyArb], { numRuns: 300, seed: 20270301 })(
    'is taken apart into what it was put together from, whatever a fixture is called',
    (fixture, method, key) => {
      const task = taskIdOf(fixture, method);
      const step = stepIdIn(task, key);
      expect(partsOfStepId(step)).toEqual({ taskId: task, fixtureId: fixture, key });
      expect(taskOfStep(step)).toBe(task);
      expect(fixtureOfTask(task)).toBe(fixture);
    },
  );

  it('is nothing else', () => {
    for (const text of ['', 'sink', 'sink:wash', 'sink/wash', ':wash/x', 'sink:Wash/x'])
      expect(partsOfStepId(text), text).toBeUndefined();
  });
});
