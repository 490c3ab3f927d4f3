// The whole application, started as a person starts it, on ports and data of its own and with the clock stopped.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { startWhole } from './whole.mjs';

export const NOW = '2027-03-01T17:00';

export default async function setup({ provide }) {
  const folder = mkdtempSync(join(tmpdir(), 'early-thaw-e2e-'));
  const whole = await startWhole({ folder, now: NOW });
  provide('base', whole.base);
  return async () => {
    await whole.stop();
    rmSync(folder, { recursive: true, force: true });
  };
}
