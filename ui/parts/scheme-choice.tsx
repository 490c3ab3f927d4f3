'use client';
import { useEffect, useState } from 'react';
import { type SchemeWish, wishedScheme, wishScheme } from '../theme/scheme';
import { NativeSelect } from './native-select';

const WISHES = [
  ['system', 'As the device'],
  ['light', 'Light'],
  ['dark', 'Dark'],
] as const;

/** Light, dark, or whatever the device says. */
export function SchemeChoice() {
  // The server does not know the choice; until the browser has said it, the usual one is shown.
  const [wish, setWish] = useState<SchemeWish>('system');
  useEffect(() => setWish(wishedScheme()), []);
  return (
    <NativeSelect
      size="small"
      label="Light or dark"
      value={wish}
      onChange={(next) => {
        wishScheme(next as SchemeWish);
        setWish(next as SchemeWish);
      }}
      options={WISHES}
    />
  );
}
