'use client';
import dynamic from 'next/dynamic';
import type { Room } from '@/core/home/room';
import type { ChangeActions } from '../parts/change-actions';
import { UnfoldLater } from '../parts/unfold-later';

const ChangeRoom = dynamic(() => import('./change-room').then((module) => module.ChangeRoom));

export type OtherRoom = Pick<Room, 'id' | 'name'>;

export function ChangeRoomLater(props: {
  readonly room: Room;
  readonly others: readonly OtherRoom[];
  readonly actions: ChangeActions;
}) {
  return (
    <UnfoldLater title="About the room: size, floor, walls, air">
      {() => <ChangeRoom {...props} />}
    </UnfoldLater>
  );
}
