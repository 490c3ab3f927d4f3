import { css } from '@/ui/theme/made/css';
import { DownloadButton } from '../parts/link-button';

/** Everything else that can be taken away. */
const FILES = [
  { href: '/api/record', words: 'The record, a line a tick' },
  { href: '/api/almanac', words: 'What is due, as a table' },
  { href: '/api/almanac/calendar', words: 'What is due, as a calendar' },
  { href: '/api/work', words: 'The planned work' },
  { href: '/api/plan/plan.json', words: 'The plan, as a document' },
  { href: '/api/plan/problem.json', words: 'The problem that it solves' },
  { href: '/api/supplies', words: 'The shopping list' },
] as const;

export function MoreTablesSection() {
  return (
    <section
      aria-labelledby="more"
      className={css({ display: 'flex', flexDirection: 'column', gap: 1.5, alignItems: 'flex-start' })}
    >
      <h2 className={css({ textStyle: 'h2', m: 0 })} id="more">
        Tables and calendars
      </h2>
      <p className={css({ textStyle: 'body', m: 0 })}>
        Tables open in any spreadsheet; calendars in any calendar, where a later one moves what an earlier one
        had.
      </p>
      <div className={css({ display: 'flex', flexDirection: 'row', gap: 1.5, flexWrap: 'wrap' })}>
        {FILES.map(({ href, words }) => (
          <DownloadButton key={href} href={href} variant="outlined">
            {words}
          </DownloadButton>
        ))}
      </div>
    </section>
  );
}
