'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import Typography from '@mui/material/Typography';
import { useOptimistic, useState } from 'react';
import type { Call } from '@/core/clean/call';
import { put as putInto } from '@/core/household/put';
import type { ChangeActions, EditWords } from '../parts/change-actions';
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
    <Box component="section" aria-label="For a professional" sx={{ mb: 5, maxWidth: 860 }}>
      <CallsHead edits={edits} changes={changes} />
      <Box component="ul" aria-label="Calls" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {calls.map((call) => (
          <CallLine
            key={call.id}
            call={call}
            onPut={put}
            onDrop={() => changes.send({ do: 'drop-call', id: call.id }, 'Taken off the list.')}
          />
        ))}
      </Box>
      {suggested
        .filter(({ id }) => !listed.has(id))
        .map((call) => (
          <Suggested key={call.id} call={call} onTake={() => put(call, 'On the list.')} />
        ))}
      <AnotherCall
        onAdd={(what) => put({ id: newId(), what, why: '', note: '', done: false }, 'On the list.')}
      />
    </Box>
  );
}

function CallsHead({ edits, changes }: { edits: EditWords; changes: Changes }) {
  return (
    <>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1 }}>
        <Typography variant="h2">For a professional</Typography>
        <Box role="toolbar" aria-label="Calls" sx={{ ml: 'auto', display: 'flex' }}>
          <UndoButtons edits={edits} undo={changes.undo} redo={changes.redo} />
        </Box>
      </Box>
      <Typography sx={{ color: 'text.secondary', mb: 1 }}>
        Only ever listed here: it takes none of your minutes, only a day and a note.
      </Typography>
      <Sentence>{changes.sentence}</Sentence>
      <span role="status" className="visually-hidden">
        {changes.said}
      </span>
    </>
  );
}

function Suggested({ call: { what, room, why }, onTake }: { call: Call; onTake: () => void }) {
  return (
    <Box
      sx={{
        display: 'flex',
        flexWrap: 'wrap',
        gap: 1,
        alignItems: 'center',
        borderTop: '1px dashed',
        borderColor: 'divider',
        py: 1,
      }}
    >
      <Box sx={{ flex: '1 1 20rem' }}>
        <Box sx={{ fontWeight: 560 }}>
          {what}
          {room && `, ${room}`}
        </Box>
        <Box sx={{ color: 'text.secondary', fontSize: '0.92rem' }}>{why}</Box>
      </Box>
      <Button onClick={onTake} aria-label={`Put on the list: ${what}`}>
        Put it on the list
      </Button>
    </Box>
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
    <Box
      component="li"
      aria-label={call.what}
      sx={{ borderTop: '1px solid', borderColor: 'divider', py: 1.5 }}
    >
      <Box sx={{ fontWeight: 600, textDecoration: call.done ? 'line-through' : 'none' }}>
        {call.what}
        {call.room && `, ${call.room}`}
      </Box>
      {call.why && <Box sx={{ color: 'text.secondary', fontSize: '0.92rem', mb: 1 }}>{call.why}</Box>}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'center', mt: 1 }}>
        <DateField label="Day" value={call.date} onKeep={putDate} sx={{ width: 200 }} />
        <TextField
          size="small"
          label="Note"
          placeholder="Who, when to ring, what it may cost"
          value={note}
          onChange={(event) => setNote(event.target.value)}
          onBlur={() => note.trim() !== call.note && onPut({ ...call, note: note.trim() })}
          sx={{ flex: '1 1 16rem', width: 'auto' }}
          slotProps={{ htmlInput: { maxLength: 500 } }}
        />
        <FormControlLabel
          control={
            <Checkbox
              checked={call.done}
              onChange={(event) => onPut({ ...call, done: event.target.checked })}
            />
          }
          label="Done"
        />
        <Button color="inherit" onClick={onDrop} aria-label={`Take off the list: ${call.what}`}>
          Take off the list
        </Button>
      </Box>
    </Box>
  );
}

function AnotherCall({ onAdd }: { onAdd: (what: string) => void }) {
  const [what, setWhat] = useState('');
  return (
    <Box
      component="form"
      aria-label="Another call"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        if (what.trim() === '') return;
        onAdd(what.trim());
        setWhat('');
      }}
      sx={{ display: 'flex', gap: 1, mt: 1.5, maxWidth: 520 }}
    >
      <TextField
        size="small"
        label="Something else for a professional"
        value={what}
        onChange={(event) => setWhat(event.target.value)}
        slotProps={{ htmlInput: { maxLength: 160 } }}
      />
      <Button type="submit" variant="outlined" sx={{ flexShrink: 0 }}>
        Add
      </Button>
    </Box>
  );
}
