'use client';
import { useState } from 'react';
import { css } from '@/ui/theme/made/css';
import { Field } from '../forms/field';
import { useActionForm } from '../forms/use-action-form';
import { Button } from '../parts/button';
import { Sentence } from '../parts/sentence';
import { UnfoldLater } from '../parts/unfold-later';
import type { AccountActions } from './account-actions';

export function ChangePassphrase({ action }: { action: AccountActions['changePassphrase'] }) {
  return <UnfoldLater title="Change the passphrase">{() => <PassphraseForm action={action} />}</UnfoldLater>;
}

function PassphraseForm({ action }: { action: AccountActions['changePassphrase'] }) {
  const [said, setSaid] = useState('');
  const { form, submit, sentence } = useActionForm(
    'changePassphrase',
    { old: '', passphrase: '' },
    (values) => action(values),
    () => {
      form.reset();
      setSaid('Changed. Every other device is signed out.');
    },
  );
  return (
    <form
      noValidate
      onSubmit={submit}
      aria-label="Change the passphrase"
      className={css({ display: 'grid', gap: 2, maxWidth: 420, justifyItems: 'start' })}
    >
      <Sentence>{sentence}</Sentence>
      <Field
        form={form}
        name="old"
        label="Passphrase so far"
        type="password"
        autoComplete="current-password"
      />
      <Field
        form={form}
        name="passphrase"
        label="New passphrase"
        type="password"
        autoComplete="new-password"
        hint="Three or four words that have nothing to do with each other do well."
      />
      <Button type="submit" variant="contained" loading={form.formState.isSubmitting}>
        Change it
      </Button>
      <span role="status">{said}</span>
    </form>
  );
}
