'use client';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import { useWatch } from 'react-hook-form';
import { ROOM_KINDS, roomSizes, USUAL_HEIGHT_M } from '@/core/home/room';
import { Field } from '../forms/field';
import { FormLength } from '../forms/length';
import { SelectField } from '../forms/select-field';
import { useActionForm } from '../forms/use-action-form';
import type { ChangeActions } from '../parts/change-actions';
import { Sentence } from '../parts/sentence';
import { newId } from '../state/new-id';
import { RoomSizes } from './room-sizes';

const USUAL_NAMES: readonly string[] = Object.values(ROOM_KINDS);

/** A new room: kind, name and size. */
export function NewRoomForm({
  floorId,
  actions,
  onCancel,
}: {
  floorId: string;
  actions: Pick<ChangeActions, 'change'>;
  onCancel: () => void;
}) {
  const router = useRouter();
  const [id] = useState(newId);
  const { form, submit, sentence } = useActionForm(
    'room',
    {
      name: 'Bedroom',
      kind: 'bedroom',
      lengthM: roomSizes('bedroom').middle[0],
      widthM: roomSizes('bedroom').middle[1],
      heightM: USUAL_HEIGHT_M,
    },
    (room, command) =>
      actions.change({ id: command, input: { do: 'add-room', floorId, room: { ...room, id } } }),
    () => router.push(`/walk/${id}`),
  );
  const kind = useWatch({ control: form.control, name: 'kind' });
  const resize = (lengthM: number, widthM: number) => {
    form.setValue('lengthM', lengthM, { shouldValidate: true });
    form.setValue('widthM', widthM, { shouldValidate: true });
  };
  // Name and size follow the kind until somebody has said otherwise.
  useEffect(() => {
    const name = form.getValues('name');
    const { dirtyFields } = form.formState;
    if (name === '' || USUAL_NAMES.includes(name)) form.setValue('name', ROOM_KINDS[kind]);
    if (dirtyFields.lengthM || dirtyFields.widthM) return;
    const [lengthM, widthM] = roomSizes(kind).middle;
    form.setValue('lengthM', lengthM);
    form.setValue('widthM', widthM);
  }, [form, kind]);
  return (
    <Stack component="form" noValidate onSubmit={submit} spacing={2} sx={{ p: 3 }} aria-label="New room">
      <Sentence>{sentence}</Sentence>
      <SelectField form={form} name="kind" label="Kind" options={Object.entries(ROOM_KINDS)} />
      <Field form={form} name="name" label="Name" />
      <RoomSizes kind={kind} onChoose={resize} />
      <Stack direction="row" spacing={1.5}>
        <FormLength form={form} name="lengthM" label="Length" />
        <FormLength form={form} name="widthM" label="Width" />
        <FormLength form={form} name="heightM" label="Height" />
      </Stack>
      <Stack direction="row" spacing={2} sx={{ justifyContent: 'flex-end' }}>
        <Button onClick={onCancel} color="inherit">
          Leave it
        </Button>
        <Button type="submit" variant="contained" loading={form.formState.isSubmitting}>
          Walk this room
        </Button>
      </Stack>
    </Stack>
  );
}
