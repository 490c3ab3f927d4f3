'use client';
import { AdapterDayjs } from '@mui/x-date-pickers/AdapterDayjs';
import { DatePicker } from '@mui/x-date-pickers/DatePicker';
import { LocalizationProvider } from '@mui/x-date-pickers/LocalizationProvider';
import { TimePicker } from '@mui/x-date-pickers/TimePicker';
import dayjs, { type Dayjs } from 'dayjs';
import 'dayjs/locale/en-gb';
import { useState } from 'react';
import { reader } from '@/present/words/reader';
import { ChoiceTheme } from '../theme/choice-theme';
import type { WhenFieldProps } from './when-props';

/** Before this a year is still being typed. */
const FIRST_YEAR = 1990;

/** A date to be typed in the reader's own way or chosen from a month. */
export function DateChoice({ value, onKeep, ...looks }: WhenFieldProps) {
  const { date: format } = reader();
  const [shown, setShown] = useShown(value, (text) => dayjs(text), DATE);
  return (
    <Frame>
      <DatePicker
        label={looks.label}
        disabled={looks.disabled ?? false}
        autoFocus={looks.autoFocus ?? false}
        value={shown}
        format={format}
        showDaysOutsideCurrentMonth
        onChange={(next) => {
          setShown(next);
          if (!next) onKeep(undefined);
          else if (next.isValid() && next.year() >= FIRST_YEAR) onKeep(next.format(DATE));
        }}
        slotProps={slotsOf(looks)}
      />
    </Frame>
  );
}

/** A time of the day, to the minute. */
export function TimeChoice({ value, onKeep, ...looks }: WhenFieldProps) {
  const { time: format, twelve } = reader();
  const [shown, setShown] = useShown(value, (text) => dayjs(`2027-01-01T${text}`), TIME);
  return (
    <Frame>
      <TimePicker
        label={looks.label}
        disabled={looks.disabled ?? false}
        autoFocus={looks.autoFocus ?? false}
        value={shown}
        format={format}
        ampm={twelve}
        timeSteps={{ minutes: 5 }}
        onChange={(next) => {
          setShown(next);
          if (!next) onKeep(undefined);
          else if (next.isValid()) onKeep(next.format(TIME));
        }}
        slotProps={slotsOf(looks)}
      />
    </Frame>
  );
}

const DATE = 'YYYY-MM-DD';
const TIME = 'HH:mm';

function Frame({ children }: { children: React.ReactNode }) {
  return (
    <ChoiceTheme>
      {/* Weeks begin on Monday, and on Sunday for those who put the month first. */}
      <LocalizationProvider dateAdapter={AdapterDayjs} adapterLocale={reader().monthFirst ? 'en' : 'en-gb'}>
        {children}
      </LocalizationProvider>
    </ChoiceTheme>
  );
}

function slotsOf({
  size = 'small',
  className,
  fullWidth,
  helperText,
  error,
}: Omit<WhenFieldProps, 'value' | 'onKeep'>) {
  return {
    textField: { size, className, fullWidth, helperText, ...(error && { error }) },
    field: { clearable: true },
  } as const;
}

/** What stands in the field: what is half typed stays, until what is kept becomes something else. */
function useShown(kept: string | undefined, read: (text: string) => Dayjs, written: string) {
  const [shown, setShown] = useState<Dayjs | null>(() => (kept ? read(kept) : null));
  const [seen, setSeen] = useState(kept);
  if (seen !== kept) {
    setSeen(kept);
    const isShown = kept && shown?.isValid() && shown.format(written) === kept;
    if (!isShown) setShown(kept ? read(kept) : null);
  }
  return [shown, setShown] as const;
}
