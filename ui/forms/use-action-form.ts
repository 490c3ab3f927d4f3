'use client';
import { zodResolver } from '@hookform/resolvers/zod';
import {
  type DefaultValues,
  type FieldValues,
  type Path,
  type UseFormReturn,
  useForm,
} from 'react-hook-form';
import type { z } from 'zod';
import { type ActionResult, WHOLE_FORM } from './result';

/**
 * A form that reads by a schema in the browser and again on the server, keeps what was typed, and shows the server's
 * sentences beside their fields.
 */
export function useActionForm<Values extends FieldValues>(
  schema: z.ZodType<Values>,
  defaultValues: DefaultValues<Values>,
  action: (values: Values) => Promise<ActionResult<unknown>>,
  onAccepted: (values: Values) => void,
): { form: UseFormReturn<Values>; submit: () => Promise<void>; sentence: string | undefined } {
  const form = useForm<Values>({ resolver: zodResolver(schema as never) as never, defaultValues });
  const submit = form.handleSubmit(async (values) => {
    const result = await action(values).catch(() => undefined);
    if (result?.ok) onAccepted(values);
    else showFaults(form, result);
  });
  return { form, submit, sentence: form.formState.errors.root?.message };
}

function showFaults<Values extends FieldValues>(
  form: UseFormReturn<Values>,
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
    form.setError(
      (known in fields ? field : WHOLE_FORM) as Path<Values>,
      { message: sentence },
      { shouldFocus: true },
    );
  }
}
