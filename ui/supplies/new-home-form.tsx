'use client';
import { NEW_HOME_REASONS } from '@/core/clean/names';
import { REASON_WORDS, spotOf } from '@/present/supplies/leaving-words';
import { Field } from '../forms/field';
import { SelectField } from '../forms/select-field';
import { useActionForm } from '../forms/use-action-form';
import type { ChangeActions } from '../parts/change-actions';
import { SmallForm } from './small-form';

type NewHomeFormProps = {
  readonly id: string;
  readonly spots: readonly (readonly [value: string, words: string])[];
  readonly actions: Pick<ChangeActions, 'change'>;
  readonly onClose: () => void;
};

const REASONS = NEW_HOME_REASONS.map((why) => [why, REASON_WORDS[why]] as const);

/** What is to live elsewhere, from where to where, and why. */
export function NewHomeForm({ id, spots, actions, onClose }: NewHomeFormProps) {
  const first = spots[0]?.[0] ?? '';
  const { form, submit, sentence } = useActionForm(
    'newHome',
    { what: '', from: first, to: spots[1]?.[0] ?? first, why: 'use' },
    ({ what, from, to, why }, command) =>
      actions.change({
        id: command,
        input: { do: 'put-new-home', home: { id, what, from: spotOf(from), to: spotOf(to), why } },
      }),
    onClose,
  );
  return (
    <SmallForm
      label="A new home"
      sentence={sentence}
      isSending={form.formState.isSubmitting}
      onSubmit={submit}
      onClose={onClose}
    >
      <Field form={form} name="what" label="What moves" autoFocus />
      <SelectField form={form} name="from" label="From" options={spots} />
      <SelectField form={form} name="to" label="To" options={spots} />
      <SelectField form={form} name="why" label="Because" options={REASONS} />
    </SmallForm>
  );
}
