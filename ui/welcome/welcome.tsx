import type { ReactNode } from 'react';
import { css } from '@/ui/theme/made/css';
import { IceMark } from '../parts/ice-mark';
import { ForgetDays } from './forget-days';
import { ThawPicture } from './thaw-picture';

/** The front door: what this is for, and the ways in. */
export function Welcome({ form, demo, other }: { form: ReactNode; demo?: ReactNode; other: ReactNode }) {
  return (
    <main
      className={css({
        minHeight: '100dvh',
        display: 'grid',
        gridTemplateColumns: { base: '1fr', md: '1.1fr 1fr' },
      })}
    >
      <ForgetDays />
      <div
        className={css({
          bgcolor: 'var(--colors-ice)',
          p: { base: 3, md: 6 },
          display: 'flex',
          flexDirection: 'column',
          gap: { base: 2, md: 3 },
        })}
      >
        <div className={css({ display: 'flex', flexDirection: 'row', gap: 1.5, alignItems: 'center' })}>
          <IceMark size={40} />
          <p
            className={css({
              textStyle: 'body',
              m: 0,
              fontFamily: 'var(--heading)',
              fontSize: '1.4rem',
              fontWeight: 600,
            })}
          >
            Early Thaw
          </p>
        </div>
        <h1 className={css({ textStyle: 'h1', m: 0, maxWidth: '18ch' })}>
          A whole home, deep cleaned, by a day you choose
        </h1>
        <p className={css({ textStyle: 'body', m: 0, maxWidth: '46ch', fontSize: '1.05rem' })}>
          Walk the house once. Early Thaw breaks each room into jobs in the right order, says truthfully how
          long they take, and spreads them over your free evenings, soaks and drying times included.
        </p>
        <div className={css({ mt: 'auto', display: { base: 'none', sm: 'block' } })}>
          <ThawPicture />
        </div>
      </div>
      <div
        className={css({
          display: 'flex',
          flexDirection: 'column',
          gap: 3,
          p: { base: 3, md: 6 },
          justifyContent: 'center',
          maxWidth: 520,
          width: '100%',
        })}
      >
        {form}
        {demo}
        <p className={css({ textStyle: 'body', m: 0 })}>{other}</p>
      </div>
    </main>
  );
}
