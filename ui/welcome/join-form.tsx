'use client';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { LEAST_PASSPHRASE } from '@/present/forms/limits';
import type { ActionResult } from '@/present/forms/result';
import { css } from '@/ui/theme/made/css';
import { Field } from '../forms/field';
import { useActionForm } from '../forms/use-action-form';
import { Button } from '../parts/button';
import { Sentence } from '../parts/sentence';
import { KeepCodes } from './keep-codes';

/** An account of one's own in a household of others. */
export function JoinForm({ action }: { action: (input: unknown) => Promise<ActionResult<string[]>> }) {
  const router = useRouter();
  const [codes, setCodes] = useState<readonly string[]>();
  const { form, submit, sentence } = useActionForm(
    'join',
    { email: '', passphrase: '' },
    (values) => action(values),
    (_values, made) => setCodes(made),
  );
  if (codes) return <KeepCodes codes={codes} onKept={() => router.push('/day')} />;
  return (
    <form
      className={css({ display: 'flex', flexDirection: 'column', gap: 2 })}
      noValidate
      onSubmit={submit}
      aria-label="Join"
    >
      <Sentence>{sentence}</Sentence>
      <Field form={form} name="email" label="Email" type="email" autoComplete="email" />
      <Field
        form={form}
        name="passphrase"
        label="Passphrase"
        type="password"
        autoComplete="new-password"
        hint={`At least ${LEAST_PASSPHRASE} characters; three or four words do well.`}
      />
      <Button type="submit" variant="contained" size="large" loading={form.formState.isSubmitting}>
        Come in
      </Button>
    </form>
  );
}
