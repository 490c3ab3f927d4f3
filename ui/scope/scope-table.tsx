'use client';
import {
  type ColumnDef,
  createColumnHelper,
  getCoreRowModel,
  getSortedRowModel,
  type Header,
  type OnChangeFn,
  type SortingState,
  type Table,
  useReactTable,
} from '@tanstack/react-table';
import { useVirtualizer } from '@tanstack/react-virtual';
import { memo, type ReactNode, useMemo, useRef } from 'react';
import { kindName, layerWords, type ScopeRow } from '@/present/scope/scope-model';
import { PRIORITY_WORDS, scopeWords } from '@/present/scope/scope-words';
import { dateWithYear, duration } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { TickBox } from '../parts/check';
import { Press } from '../parts/press';
import { TextLink } from '../parts/text-link';
import { useAnswered } from '../parts/use-answered';
import { useStableEvents } from '../parts/use-stable-events';

type ScopeTableProps = {
  readonly rows: readonly ScopeRow[];
  readonly today: string;
  readonly chosen: ReadonlySet<string>;
  readonly onChoose: (chosen: ReadonlySet<string>) => void;
  readonly onTake: (row: ScopeRow, taken: boolean) => void;
  readonly sorting: SortingState;
  readonly onSort: OnChangeFn<SortingState>;
};

const column = createColumnHelper<ScopeRow>();

const PRIORITY_ORDER = ['must', 'should', 'could'];

/** What can be sorted by; drawn by the line itself. */
const COLUMNS = [
  column.accessor('title', { header: 'Job', sortingFn: 'alphanumeric' }),
  column.accessor('room', { header: 'Room', sortingFn: 'alphanumeric' }),
  column.accessor((row) => kindName(row.kind), { id: 'kind', header: 'Kind', sortingFn: 'alphanumeric' }),
  column.accessor('layer', { header: 'Height' }),
  column.accessor('minutes', { header: 'Hands-on', sortDescFirst: true }),
  column.accessor('due', { header: 'Due', sortUndefined: 'last' }),
  column.accessor((row) => PRIORITY_ORDER.indexOf(row.priority), { id: 'priority', header: 'Priority' }),
  column.accessor((row) => (row.in ? 0 : 1), { id: 'in', header: 'Scope' }),
  // Not drawn as columns; sorted by all the same.
  column.accessor((row) => row.people.join(), { id: 'people', header: 'Who can', sortingFn: 'alphanumeric' }),
  column.accessor((row) => row.products.join(), {
    id: 'products',
    header: 'Product',
    sortingFn: 'alphanumeric',
  }),
] as ColumnDef<ScopeRow>[];

/** Sorted by, without a column of their own. */
const NOT_DRAWN = ['people', 'products'];

/** What the list can be sorted by, in words. */
export const SORT_CHOICES = COLUMNS.map(
  (one) => [one.id ?? (one as { accessorKey: string }).accessorKey, String(one.header)] as const,
);

const GRID = {
  display: 'grid',
  gridTemplateColumns: {
    base: '44px 1fr 92px',
    md: '44px minmax(220px, 3fr) minmax(110px, 1fr) minmax(110px, 1fr) 56px 84px 84px 76px minmax(150px, 1.2fr)',
  },
  columnGap: 1,
  alignItems: 'center',
} as const;

const ROW_PX = 64;

