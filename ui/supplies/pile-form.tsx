'use client';
import type { OwnPile } from '@/core/clean/leaving';
import { Field } from '../forms/field';
import { SelectField } from '../forms/select-field';
import { useActionForm } from '../forms/use-action-form';
import type { ChangeActions } from '../parts/change-actions';
import { SmallForm } from './small-form';

type PileFormProps = {
  readonly id: string;
  readonly known: OwnPile | undefined;
  readonly actions: Pick<ChangeActions, 'change'>;
  readonly onClose: () => void;
};

const WAYS = [
  ['leaves', 'leaves the house'],
  ['stays', 'stays in the house'],
] as const;

/** What a pile is called, and whether it leaves. */
export function PileForm({ id, known, actions, onClose }: PileFormProps) {
  const { form, submit, sentence } = useActionForm(
    'pile',
    known ? { name: known.name, way: known.leaves ? 'leaves' : 'stays' } : { name: '', way: 'leaves' },
    ({ name, way }, command) =>
      actions.change({
        id: command,
        input: { do: 'put-pile', pile: { id, name, leaves: way === 'leaves' } },
      }),
    onClose,
  );
  return (
    <SmallForm
      label="A pile of your own"
      sentence={sentence}
      isSending={form.formState.isSubmitting}
      onSubmit={submit}
      onClose={onClose}
    >
      <Field
        form={form}
        name="name"
        label="What the pile is called"
        hint="A person, the pharmacy, the food bank, the store of the season."
        autoFocus
      />
      <SelectField form={form} name="way" label="It" options={WAYS} />
    </SmallForm>
  );
}
