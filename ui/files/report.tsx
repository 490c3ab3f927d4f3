import type { FileReport } from '@/present/files/file-report';
import { css } from '@/ui/theme/made/css';
import { Sentence } from '../parts/sentence';

/** What became of a file, and what of it could not be read. */
export function Report({ report }: { report: FileReport | undefined }) {
  if (!report) return null;
  return (
    <div>
      <Sentence tone={report.taken || report.readable !== undefined ? 'note' : 'fault'}>
        {report.sentence}
      </Sentence>
      {report.faults.length > 0 && (
        <ul
          aria-label="What cannot be read"
          className={css({ m: 0, mt: 1, pl: 2.5, overflowWrap: 'anywhere' })}
        >
          {report.faults.map((fault) => (
            <li key={fault}>{fault}</li>
          ))}
        </ul>
      )}
    </div>
  );
}
