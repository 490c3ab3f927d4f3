import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { change, redoLast, undoLast } from '@/app/actions/edit';
import { moveTask } from '@/app/actions/order';
import { roomsOf } from '@/core/home/room';
import { current } from '@/server/current';
import { RoomPage } from '@/ui/walk/room-page';

export const metadata: Metadata = { title: 'Room' };

export default async function Page({ params }: { params: Promise<{ room: string }> }) {
  const [{ room: id }, state] = await Promise.all([params, current()]);
  const wanted = decodeURIComponent(id);
  const room = roomsOf(state.household.home).find((found) => found.id === wanted);
  if (!room) notFound();
  return (
    <RoomPage
      state={state}
      room={room}
      actions={{ change, undo: undoLast, redo: redoLast }}
      moveTask={moveTask}
    />
  );
}
