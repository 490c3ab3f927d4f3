'use client';
import Link, { type LinkProps } from '@mui/material/Link';
import { PageLink } from './page-link';

/** A link in running text. */
export function TextLink({
  href,
  ...rest
}: LinkProps & { readonly href: string; readonly scroll?: boolean }) {
  return <Link component={PageLink} href={href} {...rest} />;
}
