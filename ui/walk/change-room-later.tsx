'use client';
import dynamic from 'next/dynamic';
import type { Room } from '@/core/home/room';
import type { ActionResult } from '../forms/result';
import { UnfoldLater } from '../parts/unfold-later';

const ChangeRoom = dynamic(() => import('./change-room').then((module) => module.ChangeRoom));

type Act = (input: unknown) => Promise<ActionResult>;

export function ChangeRoomLater(props: { readonly room: Room; readonly change: Act; readonly drop: Act }) {
  return <UnfoldLater title="Name and size of the room">{() => <ChangeRoom {...props} />}</UnfoldLater>;
}
