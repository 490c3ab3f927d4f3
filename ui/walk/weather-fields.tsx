import { USUAL_WET_DAYS } from '@/core/problem/forecast';
import { MONTH_NAMES } from '@/present/words/date-names';
import { css } from '@/ui/theme/made/css';
import { Check } from '../parts/check';
import { NumberFact } from './number-fact';

type WeatherFieldsProps = {
  readonly isOn: boolean;
  /** Absent: the usual ones. */
  readonly wetDays: readonly number[] | undefined;
  readonly onSwitch: (isOn: boolean) => void;
  readonly onSay: (wetDays: number[]) => void;
};

/** Whether dates of which nobody has said anything may be wet, and how many of a month usually are. */
export function WeatherFields({ isOn, wetDays = USUAL_WET_DAYS, onSwitch, onSay }: WeatherFieldsProps) {
  return (
    <fieldset className={css({ border: 0, p: 0, m: 0 })}>
      <legend className={css({ textStyle: 'body', m: 0, fontWeight: 620, mb: 0.5 })}>Weather</legend>
      <Check
        label="Go by a simulated forecast"
        checked={isOn}
        onChange={onSwitch}
        aria-describedby="use-forecast"
      />
      <p
        id="use-forecast"
        className={css({ textStyle: 'body', m: 0, fontSize: '0.9rem', color: 'quiet', pl: 4, mb: 1 })}
      >
        Made up, as wet as the months usually are: work outside then keeps clear of wet dates. Otherwise every
        date counts as dry until you say that it will rain.
      </p>
      {isOn && (
        <div role="group" aria-labelledby="wet-days" className={css(MONTH_GRID)}>
          <div id="wet-days" className={css({ gridColumn: '1 / -1' })}>
            Wet days in a month
          </div>
          {MONTH_NAMES.map((month, i) => (
            <NumberFact
              key={`${month} ${wetDays[i]}`}
              label={month}
              value={wetDays[i]}
              range={[0, 31]}
              keys="numeric"
              fault="0 to 31, please."
              use=""
              onChange={(days) =>
                days !== undefined && onSay(wetDays.map((known, at) => (at === i ? days : known)))
              }
            />
          ))}
        </div>
      )}
    </fieldset>
  );
}

const MONTH_GRID = {
  display: 'grid',
  gridTemplateColumns: { base: 'repeat(3, 1fr)', sm: 'repeat(6, 1fr)' },
  gap: 1.5,
} as const;
