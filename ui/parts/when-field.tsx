'use client';
import dynamic from 'next/dynamic';
import { createContext, useContext } from 'react';
import { TextField } from './text-field';
import type { WhenFieldProps } from './when-props';

/** What is drawn while the picker is fetched: the field as it will stand there. */
const Waiting = createContext<WhenFieldProps | undefined>(undefined);

function Placeholder() {
  const props = useContext(Waiting);
  if (!props) return null;
  const { onKeep: _onKeep, value = '', size = 'small', ...rest } = props;
  return <TextField size={size} {...rest} value={value} disabled />;
}

/** Where the picker can't be fetched, as without a network, the browser's own field does. */
function Plain({
  type,
  onKeep,
  value = '',
  size = 'small',
  ...rest
}: WhenFieldProps & { type: 'date' | 'time' }) {
  return (
    <TextField
      size={size}
      {...rest}
      type={type}
      value={value}
      onChange={({ target }) => onKeep(target.value === '' ? undefined : target.value)}
    />
  );
}

/** A date by the device's own choice, for where another window can't open over this one. */
export function DeviceDateField(props: WhenFieldProps) {
  return <Plain {...props} type="date" />;
}

function PlainTime(props: WhenFieldProps) {
  return <Plain {...props} type="time" />;
}

const DateChoice = dynamic(
  () =>
    import('./when-pickers').then(
      (module) => module.DateChoice,
      () => DeviceDateField,
    ),
  {
    ssr: false,
    loading: Placeholder,
  },
);
const TimeChoice = dynamic(
  () =>
    import('./when-pickers').then(
      (module) => module.TimeChoice,
      () => PlainTime,
    ),
  {
    ssr: false,
    loading: Placeholder,
  },
);

/** A date that is kept as soon as it is whole. */
export function DateField(props: WhenFieldProps) {
  return (
    <Waiting.Provider value={props}>
      <DateChoice {...props} />
    </Waiting.Provider>
  );
}

/** A time of the day that is kept as soon as it is whole. */
export function TimeField(props: WhenFieldProps) {
  return (
    <Waiting.Provider value={props}>
      <TimeChoice {...props} />
    </Waiting.Provider>
  );
}
