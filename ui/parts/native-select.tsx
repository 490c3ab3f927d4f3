'use client';
import { TextField, type TextFieldProps } from './text-field';

export type Option = readonly [value: string | number, words: string];

type NativeSelectProps = Omit<TextFieldProps, 'select' | 'onChange' | 'value'> & {
  readonly value: string | number;
  readonly options?: readonly Option[];
  /** Options under headings. */
  readonly groups?: readonly { readonly name: string; readonly options: readonly Option[] }[];
  readonly onChange: (value: string) => void;
  /** What stands for no choice, where none can be made. */
  readonly none?: string;
};

/** One of a list, by the device's own choice: a wheel under the thumb, a menu under the pointer. */
export function NativeSelect({ options = [], groups = [], onChange, none, ...rest }: NativeSelectProps) {
  return (
    <TextField {...rest} select onChange={(event) => onChange(event.target.value)}>
      {none !== undefined && <option value="">{none}</option>}
      <Options options={options} />
      {groups.map(({ name, options: own }) => (
        <optgroup key={name} label={name}>
          <Options options={own} />
        </optgroup>
      ))}
    </TextField>
  );
}

export function Options({ options }: { options: readonly Option[] }) {
  return options.map(([value, words]) => (
    <option key={value} value={value}>
      {words}
    </option>
  ));
}
