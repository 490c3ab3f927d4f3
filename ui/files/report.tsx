import Box from '@mui/material/Box';
import type { FileReport } from '@/present/files/file-report';
import { Sentence } from '../parts/sentence';

/** What became of a file, and what of it could not be read. */
export function Report({ report }: { report: FileReport | undefined }) {
  if (!report) return null;
  return (
    <Box>
      <Sentence tone={report.taken || report.readable !== undefined ? 'note' : 'fault'}>
        {report.sentence}
      </Sentence>
      {report.faults.length > 0 && (
        <Box
          component="ul"
          aria-label="What cannot be read"
          sx={{ m: 0, mt: 1, pl: 2.5, overflowWrap: 'anywhere' }}
        >
          {report.faults.map((fault) => (
            <li key={fault}>{fault}</li>
          ))}
        </Box>
      )}
    </Box>
  );
}
