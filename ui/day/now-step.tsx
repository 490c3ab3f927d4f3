import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { clock, duration } from '../parts/words';
import { CUT, FROST } from '../theme/frost';
import type { DayStep } from './day-model';

/** The one thing to do now, with everything one needs to know and one big press. */
export function NowStep({
  step,
  isToday,
  onDone,
}: {
  step: DayStep;
  isToday: boolean;
  onDone: (step: DayStep) => void;
}) {
  return (
    <Box
      component="section"
      aria-labelledby="now"
      sx={{ background: FROST, clipPath: CUT, p: { xs: 2, sm: 3 } }}
    >
      <Typography id="now" component="h2" sx={{ fontSize: '0.95rem', fontWeight: 600 }}>
        {isToday ? 'Now' : 'First'} · planned for {clock(step.start)} to {clock(step.end)} · {step.who}
      </Typography>
      <Typography component="p" variant="h1" sx={{ mt: 0.5 }}>
        {step.title}
      </Typography>
      <Typography sx={{ mt: 0.5, fontSize: '1.1rem' }}>
        {step.where}. {step.job}, {duration(step.minutes)}.
      </Typography>
      <Box sx={{ mt: 2, display: 'grid', gap: 1, fontSize: '1.05rem', maxWidth: '60ch' }}>
        <div>{step.how}</div>
        {step.kit.length > 0 && <div>With: {step.kit.join('; ')}.</div>}
        {step.cautions.length > 0 && (
          <Box
            component="section"
            aria-label="Take care"
            sx={{
              borderInlineStart: '4px solid',
              borderColor: 'error.main',
              pl: 1.5,
              bgcolor: 'background.paper',
              py: 0.75,
              pr: 1,
            }}
          >
            <strong>Take care.</strong>
            {step.cautions.map((caution) => (
              <div key={caution}>{caution}</div>
            ))}
          </Box>
        )}
        <div>Done when: {step.doneWhen}</div>
      </Box>
      <Button
        variant="contained"
        size="large"
        // The second press of a double one would land on the next step.
        onClick={(event) => event.detail <= 1 && onDone(step)}
        sx={{ mt: 2.5, minHeight: 64, width: '100%', fontSize: '1.25rem', maxWidth: 520 }}
      >
        Done
      </Button>
    </Box>
  );
}
