'use client';
import Close from '@mui/icons-material/Close';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { type FieldValues, type UseFormReturn, useFieldArray } from 'react-hook-form';
import type { WeeklyHours } from '@/core/basics/scalars';
import { WEEKDAYS } from '@/present/people/weekdays';
import { Field } from './field';
import { WhenOfForm } from './when-of-form';

type WithHours = { hours: WeeklyHours[] };

type HoursFieldsProps<Values extends FieldValues & WithHours> = {
  readonly form: UseFormReturn<Values>;
  readonly legend: string;
  /** The times that another line begins with. */
  readonly usual: { readonly from: string; readonly to: string };
};

/** Times of a usual week, a line each. */
export function HoursFields<Values extends FieldValues & WithHours>(props: HoursFieldsProps<Values>) {
  const { legend, usual } = props;
  const form = props.form as unknown as UseFormReturn<WithHours>;
  const { fields, append, remove } = useFieldArray({ control: form.control, name: 'hours' });
  const fault = form.formState.errors.hours;
  return (
    <Box component="fieldset" sx={{ border: 0, p: 0, m: 0, minWidth: 0 }}>
      <Typography component="legend" sx={{ color: 'text.secondary', fontSize: '0.9rem', mb: 1.5 }}>
        {legend}
      </Typography>
      <Stack spacing={1.5}>
        {fields.map((row, i) => (
          <OneTime key={row.id} form={form} i={i} onRemove={() => remove(i)} />
        ))}
      </Stack>
      {(fault?.root?.message ?? fault?.message) && (
        <Typography role="alert" sx={{ color: 'error.main' }}>
          {fault?.root?.message ?? fault?.message}
        </Typography>
      )}
      <Button
        onClick={() => append({ weekday: ((fields.at(-1)?.weekday ?? 0) % 7) + 1, ...usual })}
        sx={{ mt: 1 }}
      >
        Add hours
      </Button>
    </Box>
  );
}

type OneTimeProps = {
  readonly form: UseFormReturn<WithHours>;
  readonly i: number;
  readonly onRemove: () => void;
};

function OneTime({ form, i, onRemove }: OneTimeProps) {
  return (
    <Stack
      direction="row"
      useFlexGap
      spacing={1}
      role="group"
      aria-label={`Hours ${i + 1}`}
      // On a phone the day has a line of its own, so that the times can be read.
      sx={{
        flexWrap: { xs: 'wrap', sm: 'nowrap' },
        '& > :first-of-type': { flex: { xs: '1 0 100%', sm: 1 } },
      }}
    >
      <Field form={form} name={`hours.${i}.weekday`} label="Day" size="small" select number>
        {WEEKDAYS.map((day, weekday) => (
          <option key={day} value={weekday + 1}>
            {day}
          </option>
        ))}
      </Field>
      <Box sx={{ flex: 1 }}>
        <WhenOfForm form={form} of="time" name={`hours.${i}.from`} label="From" fullWidth />
      </Box>
      <Box sx={{ flex: 1 }}>
        <WhenOfForm form={form} of="time" name={`hours.${i}.to`} label="To" fullWidth />
      </Box>
      <IconButton aria-label={`Remove hours ${i + 1}`} onClick={onRemove}>
        <Close />
      </IconButton>
    </Stack>
  );
}
