import type { ReactNode } from 'react';
import { css } from '@/ui/theme/made/css';

/** A sentence that matters now: what went wrong, or what changed. Read out as soon as it appears. */
export function Sentence({ children, tone = 'fault' }: { children: ReactNode; tone?: 'fault' | 'note' }) {
  if (!children) return null;
  return (
    <div
      role={tone === 'fault' ? 'alert' : 'status'}
      className={css({
        borderInlineStart: '4px solid',
        borderInlineStartColor: tone === 'fault' ? 'var(--colors-alarm)' : 'var(--colors-sun)',
        bgcolor: tone === 'fault' ? 'paper' : 'var(--colors-sun-soft)',
        color: 'ink',
        px: 2,
        py: 1.25,
      })}
    >
      {children}
    </div>
  );
}