/** The list as lines; only those in sight are in the page. */
export const ScopeTable = memo(function ScopeTable(props: ScopeTableProps) {
  const { rows, today, chosen, onChoose, onTake } = props;
  const table = useSorted(props);
  const sorted = table.getRowModel().rows;
  const box = useRef<HTMLDivElement>(null);
  const virtual = useVirtualizer({
    count: sorted.length,
    getScrollElement: () => box.current,
    estimateSize: () => ROW_PX,
    overscan: 8,
    initialRect: { width: 1000, height: 640 },
  });
  const { toggle, take } = useStableEvents({
    toggle: (id: string) => {
      const next = new Set(chosen);
      if (!next.delete(id)) next.add(id);
      onChoose(next);
    },
    take: onTake,
  });
  return (
    <div ref={box} role="table" aria-label="Jobs" aria-rowcount={sorted.length + 1} className={css(FRAME)}>
      <HeadRow rows={rows} chosen={chosen} onChoose={onChoose} table={table} />
      <div
        role="rowgroup"
        className={css({ position: 'relative' })}
        style={{ height: virtual.getTotalSize() }}
      >
        {virtual.getVirtualItems().map(({ index, start }) => {
          const row = sorted[index]?.original as ScopeRow;
          return (
            <Line key={row.id} index={index + 2} start={start}>
              <Cells row={row} today={today} chosen={chosen.has(row.id)} onToggle={toggle} onTake={take} />
            </Line>
          );
        })}
      </div>
    </div>
  );
});

const FRAME = {
  height: 'min(72dvh, 760px)',
  minHeight: 320,
  overflow: 'auto',
  borderTop: '2px solid var(--colors-ink)',
} as const;

function useSorted({ rows, sorting, onSort }: Pick<ScopeTableProps, 'rows' | 'sorting' | 'onSort'>) {
  const data = useMemo(() => [...rows], [rows]);
  return useReactTable({
    data,
    columns: COLUMNS,
    state: { sorting },
    onSortingChange: onSort,
    getRowId: (row) => row.id,
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
  });
}

function HeadRow({
  rows,
  chosen,
  onChoose,
  table,
}: Pick<ScopeTableProps, 'rows' | 'chosen' | 'onChoose'> & { readonly table: Table<ScopeRow> }) {
  const all = rows.length > 0 && rows.every((row) => chosen.has(row.id));
  return (
    <div
      role="row"
      aria-rowindex={1}
      className={css({ ...GRID, position: 'sticky', top: 0, zIndex: 2, bgcolor: 'page', minHeight: 46 })}
    >
      <div role="columnheader">
        <TickBox
          checked={all}
          indeterminate={!all && rows.some((row) => chosen.has(row.id))}
          onChange={() => onChoose(all ? new Set() : new Set(rows.map((row) => row.id)))}
          aria-label="Choose all that are shown"
        />
      </div>
      {table
        .getFlatHeaders()
        .filter((header) => !NOT_DRAWN.includes(header.id))
        .map((header) => (
          <Head key={header.id} header={header} />
        ))}
    </div>
  );
}

/** One line of the list, where it lies in its height. */
function Line({ index, start, children }: { index: number; start: number; children: ReactNode }) {
  return (
    <div
      role="row"
      aria-rowindex={index}
      className={css({
        ...GRID,
        position: 'absolute',
        insetInline: 0,
        top: 0,
        height: ROW_PX,
        borderBottom: '1px solid var(--colors-line)',
      })}
      style={{ transform: `translateY(${start}px)` }}
    >
      {children}
    </div>
  );
}

/** On a narrow screen the other columns are part of the job's own line. */
const ON_PHONE = ['title', 'in'];

const SORT_WORDS = { asc: 'ascending', desc: 'descending' } as const;

function Head({ header }: { header: Header<ScopeRow, unknown> }) {
  const sorted = header.column.getIsSorted();
  return (
    <div
      role="columnheader"
      aria-sort={sorted ? SORT_WORDS[sorted] : 'none'}
      className={css({ display: { base: ON_PHONE.includes(header.id) ? 'block' : 'none', md: 'block' } })}
    >
      <Press
        onClick={header.column.getToggleSortingHandler()}
        className={css({
          minHeight: 44,
          fontSize: '0.9rem',
          fontWeight: sorted ? 680 : 500,
          color: sorted ? 'ink' : 'quiet',
        })}
      >
        {String(header.column.columnDef.header)}
        <span aria-hidden>{sorted === 'asc' ? ' ↑' : sorted === 'desc' ? ' ↓' : ''}</span>
      </Press>
    </div>
  );
}

