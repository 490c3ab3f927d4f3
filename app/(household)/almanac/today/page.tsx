import type { Metadata } from 'next';
import { change, redoLast, undoLast } from '@/app/actions/edit';
import { doneToday } from '@/app/actions/record';
import { roomsOf } from '@/core/home/room';
import { todayScreen } from '@/present/almanac/today-model';
import { almanacNow } from '@/server/almanac';
import { requireScope } from '@/server/session';
import { NoRooms } from '@/ui/almanac/no-rooms';
import { TodayPage } from '@/ui/almanac/today-page';

export const metadata: Metadata = { title: 'A little today' };

export default async function Page() {
  const { kept, today, entries } = await almanacNow(await requireScope());
  const { almanac, home } = kept.household;
  if (roomsOf(home).length === 0) return <NoRooms />;
  const isSouth = (home.facts.latitude ?? 0) < 0;
  return (
    <TodayPage
      screen={todayScreen(entries, { almanac, today, isSouth })}
      today={today}
      edits={kept.edits}
      actions={{ change, undo: undoLast, redo: redoLast, done: doneToday }}
    />
  );
}
