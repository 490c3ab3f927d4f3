'use client';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { useWatch } from 'react-hook-form';
import { ROOM_KINDS, type RoomKind } from '@/core/home/room';
import { Field } from '../forms/field';
import type { ActionResult } from '../forms/result';
import { useActionForm } from '../forms/use-action-form';
import { newId } from '../parts/new-id';
import { Sentence } from '../parts/sentence';

/** Sizes for whoever does not measure: length and width in metres. */
const SIZES = { small: [3, 2.2], middle: [4, 3.2], large: [5.5, 4] } as const;
const USUAL_HEIGHT_M = 2.5;

/** A new room: kind, name and size. */
export function NewRoomForm({
  floorId,
  action,
  onCancel,
}: {
  floorId: string;
  action: (input: unknown) => Promise<ActionResult>;
  onCancel: () => void;
}) {
  const router = useRouter();
  const [id] = useState(newId);
  const { form, submit, sentence } = useActionForm(
    'room',
    {
      name: 'Bedroom',
      kind: 'bedroom',
      lengthM: SIZES.middle[0],
      widthM: SIZES.middle[1],
      heightM: USUAL_HEIGHT_M,
    },
    (values) => action({ ...values, id, floorId }),
    () => router.push(`/walk/${id}`),
  );
  const name = useWatch({ control: form.control, name: 'name' });
  const nameAfterKind = (kind: RoomKind) => {
    if (Object.values(ROOM_KINDS).some((usual) => usual === name) || name === '')
      form.setValue('name', ROOM_KINDS[kind]);
  };
  return (
    <Stack component="form" noValidate onSubmit={submit} spacing={2} sx={{ p: 3 }} aria-label="New room">
      <Sentence>{sentence}</Sentence>
      <Field
        form={form}
        name="kind"
        label="Kind"
        select
        slotProps={{ select: { native: true } }}
        onInput={(event) => nameAfterKind((event.target as HTMLSelectElement).value as RoomKind)}
      >
        {Object.entries(ROOM_KINDS).map(([kind, words]) => (
          <option key={kind} value={kind}>
            {words}
          </option>
        ))}
      </Field>
      <Field form={form} name="name" label="Name" />
      <Stack direction="row" spacing={1} role="group" aria-label="Size, when nobody measures">
        {Object.entries(SIZES).map(([size, [lengthM, widthM]]) => (
          <Button
            key={size}
            variant="outlined"
            onClick={() => {
              form.setValue('lengthM', lengthM, { shouldValidate: true });
              form.setValue('widthM', widthM, { shouldValidate: true });
            }}
          >
            {size}
          </Button>
        ))}
      </Stack>
      <Stack direction="row" spacing={1.5}>
        <Field form={form} name="lengthM" label="Length, m" number />
        <Field form={form} name="widthM" label="Width, m" number />
        <Field form={form} name="heightM" label="Height, m" number />
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
