'use client';
import { useColorScheme } from '@mui/material/styles';
import { useSyncExternalStore } from 'react';
import { NativeSelect } from './native-select';

const MODES = [
  ['system', 'As the device'],
  ['light', 'Light'],
  ['dark', 'Dark'],
] as const;

const noChange = () => () => {};

/** Light, dark, or whatever the device says. */
export function SchemeChoice() {
  const { mode, setMode } = useColorScheme();
  // The server does not know the choice; until the browser has said it, the usual one is shown.
  const inBrowser = useSyncExternalStore(
    noChange,
    () => true,
    () => false,
  );
  return (
    <NativeSelect
      size="small"
      label="Light or dark"
      value={inBrowser ? (mode ?? 'system') : 'system'}
      onChange={(value) => setMode(value as 'system' | 'light' | 'dark')}
      options={MODES}
    />
  );
}
