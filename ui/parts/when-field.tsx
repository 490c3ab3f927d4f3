'use client';
import { type ComponentType, useState } from 'react';
import { dateShown, reader, timeShown } from '@/present/words/reader';
import { TextField } from './text-field';
import type { WhenFieldProps } from './when-props';

type Pickers = Readonly<Record<'date' | 'time', ComponentType<WhenFieldProps>>>;

let fetched: Promise<Pickers> | undefined;

/** Months and clocks come with the first field that somebody goes to; where they can't, the device's own do. */
function fetchPickers(): Promise<Pickers> {
  fetched ??= import('./when-pickers').then(
    ({ DateChoice, TimeChoice }) => ({ date: DateChoice, time: TimeChoice }),
    () => {
      fetched = undefined;
      return { date: DeviceDateField, time: DeviceTimeField };
    },
  );
  return fetched;
}

type OfType = WhenFieldProps & { readonly type: 'date' | 'time' };

function WhenField({ type, ...props }: OfType) {
  const [Picker, setPicker] = useState<ComponentType<WhenFieldProps>>();
  if (Picker) return <Picker {...props} autoFocus />;
  const { onKeep: _onKeep, value = '', size = 'small', ...looks } = props;
  const shown = value === '' ? '' : type === 'date' ? dateShown(value, reader()) : timeShown(value, reader());
  return (
    <TextField
      size={size}
      {...looks}
      value={shown}
      readOnly
      data-when={type}
      onPointerEnter={() => void fetchPickers()}
      onFocus={() => void fetchPickers().then((pickers) => setPicker(() => pickers[type]))}
    />
  );
}

/** The device’s own field takes years of five figures and more, and says each while it is typed. */
const WHOLE = { date: /^(199|2\d\d)\d-\d\d-\d\d$/, time: /^\d\d:\d\d$/ } as const;

function DeviceField({ type, onKeep, value = '', size = 'small', ...rest }: OfType) {
  const [typed, setTyped] = useState(value);
  const [seen, setSeen] = useState(value);
  if (seen !== value) {
    setSeen(value);
    setTyped(value);
  }
  const take = (text: string) => {
    setTyped(text);
    if (text === '') onKeep(undefined);
    else if (WHOLE[type].test(text)) onKeep(text);
  };
  return (
    <TextField
      size={size}
      {...rest}
      type={type}
      value={typed}
      {...(type === 'date' && { max: '2999-12-31' })}
      onChange={({ target }) => take(target.value)}
    />
  );
}

/** A date by the device's own choice, for where another window can't open over this one. */
export function DeviceDateField(props: WhenFieldProps) {
  return <DeviceField {...props} type="date" />;
}

function DeviceTimeField(props: WhenFieldProps) {
  return <DeviceField {...props} type="time" />;
}

/** A date that is kept as soon as it is whole. */
export function DateField(props: WhenFieldProps) {
  return <WhenField {...props} type="date" />;
}

/** A time of the day that is kept as soon as it is whole. */
export function TimeField(props: WhenFieldProps) {
  return <WhenField {...props} type="time" />;
}
