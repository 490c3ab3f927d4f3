'use client';
import Autocomplete from '@mui/material/Autocomplete';
import TextField from '@mui/material/TextField';
import { Controller, type FieldValues, get, type Path, type UseFormReturn } from 'react-hook-form';
import { ChoiceTheme } from '../theme/choice-theme';

type ChooseSeveralProps<Values extends FieldValues> = {
  readonly form: UseFormReturn<Values>;
  /** Of the field that holds the chosen ones. */
  readonly name: Path<Values>;
  readonly label: string;
  readonly hint?: string;
  readonly options: readonly (readonly [value: string, words: string])[];
};

/** Some of many things, by part of their name; each that is chosen can be taken away again. */
export function ChooseSeveral<Values extends FieldValues>(props: ChooseSeveralProps<Values>) {
  const { form, name, label, hint, options } = props;
  const words = new Map(options);
  const { message: fault }: { message?: string } = get(form.formState.errors, name) ?? {};
  return (
    <Controller
      control={form.control}
      name={name}
      render={({ field: { value, onChange, onBlur, ref } }) => (
        <ChoiceTheme>
          <Autocomplete
            multiple
            autoHighlight
            disableCloseOnSelect
            filterSelectedOptions
            slotProps={{ popper: { container: () => document.getElementById('main') } }}
            value={[...(value as readonly string[])]}
            options={options.map(([option]) => option)}
            getOptionLabel={(option) => words.get(option) ?? option}
            onChange={(_event, chosen) => onChange(chosen)}
            onBlur={onBlur}
            noOptionsText="Nothing goes by that name."
            renderInput={(params) => (
              <TextField
                {...params}
                inputRef={ref}
                label={label}
                error={fault !== undefined}
                helperText={fault ?? hint}
                slotProps={{
                  ...params.slotProps,
                  formHelperText: { role: fault === undefined ? undefined : 'alert' },
                }}
              />
            )}
          />
        </ChoiceTheme>
      )}
    />
  );
}
