import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { change, redoLast, undoLast } from '@/app/actions/edit';
import { removePicture, setOutOnNext } from '@/app/actions/record';
import { roomsOf } from '@/core/home/room';
import type { StoredHousehold } from '@/core/household/stored';
import { dueBy } from '@/present/almanac/due-words';
import { endScreen, nextCleanOf } from '@/present/record/end-model';
import { learntScreen } from '@/present/record/learnt-model';
import { roomPictures } from '@/present/record/pictures-model';
import { almanacNow } from '@/server/almanac';
import { cleanLookedBackAt } from '@/server/record';
import { listPictures } from '@/server/repositories/pictures';
import { requireScope } from '@/server/session';
import { EndPage } from '@/ui/record/end-page';

export const metadata: Metadata = { title: 'How a clean went' };

type Props = { readonly searchParams: Promise<Readonly<Record<string, string | string[] | undefined>>> };

export default async function Page({ searchParams }: Props) {
  const { id, room } = await searchParams;
  const scope = await requireScope();
  const { kept, today, entries } = await almanacNow(scope);
  const asked = typeof id === 'string' ? id : undefined;
  const looked = await cleanLookedBackAt(scope, kept, { id: asked, today });
  if (!looked) redirect('/record');
  const { clean, home } = kept.household;
  const rooms = roomsOf(home);
  const next = nextCleanOf(clean ?? looked.past, today, (home.facts.latitude ?? 0) < 0);
  return (
    <EndPage
      screen={endScreen(looked.past, looked.before, asked === undefined ? lessonsOf(kept.household) : [])}
      state={asked !== undefined ? 'past' : clean?.closed ? 'closed' : 'open'}
      today={today}
      next={{ ...next, line: dueBy(entries, next.finish) }}
      edits={kept.edits}
      pictures={roomPictures(await listPictures(scope, looked.past.id))}
      chosen={typeof room === 'string' ? room : undefined}
      choices={asked === undefined ? rooms.map((one) => [one.id, one.name] as const) : []}
      actions={{ change, undo: undoLast, redo: redoLast, setOut: setOutOnNext, dropPicture: removePicture }}
    />
  );
}

function lessonsOf({ almanac, catalogue, people, home }: StoredHousehold): string[] {
  const { lessons } = learntScreen(almanac.learnt, {
    catalogue,
    people: new Map(people.map(({ id, name }) => [id, name])),
    rooms: new Map(roomsOf(home).map(({ id, name }) => [id, name])),
  });
  return lessons.map(({ sentence }) => sentence);
}
