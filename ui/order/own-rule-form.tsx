'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import { useState } from 'react';
import type { OrderRule, Within } from '@/core/clean/rule';
import type { OrderScreen } from '@/present/order/order-model';
import { WITHIN_WORDS } from '@/present/order/order-words';
import { NativeSelect } from '../parts/native-select';
import { TextField } from '../parts/text-field';
import { newId } from '../state/new-id';

type OwnRuleFormProps = {
  readonly methods: OrderScreen['methods'];
  readonly onAdd: (rule: OrderRule) => void;
};

/** One job before another, where, how strictly, and why. */
export function OwnRuleForm({ methods, onAdd }: OwnRuleFormProps) {
  const [before, setBefore] = useState('');
  const [after, setAfter] = useState('');
  const [within, setWithin] = useState<Within>('room');
  const [hard, setHard] = useState(false);
  const [reason, setReason] = useState('');
  const [fault, setFault] = useState<string>();
  const title = (id: string) => methods.find(([known]) => known === id)?.[1] ?? id;
  const add = () => {
    const wrong = faultOf(before, after);
    setFault(wrong);
    if (wrong) return;
    onAdd({
      id: `own-${newId()
        .toLowerCase()
        .replace(/[^a-z0-9-]/g, '')}`,
      name: `“${title(before)}” before “${title(after)}”`.slice(0, 120),
      before: { methods: [before] },
      after: { methods: [after] },
      within,
      hard,
      orderOnly: true,
      reason: reason.trim() || 'Our own way.',
    });
    setBefore('');
    setAfter('');
    setReason('');
  };
  return (
    <Box
      component="form"
      aria-label="A rule of your own"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        add();
      }}
      sx={{ display: 'grid', gap: 2, gridTemplateColumns: { sm: '1fr 1fr' }, maxWidth: 760 }}
    >
      <NativeSelect
        size="small"
        label="First"
        value={before}
        none="choose a job"
        options={methods}
        onChange={setBefore}
      />
      <NativeSelect
        size="small"
        label="Then"
        value={after}
        none="choose a job"
        options={methods}
        onChange={setAfter}
      />
      <NativeSelect
        size="small"
        label="Where"
        value={within}
        options={Object.entries(WITHIN_WORDS)}
        onChange={(chosen) => setWithin(chosen as Within)}
      />
      <TextField
        size="small"
        label="Why"
        value={reason}
        onChange={(event) => setReason(event.target.value)}
        slotProps={{ htmlInput: { maxLength: 300 } }}
      />
      <FormControlLabel
        control={<Checkbox checked={hard} onChange={(event) => setHard(event.target.checked)} />}
        label="It must be, not only a wish"
      />
      <Button type="submit" variant="contained" sx={{ justifySelf: 'start' }}>
        Add the rule
      </Button>
      {fault && (
        <Box role="alert" sx={{ color: 'error.main', gridColumn: '1 / -1' }}>
          {fault}
        </Box>
      )}
    </Box>
  );
}

function faultOf(before: string, after: string): string | undefined {
  if (before === '' || after === '')
    return 'Please choose both jobs: a rule that names nothing would do nothing.';
  return before === after ? 'Please choose two different jobs.' : undefined;
}
