import type { Metadata } from 'next';
import { change, redoLast, undoLast } from '@/app/actions/edit';
import { sayOfDone } from '@/app/actions/record';
import { learntScreen } from '@/present/record/learnt-model';
import { recordScreen } from '@/present/record/record-model';
import { current } from '@/server/current';
import { recordBefore } from '@/server/record';
import { requireScope } from '@/server/session';
import { RecordPage } from '@/ui/record/record-page';

export const metadata: Metadata = { title: 'The record' };

type Props = { readonly searchParams: Promise<Readonly<Record<string, string | string[] | undefined>>> };

export default async function Page({ searchParams }: Props) {
  const { before } = await searchParams;
  const { household, edits } = await current();
  const { home, people, clean, almanac, catalogue } = household;
  const part = await recordBefore(
    await requireScope(),
    typeof before === 'string' ? before.slice(0, 16) : undefined,
  );
  return (
    <RecordPage
      screen={recordScreen(part.lines, part.past, { total: part.total, cleanNow: clean?.id })}
      learnt={learntScreen(almanac.learnt, {
        catalogue,
        people: new Map(people.map(({ id, name }) => [id, name])),
        rooms: new Map(home.floors.flatMap(({ rooms }) => rooms).map(({ id, name }) => [id, name])),
      })}
      clean={clean && { name: clean.name, isClosed: clean.closed !== undefined }}
      more={part.before && `/record?before=${part.before}`}
      edits={edits}
      actions={{ change, undo: undoLast, redo: redoLast, say: sayOfDone }}
    />
  );
}
