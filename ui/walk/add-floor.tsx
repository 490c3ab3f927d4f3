'use client';
import { css } from '@/ui/theme/made/css';
import { Field } from '../forms/field';
import { useActionForm } from '../forms/use-action-form';
import { Button } from '../parts/button';
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
    <form
      noValidate
      onSubmit={submit}
      className={css({ display: 'flex', flexDirection: 'column', gap: 1.5, maxWidth: 460 })}
      aria-label="Add a floor"
    >
      <Sentence>{sentence}</Sentence>
      <div className={css({ display: 'flex', flexDirection: 'row', gap: 1.5, alignItems: 'flex-start' })}>
        <Field
          form={form}
          name="name"
          label={first ? 'Or begin with a floor' : 'Another floor, above'}
          size="small"
        />
        <Button
          type="submit"
          variant="outlined"
          className={css({ flexShrink: 0 })}
          loading={form.formState.isSubmitting}
        >
          Add floor
        </Button>
      </div>
    </form>
  );
}
