'use client';
import { useOptimistic, useState } from 'react';
import type { Call } from '@/core/clean/call';
import { put as putInto } from '@/core/household/put';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import type { ChangeActions, EditWords } from '../parts/change-actions';
import { Check } from '../parts/check';
import { Sentence } from '../parts/sentence';
import { TextField } from '../parts/text-field';
import { UndoButtons } from '../parts/undo-buttons';
import { type Changes, useChanges } from '../parts/use-changes';
import { useTyped } from '../parts/use-typed';
import { DateField } from '../parts/when-field';
import { newId } from '../state/new-id';

type CallsProps = {
  readonly calls: readonly Call[];
  readonly suggested: readonly Call[];
  readonly edits: EditWords;
  readonly actions: ChangeActions;
};

/** Work for a licensed trade: what, why, on which day, and a note; none of anybody's minutes. */
export function Calls({ calls: stored, suggested, edits, actions }: CallsProps) {
  const changes = useChanges(actions);
  const [calls, show] = useOptimistic(stored, (rows, row: Call) => putInto(rows, row, (call) => call.id));
  const listed = new Set(calls.map((call) => call.id));
  const put = (call: Call, words = 'Kept.') =>
    changes.send({ do: 'put-call', call }, words, () => show(call));
  return (
    <section aria-label="For a professional" className={css({ mb: 5, maxWidth: 860 })}>
      <CallsHead edits={edits} changes={changes} />
      <ul aria-label="Calls" className={css({ listStyle: 'none', p: 0, m: 0 })}>
        {calls.map((call) => (
          <CallLine
            key={call.id}
            call={call}
            onPut={put}
            onDrop={() => changes.send({ do: 'drop-call', id: call.id }, 'Taken off the list.')}
          />
        ))}
      </ul>
      {suggested
        .filter(({ id }) => !listed.has(id))
        .map((call) => (
          <Suggested key={call.id} call={call} onTake={() => put(call, 'On the list.')} />
        ))}
      <AnotherCall
        onAdd={(what) => put({ id: newId(), what, why: '', note: '', done: false }, 'On the list.')}
      />
    </section>
  );
}

function CallsHead({ edits, changes }: { edits: EditWords; changes: Changes }) {
  return (
    <>
      <div className={css({ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1 })}>
        <h2 className={css({ textStyle: 'h2', m: 0 })}>For a professional</h2>
        <div role="toolbar" aria-label="Calls" className={css({ ml: 'auto', display: 'flex' })}>
          <UndoButtons edits={edits} undo={changes.undo} redo={changes.redo} />
        </div>
      </div>
      <p className={css({ textStyle: 'body', m: 0, color: 'quiet', mb: 1 })}>
        Only ever listed here: it takes none of your minutes, only a day and a note.
      </p>
      <Sentence>{changes.sentence}</Sentence>
      <span role="status" className="visually-hidden">
        {changes.said}
      </span>
    </>
  );
}

function Suggested({ call: { what, room, why }, onTake }: { call: Call; onTake: () => void }) {
  return (
    <div
      className={css({
        display: 'flex',
        flexWrap: 'wrap',
        gap: 1,
        alignItems: 'center',
        borderTop: '1px dashed var(--colors-line)',
        py: 1,
      })}
    >
      <div className={css({ flex: '1 1 20rem' })}>
        <div className={css({ fontWeight: 560 })}>
          {what}
          {room && `, ${room}`}
        </div>
        <div className={css({ color: 'quiet', fontSize: '0.92rem' })}>{why}</div>
      </div>
      <Button onClick={onTake} aria-label={`Put on the list: ${what}`}>
        Put it on the list
      </Button>
    </div>
  );
}

type CallLineProps = {
  readonly call: Call;
  readonly onPut: (call: Call) => void;
  readonly onDrop: () => void;
};

function CallLine({ call, onPut, onDrop }: CallLineProps) {
  const [note, setNote] = useTyped(call.note);
  const putDate = (date: string | undefined) => {
    const { date: _old, ...rest } = call;
    onPut({ ...rest, ...(date && { date }) });
  };
  return (
    <li aria-label={call.what} className={css({ borderTop: '1px solid var(--colors-line)', py: 1.5 })}>
      <div className={css({ fontWeight: 600, textDecoration: call.done ? 'line-through' : 'none' })}>
        {call.what}
        {call.room && `, ${call.room}`}
      </div>
      {call.why && <div className={css({ color: 'quiet', fontSize: '0.92rem', mb: 1 })}>{call.why}</div>}
      <div className={css({ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'center', mt: 1 })}>
        <DateField label="Day" value={call.date} onKeep={putDate} className={css({ width: 200 })} />
        <TextField
          size="small"
          label="Note"
          placeholder="Who, when to ring, what it may cost"
          value={note}
          onChange={(event) => setNote(event.target.value)}
          onBlur={() => note.trim() !== call.note && onPut({ ...call, note: note.trim() })}
          className={css({ flex: '1 1 16rem', width: 'auto' })}
          maxLength={500}
        />
        <Check label="Done" checked={call.done} onChange={(done) => onPut({ ...call, done })} />
        <Button color="inherit" onClick={onDrop} aria-label={`Take off the list: ${call.what}`}>
          Take off the list
        </Button>
      </div>
    </li>
  );
}

function AnotherCall({ onAdd }: { onAdd: (what: string) => void }) {
  const [what, setWhat] = useState('');
  return (
    <form
      aria-label="Another call"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        if (what.trim() === '') return;
        onAdd(what.trim());
        setWhat('');
      }}
      className={css({ display: 'flex', gap: 1, mt: 1.5, maxWidth: 520 })}
    >
      <TextField
        size="small"
        label="Something else for a professional"
        value={what}
        onChange={(event) => setWhat(event.target.value)}
        maxLength={160}
      />
      <Button type="submit" variant="outlined" className={css({ flexShrink: 0 })}>
        Add
      </Button>
    </form>
  );
}
