import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import Typography from '@mui/material/Typography';
import { USUAL_WET_DAYS } from '@/core/problem/forecast';
import { MONTHS } from '@/present/words/months';
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
    <Box component="fieldset" sx={{ border: 0, p: 0, m: 0 }}>
      <Typography component="legend" sx={{ fontWeight: 620, mb: 0.5 }}>
        Weather
      </Typography>
      <FormControlLabel
        control={
          <Checkbox
            checked={isOn}
            onChange={(_event, checked) => onSwitch(checked)}
            slotProps={{ input: { 'aria-describedby': 'use-forecast' } }}
          />
        }
        label="Go by a simulated forecast"
      />
      <Typography id="use-forecast" sx={{ fontSize: '0.9rem', color: 'text.secondary', pl: 4, mb: 1 }}>
        Made up, as wet as the months usually are: work outside then keeps clear of wet dates. Otherwise every
        date counts as dry until you say that it will rain.
      </Typography>
      {isOn && (
        <Box role="group" aria-labelledby="wet-days" sx={MONTH_GRID}>
          <Box id="wet-days" sx={{ gridColumn: '1 / -1' }}>
            Wet days in a month
          </Box>
          {MONTHS.map((month, i) => (
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
        </Box>
      )}
    </Box>
  );
}

const MONTH_GRID = {
  display: 'grid',
  gridTemplateColumns: { xs: 'repeat(3, 1fr)', sm: 'repeat(6, 1fr)' },
  gap: 1.5,
} as const;
