'use client';
import { useState } from 'react';
import type { ActionResult } from '@/present/forms/result';
import { css } from '@/ui/theme/made/css';
import { Field } from '../forms/field';
import { useActionForm } from '../forms/use-action-form';
import { Button } from '../parts/button';
import { Sentence } from '../parts/sentence';
import { TextLink } from '../parts/text-link';

type LetterFormProps = {
  readonly action: (input: unknown) => Promise<ActionResult>;
  /** Where letters are read as long as no mail service carries them. */
  readonly readOn: string | undefined;
};

/** For whoever has forgotten the passphrase and reads mail. */
export function LetterForm({ action, readOn }: LetterFormProps) {
  const [isSent, setSent] = useState(false);
  const { form, submit, sentence } = useActionForm('letter', { email: '' }, action, () => setSent(true));
  return (
    <form
      className={css({ display: 'flex', flexDirection: 'column', gap: 2, mb: 3 })}
      noValidate
      onSubmit={submit}
      aria-label="Back in by mail"
    >
      <Sentence>{sentence}</Sentence>
      <Field form={form} name="email" label="Email of your account" type="email" autoComplete="email" />
      <Button type="submit" variant="outlined" size="large" loading={form.formState.isSubmitting}>
        Send me a link
      </Button>
      <div role="status">
        {isSent && (
          <p className={css({ textStyle: 'body', m: 0 })}>
            If this email has an account here, a letter with a link is on its way. The link is good for half
            an hour. {readOn && <TextLink href={readOn}>Read the letters here</TextLink>}
          </p>
        )}
      </div>
    </form>
  );
}
