'use client';
import { MOST, MOST_HOUSEHOLD_BYTES } from '@/core/basics/limits';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { ChooseFile } from '../parts/choose-file';
import { DownloadButton } from '../parts/link-button';
import { Report } from './report';
import { useUpload } from './use-upload';

const ADDRESS = '/api/household';

export function HouseholdFileSection({ name, replaced }: { name: string; replaced: boolean }) {
  const { report, busy, send } = useUpload();
  return (
    <section
      aria-labelledby="whole"
      className={css({ display: 'flex', flexDirection: 'column', gap: 1.5, alignItems: 'flex-start' })}
    >
      <h2 className={css({ textStyle: 'h2', m: 0 })} id="whole">
        The whole household
      </h2>
      <p className={css({ textStyle: 'body', m: 0 })}>
        Home, people, machines, aim, scope, own methods, ticks and plans of “{name}”, in one file. A file that
        is imported takes the place of everything here; what was here can be brought back.
      </p>
      <div className={css({ display: 'flex', flexDirection: 'row', gap: 1.5, flexWrap: 'wrap' })}>
        <DownloadButton href={ADDRESS} variant="contained">
          Export the household
        </DownloadButton>
        <DownloadButton href={`${ADDRESS}?pictures`} variant="outlined">
          Export it with pictures
        </DownloadButton>
        <ChooseFile
          label="Import a household"
          accept=".json,application/json"
          busy={busy}
          onFile={(file) => send(ADDRESS, file, MOST_HOUSEHOLD_BYTES)}
        />
        {replaced && (
          <Button color="inherit" onClick={() => send(`${ADDRESS}?back`)}>
            Bring back what was here before the file
          </Button>
        )}
      </div>
      <p className={css({ textStyle: 'body', m: 0, fontSize: '0.9rem', color: 'quiet' })}>
        Up to {MOST_HOUSEHOLD_BYTES / 1e6} MB and {MOST.fixtures} fixtures.
      </p>
      <Report report={report} />
    </section>
  );
}
