import Close from '@mui/icons-material/Close';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import type { Daily } from '@/core/basics/scalars';
import { MOST_QUIET } from '@/core/home/facts';
import { TextField } from '../parts/text-field';

type QuietFieldsProps = {
  readonly quiet: readonly Daily[];
  readonly onSay: (quiet: Daily[]) => void;
};

/** A nap after lunch, to begin with. */
const USUAL: Daily = { from: '13:00', to: '15:00' };

/** Times of every day at which nothing makes noise. */
export function QuietFields({ quiet, onSay }: QuietFieldsProps) {
  return (
    <Box component="fieldset" sx={{ border: 0, p: 0, m: 0 }}>
      <Typography component="legend" sx={{ fontWeight: 620, mb: 0.5 }}>
        Quiet times
      </Typography>
      <Typography sx={{ fontSize: '0.9rem', color: 'text.secondary', mb: 1 }}>
        Every day, for a nap or the neighbours: then nothing is vacuumed, beaten or scraped. One that ends
        before it begins runs past midnight.
      </Typography>
      <Stack spacing={1.5}>
        {quiet.map((time, i) => (
          <OneTime
            key={`${i} of ${quiet.length}`}
            name={`Quiet time ${i + 1}`}
            time={time}
            onChange={(next) => onSay(quiet.with(i, next))}
            onRemove={() => onSay(quiet.filter((_time, at) => at !== i))}
          />
        ))}
      </Stack>
      {quiet.length < MOST_QUIET && (
        <Button onClick={() => onSay([...quiet, USUAL])} sx={{ mt: 1 }}>
          Add a quiet time
        </Button>
      )}
    </Box>
  );
}

type OneTimeProps = {
  readonly name: string;
  readonly time: Daily;
  readonly onChange: (time: Daily) => void;
  readonly onRemove: () => void;
};

function OneTime({ name, time, onChange, onRemove }: OneTimeProps) {
  return (
    <Stack direction="row" spacing={1} role="group" aria-label={name}>
      <Clock label="From" value={time.from} onKeep={(from) => onChange({ ...time, from })} />
      <Clock label="To" value={time.to} onKeep={(to) => onChange({ ...time, to })} />
      <IconButton aria-label={`Remove ${name.toLowerCase()}`} onClick={onRemove}>
        <Close />
      </IconButton>
    </Stack>
  );
}

type ClockProps = {
  readonly label: string;
  readonly value: string;
  readonly onKeep: (value: string) => void;
};

/** Kept when the field is left with a time in it. */
function Clock({ label, value, onKeep }: ClockProps) {
  return (
    <TextField
      size="small"
      type="time"
      label={label}
      defaultValue={value}
      onBlur={({ target }) => target.value !== '' && target.value !== value && onKeep(target.value)}
      slotProps={{ inputLabel: { shrink: true } }}
    />
  );
}
