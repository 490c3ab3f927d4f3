'use client';
import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import { type UseFormReturn, useWatch } from 'react-hook-form';
import { ROOM_KINDS, type RoomKind, roomSizes, USUAL_HEIGHT_M } from '@/core/home/room';
import type { FormValues } from '@/present/forms/schemas';
import { css } from '@/ui/theme/made/css';
import { Field } from '../forms/field';
import { FormLength } from '../forms/length';
import { SelectField } from '../forms/select-field';
import { useActionForm } from '../forms/use-action-form';
import { Button } from '../parts/button';
import type { ChangeActions } from '../parts/change-actions';
import { Sentence } from '../parts/sentence';
import { newId } from '../state/new-id';
import { RoomSizes } from './room-sizes';

const USUAL_NAMES: readonly string[] = Object.values(ROOM_KINDS);

type NewRoomFormProps = {
  readonly floorId: string;
  readonly actions: Pick<ChangeActions, 'change'>;
  readonly onCancel: () => void;
};

/** A new room: kind, name and size. */
export function NewRoomForm({ floorId, actions, onCancel }: NewRoomFormProps) {
  const router = useRouter();
  const [id] = useState(newId);
  const { form, submit, sentence } = useActionForm(
    'room',
    usualRoom('bedroom'),
    (room, command) =>
      actions.change({ id: command, input: { do: 'add-room', floorId, room: { ...room, id } } }),
    () => router.push(`/walk/${id}`),
  );
  const kind = useKindFollowed(form);
  const resize = (lengthM: number, widthM: number) => {
    form.setValue('lengthM', lengthM, { shouldValidate: true });
    form.setValue('widthM', widthM, { shouldValidate: true });
  };
  return (
    <form
      noValidate
      onSubmit={submit}
      className={css({ display: 'flex', flexDirection: 'column', gap: 2, p: 3 })}
      aria-label="New room"
    >
      <Sentence>{sentence}</Sentence>
      <SelectField form={form} name="kind" label="Kind" options={Object.entries(ROOM_KINDS)} />
      <Field form={form} name="name" label="Name" />
      <RoomSizes kind={kind} onChoose={resize} />
      <div className={css({ display: 'flex', flexDirection: 'row', gap: 1.5 })}>
        <FormLength form={form} name="lengthM" label="Length" />
        <FormLength form={form} name="widthM" label="Width" />
        <FormLength form={form} name="heightM" label="Height" />
      </div>
      <div className={css({ display: 'flex', flexDirection: 'row', gap: 2, justifyContent: 'flex-end' })}>
        <Button onClick={onCancel} color="inherit">
          Leave it
        </Button>
        <Button type="submit" variant="contained" loading={form.formState.isSubmitting}>
          Walk this room
        </Button>
      </div>
    </form>
  );
}

function usualRoom(kind: RoomKind): FormValues<'room'> {
  const [lengthM, widthM] = roomSizes(kind).middle;
  return { name: ROOM_KINDS[kind], kind, lengthM, widthM, heightM: USUAL_HEIGHT_M };
}

/** The kind that is chosen. Name and size follow it until somebody has said otherwise. */
function useKindFollowed(form: UseFormReturn<FormValues<'room'>>): RoomKind {
  const kind = useWatch({ control: form.control, name: 'kind' });
  useEffect(() => {
    const usual = usualRoom(kind);
    const name = form.getValues('name');
    const { dirtyFields } = form.formState;
    if (name === '' || USUAL_NAMES.includes(name)) form.setValue('name', usual.name);
    if (dirtyFields.lengthM || dirtyFields.widthM) return;
    form.setValue('lengthM', usual.lengthM);
    form.setValue('widthM', usual.widthM);
  }, [form, kind]);
  return kind;
}
