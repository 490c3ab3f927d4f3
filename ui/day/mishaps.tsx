'use client';
import Box from '@mui/material/Box';
import { memo, useState } from 'react';
import type { DayAct } from '@/core/clean/events';
import type { DayFile } from '@/present/day/day-file';
import { Unfold } from '../parts/unfold';
import { ActRow } from './act-row';
import type { DayStore } from './run/day-store';

const LITTLE_TIME = 20;

/** What has to be asked before it can be said. */
type Question = 'product' | 'machine' | 'ill';
type Say = (act: DayAct) => void;

/** What comes between: each a press, and the rest of the day and the plan make room for it. */
export const Mishaps = memo(function Mishaps({ file, store }: { file: DayFile; store: DayStore }) {
  const [asks, setAsks] = useState<Question>();
  const say: Say = (act) => {
    setAsks(undefined);
    void store.carry(act);
  };
  return (
    <Unfold title="Something has come between">
      <Box sx={{ display: 'grid', gap: 1.5 }}>
        <ActRow presses={whatCameBetween(file, say, setAsks)} />
        {asks && <ActRow {...asking(asks, file, say)} />}
      </Box>
    </Unfold>
  );
});

/** A helper says what concerns their own day alone. */
function whatCameBetween(
  { person, helper, products, machines }: DayFile,
  say: Say,
  ask: (what: Question) => void,
) {
  const own = person !== undefined && {
    words: `Only ${LITTLE_TIME} minutes left`,
    press: () => say({ do: 'short', who: person, minutes: LITTLE_TIME }),
  };
  const everybodys = [
    { words: 'It rains', press: () => say({ do: 'rain' }) },
    { words: 'Somebody is ill', press: () => ask('ill') },
    ...(products.length > 0 ? [{ words: 'A product has run out', press: () => ask('product') }] : []),
    ...(machines.length > 0 ? [{ words: 'A machine broke', press: () => ask('machine') }] : []),
  ];
  return [...(own ? [own] : []), ...(helper ? [] : everybodys)];
}

/** One row a question: what is asked, and what can be answered. */
const ASKED: {
  readonly [Name in Question]: {
    readonly title: string;
    readonly answers: (file: DayFile) => readonly { readonly words: string; readonly act: DayAct }[];
  };
} = {
  ill: {
    title: 'Who rests today?',
    answers: ({ people }) =>
      people.map(({ id, name }) => ({ words: name, act: { do: 'short', who: id, minutes: 0 } })),
  },
  product: {
    title: 'Which one?',
    answers: ({ products }) =>
      products.map(({ id, name }) => ({ words: name, act: { do: 'run-out', product: id } })),
  },
  machine: {
    title: 'Which one? What it was to do is done another way, until it is named again under People.',
    answers: ({ machines }) =>
      machines.map(({ id, name }) => ({ words: name, act: { do: 'broke', machine: id } })),
  },
};

function asking(question: Question, file: DayFile, say: Say) {
  const { title, answers } = ASKED[question];
  return { title, presses: answers(file).map(({ words, act }) => ({ words, press: () => say(act) })) };
}
