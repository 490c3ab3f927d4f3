'use client';
import { useState } from 'react';
import { PRIORITIES } from '@/core/basics/choices';
import type { Method, MethodStep } from '@/core/catalogue/method';
import { PRODUCTS } from '@/core/catalogue/products';
import { QUANTITY_WORDS } from '@/present/catalogue/catalogue-words';
import { dosesOf } from '@/present/catalogue/method-doses';
import type { FormValues } from '@/present/forms/schemas';
import { PRIORITY_WORDS } from '@/present/scope/scope-words';
import { css } from '@/ui/theme/made/css';
import { Field } from '../forms/field';
import { SelectField } from '../forms/select-field';
import { useActionForm } from '../forms/use-action-form';
import { Button } from '../parts/button';
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
    <form
      noValidate
      onSubmit={submit}
      onChange={() => setSaved('')}
      aria-label="Your own numbers"
      className={css({ display: 'flex', flexDirection: 'column', gap: 2, maxWidth: 620 })}
    >
      <Sentence>{sentence}</Sentence>
      {method.steps.map((step) => (
        <div key={step.key}>
          <p className={css({ textStyle: 'body', m: 0, mb: 1 })}>{step.title}</p>
          <div className={css({ display: 'flex', flexDirection: 'row', gap: 1.5 })}>
            <StepFields form={form} step={step} />
          </div>
        </div>
      ))}
      <DoseFields form={form} method={method} />
      <WholeFields form={form} />
      <div className={css({ display: 'flex', flexDirection: 'row', gap: 2, alignItems: 'center' })}>
        <Button type="submit" variant="contained" loading={form.formState.isSubmitting}>
          Keep these numbers
        </Button>
        <span role="status">{saved}</span>
      </div>
    </form>
  );
}

type Form = ReturnType<typeof useActionForm<'methodNumbers'>>['form'];

/** How much of each product, and in how much water. */
function DoseFields({ form, method }: { form: Form; method: Method }) {
  return dosesOf(method).map(({ product, unit, inMl }) => (
    <div key={product}>
      <p className={css({ textStyle: 'body', m: 0, mb: 1 })}>{PRODUCTS[product]}</p>
      <div className={css({ display: 'flex', flexDirection: 'row', gap: 1.5 })}>
        <Field form={form} name={`doses.${product}.amount`} label={`Of it, ${unit}`} number />
        {inMl !== undefined && (
          <Field form={form} name={`doses.${product}.inMl`} label="In water, ml" number />
        )}
      </div>
    </div>
  ));
}

/** What holds of the method as a whole. */
function WholeFields({ form }: { form: Form }) {
  return (
    <div className={css({ display: 'flex', flexDirection: 'row', gap: 1.5 })}>
      <Field form={form} name="intervalMonths" label="Every … months" number />
      <Field form={form} name="hardness" label="Dread, 1 to 5" number />
      <Field form={form} name="leastAge" label="From age" number />
      <SelectField
        form={form}
        name="priority"
        label="Priority"
        options={PRIORITIES.map((priority) => [priority, PRIORITY_WORDS[priority]])}
      />
    </div>
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
