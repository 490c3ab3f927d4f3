'use client';
import { type ComponentProps, type ReactNode, useEffect, useRef } from 'react';
import { cx } from '@/ui/theme/made/css/cx';
import look from './check.module.css';

type TickBoxProps = Omit<ComponentProps<'input'>, 'type' | 'onChange' | 'ref'> & {
  readonly checked: boolean;
  readonly onChange: (checked: boolean) => void;
  /** Some of what it stands for is chosen, and some is not. */
  readonly indeterminate?: boolean;
};

/** A box to tick, a thumb wide; it is named by its own label or by one round it. */
export function TickBox({ onChange, indeterminate = false, ...rest }: TickBoxProps) {
  const box = useRef<HTMLInputElement>(null);
  useEffect(() => {
    if (box.current) box.current.indeterminate = indeterminate;
  }, [indeterminate]);
  const input = (
    <input
      {...rest}
      ref={box}
      type="checkbox"
      className={look.box}
      onChange={(event) => onChange(event.target.checked)}
    />
  );
  // biome-ignore lint/a11y/noLabelWithoutControl: the box is in it, and has a name of its own.
  if (rest['aria-label']) return <label className={look.hold}>{input}</label>;
  return <span className={look.hold}>{input}</span>;
}

/** A box to tick with its words beside it. */
export function Check({ label, className, ...rest }: TickBoxProps & { readonly label: ReactNode }) {
  return (
    // biome-ignore lint/a11y/noLabelWithoutControl: the box is in it.
    <label className={cx(look.check, className)}>
      <TickBox {...rest} />
      {label}
    </label>
  );
}
