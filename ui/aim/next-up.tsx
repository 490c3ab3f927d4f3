import type { NextSession } from '@/present/aim/next-session';
import { css } from '@/ui/theme/made/css';
import { LinkButton } from '../parts/link-button';

/** What comes next, in one strip with one press: when, who and where, and the first thing to do. */
export function NextUp({ next }: { next: NextSession | undefined }) {
  if (!next) return null;
  return (
    <section
      aria-label="Next"
      className={css({
        display: 'flex',
        flexWrap: 'wrap',
        gap: 2,
        alignItems: 'center',
        maxWidth: 980,
        p: 2,
        bgcolor: 'var(--colors-water-soft)',
        borderRadius: '3px 24px 24px 3px',
      })}
    >
      <div className={css({ flex: '1 1 280px', minWidth: 0, overflowWrap: 'anywhere' })}>
        <div className={css({ fontWeight: 600 })}>{next.when}</div>
        <div>{next.what}.</div>
        {next.first && <div>First: {next.first}.</div>}
      </div>
      <LinkButton href={next.href} variant="contained" size="large">
        To the day
      </LinkButton>
    </section>
  );
}
