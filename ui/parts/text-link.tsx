import type { ComponentProps } from 'react';
import { css } from '@/ui/theme/made/css';
import { cx } from '@/ui/theme/made/css/cx';
import { PageLink } from './page-link';

/** A link in running text. */
export function TextLink({ className, ...rest }: ComponentProps<typeof PageLink>) {
  return <PageLink className={cx(LINK, className)} {...rest} />;
}

const LINK = css({ color: 'water', textDecoration: 'underline', textUnderlineOffset: '0.2em' });
