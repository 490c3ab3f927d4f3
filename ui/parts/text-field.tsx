'use client';
import FormControl, { type FormControlProps } from '@mui/material/FormControl';
import FormHelperText, { type FormHelperTextProps } from '@mui/material/FormHelperText';
import InputLabel, { type InputLabelProps } from '@mui/material/InputLabel';
import NativeSelect from '@mui/material/NativeSelect';
import OutlinedInput, { type OutlinedInputProps } from '@mui/material/OutlinedInput';
import { type ReactNode, useId } from 'react';

type Passed =
  | 'value'
  | 'defaultValue'
  | 'name'
  | 'type'
  | 'placeholder'
  | 'autoComplete'
  | 'autoFocus'
  | 'inputRef'
  | 'multiline'
  | 'minRows'
  | 'maxRows'
  | 'onChange'
  | 'onBlur'
  | 'onFocus'
  | 'onKeyDown';

export type TextFieldProps = Pick<OutlinedInputProps, Passed> &
  Omit<FormControlProps, Passed | 'variant' | 'children'> & {
    readonly label: string;
    readonly helperText?: ReactNode;
    /** One of the options that are given as children, chosen by the device's own means. */
    readonly select?: boolean;
    readonly children?: ReactNode;
    readonly slotProps?: {
      readonly input?: Partial<OutlinedInputProps> | undefined;
      readonly htmlInput?: OutlinedInputProps['inputProps'];
      readonly inputLabel?: Partial<InputLabelProps> | undefined;
      readonly formHelperText?: Partial<FormHelperTextProps>;
    };
  };

/**
 * A labelled field with the sentence that belongs to it. Put together from its parts: the one that ships for all cases
 * brings the code of menus and dialogs to every page.
 */
export function TextField(props: TextFieldProps) {
  const { label, helperText, select = false, children, slotProps = {}, id: given, ...rest } = props;
  const { value, defaultValue, name, type, placeholder, autoComplete, autoFocus, inputRef, ...others } = rest;
  const { multiline, minRows, maxRows, onChange, onBlur, onFocus, onKeyDown, ...control } = others;
  const made = useId();
  const id = given ?? made;
  const hint = helperText ? `${id}-helper-text` : undefined;
  const input = (
    <OutlinedInput
      id={id}
      label={label}
      {...{ value, defaultValue, name, type, placeholder, autoComplete, autoFocus, inputRef }}
      {...{ multiline, minRows, maxRows, onChange, onBlur, onFocus, onKeyDown }}
      {...((select || slotProps.inputLabel?.shrink) && { notched: true })}
      {...slotProps.input}
      inputProps={{ 'aria-describedby': hint, ...slotProps.htmlInput }}
    />
  );
  return (
    <FormControl fullWidth variant="outlined" {...control}>
      <InputLabel htmlFor={id} {...(select && { shrink: true })} {...slotProps.inputLabel}>
        {label}
      </InputLabel>
      {select ? <NativeSelect input={input}>{children}</NativeSelect> : input}
      {helperText && (
        <FormHelperText id={hint} {...slotProps.formHelperText}>
          {helperText}
        </FormHelperText>
      )}
    </FormControl>
  );
}
