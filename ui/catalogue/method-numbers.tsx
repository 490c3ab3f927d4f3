'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { PRIORITIES } from '@/core/basics/choices';
import type { Method, MethodStep } from '@/core/catalogue/method';
import { PRODUCTS } from '@/core/catalogue/products';
import { QUANTITY_WORDS } from '@/present/catalogue/catalogue-words';
import { dosesOf } from '@/present/catalogue/method-doses';
import type { FormValues } from '@/present/forms/schemas';
import { PRIORITY_WORDS } from '@/present/scope/scope-words';
import { Field } from '../forms/field';
import { SelectField } from '../forms/select-field';
import { useActionForm } from '../forms/use-action-form';
import type { ChangeActions } from '../parts/change-actions';
import { Sentence } from '../parts/sentence';

export type MethodNumbersProps = { readonly method: Method; readonly actions: Pick<ChangeActions, 'change'> };

/** The numbers of a method, each to be overridden. */
export function MethodNumbers({ method, actions }: MethodNumbersProps) {
  const [saved, setSaved] = useState('');
  const { form, submit, sentence } = useActionForm(
    'methodNumbers',
    numbersOf(method),
    (values, id) => actions.change({ id, input: { do: 'change-method', id: method.id, change: values } }),
    () => setSaved('Kept. The hours follow.'),
  );
  return (
    <Stack
      component="form"
      noValidate
      onSubmit={submit}
      onChange={() => setSaved('')}
      spacing={2}
      aria-label="Your own numbers"
      sx={{ maxWidth: 620 }}
    >
      <Sentence>{sentence}</Sentence>
      {method.steps.map((step) => (
        <Box key={step.key}>
          <Typography sx={{ mb: 1 }}>{step.title}</Typography>
          <Stack direction="row" spacing={1.5}>
            <StepFields form={form} step={step} />
          </Stack>
        </Box>
      ))}
      <DoseFields form={form} method={method} />
      <WholeFields form={form} />
      <Stack direction="row" spacing={2} sx={{ alignItems: 'center' }}>
        <Button type="submit" variant="contained" loading={form.formState.isSubmitting}>
          Keep these numbers
        </Button>
        <span role="status">{saved}</span>
      </Stack>
    </Stack>
  );
}

type Form = ReturnType<typeof useActionForm<'methodNumbers'>>['form'];

/** How much of each product, and in how much water. */
function DoseFields({ form, method }: { form: Form; method: Method }) {
  return dosesOf(method).map(({ product, unit, inMl }) => (
    <Box key={product}>
      <Typography sx={{ mb: 1 }}>{PRODUCTS[product]}</Typography>
      <Stack direction="row" spacing={1.5}>
        <Field form={form} name={`doses.${product}.amount`} label={`Of it, ${unit}`} number />
        {inMl !== undefined && (
          <Field form={form} name={`doses.${product}.inMl`} label="In water, ml" number />
        )}
      </Stack>
    </Box>
  ));
}

/** What holds of the method as a whole. */
function WholeFields({ form }: { form: Form }) {
  return (
    <Stack direction="row" spacing={1.5}>
      <Field form={form} name="intervalMonths" label="Every … months" number />
      <Field form={form} name="hardness" label="Dread, 1 to 5" number />
      <Field form={form} name="leastAge" label="From age" number />
      <SelectField
        form={form}
        name="priority"
        label="Priority"
        options={PRIORITIES.map((priority) => [priority, PRIORITY_WORDS[priority]])}
      />
    </Stack>
  );
}

function StepFields({ form, step }: { form: Form; step: MethodStep }) {
  const field = (name: 'setUpMinutes' | 'perHour' | 'secondsEach' | 'minutes', label: string) => (
    <Field key={name} form={form} name={`steps.${step.key}.${name}`} label={label} number />
  );
  if (step.mode === 'wait') return field('minutes', 'Wait, min');
  return (
    <>
      {field('setUpMinutes', 'Set-up, min')}
      {step.rate && field('perHour', `${QUANTITY_WORDS[step.rate.quantity]} an hour`)}
      {step.belongings && field('secondsEach', 'Seconds a thing')}
    </>
  );
}

function numbersOf(method: Method): FormValues<'methodNumbers'> {
  const { intervalMonths, priority, hardness, leastAge } = method;
  return {
    steps: Object.fromEntries(method.steps.map((step) => [step.key, stepNumbers(step)])),
    intervalMonths,
    priority,
    hardness,
    leastAge,
    doses: Object.fromEntries(
      dosesOf(method).map(({ product, amount, inMl }) => [
        product,
        { amount, ...(inMl !== undefined && { inMl }) },
      ]),
    ),
  };
}

function stepNumbers(step: MethodStep): FormValues<'methodNumbers'>['steps'][string] {
  if (step.mode === 'wait') return { minutes: step.minutes };
  return {
    setUpMinutes: step.setUpMinutes,
    ...(step.rate && { perHour: step.rate.perHour }),
    ...(step.belongings && { secondsEach: step.belongings.secondsEach }),
  };
}
