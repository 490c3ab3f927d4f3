'use client';
import { useRouter } from 'next/navigation';
import type { ActionResult } from '@/present/forms/result';
import { css } from '@/ui/theme/made/css';
import { Field } from '../forms/field';
import { useActionForm } from '../forms/use-action-form';
import { Button } from '../parts/button';
import { Sentence } from '../parts/sentence';

export function SignInForm({ action }: { action: (input: unknown) => Promise<ActionResult> }) {
  const router = useRouter();
  const { form, submit, sentence } = useActionForm('signIn', { email: '', passphrase: '' }, action, () =>
    router.push('/day'),
  );
  return (
    <form
      className={css({ display: 'flex', flexDirection: 'column', gap: 2 })}
      noValidate
      onSubmit={submit}
      aria-label="Sign in"
    >
      <Sentence>{sentence}</Sentence>
      <Field form={form} name="email" label="Email" type="email" autoComplete="email" />
      <Field
        form={form}
        name="passphrase"
        label="Passphrase"
        type="password"
        autoComplete="current-password"
      />
      <Button type="submit" variant="contained" size="large" loading={form.formState.isSubmitting}>
        Sign in
      </Button>
    </form>
  );
}
