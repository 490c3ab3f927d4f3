'use client';
import { type DefaultValues, type Path, type Resolver, type UseFormReturn, useForm } from 'react-hook-form';
import { type ActionResult, WHOLE_FORM } from './result';
import type { FormName, FormValues } from './schemas';

/**
 * A form that reads by a schema in the browser and again on the server, keeps what was typed, and shows the server's
 * sentences beside their fields. The schema is fetched with the first look at what was typed, not with the page.
 */
export function useActionForm<Name extends FormName>(
  name: Name,
  defaultValues: DefaultValues<FormValues<Name>>,
  action: (values: FormValues<Name>) => Promise<ActionResult<unknown>>,
  onAccepted: (values: FormValues<Name>) => void,
): { form: UseFormReturn<FormValues<Name>>; submit: () => Promise<void>; sentence: string | undefined } {
  const resolver: Resolver<FormValues<Name>> = async (...args) => {
    const { resolverOf } = await import('./resolver');
    return resolverOf(name)(...args);
  };
  const form = useForm<FormValues<Name>>({ resolver, defaultValues });
  const submit = form.handleSubmit(async (values) => {
    const result = await action(values).catch(() => undefined);
    if (result?.ok) onAccepted(values);
    else showFaults(form, result);
  });
  return { form, submit, sentence: form.formState.errors.root?.message };
}

function showFaults<Name extends FormName>(
  form: UseFormReturn<FormValues<Name>>,
  result: Exclude<ActionResult, { ok: true }> | undefined,
): void {
  if (!result) {
    form.setError(WHOLE_FORM, {
      message: 'The server did not answer. What you typed is still here; try again in a moment.',
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
