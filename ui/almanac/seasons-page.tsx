'use client';
import { useState } from 'react';
import type { HouseholdChange } from '@/core/household/change';
import { ALMANAC_VIEWS } from '@/present/almanac/almanac-views';
import type { SeasonsScreen, SeasonWords } from '@/present/almanac/seasons-model';
import { count } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import type { ChangeActions, EditWords } from '../parts/change-actions';
import { ChangeBar } from '../parts/change-bar';
import { NativeSelect } from '../parts/native-select';
import { PageHead } from '../parts/page-head';
import { Unfold } from '../parts/unfold';
import { useChanges } from '../parts/use-changes';
import { ViewSwitch } from '../parts/view-switch';
import { takingIn } from './due-list';
import { Trades } from './trades';

type SeasonsPageProps = {
  readonly screen: SeasonsScreen;
  readonly hasClean: boolean;
  readonly edits: EditWords;
  readonly actions: ChangeActions;
};

type Send = (change: HouseholdChange, words?: string) => void;

/** What belongs to each season, and what trades come for: filled already, and changed by a press. */
export function SeasonsPage({ screen, hasClean, edits, actions }: SeasonsPageProps) {
  const changes = useChanges(actions);
  return (
    <>
      <ViewSwitch label="Almanac" views={ALMANAC_VIEWS} here="/almanac/seasons" />
      <PageHead title="Seasons and trades" paper="/paper/seasons">
        What usually belongs to a season in your rooms. Take off what is not yours, and put on what is.
      </PageHead>
      <div className={css({ maxWidth: 860 })}>
        {screen.seasons.map((season) => (
          <Unfold key={season.id} title={`${season.name}: ${count(season.jobs.length, 'job', 'jobs')}`}>
            <SeasonList season={season} hasClean={hasClean} send={changes.send} />
          </Unfold>
        ))}
      </div>
      <h2 className={css({ textStyle: 'h2', m: 0, mt: 4 })}>Trades</h2>
      <p className={css({ textStyle: 'body', m: 0, my: 1, maxWidth: '62ch' })}>
        What a licensed trade does, with the date of its last invoice. How often is the trade’s and your local
        rules’ to say.
      </p>
      <Trades trades={screen.trades} send={changes.send} />
      <div className={css({ mt: 2 })}>
        <ChangeBar label="Take back" edits={edits} changes={changes} />
      </div>
    </>
  );
}

function SeasonList({ season, hasClean, send }: { season: SeasonWords; hasClean: boolean; send: Send }) {
  const due = season.jobs.flatMap((job) => job.due.filter(({ isIn }) => !isIn));
  return (
    <>
      {hasClean && due.length > 0 && (
        <Button
          variant="outlined"
          onClick={() => send(takingIn(due), `${count(due.length, 'job is', 'jobs are')} in the clean.`)}
        >
          Take what is due into the clean ({due.length})
        </Button>
      )}
      <ul className={css({ listStyle: 'none', p: 0, m: 0 })}>
        {season.jobs.map((job) => (
          <li
            key={job.method}
            className={css({ display: 'flex', alignItems: 'center', gap: 2, minHeight: 48 })}
          >
            <div className={css({ flex: 1, minWidth: 0, overflowWrap: 'anywhere' })}>
              {job.title}
              {job.count > 1 ? ` · ${job.count} places` : ''}
            </div>
            <Button
              aria-label={`Not in ${season.name.toLowerCase()}: ${job.title}`}
              onClick={() =>
                send({ do: 'season-job', season: season.id, method: job.method, on: false }, 'Taken off.')
              }
            >
              Take off
            </Button>
          </li>
        ))}
      </ul>
      <PutOn season={season} send={send} />
    </>
  );
}

function PutOn({ season, send }: { season: SeasonWords; send: Send }) {
  const [method, setMethod] = useState('');
  const [isOpen, setOpen] = useState(false);
  // Hundreds of jobs six times over are not drawn before somebody asks for them.
  if (!isOpen)
    return (
      <Button className={css({ mt: 1 })} onClick={() => setOpen(true)}>
        Put another job on the list
      </Button>
    );
  return (
    <div className={css({ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'flex-end', mt: 1.5 })}>
      <NativeSelect
        label={`Another job for ${season.name.toLowerCase()}`}
        value={method}
        none="Choose a job"
        options={season.others.map((one) => [one.method, one.title] as const)}
        onChange={setMethod}
      />
      <Button
        variant="outlined"
        disabled={method === ''}
        onClick={() => {
          send({ do: 'season-job', season: season.id, method, on: true }, 'Put on the list.');
          setMethod('');
        }}
      >
        Put on
      </Button>
    </div>
  );
}
