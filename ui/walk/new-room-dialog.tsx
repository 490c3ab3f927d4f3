'use client';
import Dialog from '@mui/material/Dialog';
import Typography from '@mui/material/Typography';
import { useId } from 'react';
import type { ChangeActions } from '../parts/change-actions';
import { NewRoomForm } from './new-room-form';

export type NewRoomDialogProps = {
  readonly floorId: string;
  readonly floorName: string;
  readonly actions: Pick<ChangeActions, 'change'>;
  readonly open: boolean;
  readonly onClose: () => void;
};

export function NewRoomDialog({ floorId, floorName, actions, open, onClose }: NewRoomDialogProps) {
  const title = useId();
  return (
    <Dialog open={open} onClose={onClose} aria-labelledby={title} fullWidth maxWidth="sm">
      <Typography id={title} variant="h2" sx={{ px: 3, pt: 3 }}>
        A room on {floorName}
      </Typography>
      <NewRoomForm floorId={floorId} actions={actions} onCancel={onClose} />
    </Dialog>
  );
}
