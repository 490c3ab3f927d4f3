import { css } from '@/ui/theme/made/css';
import { MannerChoice } from './manner-choice';

/** How this device shows things, whoever is in. */
export function OnThisDevice() {
  return (
    <section>
      <h2 className={css({ textStyle: 'h2', m: 0, mb: 1.5 })}>On this device</h2>
      <div className={css({ maxWidth: 260 })}>
        <MannerChoice />
      </div>
    </section>
  );
}
