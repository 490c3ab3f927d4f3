import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { CleanTask } from '@/core/clean/tasks';
import type { StepEstimate } from '@/core/estimate/estimate';
import { duration, minuteRange } from '../parts/words';
import { sumOf } from './parts-words';

/** A job opened to its steps, and each step to the sum behind it. */
export function TaskEstimateLines({ task }: { task: CleanTask }) {
  const { method, estimate } = task;
  return (
    <Box component="section" aria-label={method.title}>
      <Box sx={{ display: 'flex', justifyContent: 'space-between', gap: 2, alignItems: 'baseline' }}>
        <Typography variant="h3">{method.title}</Typography>
        <Typography sx={{ flexShrink: 0, fontWeight: 650 }}>{duration(estimate.hands.minutes)}</Typography>
      </Box>
      <Typography variant="body2" sx={{ color: 'text.secondary' }}>
        {minuteRange(estimate.hands)} hands-on, four times in five
        {estimate.waitMinutes > 0 && `; ${duration(estimate.waitMinutes)} of waiting`}
      </Typography>
      <Box component="ol" sx={{ m: 0, mt: 1, pl: 0, listStyle: 'none' }}>
        {estimate.steps.map((step) => (
          <Step key={step.step.key} estimate={step} />
        ))}
      </Box>
    </Box>
  );
}

function Step({ estimate }: { estimate: StepEstimate }) {
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
          : sumOf(estimate)}
      </Box>
    </Box>
  );
}
