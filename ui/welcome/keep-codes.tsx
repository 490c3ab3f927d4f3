'use client';
import { useEffect, useRef } from 'react';
import { css } from '@/ui/theme/made/css';
import { Codes } from '../account/codes';
import { Button } from '../parts/button';
import { Sentence } from '../parts/sentence';

type KeepCodesProps = {
  readonly codes: readonly string[];
  readonly onKept: () => void;
  readonly fault: string | undefined;
};

/** Before anything else: what lets one in again on the day on which the passphrase is forgotten. */
export function KeepCodes({ codes, onKept, fault }: KeepCodesProps) {
  const head = useRef<HTMLHeadingElement>(null);
  useEffect(() => head.current?.focus(), []);
  return (
    <section aria-labelledby="keep-codes" className={css({ display: 'grid', gap: 2 })}>
      <h3 id="keep-codes" ref={head} tabIndex={-1} className={css({ textStyle: 'h3', m: 0 })}>
        Keep these codes
      </h3>
      <p className={css({ textStyle: 'body', m: 0 })}>
        If you forget the passphrase, each of them lets you in once. They are shown here and never again; you
        can make new ones under “Your account”.
      </p>
      <Codes codes={codes} />
      <Sentence>{fault}</Sentence>
      <div className={css({ display: 'flex', gap: 1.5 })}>
        <Button variant="contained" size="large" onClick={onKept}>
          Go on
        </Button>
        <Button size="large" onClick={() => window.print()}>
          Print them
        </Button>
      </div>
    </section>
  );
}
