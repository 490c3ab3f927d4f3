'use client';
import { useState } from 'react';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { Sentence } from '../parts/sentence';
import { TextField } from '../parts/text-field';
import { Unfold } from '../parts/unfold';
import { useCommand } from '../state/use-command';
import type { PeopleActions } from './people-actions';

type HelperLinkProps = {
  readonly person: string;
  readonly name: string;
  /** A link is out. */
  readonly given: boolean;
  readonly actions: PeopleActions;
};

/** The link that opens just this person's day, on a phone of their own. */
export function HelperLink({ person, name, given, actions }: HelperLinkProps) {
  const { link, sentence, pending, make, withdraw } = useLink(person, actions);
  const isOut = given || link !== undefined;
  return (
    <Unfold slim title={`A link to the day of ${name}`}>
      <div className={css({ display: 'grid', gap: 1.5, maxWidth: 560 })}>
        <div>
          {given
            ? 'A link is out. A new one takes its place.'
            : 'For a helper without an account: it opens the day of this person and nothing else.'}
        </div>
        {link && <TextField label={`Link for ${name}`} value={link} readOnly />}
        <Sentence tone="note">{sentence}</Sentence>
        <div className={css({ display: 'flex', flexWrap: 'wrap', gap: 1 })}>
          <Button variant="outlined" onClick={make} loading={pending} className={css({ minHeight: 44 })}>
            {isOut ? 'Make a new link' : 'Make a link'}
          </Button>
          {isOut && (
            <Button color="inherit" onClick={withdraw} disabled={pending} className={css({ minHeight: 44 })}>
              Withdraw the link of {name}
            </Button>
          )}
        </div>
      </div>
    </Unfold>
  );
}

function useLink(person: string, actions: PeopleActions) {
  const [link, setLink] = useState<string>();
  const [said, setSaid] = useState<string>();
  const { send, pending, fault } = useCommand();
  const make = () =>
    send(actions.makeHelper, person, {
      onKept: (path) => {
        setLink(new URL(path, location.href).href);
        setSaid(
          'Copy it now; it is not shown again. Whoever has it can carry this day, and sees nothing else.',
        );
      },
    });
  const withdraw = () =>
    send(actions.withdrawHelper, person, {
      onKept: () => {
        setLink(undefined);
        setSaid('The link opens nothing any more.');
      },
    });
  return { link, sentence: fault ?? said, pending, make, withdraw };
}
