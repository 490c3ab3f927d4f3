'use client';
import { useEffect, useState } from 'react';
import { MANNER_COOKIE, MANNERS } from '@/present/words/reader';
import { NativeSelect } from '../parts/native-select';

const DEVICE = 'device';
const LONGEST_S = 400 * 86_400;

/** How dates and times are written: as the device does, or as is chosen here. */
export function MannerChoice() {
  // The server writes by the choice and does not tell it; until the browser has, the usual one is shown.
  const [manner, setManner] = useState<string>(DEVICE);
  useEffect(() => setManner(keptManner()), []);
  return (
    <NativeSelect
      size="small"
      label="Dates and times"
      value={manner}
      onChange={(next) => {
        keepManner(next);
        // Every sentence on the page was written the other way.
        window.location.reload();
      }}
      options={[[DEVICE, 'As the device'], ...MANNERS]}
    />
  );
}

function keptManner(): string {
  return MANNERS.find(([tag]) => document.cookie.includes(`${MANNER_COOKIE}=${tag}`))?.[0] ?? DEVICE;
}

function keepManner(manner: string): void {
  const age = manner === DEVICE ? 0 : LONGEST_S;
  // biome-ignore lint/suspicious/noDocumentCookie: the newer way is not in every browser yet.
  document.cookie = `${MANNER_COOKIE}=${manner};path=/;max-age=${age};samesite=lax`;
}
