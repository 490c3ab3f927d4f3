'use client';
import { type FormEvent, useState } from 'react';
import { MOST_NAME } from '@/core/basics/limits';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import type { ChangeActions } from '../parts/change-actions';
import { Sentence } from '../parts/sentence';
import { TextField } from '../parts/text-field';
import { useChanges } from '../parts/use-changes';
import { newId } from '../state/new-id';

/** Adds a floor on top of the house. */
export function AddFloor({ actions, first }: { actions: ChangeActions; first: boolean }) {
  const changes = useChanges(actions);
  const [name, setName] = useState(first ? 'Ground floor' : '');
  const [fault, setFault] = useState<string>();
  const add = (event: FormEvent) => {
    event.preventDefault();
    const said = name.trim();
    setFault(said === '' ? 'Please give the floor a name, such as “First floor”.' : undefined);
    if (said === '') return;
    changes.send({ do: 'add-floor', id: newId(), name: said }, `${said} added.`);
    setName('');
  };
  return (
    <form
      noValidate
      onSubmit={add}
      className={css({ display: 'flex', flexDirection: 'column', gap: 1.5, maxWidth: 460 })}
      aria-label="Add a floor"
    >
      <Sentence>{changes.sentence}</Sentence>
      <div className={css({ display: 'flex', flexDirection: 'row', gap: 1.5, alignItems: 'flex-start' })}>
        <TextField
          name="name"
          label={first ? 'Or begin with a floor' : 'Another floor, above'}
          size="small"
          value={name}
          maxLength={MOST_NAME}
          onChange={({ target }) => setName(target.value)}
          error={fault !== undefined}
          helperText={fault}
        />
        <Button type="submit" variant="outlined" className={css({ flexShrink: 0 })}>
          Add floor
        </Button>
      </div>
      <span role="status" className="visually-hidden">
        {changes.said}
      </span>
    </form>
  );
}
