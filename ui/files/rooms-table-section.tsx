'use client';
import { useState } from 'react';
import type { FileReport } from '@/present/files/file-report';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { ChooseFile } from '../parts/choose-file';
import { DownloadButton } from '../parts/link-button';
import { NativeSelect } from '../parts/native-select';
import { Report } from './report';
import { useUpload } from './use-upload';

const ADDRESS = '/api/rooms';

/** What was said of a table that could be read in two ways. */
type Said = { readonly dates: string; readonly meant: Readonly<Record<string, string>> };
const NOTHING_SAID: Said = { dates: '', meant: {} };

function addressOf({ dates, meant }: Said, take = false): string {
  const asked = new URLSearchParams({
    ...(dates !== '' && { dates }),
    ...(Object.keys(meant).length > 0 && { meant: JSON.stringify(meant) }),
    ...(take && { take: '' }),
  });
  return `${ADDRESS}?${asked}`;
}

/** A table is looked at first; what can be read of it is imported when that is wanted. */
export function RoomsTableSection() {
  const [file, setFile] = useState<File>();
  const [said, setSaid] = useState(NOTHING_SAID);
  const { report, busy, send } = useUpload();
  const offered = file && report && !report.taken && (report.readable ?? 0) > 0;
  const look = (chosen: File, words: Said) => {
    setFile(chosen);
    setSaid(words);
    void send(addressOf(words), chosen);
  };
  return (
    <section
      aria-labelledby="table"
      className={css({ display: 'flex', flexDirection: 'column', gap: 1.5, alignItems: 'flex-start' })}
    >
      <h2 className={css({ textStyle: 'h2', m: 0 })} id="table">
        Rooms and fixtures as a table
      </h2>
      <p className={css({ textStyle: 'body', m: 0 })}>
        A line a fixture, for any spreadsheet: comma-separated values, or a spreadsheet’s own file (.xlsx).
        What comes back is looked at first: lines that cannot be read are listed by their number, and the rest
        is offered. Fixtures that are known are written anew, others are added.
      </p>
      <div className={css({ display: 'flex', flexDirection: 'row', gap: 1.5, flexWrap: 'wrap' })}>
        <DownloadButton href={ADDRESS} variant="contained">
          Export the table
        </DownloadButton>
        <ChooseFile
          label="Import a table"
          accept=".csv,.tsv,.txt,.xlsx,.xlsm,text/csv"
          busy={busy}
          onFile={(chosen) => look(chosen, NOTHING_SAID)}
        />
      </div>
      <Report report={report} />
      {file && report && !report.taken && (
        <InDoubt report={report} said={said} busy={busy} onSay={(words) => look(file, words)} />
      )}
      {offered && (
        <Button variant="contained" loading={busy} onClick={() => send(addressOf(said, true), file)}>
          Import what can be read
        </Button>
      )}
    </section>
  );
}

type InDoubtProps = {
  readonly report: FileReport;
  readonly said: Said;
  readonly busy: boolean;
  readonly onSay: (said: Said) => void;
};

/** What could be meant in two ways, each answered with a press. */
function InDoubt({ report, said, busy, onSay }: InDoubtProps) {
  const { near = [], datesInDoubt = false } = report;
  const all = { ...said.meant, ...Object.fromEntries(near.map(({ written, kind }) => [written, kind])) };
  return (
    <>
      {(datesInDoubt || said.dates !== '') && (
        <NativeSelect
          size="small"
          label="03/04/2027 is"
          value={said.dates}
          options={[
            ['', 'please choose'],
            ['day-first', '3 April: the day comes first'],
            ['month-first', 'March 4: the month comes first'],
          ]}
          onChange={(dates) => onSay({ ...said, dates })}
        />
      )}
      {near.length > 0 && (
        <Button variant="outlined" disabled={busy} onClick={() => onSay({ ...said, meant: all })}>
          Read {near.map(({ written, name }) => `“${written}” as “${name}”`).join(', ')}
        </Button>
      )}
    </>
  );
}
