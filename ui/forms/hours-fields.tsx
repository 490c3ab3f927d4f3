'use client';
import Close from '@mui/icons-material/Close';
import { type FieldValues, type UseFormReturn, useFieldArray } from 'react-hook-form';
import type { WeeklyHours } from '@/core/basics/scalars';
import { WEEKDAYS } from '@/present/people/weekdays';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { IconButton } from '../parts/icon-button';
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
    <fieldset className={css({ border: 0, p: 0, m: 0, minWidth: 0 })}>
      <legend className={css({ textStyle: 'body', m: 0, color: 'quiet', fontSize: '0.9rem', mb: 1.5 })}>
        {legend}
      </legend>
      <div className={css({ display: 'flex', flexDirection: 'column', gap: 1.5 })}>
        {fields.map((row, i) => (
          <OneTime key={row.id} form={form} i={i} onRemove={() => remove(i)} />
        ))}
      </div>
      {(fault?.root?.message ?? fault?.message) && (
        <p role="alert" className={css({ textStyle: 'body', m: 0, color: 'alarm' })}>
          {fault?.root?.message ?? fault?.message}
        </p>
      )}
      <Button
        onClick={() => append({ weekday: ((fields.at(-1)?.weekday ?? 0) % 7) + 1, ...usual })}
        className={css({ mt: 1 })}
      >
        Add hours
      </Button>
    </fieldset>
  );
}

type OneTimeProps = {
  readonly form: UseFormReturn<WithHours>;
  readonly i: number;
  readonly onRemove: () => void;
};

function OneTime({ form, i, onRemove }: OneTimeProps) {
  return (
    <div
      role="group"
      aria-label={`Hours ${i + 1}`}
      // On a phone the day has a line of its own, so that the times can be read.
      className={css({
        display: 'flex',
        flexDirection: 'row',
        gap: 1,
        flexWrap: { base: 'wrap', sm: 'nowrap' },
        '& > :first-of-type': { flex: { base: '1 0 100%', sm: 1 } },
      })}
    >
      <Field form={form} name={`hours.${i}.weekday`} label="Day" size="small" select number>
        {WEEKDAYS.map((day, weekday) => (
          <option key={day} value={weekday + 1}>
            {day}
          </option>
        ))}
      </Field>
      <div className={css({ flex: 1 })}>
        <WhenOfForm form={form} of="time" name={`hours.${i}.from`} label="From" fullWidth />
      </div>
      <div className={css({ flex: 1 })}>
        <WhenOfForm form={form} of="time" name={`hours.${i}.to`} label="To" fullWidth />
      </div>
      <IconButton aria-label={`Remove hours ${i + 1}`} onClick={onRemove}>
        <Close />
      </IconButton>
    </div>
  );
}
