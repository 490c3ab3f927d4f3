'use client';
import Box from '@mui/material/Box';
import type { SortingState } from '@tanstack/react-table';
import { useDeferredValue, useMemo, useOptimistic, useState } from 'react';
import type { Mark } from '@/core/clean/marks';
import {
  filtered,
  marksFor,
  NO_FILTERS,
  neededMinutes,
  rowsAfter,
  type ScopeRow,
  type ScopeScreen,
} from '@/present/scope/scope-model';
import { count, tenths } from '@/present/words/words';
import type { ChangeActions, EditWords } from '../parts/change-actions';
import { PageHead } from '../parts/page-head';
import { Sentence } from '../parts/sentence';
import { UndoButtons } from '../parts/undo-buttons';
import { useChanges } from '../parts/use-changes';
import { useStableEvents } from '../parts/use-stable-events';
import { BulkBar } from './bulk-bar';
import { HoursBalance } from './hours-balance';
import { ScopeFilters } from './scope-filters';
import { ScopeTable } from './scope-table';
import { SortBy } from './sort-by';

type ScopeListProps = {
  readonly screen: ScopeScreen;
  readonly edits: EditWords;
  readonly actions: ChangeActions;
};

/** The whole list: filtered, sorted, taken in and left out one by one or many at a time, with the hours live above it. */
export function ScopeList({ screen, edits, actions }: ScopeListProps) {
  const [rows, show] = useOptimistic(screen.rows, rowsAfter);
  const [filters, setFilters] = useState(NO_FILTERS);
  const [sorting, setSorting] = useState<SortingState>([]);
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const changes = useChanges(actions);
  const settled = useDeferredValue(filters);
  // The hours answer at once; the lines follow.
  const lines = useDeferredValue(rows);
  const shown = useMemo(() => filtered(lines, settled, screen.today), [lines, settled, screen.today]);
  const needed = neededMinutes(rows);
  const mark = (marks: Mark[]) => changes.send({ do: 'mark', marks }, 'Kept.', () => show(marks));
  const { take } = useStableEvents({
    take: (row: ScopeRow, taken: boolean) =>
      mark(
        marksFor([{ on: 'task', target: row.id }], screen.marks, {
          in: taken,
          reason: taken ? undefined : 'not-worth-it',
        }),
      ),
  });
  const picked = shown.filter((row) => chosen.has(row.id));
  const targets = [...chosen].map((target) => ({ on: 'task', target }) as const);
  return (
    <>
      <PageHead
        title={`${tenths(needed)} to do`}
        actions={
          <Box role="toolbar" aria-label="Changes" sx={{ display: 'flex' }}>
            <UndoButtons edits={edits} undo={changes.undo} redo={changes.redo} />
          </Box>
        }
      >
        {count(rows.filter((row) => row.in).length, 'job', 'jobs')} in, {rows.filter((row) => !row.in).length}{' '}
        out. What the weekly round covers, what was redone lately and what is not worth it can stay out.
      </PageHead>
      <HoursBalance needed={needed} offered={screen.offered} />
      <Sentence>{changes.sentence}</Sentence>
      <span role="status" className="visually-hidden">
        {changes.said}
      </span>
      <ScopeFilters
        screen={screen}
        filters={filters}
        onChange={setFilters}
        shown={shown.length}
        sortBy={<SortBy sorting={sorting} onSort={setSorting} />}
      />
      <BulkBar
        filters={filters}
        screen={screen}
        picked={picked}
        onSay={(says, whole) => {
          mark(marksFor(whole ? [whole] : targets, screen.marks, says));
          if (!whole) setChosen(new Set());
        }}
      />
      <ScopeTable
        rows={shown}
        today={screen.today}
        chosen={chosen}
        onChoose={setChosen}
        sorting={sorting}
        onSort={setSorting}
        onTake={take}
      />
    </>
  );
}
