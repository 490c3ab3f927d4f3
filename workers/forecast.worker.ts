import { forecast } from '../core/forecast/forecast';
import { SUBJECT_OF_WHAT_IF, type WhatIfSubject } from '../core/what-if/protocol';

/** Carries the plan in force out many times over, beside the page, and tells what came of it. */

void run().catch(() => self.postMessage(undefined));

async function run(): Promise<void> {
  const response = await fetch(SUBJECT_OF_WHAT_IF, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ do: 'nothing' }),
  });
  const subject: WhatIfSubject | undefined = response.ok ? await response.json() : undefined;
  self.postMessage(
    subject?.before &&
      forecast(subject.problem, subject.before, { habits: subject.habits, ofWhatHasAPlace: true }),
  );
}
