'use client';
import { useDeferredValue, useState } from 'react';
import { type CatalogueLine, STATE_WORDS } from '@/present/catalogue/catalogue-words';
import { count } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
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
        className={css({ width: '100%', maxWidth: 420 })}
      />
      <div role="status" className={css({ color: 'quiet', my: 1.5 })}>
        {methods === 0 ? 'No method goes by that name.' : count(methods, 'method', 'methods')}
      </div>
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
    <section aria-labelledby={`kind-${kind}`} className={css({ mb: 3 })}>
      <h2
        id={`kind-${kind}`}
        className={css({ textStyle: 'h3', m: 0, borderTop: '2px solid var(--colors-ink)', pt: 1, mb: 0.5 })}
      >
        {name}
      </h2>
      <ul className={css({ m: 0, p: 0, listStyle: 'none', columnWidth: 340, columnGap: 4 })}>
        {lines.map((line) => (
          <Line key={line.id} line={line} />
        ))}
      </ul>
    </section>
  );
}

function Line({ line }: { line: CatalogueLine }) {
  return (
    <li className={css({ breakInside: 'avoid', py: 0.75 })}>
      <TextLink
        href={`/catalogue/${encodeURIComponent(line.id)}`}
        className={css({ textDecoration: line.state === 'off' ? 'line-through' : undefined })}
      >
        {line.title}
      </TextLink>
      <div className={css({ fontSize: '0.9rem', color: 'quiet' })}>
        {[line.fixture, STATE_WORDS[line.state]].filter(Boolean).join(', ')}
      </div>
    </li>
  );
}
