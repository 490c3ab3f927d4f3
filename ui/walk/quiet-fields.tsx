import Close from '@mui/icons-material/Close';
import type { Daily } from '@/core/basics/scalars';
import { MOST_QUIET } from '@/core/home/facts';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { IconButton } from '../parts/icon-button';
import { TimeField } from '../parts/when-field';

type QuietFieldsProps = {
  readonly quiet: readonly Daily[];
  readonly onSay: (quiet: Daily[]) => void;
};

/** To begin with: a nap after lunch, the evening, the night, the morning, and whatever is left. */
const USUAL: readonly Daily[] = [
  { from: '13:00', to: '15:00' },
  { from: '20:00', to: '22:00' },
  { from: '22:00', to: '06:00' },
  { from: '06:00', to: '08:00' },
  { from: '08:00', to: '09:00' },
  { from: '12:00', to: '13:00' },
];

const isSame = (a: Daily) => (b: Daily) => a.from === b.from && a.to === b.to;

/** Times of every day at which nothing makes noise. */
export function QuietFields({ quiet, onSay }: QuietFieldsProps) {
  const next = USUAL.find((time) => !quiet.some(isSame(time)));
  // The same time twice says no more than once.
  const say = (times: readonly Daily[]) =>
    onSay(times.filter((time, i) => times.findIndex(isSame(time)) === i));
  return (
    <fieldset className={css({ border: 0, p: 0, m: 0 })}>
      <legend className={css({ textStyle: 'body', m: 0, fontWeight: 620, mb: 0.5 })}>Quiet times</legend>
      <p className={css({ textStyle: 'body', m: 0, fontSize: '0.9rem', color: 'quiet', mb: 1.75 })}>
        Every day, for a nap or the neighbours: then nothing is vacuumed, beaten or scraped. One that ends
        before it begins runs past midnight.
      </p>
      <div className={css({ display: 'flex', flexDirection: 'column', gap: 1.5 })}>
        {quiet.map((time, i) => (
          <OneTime
            key={`${time.from} ${time.to}`}
            name={`Quiet time ${i + 1}`}
            time={time}
            onChange={(said) => say(quiet.with(i, said))}
            onRemove={() => say(quiet.filter((_time, at) => at !== i))}
          />
        ))}
      </div>
      {next && quiet.length < MOST_QUIET && (
        <Button onClick={() => say([...quiet, next])} className={css({ mt: 1 })}>
          Add a quiet time
        </Button>
      )}
    </fieldset>
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
    <div className={css({ display: 'flex', flexDirection: 'row', gap: 1 })} role="group" aria-label={name}>
      <TimeField label="From" value={time.from} onKeep={(from) => from && onChange({ ...time, from })} />
      <TimeField label="To" value={time.to} onKeep={(to) => to && onChange({ ...time, to })} />
      <IconButton aria-label={`Remove ${name.toLowerCase()}`} onClick={onRemove}>
        <Close />
      </IconButton>
    </div>
  );
}
