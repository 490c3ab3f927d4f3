'use client';
import Button, { type ButtonProps } from '@mui/material/Button';
import { PageLink } from './page-link';

/** A link that looks like a button. */
export function LinkButton({ href, ...rest }: ButtonProps & { readonly href: string }) {
  return <Button component={PageLink} href={href} {...rest} />;
}
