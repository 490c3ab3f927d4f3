import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { tickStep } from '@/app/actions/day';
import { change, redoLast, undoLast } from '@/app/actions/edit';
import { moveTask } from '@/app/actions/order';
import { roomsOf } from '@/core/home/room';
import { current } from '@/server/current';
import { RoomPage } from '@/ui/walk/room-page';

type Props = { readonly params: Promise<{ room: string }> };

async function wanted({ params }: Props) {
  const [{ room: id }, state] = await Promise.all([params, current()]);
  const name = decodeURIComponent(id);
  return { state, room: roomsOf(state.household.home).find((found) => found.id === name) };
}

export async function generateMetadata(props: Props): Promise<Metadata> {
  return { title: (await wanted(props)).room?.name ?? 'Room' };
}

export default async function Page(props: Props) {
  const { state, room } = await wanted(props);
  if (!room) notFound();
  return (
    <RoomPage
      state={state}
      room={room}
      actions={{ change, undo: undoLast, redo: redoLast }}
      moveTask={moveTask}
      tickStep={tickStep}
    />
  );
}
