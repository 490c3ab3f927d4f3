import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import type { Units } from '@/core/basics/choices';
import type { StepEstimate } from '@/core/estimate/estimate';
import type { HomeFacts } from '@/core/home/facts';
import { productsOf } from '@/core/products/product-choice';
import { homeCautions } from '@/core/safety/cautions';
import { productCautions } from '@/core/safety/step-cautions';
import { jobName } from '@/core/work/single-places';
import type { CleanTask } from '@/core/work/tasks';
import { sumOf } from '@/present/hours/parts-words';
import { scopeWords } from '@/present/scope/scope-words';
import { duration, minuteRange } from '@/present/words/words';
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
    <Box component="section" aria-label={jobName(task)}>
      <Box sx={{ display: 'flex', justifyContent: 'space-between', gap: 2, alignItems: 'baseline' }}>
        <Typography variant="h3" sx={{ color: scope.in ? 'text.primary' : 'text.secondary' }}>
          {jobName(task)}
        </Typography>
        <Typography sx={{ flexShrink: 0, fontWeight: 650 }}>{duration(byRates.hands.minutes)}</Typography>
      </Box>
      <Typography variant="body2" sx={{ color: 'text.secondary' }}>
        Usually {minuteRange(byRates.hands)} hands-on
        {byRates.waitMinutes > 0 && `; ${duration(byRates.waitMinutes)} of waiting`}
        {scope.guessMinutes !== undefined && `. Your own guess: ${duration(scope.guessMinutes)}`}
        {!scope.in && `. ${sentence(scopeWords(scope))}`}.{' '}
        <TextLink href={`/catalogue/${encodeURIComponent(method.id)}`}>How it is done</TextLink>
      </Typography>
      <Box component="ol" sx={{ m: 0, mt: 1, pl: 0, listStyle: 'none' }}>
        {byRates.steps.map((step) => (
          <Step key={step.step.key} estimate={step} units={units} />
        ))}
      </Box>
      <Cautions task={task} facts={facts} />
      {children}
    </Box>
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
    <Box component="ul" aria-label="Cautions" sx={{ m: 0, mt: 1, pl: 2.5, fontSize: '0.92rem' }}>
      {cautions.map((says) => (
        <li key={says}>{says}</li>
      ))}
    </Box>
  );
}

function Step({ estimate, units }: { estimate: StepEstimate; units: Units }) {
  const wait = estimate.step.mode === 'wait';
  return (
    <Box
      component="li"
      sx={{
        py: 0.75,
        pl: 1.75,
        borderInlineStart: wait
          ? '3px dotted var(--mui-palette-thaw-iceEdge)'
          : '3px solid var(--mui-palette-thaw-water)',
        my: 0.5,
      }}
    >
      <Box>{estimate.step.title}</Box>
      <Box sx={{ fontSize: '0.9rem', color: 'text.secondary' }}>
        {wait
          ? `${duration(estimate.minutes)} of waiting (${minuteRange(estimate)}); something else fits in`
          : sumOf(estimate, units)}
      </Box>
    </Box>
  );
}
