'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ButtonBase from '@mui/material/ButtonBase';
import Checkbox from '@mui/material/Checkbox';
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
import { dateWithYear } from '@/present/almanac/due-words';
import { kindName, layerWords, type ScopeRow } from '@/present/scope/scope-model';
import { PRIORITY_WORDS, scopeWords } from '@/present/scope/scope-words';
import { duration } from '@/present/words/words';
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
    xs: '44px 1fr 92px',
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
    <Box ref={box} role="table" aria-label="Jobs" aria-rowcount={sorted.length + 1} sx={FRAME}>
      <HeadRow rows={rows} chosen={chosen} onChoose={onChoose} table={table} />
      <Box role="rowgroup" sx={{ position: 'relative', height: virtual.getTotalSize() }}>
        {virtual.getVirtualItems().map(({ index, start }) => {
          const row = sorted[index]?.original as ScopeRow;
          return (
            <Line key={row.id} index={index + 2} start={start}>
              <Cells row={row} today={today} chosen={chosen.has(row.id)} onToggle={toggle} onTake={take} />
            </Line>
          );
        })}
      </Box>
    </Box>
  );
});

const FRAME = {
  height: 'min(72dvh, 760px)',
  minHeight: 320,
  overflow: 'auto',
  borderTop: '2px solid',
  borderColor: 'text.primary',
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
    <Box
      role="row"
      aria-rowindex={1}
      sx={{ ...GRID, position: 'sticky', top: 0, zIndex: 2, bgcolor: 'background.default', minHeight: 46 }}
    >
      <Box role="columnheader">
        <Checkbox
          checked={all}
          indeterminate={!all && rows.some((row) => chosen.has(row.id))}
          onChange={() => onChoose(all ? new Set() : new Set(rows.map((row) => row.id)))}
          slotProps={{ input: { 'aria-label': 'Choose all that are shown' } }}
        />
      </Box>
      {table
        .getFlatHeaders()
        .filter((header) => !NOT_DRAWN.includes(header.id))
        .map((header) => (
          <Head key={header.id} header={header} />
        ))}
    </Box>
  );
}

/** One line of the list, where it lies in its height. */
function Line({ index, start, children }: { index: number; start: number; children: ReactNode }) {
  return (
    <Box
      role="row"
      aria-rowindex={index}
      sx={{
        ...GRID,
        position: 'absolute',
        insetInline: 0,
        top: 0,
        height: ROW_PX,
        borderBottom: '1px solid',
        borderColor: 'divider',
      }}
      style={{ transform: `translateY(${start}px)` }}
    >
      {children}
    </Box>
  );
}

/** On a narrow screen the other columns are part of the job's own line. */
const ON_PHONE = ['title', 'in'];

const SORT_WORDS = { asc: 'ascending', desc: 'descending' } as const;

function Head({ header }: { header: Header<ScopeRow, unknown> }) {
  const sorted = header.column.getIsSorted();
  return (
    <Box
      role="columnheader"
      aria-sort={sorted ? SORT_WORDS[sorted] : 'none'}
      sx={{ display: { xs: ON_PHONE.includes(header.id) ? 'block' : 'none', md: 'block' } }}
    >
      <ButtonBase
        onClick={header.column.getToggleSortingHandler()}
        sx={{
          minHeight: 44,
          fontSize: '0.9rem',
          fontWeight: sorted ? 680 : 500,
          color: sorted ? 'text.primary' : 'text.secondary',
        }}
      >
        {String(header.column.columnDef.header)}
        <span aria-hidden>{sorted === 'asc' ? ' ↑' : sorted === 'desc' ? ' ↓' : ''}</span>
      </ButtonBase>
    </Box>
  );
}

type CellsProps = {
  readonly row: ScopeRow;
  readonly today: string;
  readonly chosen: boolean;
  readonly onToggle: (id: string) => void;
  readonly onTake: (row: ScopeRow, taken: boolean) => void;
};

const WIDE = { display: { xs: 'none', md: 'block' } } as const;

const Cells = memo(function Cells({ row, today, chosen, onToggle, onTake }: CellsProps) {
  const [taken, take] = useAnswered(row.in, (next: boolean) => onTake(row, next));
  return (
    <>
      <Box role="cell">
        <Checkbox
          checked={chosen}
          onChange={() => onToggle(row.id)}
          slotProps={{ input: { 'aria-label': `Choose ${row.title}, ${row.room}` } }}
        />
      </Box>
      <Job row={row} taken={taken} />
      <Columns row={row} today={today} />
      <Taking row={row} taken={taken} onTake={take} />
    </>
  );
});

function Job({ row, taken }: { row: ScopeRow; taken: boolean }) {
  return (
    <Box role="cell" sx={{ minWidth: 0, color: taken ? 'text.primary' : 'text.secondary' }}>
      <Box sx={{ ...TWO_LINES, fontWeight: 520, textDecoration: taken ? 'none' : 'line-through' }}>
        {row.title}
      </Box>
      <Box sx={{ ...CLIP, fontSize: '0.85rem', color: 'text.secondary' }}>
        {row.where}
        <Box component="span" sx={{ display: { md: 'none' } }}>
          , {row.room}, {duration(row.minutes)}
        </Box>
        {row.matters && ', matters most'}
        {row.dreaded && ', dreaded'}
      </Box>
    </Box>
  );
}

/** What a narrow screen has no room for. */
function Columns({ row, today }: { row: ScopeRow; today: string }) {
  return (
    <>
      <Box role="cell" sx={{ ...WIDE, ...CLIP }}>
        <TextLink href={`/walk/${encodeURIComponent(row.roomId)}`}>{row.room}</TextLink>
      </Box>
      <Box role="cell" sx={{ ...WIDE, fontSize: '0.9rem', lineHeight: 1.2 }}>
        {kindName(row.kind)}
      </Box>
      <Box role="cell" sx={{ ...WIDE, fontSize: '0.9rem' }}>
        {layerWords(row.layer)}
      </Box>
      <Box role="cell" sx={WIDE}>
        {duration(row.minutes)}
      </Box>
      <Box
        role="cell"
        sx={{ ...WIDE, color: row.due && row.due > today ? 'text.secondary' : 'text.primary' }}
      >
        {row.due ? dateWithYear(row.due) : '–'}
      </Box>
      <Box role="cell" sx={WIDE}>
        {PRIORITY_WORDS[row.priority]}
      </Box>
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
    <Box role="cell" sx={{ display: 'flex', alignItems: 'center', gap: 0.5, minWidth: 0 }}>
      <Button
        size="small"
        variant={taken ? 'text' : 'outlined'}
        color={taken ? 'inherit' : 'primary'}
        onClick={() => onTake(!taken)}
        aria-label={`${words}: ${row.title}, ${row.room}`}
        sx={{ minHeight: 44, flexShrink: 0 }}
      >
        {words}
      </Button>
      <Box sx={{ ...WIDE, fontSize: '0.82rem', lineHeight: 1.15, color: 'text.secondary', minWidth: 0 }}>
        {taken ? '' : scope.replace(/^out: /, '')}
      </Box>
    </Box>
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
