import type { ReactNode, SyntheticEvent } from 'react';
import { css } from '@/ui/theme/made/css';

export type UnfoldProps = {
  readonly title: ReactNode;
  readonly children: ReactNode;
  readonly open?: boolean;
  /** A remark rather than a part of the page: no line above it, and close to what it is about. */
  readonly slim?: boolean;
  readonly onToggle?: (event: SyntheticEvent<HTMLDetailsElement>) => void;
};

/** Something that opens in place. */
export function Unfold({ title, children, open = false, slim = false, onToggle }: UnfoldProps) {
  return (
    <details
      open={open}
      {...(onToggle && { onToggle })}
      className={css({
        borderTop: slim ? 0 : '1px solid var(--colors-line)',
        '& > summary': {
          cursor: 'pointer',
          py: slim ? 0 : 1.5,
          minHeight: 44,
          display: 'flex',
          alignItems: 'center',
          gap: 1,
          ...(slim ? { fontWeight: 450, fontSize: '0.92rem', color: 'quiet' } : { fontWeight: 600 }),
          listStyle: 'none',
        },
        '& > summary::-webkit-details-marker': { display: 'none' },
        '& > summary::before': {
          content: '""',
          width: 9,
          height: 9,
          flexShrink: 0,
          borderRight: '2px solid',
          borderBottom: '2px solid',
          transform: 'rotate(-45deg)',
          transition: 'transform 160ms',
        },
        '&[open] > summary::before': { transform: 'rotate(45deg)' },
      })}
    >
      <summary>{title}</summary>
      <div className={css({ pb: 2 })}>{children}</div>
    </details>
  );
}
