'use client';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useDeferredValue, useState } from 'react';
import { type CatalogueLine, STATE_WORDS } from '@/present/catalogue/catalogue-words';
import { count } from '@/present/words/words';
import { TextField } from '../parts/text-field';
import { TextLink } from '../parts/text-link';

type Group = { readonly kind: string; readonly name: string; readonly lines: readonly CatalogueLine[] };

/** Methods by kind of work, narrowed down by what is typed. */
export function CatalogueList({ groups }: { groups: readonly Group[] }) {
  const [text, setText] = useState('');
  const wanted = useDeferredValue(text.trim().toLocaleLowerCase());
  const found = foundIn(groups, wanted);
  const methods = found.reduce((sum, group) => sum + group.lines.length, 0);
  return (
    <>
      <TextField
        label="Find a method, or what it is for"
        value={text}
        onChange={(event) => setText(event.target.value)}
        sx={{ width: '100%', maxWidth: 420 }}
      />
      <Box role="status" sx={{ color: 'text.secondary', my: 1.5 }}>
        {methods === 0 ? 'No method goes by that name.' : count(methods, 'method', 'methods')}
      </Box>
      {found.map((group) => (
        <Kind key={group.kind} group={group} />
      ))}
    </>
  );
}

function foundIn(groups: readonly Group[], wanted: string): Group[] {
  const isWanted = ({ title, fixture }: CatalogueLine) =>
    `${title} ${fixture}`.toLocaleLowerCase().includes(wanted);
  return groups
    .map((group) => ({ ...group, lines: group.lines.filter(isWanted) }))
    .filter((group) => group.lines.length > 0);
}

function Kind({ group: { kind, name, lines } }: { group: Group }) {
  return (
    <Box component="section" aria-labelledby={`kind-${kind}`} sx={{ mb: 3 }}>
      <Typography
        id={`kind-${kind}`}
        variant="h3"
        component="h2"
        sx={{ borderTop: '2px solid', borderColor: 'text.primary', pt: 1, mb: 0.5 }}
      >
        {name}
      </Typography>
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: 'none', columnWidth: 340, columnGap: 4 }}>
        {lines.map((line) => (
          <Line key={line.id} line={line} />
        ))}
      </Box>
    </Box>
  );
}

function Line({ line }: { line: CatalogueLine }) {
  return (
    <Box component="li" sx={{ breakInside: 'avoid', py: 0.75 }}>
      <TextLink
        href={`/catalogue/${encodeURIComponent(line.id)}`}
        sx={{ textDecoration: line.state === 'off' ? 'line-through' : undefined }}
      >
        {line.title}
      </TextLink>
      <Box sx={{ fontSize: '0.9rem', color: 'text.secondary' }}>
        {[line.fixture, STATE_WORDS[line.state]].filter(Boolean).join(', ')}
      </Box>
    </Box>
  );
}
