import type { Metadata } from 'next';
import { change, redoLast, undoLast } from '@/app/actions/edit';
import { almanacHead, yearScreen } from '@/present/almanac/year-model';
import { almanacNow, recordOfYear } from '@/server/almanac';
import { requireScope } from '@/server/session';
import { YearPage } from '@/ui/almanac/year-page';

export const metadata: Metadata = { title: 'Almanac' };

type Props = { readonly searchParams: Promise<Readonly<Record<string, string | string[] | undefined>>> };

export default async function Page({ searchParams }: Props) {
  const asked = await searchParams;
  const scope = await requireScope();
  const { kept, today, entries } = await almanacNow(scope);
  const { home, clean } = kept.household;
  const year = yearAsked(asked.year, today.slice(0, 4));
  const rooms = home.floors.flatMap((floor) => floor.rooms);
  return (
    <YearPage
      screen={yearScreen({
        entries,
        record: await recordOfYear(scope, year),
        rooms: new Map(rooms.map(({ id, name }) => [id, name])),
        year,
        today,
        by: asked.by === 'room' ? 'room' : 'kind',
      })}
      head={almanacHead(entries)}
      hasClean={clean !== undefined && clean.closed === undefined}
      hasRooms={rooms.length > 0}
      edits={kept.edits}
      actions={{ change, undo: undoLast, redo: redoLast }}
    />
  );
}

const YEAR = /^[12]\d{3}$/;

function yearAsked(asked: string | string[] | undefined, thisYear: string): string {
  return typeof asked === 'string' && YEAR.test(asked) ? asked : thisYear;
}
