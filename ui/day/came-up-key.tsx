'use client';
import { type Ref, useState } from 'react';
import type { FoundThing } from '@/core/day/run';
import type { CameUp } from '@/present/day/came-up';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { CameUpSheet } from './came-up-sheet';
import { useDay } from './day-context';
import { NameFoundLater } from './later';
import { Noted } from './noted';
import { wakeBell } from './run/bell';

/** The one key for all that is found or comes between. */
export function CameUpKey({ button }: { button: Ref<HTMLButtonElement> }) {
  const { file, store } = useDay();
  const [isOpen, setOpen] = useState(false);
  const [noted, setNoted] = useState<FoundThing>();
  const [isNaming, setNaming] = useState(false);
  const say = ({ act, person }: CameUp) => {
    wakeBell();
    setOpen(false);
    void store.carry(act, person);
    setNoted(act.do === 'found' ? store.snapshot().run.found.at(-1) : undefined);
  };
  const close = () => {
    setNaming(false);
    setNoted(undefined);
  };
  return (
    <>
      <Button
        ref={button}
        variant="outlined"
        size="large"
        color="inherit"
        aria-haspopup="dialog"
        onClick={() => setOpen(true)}
        className={css({ minHeight: 64, flex: '1 1 120px', lineHeight: 1.2, bgcolor: 'paper' })}
      >
        Something came up
      </Button>
      <CameUpSheet isOpen={isOpen} onClose={() => setOpen(false)} onSaid={say} />
      {noted && !isNaming && <Noted thing={noted} onName={() => setNaming(true)} onClose={close} />}
      {noted && isNaming && <NameFoundLater thing={noted} file={file} store={store} onClose={close} />}
    </>
  );
}
