'use client';
import { useColorScheme } from '@mui/material/styles';
import TextField from '@mui/material/TextField';
import { useSyncExternalStore } from 'react';

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
    <TextField
      select
      size="small"
      label="Light or dark"
      value={inBrowser ? (mode ?? 'system') : 'system'}
      onChange={(event) => setMode(event.target.value as 'system' | 'light' | 'dark')}
      slotProps={{ select: { native: true }, htmlInput: { 'aria-label': 'Light or dark' } }}
    >
      {MODES.map(([value, name]) => (
        <option key={value} value={value}>
          {name}
        </option>
      ))}
    </TextField>
  );
}
