'use client';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import { Field } from '../forms/field';
import { useActionForm } from '../forms/use-action-form';
import type { ChangeActions } from '../parts/change-actions';
import { Sentence } from '../parts/sentence';

/** Adds a floor on top of the house. */
export function AddFloor({ actions, first }: { actions: Pick<ChangeActions, 'change'>; first: boolean }) {
  const { form, submit, sentence } = useActionForm(
    'floor',
    { name: first ? 'Ground floor' : '' },
    ({ name }, id) => actions.change({ id, input: { do: 'add-floor', id, name } }),
    () => form.reset({ name: '' }),
  );
  return (
    <Stack
      component="form"
      noValidate
      onSubmit={submit}
      spacing={1.5}
      sx={{ maxWidth: 460 }}
      aria-label="Add a floor"
    >
      <Sentence>{sentence}</Sentence>
      <Stack direction="row" spacing={1.5} sx={{ alignItems: 'flex-start' }}>
        <Field
          form={form}
          name="name"
          label={first ? 'Or begin with a floor' : 'Another floor, above'}
          size="small"
        />
        <Button type="submit" variant="outlined" sx={{ flexShrink: 0 }} loading={form.formState.isSubmitting}>
          Add floor
        </Button>
      </Stack>
    </Stack>
  );
}
