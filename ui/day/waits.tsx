'use client';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useEffect, useState } from 'react';
import { minuteOf } from '@/core/time/local-time';
import { clock, duration } from '../parts/words';
import type { DayWait } from './day-model';

const TICK_MS = 5_000;

/** Minutes of the home's wall clock, running on from what it showed when the page was made. */
function useWallMinutes(now: string): number {
  const [passed, setPassed] = useState(0);
  useEffect(() => {
    const started = performance.now();
    setPassed(0);
    const timer = setInterval(() => setPassed((performance.now() - started) / 60_000), TICK_MS);
    return () => clearInterval(timer);
  }, []);
  return minuteOf(now) + passed;
}

/** Every soak, cycle and drying floor that is going on, each with its own clock. */
export function Waits({ waits, now }: { waits: readonly DayWait[]; now: string }) {
  const minute = useWallMinutes(now);
  if (waits.length === 0) return null;
  return (
    <Box component="section" aria-labelledby="waits">
      <Typography variant="h2" id="waits" sx={{ mb: 1 }}>
        While you wait
      </Typography>
      <Box
        component="ul"
        sx={{
          listStyle: 'none',
          p: 0,
          m: 0,
          display: 'grid',
          gap: 1.5,
          gridTemplateColumns: { sm: 'repeat(auto-fill, minmax(300px, 1fr))' },
        }}
      >
        {waits.map((wait) => (
          <Wait key={wait.id} wait={wait} minute={minute} />
        ))}
      </Box>
    </Box>
  );
}

function Wait({ wait, minute }: { wait: DayWait; minute: number }) {
  const since = minuteOf(wait.since);
  const ready = minuteOf(wait.ready);
  const left = Math.ceil(ready - minute);
  const share = Math.min(1, Math.max(0, (minute - since) / Math.max(1, ready - since)));
  return (
    <Box
      component="li"
      sx={{ border: '1px solid', borderColor: 'divider', bgcolor: 'background.paper', p: 1.5 }}
    >
      <Box sx={{ display: 'flex', justifyContent: 'space-between', gap: 1, fontWeight: 560 }}>
        <span>{wait.title}</span>
        <span>{left > 0 ? `${duration(left)} left` : 'ready'}</span>
      </Box>
      <Box sx={{ color: 'text.secondary', fontSize: '0.92rem' }}>
        {wait.where} · ready at {clock(wait.ready)}
        {wait.latest && `, no later than ${clock(wait.latest)}`}
      </Box>
      <Box
        aria-hidden
        sx={{ mt: 1, height: 8, bgcolor: 'var(--mui-palette-thaw-ice)', position: 'relative' }}
      >
        <Box
          sx={{
            position: 'absolute',
            insetBlock: 0,
            left: 0,
            width: `${share * 100}%`,
            bgcolor: 'var(--mui-palette-thaw-water)',
            borderRadius: '0 6px 6px 0',
          }}
        />
      </Box>
    </Box>
  );
}
