import type { ComponentProps } from 'react';
import { cx } from '@/ui/theme/made/css/cx';
import look from './press.module.css';

/** A button that is a picture: what it does is in its name. */
export function IconButton({
  className,
  type = 'button',
  ...rest
}: ComponentProps<'button'> & { readonly 'aria-label': string }) {
  return <button type={type} className={cx(look.icon, className)} {...rest} />;
}
