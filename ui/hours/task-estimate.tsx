import type { ReactNode } from 'react';
import type { Units } from '@/core/basics/choices';
import type { StepEstimate } from '@/core/estimate/estimate';
import type { HomeFacts } from '@/core/home/facts';
import { productsOf } from '@/core/products/product-choice';
import { homeCautions } from '@/core/safety/cautions';
import { productCautions } from '@/core/safety/step-cautions';
import { jobName } from '@/core/work/place-of-job';
import type { CleanTask } from '@/core/work/tasks';
import { sumOf } from '@/present/hours/parts-words';
import { scopeWords } from '@/present/scope/scope-words';
import { duration, minuteRange } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { TextLink } from '../parts/text-link';

type TaskEstimateProps = {
  readonly task: CleanTask;
  readonly units: Units;
  readonly facts: HomeFacts;
  /** What can be decided about it, where something can. */
  readonly children?: ReactNode;
};

/** A job opened to its steps, and each step to the sum behind it. */
export function TaskEstimateLines({ task, units, facts, children }: TaskEstimateProps) {
  const { method, byRates, scope } = task;
  return (
    <section aria-label={jobName(task)}>
      <div
        className={css({ display: 'flex', justifyContent: 'space-between', gap: 2, alignItems: 'baseline' })}
      >
        <h3 className={css({ textStyle: 'h3', m: 0, color: scope.in ? 'ink' : 'quiet' })}>{jobName(task)}</h3>
        <p className={css({ textStyle: 'body', m: 0, flexShrink: 0, fontWeight: 650 })}>
          {duration(byRates.hands.minutes)}
        </p>
      </div>
      <p className={css({ textStyle: 'small', m: 0, color: 'quiet' })}>
        Usually {minuteRange(byRates.hands)} hands-on
        {byRates.waitMinutes > 0 && `; ${duration(byRates.waitMinutes)} of waiting`}
        {scope.guessMinutes !== undefined && `. Your own guess: ${duration(scope.guessMinutes)}`}
        {!scope.in && `. ${sentence(scopeWords(scope))}`}.{' '}
        <TextLink href={`/catalogue/${encodeURIComponent(method.id)}`}>How it is done</TextLink>
      </p>
      <ol className={css({ m: 0, mt: 1, pl: 0, listStyle: 'none' })}>
        {byRates.steps.map((step) => (
          <Step key={step.step.key} estimate={step} units={units} />
        ))}
      </ol>
      <Cautions task={task} facts={facts} />
      {children}
    </section>
  );
}

function sentence(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}

function Cautions({ task, facts }: { task: CleanTask; facts: HomeFacts }) {
  const { method, room } = task;
  const cautions = [
    method.caution,
    ...productCautions(task).map((row) => row.says),
    ...homeCautions({ method, products: productsOf(task.products) }, facts, room).map((row) => row.says),
    method.professional,
  ].filter((says) => says !== undefined);
  if (cautions.length === 0) return null;
  return (
    <ul aria-label="Cautions" className={css({ m: 0, mt: 1, pl: 2.5, fontSize: '0.92rem' })}>
      {cautions.map((says) => (
        <li key={says}>{says}</li>
      ))}
    </ul>
  );
}

function Step({ estimate, units }: { estimate: StepEstimate; units: Units }) {
  const wait = estimate.step.mode === 'wait';
  return (
    <li
      className={css({
        py: 0.75,
        pl: 1.75,
        borderInlineStart: wait ? '3px dotted var(--colors-ice-edge)' : '3px solid var(--colors-water)',
        my: 0.5,
      })}
    >
      <div>{estimate.step.title}</div>
      <div className={css({ fontSize: '0.9rem', color: 'quiet' })}>
        {wait
          ? `${duration(estimate.minutes)} of waiting (${minuteRange(estimate)}); something else fits in`
          : sumOf(estimate, units)}
      </div>
    </li>
  );
}
