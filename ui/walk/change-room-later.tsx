'use client';
import dynamic from 'next/dynamic';
import { UnfoldLater } from '../parts/unfold-later';
import type { ChangeRoomProps } from './change-room';

const ChangeRoom = dynamic(() => import('./change-room').then((module) => module.ChangeRoom));

export function ChangeRoomLater(props: ChangeRoomProps) {
  return (
    <UnfoldLater title="About the room: size, floor, walls, air">
      {() => <ChangeRoom {...props} />}
    </UnfoldLater>
  );
}
