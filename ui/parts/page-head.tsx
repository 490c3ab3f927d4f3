import type { ReactNode } from 'react';
import { css } from '@/ui/theme/made/css';
import { TextLink } from './text-link';

type PageHeadProps = {
  readonly title: string;
  readonly children?: ReactNode;
  readonly actions?: ReactNode;
  /** Where the same is made for paper. */
  readonly paper?: string;
};

/** The head of a page: what it is, one line of where things stand, and what can be done about it. */
export function PageHead({ title, children, actions, paper }: PageHeadProps) {
  return (
    <header
      className={css({
        display: 'flex',
        flexWrap: 'wrap',
        gap: 2,
        alignItems: 'flex-end',
        justifyContent: 'space-between',
        mb: { base: 2, md: 3 },
      })}
    >
      <div className={css({ minWidth: 0, flex: '1 1 20rem' })}>
        <h1 className={css({ textStyle: 'h1', m: 0, overflowWrap: 'anywhere' })}>{title}</h1>
        {children && (
          <div className={css({ textStyle: 'body', m: 0, color: 'quiet', mt: 0.75, maxWidth: '62ch' })}>
            {children}
          </div>
        )}
        {paper && (
          <TextLink
            href={paper}
            className={css({ display: 'inline-flex', alignItems: 'center', minHeight: 44 })}
          >
            On paper
          </TextLink>
        )}
      </div>
      {actions}
    </header>
  );
}
