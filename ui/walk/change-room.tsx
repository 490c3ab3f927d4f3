'use client';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { Room } from '@/core/home/room';
import { Field } from '../forms/field';
import type { ActionResult } from '../forms/result';
import { useActionForm } from '../forms/use-action-form';
import { Sentence } from '../parts/sentence';

type Act = (input: unknown) => Promise<ActionResult>;

/** Renames and resizes a room, or takes it off the walk. */
export function ChangeRoom({ room, change, drop }: { room: Room; change: Act; drop: Act }) {
  const router = useRouter();
  const [saved, setSaved] = useState('');
  const { name, lengthM, widthM, heightM } = room;
  const { form, submit, sentence } = useActionForm(
    'roomSize',
    { name, lengthM, widthM, heightM },
    (values) => change({ ...values, id: room.id }),
    () => setSaved('Kept.'),
  );
  const remove = async () => {
    const result = await drop({ id: room.id }).catch(() => undefined);
    if (result?.ok) router.push('/walk');
    else form.setError('root', { message: 'The room could not be taken off. Try again in a moment.' });
  };
  return (
    <Stack
      component="form"
      noValidate
      onSubmit={submit}
      spacing={2}
      aria-label="Name and size"
      sx={{ maxWidth: 560 }}
    >
      <Sentence>{sentence}</Sentence>
      <Field form={form} name="name" label="Name" />
      <Stack direction="row" spacing={1.5}>
        <Field form={form} name="lengthM" label="Length, m" number />
        <Field form={form} name="widthM" label="Width, m" number />
        <Field form={form} name="heightM" label="Height, m" number />
      </Stack>
      <Stack direction="row" spacing={2} sx={{ alignItems: 'center' }}>
        <Button type="submit" variant="contained" loading={form.formState.isSubmitting}>
          Keep
        </Button>
        <span role="status">{saved}</span>
        <Button color="inherit" onClick={remove} sx={{ ml: 'auto' }}>
          Take this room off the walk
        </Button>
      </Stack>
    </Stack>
  );
}
