'use client';
import { useRouter } from 'next/navigation';
import { useEffect } from 'react';
import type { UseFormReturn } from 'react-hook-form';
import type { ActionResult } from '@/present/forms/result';
import type { FormValues } from '@/present/forms/schemas';
import { css } from '@/ui/theme/made/css';
import { Field } from '../forms/field';
import { useActionForm } from '../forms/use-action-form';
import { Button } from '../parts/button';
import { Sentence } from '../parts/sentence';

/** For whoever has forgotten the passphrase and kept the codes. */
export function RecoverForm({ action }: { action: (input: unknown) => Promise<ActionResult> }) {
  const router = useRouter();
  const { form, submit, sentence } = useActionForm(
    'recover',
    { email: '', code: '', passphrase: '' },
    action,
    () => router.push('/account'),
  );
  useLetter(form);
  return (
    <form
      className={css({ display: 'flex', flexDirection: 'column', gap: 2 })}
      noValidate
      onSubmit={submit}
      aria-label="Back in with a code"
    >
      <p className={css({ textStyle: 'body', m: 0 })}>
        The codes were shown when the household began, and whenever new ones were made. If none is left,
        whoever runs this server can make one.
      </p>
      <Sentence>{sentence}</Sentence>
      <Field form={form} name="email" label="Email" type="email" autoComplete="email" />
      <Field form={form} name="code" label="One of your codes" autoComplete="one-time-code" />
      <Field
        form={form}
        name="passphrase"
        label="New passphrase"
        type="password"
        autoComplete="new-password"
        hint="Three or four words that have nothing to do with each other do well."
      />
      <Button type="submit" variant="contained" size="large" loading={form.formState.isSubmitting}>
        Let me in
      </Button>
    </form>
  );
}

/** Whoever comes by the link of a letter has email and code in it, behind the #; it does not stay in the address. */
function useLetter(form: UseFormReturn<FormValues<'recover'>>): void {
  useEffect(() => {
    const take = () => {
      const sent = new URLSearchParams(location.hash.slice(1));
      const [email, code] = [sent.get('email'), sent.get('code')];
      if (!email || !code) return;
      form.setValue('email', email);
      form.setValue('code', code);
      form.setFocus('passphrase');
      history.replaceState(history.state, '', location.pathname);
    };
    take();
    addEventListener('hashchange', take);
    return () => removeEventListener('hashchange', take);
  }, [form]);
}
