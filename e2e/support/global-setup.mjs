// The whole application, started as a person starts it, on ports and data of its own and with the clock stopped.
import { rmSync } from 'node:fs';
import { quickFolder } from '../../scripts/lib/quick-folder.mjs';
import { startWhole } from './whole.mjs';

export const NOW = '2027-03-01T17:00';

export default async function setup({ provide }) {
  const folder = quickFolder('e2e');
  const whole = await startWhole({
    folder,
    now: NOW,
    // The tests' own calendars stand on this machine.
    env: { EARLY_THAW_PRIVATE_CALENDARS: '1' },
  });
  provide('base', whole.base);
  return async () => {
    await whole.stop();
    rmSync(folder, { recursive: true, force: true });
  };
}
