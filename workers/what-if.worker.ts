import { forecast } from '../core/forecast/forecast';
import { chanceBy } from '../core/forecast/habits';
import type { Plan } from '../core/plan/plan';
import { type PlanOptions, plan } from '../core/spread';
import { outcomeOf } from '../core/what-if/outcome';
import {
  type Answer,
  type Question,
  READY,
  SUBJECT_OF_WHAT_IF,
  type WhatIfSubject,
} from '../core/what-if/protocol';
import { fits, smallestRung } from '../core/what-if/smallest';
import type { WhatIf } from '../core/what-if/what-if';

/** Plans in the browser, beside the page: one question after the other, telling the best so far as it goes. */

const SEARCH_SECONDS = 1;
/** A rung is looked at for so long at the most. */
const LOOK_SECONDS = 0.25;
/** Enough to tell one in two from four in five. */
const LOOK_RUNS = 150;
const MS_BETWEEN_REPORTS = 120;
const SEED = 1;
/** No document of this plan is ever kept. */
const NO_HASH = '0'.repeat(64);

let waiting: Promise<void> = Promise.resolve();

self.onmessage = ({ data }: MessageEvent<Question>) => {
  waiting = waiting.then(() => answer(data)).catch(() => say({ key: data.key, state: 'failed' }));
};

self.postMessage(READY);

async function answer(question: Question): Promise<void> {
  if (question.ask === 'what-if') {
    await planFor(question.key, question.whatIf, question.today);
    return;
  }
  const found = await smallestRung(question.ladder, async (rung) => fits(quickPlan(await subjectOf(rung))));
  if (found) await planFor(question.key, found, question.today);
  else say({ key: question.key, state: 'none' });
}

async function planFor(key: string, whatIf: WhatIf, today: string): Promise<void> {
  const subject = await subjectOf(whatIf);
  const { problem } = subject;
  let told = 0;
  const made = planIn(subject, SEARCH_SECONDS, ({ document }) => {
    if (performance.now() - told < MS_BETWEEN_REPORTS) return;
    told = performance.now();
    say({ key, state: 'working', outcome: outcomeOf(problem, document(), today) });
  });
  const outcome = outcomeOf(problem, made, today);
  say({ key, state: 'working', outcome });
  const likely = forecast(problem, made, { runs: LOOK_RUNS, habits: subject.habits, ofWhatHasAPlace: true });
  say({ key, state: 'done', outcome: { ...outcome, chance: chanceBy(likely, problem.finish) }, whatIf });
}

function quickPlan(subject: WhatIfSubject): Plan {
  return planIn(subject, LOOK_SECONDS);
}

function planIn({ problem, before }: WhatIfSubject, seconds: number, report?: PlanOptions['report']): Plan {
  const end = performance.now() + seconds * 1000;
  return plan(problem, {
    problemHash: NO_HASH,
    seed: SEED,
    ...(before && { before }),
    stop: () => performance.now() >= end,
    ...(report && { report }),
  });
}

async function subjectOf(whatIf: WhatIf): Promise<WhatIfSubject> {
  const response = await fetch(SUBJECT_OF_WHAT_IF, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(whatIf),
  });
  if (!response.ok) throw new Error(String(response.status));
  return response.json();
}

function say(message: Answer): void {
  self.postMessage(message);
}
