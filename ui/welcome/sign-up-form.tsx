'use client';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import { useRouter } from 'next/navigation';
import { Field } from '../forms/field';
import { LEAST_PASSPHRASE } from '../forms/limits';
import type { ActionResult } from '../forms/result';
import { useActionForm } from '../forms/use-action-form';
import { Sentence } from '../parts/sentence';

const homeTimezone = () =>
  typeof window === 'undefined' ? 'UTC' : Intl.DateTimeFormat().resolvedOptions().timeZone;

export function SignUpForm({ action }: { action: (input: unknown) => Promise<ActionResult> }) {
  const router = useRouter();
  const { form, submit, sentence } = useActionForm(
    'signUp',
    { householdName: '', email: '', passphrase: '', timezone: homeTimezone() },
    (values) => action({ ...values, timezone: homeTimezone() }),
    () => router.push('/aim'),
  );
  return (
    <Stack component="form" noValidate spacing={2} onSubmit={submit} aria-label="Sign up">
      <Sentence>{sentence}</Sentence>
      <Field form={form} name="householdName" label="Name of the household" autoComplete="organization" />
      <Field form={form} name="email" label="Email" type="email" autoComplete="email" />
      <Field
        form={form}
        name="passphrase"
        label="Passphrase"
        type="password"
        autoComplete="new-password"
        hint={`At least ${LEAST_PASSPHRASE} characters; three or four words do well.`}
      />
      <Button
        type="submit"
        variant="contained"
        size="large"
        loading={form.formState.isSubmitting}
        loadingPosition="start"
      >
        Begin
      </Button>
    </Stack>
  );
}
