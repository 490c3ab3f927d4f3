import type { ComponentProps } from 'react';
import { cx } from '@/ui/theme/made/css/cx';
import look from './press.module.css';

/** What can be pressed and has no look of its own yet. */
export function Press({ className, type = 'button', ...rest }: ComponentProps<'button'>) {
  return <button type={type} className={cx(look.press, className)} {...rest} />;
}
