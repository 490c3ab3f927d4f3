'use client';
import { useId } from 'react';
import { css } from '@/ui/theme/made/css';
import type { ChangeActions } from '../parts/change-actions';
import { Dialog } from '../parts/dialog';
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
  if (!open) return null;
  return (
    <Dialog labelledBy={title} onClose={onClose}>
      <h2 id={title} className={css({ textStyle: 'h2', m: 0, px: 3, pt: 3 })}>
        A room on {floorName}
      </h2>
      <NewRoomForm floorId={floorId} actions={actions} onCancel={onClose} />
    </Dialog>
  );
}