type CellsProps = {
  readonly row: ScopeRow;
  readonly today: string;
  readonly chosen: boolean;
  readonly onToggle: (id: string) => void;
  readonly onTake: (row: ScopeRow, taken: boolean) => void;
};

const WIDE = { display: { base: 'none', md: 'block' } } as const;

const Cells = memo(function Cells({ row, today, chosen, onToggle, onTake }: CellsProps) {
  const [taken, take] = useAnswered(row.in, (next: boolean) => onTake(row, next));
  return (
    <>
      <div role="cell">
        <TickBox
          checked={chosen}
          onChange={() => onToggle(row.id)}
          aria-label={`Choose ${row.title}, ${row.room}`}
        />
      </div>
      <Job row={row} taken={taken} />
      <Columns row={row} today={today} />
      <Taking row={row} taken={taken} onTake={take} />
    </>
  );
});

function Job({ row, taken }: { row: ScopeRow; taken: boolean }) {
  return (
    <div role="cell" className={css({ minWidth: 0, color: taken ? 'ink' : 'quiet' })}>
      <div
        className={css({ ...TWO_LINES, fontWeight: 520, textDecoration: taken ? 'none' : 'line-through' })}
      >
        {row.title}
      </div>
      <div className={css({ ...CLIP, fontSize: '0.85rem', color: 'quiet' })}>
        {row.where}
        <span className={css({ display: { md: 'none' } })}>
          , {row.room}, {duration(row.minutes)}
        </span>
        {row.matters && ', matters most'}
        {row.dreaded && ', dreaded'}
      </div>
    </div>
  );
}

/** What a narrow screen has no room for. */
function Columns({ row, today }: { row: ScopeRow; today: string }) {
  return (
    <>
      <div role="cell" className={css({ ...WIDE, ...CLIP })}>
        <TextLink href={`/walk/${encodeURIComponent(row.roomId)}`}>{row.room}</TextLink>
      </div>
      <div role="cell" className={css({ ...WIDE, fontSize: '0.9rem', lineHeight: 1.2 })}>
        {kindName(row.kind)}
      </div>
      <div role="cell" className={css({ ...WIDE, fontSize: '0.9rem' })}>
        {layerWords(row.layer)}
      </div>
      <div role="cell" className={css(WIDE)}>
        {duration(row.minutes)}
      </div>
      <div role="cell" className={css({ ...WIDE, color: row.due && row.due > today ? 'quiet' : 'ink' })}>
        {row.due ? dateWithYear(row.due) : '–'}
      </div>
      <div role="cell" className={css(WIDE)}>
        {PRIORITY_WORDS[row.priority]}
      </div>
    </>
  );
}

type TakingProps = {
  readonly row: ScopeRow;
  readonly taken: boolean;
  readonly onTake: (taken: boolean) => void;
};

function Taking({ row, taken, onTake }: TakingProps) {
  const scope = scopeWords({ ...row, reason: row.reason as NonNullable<ScopeRow['reason']>, hardness: 0 });
  const words = taken ? 'Leave out' : 'Do it';
  return (
    <div role="cell" className={css({ display: 'flex', alignItems: 'center', gap: 0.5, minWidth: 0 })}>
      <Button
        size="small"
        variant={taken ? 'text' : 'outlined'}
        color={taken ? 'inherit' : 'primary'}
        onClick={() => onTake(!taken)}
        aria-label={`${words}: ${row.title}, ${row.room}`}
        className={css({ minHeight: 44, flexShrink: 0 })}
      >
        {words}
      </Button>
      <div className={css({ ...WIDE, fontSize: '0.82rem', lineHeight: 1.15, color: 'quiet', minWidth: 0 })}>
        {taken ? '' : scope.replace(/^out: /, '')}
      </div>
    </div>
  );
}

const TWO_LINES = {
  display: '-webkit-box',
  WebkitLineClamp: 2,
  WebkitBoxOrient: 'vertical',
  overflow: 'hidden',
  lineHeight: 1.2,
} as const;

const CLIP = { overflow: 'hidden', textOverflow: 'ellipsis', whiteSpace: 'nowrap' } as const;
