'use client';
import { useRouter } from 'next/navigation';
import { css } from '@/ui/theme/made/css';
import { Field } from '../forms/field';
import { useActionForm } from '../forms/use-action-form';
import { Button } from '../parts/button';
import { DownloadButton } from '../parts/link-button';
import { Sentence } from '../parts/sentence';
import { UnfoldLater } from '../parts/unfold-later';
import type { AccountActions } from './account-actions';

type DeleteHouseholdProps = {
  readonly name: string;
  readonly action: AccountActions['deleteHousehold'];
};

/** A household that is to go for good: its file is offered first, and it goes after a pause. */
export function DeleteHousehold({ name, action }: DeleteHouseholdProps) {
  return (
    <UnfoldLater title="Delete the household">{() => <DeleteForm name={name} action={action} />}</UnfoldLater>
  );
}

function DeleteForm({ name, action }: DeleteHouseholdProps) {
  const router = useRouter();
  const { form, submit, sentence } = useActionForm('deleteHousehold', { old: '' }, action, () =>
    router.refresh(),
  );
  return (
    <form
      noValidate
      onSubmit={submit}
      aria-label="Delete the household"
      className={css({ display: 'grid', gap: 2, maxWidth: 520, justifyItems: 'start' })}
    >
      <p className={css({ textStyle: 'body', m: 0 })}>
        “{name}” goes in seven days, with its rooms, plans, record, pictures and accounts. Until then
        everything works as before, and one press on any page keeps it. Take its file along first: it can be
        brought back here or elsewhere.
      </p>
      <DownloadButton href="/api/household?pictures" variant="outlined">
        Export it with pictures
      </DownloadButton>
      <Sentence>{sentence}</Sentence>
      <Field form={form} name="old" label="Your passphrase" type="password" autoComplete="current-password" />
      <Button type="submit" variant="outlined" color="inherit" loading={form.formState.isSubmitting}>
        Delete it in seven days
      </Button>
    </form>
  );
}
