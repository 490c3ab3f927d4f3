'use client';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import type { NewRoomDialogProps } from './new-room-dialog';

const NewRoomDialog = dynamic(() => import('./new-room-dialog').then((module) => module.NewRoomDialog));

/** Adds a room to a floor; it starts with what such a room usually has. What asks for it is fetched with the first press. */
export function AddRoom(props: Omit<NewRoomDialogProps, 'open' | 'onClose'>) {
  const [open, setOpen] = useState<boolean>();
  return (
    <>
      <Button
        variant="outlined"
        onClick={() => setOpen(true)}
        className={css({ minHeight: 92, borderStyle: 'dashed' })}
      >
        Add a room
      </Button>
      {open !== undefined && <NewRoomDialog {...props} open={open} onClose={() => setOpen(false)} />}
    </>
  );
}
