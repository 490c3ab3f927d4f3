'use client';
import dynamic from 'next/dynamic';
import { type ReactNode, useId, useState } from 'react';
import type { DropOff, Leaving, NewHome, OwnPile } from '@/core/clean/leaving';
import type { Home } from '@/core/home/room';
import type { Member } from '@/core/people/member';
import {
  cautionOf,
  opensWords,
  REASON_WORDS,
  spotsIn,
  takesWords,
  wordsOfSpot,
} from '@/present/supplies/leaving-words';
import { pilesOf } from '@/present/supplies/pile-words';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import type { ChangeActions, EditWords } from '../parts/change-actions';
import { ChangeBar } from '../parts/change-bar';
import { useChanges } from '../parts/use-changes';
import { newId } from '../state/new-id';
import { PileForm } from './pile-form';

const DropOffForm = dynamic(() => import('./drop-off-form').then((module) => module.DropOffForm));
const NewHomeForm = dynamic(() => import('./new-home-form').then((module) => module.NewHomeForm));

type LeavingPageProps = {
  readonly leaving: Leaving;
  readonly home: Home;
  readonly people: readonly Pick<Member, 'age'>[];
  readonly edits: EditWords;
  readonly actions: ChangeActions;
};

/** What is open to be written down or put right. */
type Open =
  | { readonly what: 'pile'; readonly id: string; readonly known?: OwnPile }
  | { readonly what: 'place'; readonly id: string; readonly known?: DropOff }
  | { readonly what: 'home'; readonly id: string };

/** Piles of one's own, where they are taken, and what gets another place in the house. */
export function LeavingPage({ leaving, home, people, edits, actions }: LeavingPageProps) {
  const changes = useChanges(actions);
  const [open, setOpen] = useState<Open>();
  const close = () => setOpen(undefined);
  const { piles, places, homes } = leaving;
  return (
    <>
      <ChangeBar label="What leaves the house" edits={edits} changes={changes}>
        <Button variant="contained" onClick={() => setOpen({ what: 'place', id: newId() })}>
          Add a place
        </Button>
        <Button variant="outlined" onClick={() => setOpen({ what: 'pile', id: newId() })}>
          Add a pile
        </Button>
        <Button variant="outlined" onClick={() => setOpen({ what: 'home', id: newId() })}>
          Give something a new home
        </Button>
      </ChangeBar>
      {open?.what === 'pile' && (
        <PileForm key={open.id} id={open.id} known={open.known} actions={actions} onClose={close} />
      )}
      {open?.what === 'place' && (
        <DropOffForm
          key={open.id}
          id={open.id}
          known={open.known}
          piles={pilesOf(leaving).filter(({ leaves }) => leaves)}
          actions={actions}
          onClose={close}
        />
      )}
      {open?.what === 'home' && (
        <NewHomeForm key={open.id} id={open.id} spots={spotsIn(home)} actions={actions} onClose={close} />
      )}
      <Section
        title="Places that take things"
        empty="None yet: a trip goes to a made-up place until there is one."
      >
        {places.map((place) => (
          <Line
            key={place.id}
            name={place.name}
            says={[
              [place.address, `takes ${takesWords(place, leaving)}`].filter((part) => part !== '').join('; '),
              opensWords(place),
            ]}
            onChange={() => setOpen({ what: 'place', id: place.id, known: place })}
            onDrop={() => changes.send({ do: 'drop-drop-off', id: place.id }, 'Removed.')}
          />
        ))}
      </Section>
      <Section
        title="Piles of your own"
        empty="None yet: stays, elsewhere, give, sell, mend, recycle and bin are always there."
      >
        {piles.map((pile) => (
          <Line
            key={pile.id}
            name={pile.name}
            says={[pile.leaves ? 'leaves the house' : 'stays in the house']}
            onChange={() => setOpen({ what: 'pile', id: pile.id, known: pile })}
            onDrop={() => changes.send({ do: 'drop-pile', id: pile.id }, 'Removed.')}
          />
        ))}
      </Section>
      <Section
        title="New homes"
        empty="None yet. What is written down here is said when its cupboard is emptied."
      >
        {homes.map((one) => (
          <Line
            key={one.id}
            name={one.what}
            says={newHomeWords(one, home, people)}
            done="It lives there now"
            onDrop={() => changes.send({ do: 'drop-new-home', id: one.id }, `${one.what}: done.`)}
          />
        ))}
      </Section>
    </>
  );
}

function newHomeWords(one: NewHome, home: Home, people: LeavingPageProps['people']): string[] {
  const caution = cautionOf(one, home, people);
  return [
    `From ${wordsOfSpot(one.from, home)}`,
    `to ${wordsOfSpot(one.to, home)}; ${REASON_WORDS[one.why]}`,
    ...(caution ? [caution] : []),
  ];
}

type SectionProps = {
  readonly title: string;
  readonly empty: string;
  readonly children: readonly ReactNode[];
};

function Section({ title, empty, children }: SectionProps) {
  const id = useId();
  return (
    <section aria-labelledby={id} className={css({ mt: 4, maxWidth: 820 })}>
      <h2 id={id} className={css({ textStyle: 'h2', m: 0, mb: 1 })}>
        {title}
      </h2>
      {children.length === 0 ? (
        <p className={css({ textStyle: 'body', m: 0, color: 'quiet' })}>{empty}</p>
      ) : (
        <ul className={css({ listStyle: 'none', p: 0, m: 0 })}>{children}</ul>
      )}
    </section>
  );
}

type LineProps = {
  readonly name: string;
  readonly says: readonly string[];
  /** Absent: it can only be taken away. */
  readonly onChange?: () => void;
  readonly onDrop: () => void;
  /** What taking it away is called. */
  readonly done?: string;
};

function Line({ name, says, onChange, onDrop, done = 'Remove' }: LineProps) {
  return (
    <li className={css(LINE)}>
      <div className={css({ minWidth: 0, flex: '1 1 320px', overflowWrap: 'anywhere' })}>
        <h3 className={css({ textStyle: 'h3', m: 0 })}>{name}</h3>
        {says.map((words) => (
          <div key={words} className={css({ color: 'quiet' })}>
            {words}
          </div>
        ))}
      </div>
      {onChange && (
        <Button onClick={onChange} aria-label={`Change ${name}`}>
          Change
        </Button>
      )}
      <Button color="inherit" onClick={onDrop} aria-label={`${done}: ${name}`}>
        {done}
      </Button>
    </li>
  );
}

const LINE = {
  display: 'flex',
  flexWrap: 'wrap',
  alignItems: 'center',
  gap: 1,
  borderTop: '1px solid var(--colors-line)',
  py: 1.5,
} as const;
