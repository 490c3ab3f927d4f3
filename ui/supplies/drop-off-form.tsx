'use client';
import type { DropOff } from '@/core/clean/leaving';
import type { NamedPile } from '@/present/supplies/pile-words';
import { Field } from '../forms/field';
import { HoursFields } from '../forms/hours-fields';
import { TickList } from '../forms/tick-list';
import { useActionForm } from '../forms/use-action-form';
import type { ChangeActions } from '../parts/change-actions';
import { SmallForm } from './small-form';

type DropOffFormProps = {
  readonly id: string;
  readonly known: DropOff | undefined;
  /** Those that leave the house. */
  readonly piles: readonly NamedPile[];
  readonly actions: Pick<ChangeActions, 'change'>;
  readonly onClose: () => void;
};

const USUAL = { from: '10:00', to: '16:00' };

/** Where a place is, what it takes, and when it is open. */
export function DropOffForm({ id, known, piles, actions, onClose }: DropOffFormProps) {
  const { form, submit, sentence } = useActionForm(
    'dropOff',
    known
      ? { name: known.name, address: known.address, takes: known.takes, hours: known.opens }
      : { name: '', address: '', takes: [], hours: [{ weekday: 6, ...USUAL }] },
    ({ hours, ...place }, command) =>
      actions.change({
        id: command,
        input: { do: 'put-drop-off', place: { id, ...place, opens: hours } },
      }),
    onClose,
  );
  return (
    <SmallForm
      label="A place that takes things"
      sentence={sentence}
      isSending={form.formState.isSubmitting}
      onSubmit={submit}
      onClose={onClose}
    >
      <Field form={form} name="name" label="What the place is called" autoFocus />
      <Field form={form} name="address" label="Where it is" />
      <TickList
        form={form}
        name="takes"
        legend="What it takes; with none ticked, all that leaves"
        options={piles.map((pile) => [pile.id, pile.name] as const)}
      />
      <HoursFields form={form} legend="When it is open" usual={USUAL} />
    </SmallForm>
  );
}
