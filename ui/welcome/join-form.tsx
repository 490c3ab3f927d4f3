'use client';
import { useState } from 'react';
import { LEAST_PASSPHRASE } from '@/present/forms/limits';
import type { ActionResult } from '@/present/forms/result';
import { css } from '@/ui/theme/made/css';
import { Field } from '../forms/field';
import { useActionForm } from '../forms/use-action-form';
import { Button } from '../parts/button';
import { Sentence } from '../parts/sentence';
import { KeepCodes } from './keep-codes';
import { useFirstSignIn } from './use-first-sign-in';

/** An account of one's own in a household of others. */
type JoinFormProps = {
  readonly action: (input: unknown) => Promise<ActionResult<string[]>>;
  readonly signIn: (input: unknown) => Promise<ActionResult>;
};

export function JoinForm({ action, signIn }: JoinFormProps) {
  const goOn = useFirstSignIn(signIn, '/day');
  const [codes, setCodes] = useState<readonly string[]>();
  const { form, submit, sentence } = useActionForm(
    'join',
    { email: '', passphrase: '' },
    (values) => action(values),
    (values, made) => {
      goOn.remember(values);
      setCodes(made);
    },
  );
  if (codes) return <KeepCodes codes={codes} onKept={goOn.enter} fault={goOn.fault} />;
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
