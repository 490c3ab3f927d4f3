'use client';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { Sentence } from '../parts/sentence';
import type { CommandAction } from '../state/command';
import { useCommand } from '../state/use-command';

/** Said on every page while the household is about to go: one press keeps it. */
export function Goes({ when, keep }: { when: string; keep: CommandAction }) {
  const command = useCommand();
  return (
    <section
      aria-label="This household goes"
      className={css({
        display: 'flex',
        flexWrap: 'wrap',
        alignItems: 'center',
        gap: 1.5,
        p: 1.5,
        mb: 2,
        bgcolor: 'sunSoft',
        borderInlineStart: '4px solid var(--colors-alarm)',
      })}
    >
      <span className={css({ flex: '1 1 260px' })}>
        Somebody has asked for this household to be deleted. On {when} it goes, with everything in it.
      </span>
      <Button variant="contained" loading={command.pending} onClick={() => command.send(keep)}>
        Keep it
      </Button>
      <Sentence>{command.fault}</Sentence>
    </section>
  );
}
