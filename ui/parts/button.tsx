import type { ComponentProps, ReactNode } from 'react';
import { cx } from '@/ui/theme/made/css/cx';
import look from './press.module.css';

export type ButtonLook = {
  /** Filled for the one thing that a page is for, with a line for what else is done there, else words alone. */
  readonly variant?: 'contained' | 'outlined' | 'text' | undefined;
  /** In the tone of the text round it, for what leads away or takes back. */
  readonly color?: 'primary' | 'inherit' | undefined;
  readonly size?: 'small' | 'medium' | 'large' | undefined;
  readonly startIcon?: ReactNode;
};

export type ButtonProps = Omit<ComponentProps<'button'>, 'color'> &
  ButtonLook & {
    /** What was pressed is on its way: it can't be pressed again, and says so. */
    readonly loading?: boolean | undefined;
  };

/** The attributes by which the sheet draws a button, also one that is a link. */
export function buttonLook({ variant = 'text', color = 'primary', size = 'medium' }: ButtonLook) {
  return {
    'data-look': variant,
    'data-tone': color === 'inherit' ? 'ink' : 'water',
    'data-size': size,
  };
}

export const buttonClass = (className: string | undefined) => cx(look.button, className);

/** A button with words on it. */
export function Button({
  variant,
  color,
  size,
  startIcon,
  loading = false,
  disabled = false,
  type = 'button',
  className,
  children,
  ...rest
}: ButtonProps) {
  return (
    <button
      type={type}
      className={buttonClass(className)}
      {...buttonLook({ variant, color, size })}
      disabled={disabled || loading}
      {...(loading && { 'aria-busy': true })}
      {...rest}
    >
      {loading && <span className={look.turning} aria-hidden />}
      {startIcon && <span className={look.start}>{startIcon}</span>}
      {children}
    </button>
  );
}
