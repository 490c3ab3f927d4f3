'use client';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import Typography from '@mui/material/Typography';
import dynamic from 'next/dynamic';
import { useId, useState } from 'react';
import type { ChangeActions } from '../parts/change-actions';

const NewRoomForm = dynamic(() => import('./new-room-form').then((module) => module.NewRoomForm));

/** Adds a room to a floor; it starts with what such a room usually has. */
export function AddRoom({
  floorId,
  floorName,
  actions,
}: {
  floorId: string;
  floorName: string;
  actions: Pick<ChangeActions, 'change'>;
}) {
  const [open, setOpen] = useState(false);
  const title = useId();
  return (
    <>
      <Button variant="outlined" onClick={() => setOpen(true)} sx={{ minHeight: 92, borderStyle: 'dashed' }}>
        Add a room
      </Button>
      <Dialog open={open} onClose={() => setOpen(false)} aria-labelledby={title} fullWidth maxWidth="sm">
        <Typography id={title} variant="h2" sx={{ px: 3, pt: 3 }}>
          A room on {floorName}
        </Typography>
        <NewRoomForm floorId={floorId} actions={actions} onCancel={() => setOpen(false)} />
      </Dialog>
    </>
  );
}
