'use client';
import { useRef } from 'react';
import { type DefaultValues, type Path, type Resolver, type UseFormReturn, useForm } from 'react-hook-form';
import { type ActionResult, WHOLE_FORM } from '@/present/forms/result';
import type { FormName, FormValues } from '@/present/forms/schemas';
import { NO_ANSWER } from '../state/command';
import { newId } from '../state/new-id';

/**
 * A form that reads by a schema in the browser and again on the server, keeps what was typed, and shows the server's
 * sentences beside their fields. The schema is fetched with the first look at what was typed, not with the page.
 */
export function useActionForm<Name extends FormName, Value = unknown>(
  name: Name,
  defaultValues: DefaultValues<FormValues<Name>>,
  action: (values: FormValues<Name>, id: string) => Promise<ActionResult<Value>>,
  onAccepted: (values: FormValues<Name>, value: Value) => void,
): { form: UseFormReturn<FormValues<Name>>; submit: () => Promise<void>; sentence: string | undefined } {
  const resolver: Resolver<FormValues<Name>> = async (...args) => {
    const { resolverOf } = await import('./resolver');
    return resolverOf(name)(...args);
  };
  const form = useForm<FormValues<Name>>({ resolver, defaultValues });
  const idOf = useAttempt();
  const submit = form.handleSubmit(async (values) => {
    const result = await action(values, idOf(values)).catch(() => undefined);
    if (result) idOf(undefined);
    if (result?.ok) onAccepted(values, result.value);
    else showFaults(form, result);
  });
  return { form, submit, sentence: form.formState.errors.root?.message };
}

/** The same id for the same values until the server has answered: a press after no answer is the same press. */
function useAttempt(): (values: unknown) => string {
  const last = useRef<{ readonly text: string; readonly id: string }>(undefined);
  return (values) => {
    const text = JSON.stringify(values) ?? '';
    if (last.current?.text !== text) last.current = { text, id: newId() };
    return last.current.id;
  };
}

function showFaults<Name extends FormName>(
  form: UseFormReturn<FormValues<Name>>,
  result: Exclude<ActionResult, { ok: true }> | undefined,
): void {
  if (!result) {
    form.setError(WHOLE_FORM, {
      message: NO_ANSWER.form,
    });
    return;
  }
  const fields = form.getValues();
  for (const { field, sentence } of result.faults) {
    const known = field.split('.')[0] as string;
    const target = (known in fields ? field : WHOLE_FORM) as Path<FormValues<Name>>;
    form.setError(target, { message: sentence }, { shouldFocus: true });
  }
}
