'use client';
import { type ComponentProps, type ReactNode, type Ref, useId } from 'react';
import { cx } from '@/ui/theme/made/css/cx';
import look from './text-field.module.css';

type Typed = HTMLInputElement & HTMLTextAreaElement & HTMLSelectElement;
type Own = 'size' | 'onChange' | 'onBlur' | 'onFocus' | 'onKeyDown' | 'ref' | 'className' | 'id' | 'children';

export type TextFieldProps = Omit<ComponentProps<'input'>, Own> & {
  readonly label: string;
  readonly id?: string;
  readonly className?: string | undefined;
  readonly size?: 'small' | 'medium' | undefined;
  readonly fullWidth?: boolean | undefined;
  readonly helperText?: ReactNode;
  /** What is written is at odds with what can be; the sentence under the field says why, and is read out. */
  readonly error?: boolean | undefined;
  readonly inputRef?: Ref<Typed> | undefined;
  readonly minRows?: number | undefined;
  readonly multiline?: boolean | undefined;
  /** One of the options that are given as children, chosen by the device's own means. */
  readonly select?: boolean | undefined;
  readonly children?: ReactNode;
  readonly onChange?: ((event: { readonly target: Typed }) => void) | undefined;
  readonly onBlur?: ((event: React.FocusEvent<Typed>) => void) | undefined;
  readonly onFocus?: ((event: React.FocusEvent<Typed>) => void) | undefined;
  readonly onKeyDown?: ((event: React.KeyboardEvent<Typed>) => void) | undefined;
};

/** A labelled field with the sentence that belongs to it: a line, several lines, or one of a list. */
export function TextField({
  label,
  id: given,
  className,
  size = 'medium',
  fullWidth = true,
  helperText,
  error = false,
  inputRef,
  minRows = 3,
  multiline = false,
  select = false,
  children,
  ...rest
}: TextFieldProps) {
  const made = useId();
  const id = given ?? made;
  const hint = helperText ? `${id}-hint` : undefined;
  const Input = (multiline ? 'textarea' : select ? 'select' : 'input') as 'input';
  return (
    <div
      className={cx(look.field, className)}
      data-size={size}
      {...(fullWidth && { 'data-wide': true })}
      {...(error && { 'data-fault': true })}
    >
      <label htmlFor={id} className={look.label}>
        {label}
      </label>
      <div className={look.box}>
        <Input
          aria-describedby={hint}
          {...(error && { 'aria-invalid': true })}
          {...(multiline && { rows: minRows })}
          {...(rest as ComponentProps<'input'>)}
          id={id}
          ref={inputRef as Ref<HTMLInputElement>}
          className={look.input}
          {...(select && { children })}
        />
        <fieldset aria-hidden className={look.frame}>
          <legend className={look.notch}>{label}</legend>
        </fieldset>
      </div>
      {helperText && (
        <p id={hint} className={look.hint} {...(error && { role: 'alert' })}>
          {helperText}
        </p>
      )}
    </div>
  );
}
