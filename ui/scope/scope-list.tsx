'use client';
import type { SortingState } from '@tanstack/react-table';
import { useDeferredValue, useMemo, useOptimistic, useState } from 'react';
import type { TaskId } from '@/core/basics/ids';
import type { Mark } from '@/core/clean/marks';
import type { HouseholdChange } from '@/core/household/change';
import {
  type Filters,
  filtered,
  marksFor,
  NO_FILTERS,
  neededMinutes,
  rowsAfter,
  type ScopeRow,
  type ScopeScreen,
} from '@/present/scope/scope-model';
import { count, tenths } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import type { ChangeActions, EditWords } from '../parts/change-actions';
import { PageHead } from '../parts/page-head';
import { Sentence } from '../parts/sentence';
import { UndoButtons } from '../parts/undo-buttons';
import { type Changes, useChanges } from '../parts/use-changes';
import { useStableEvents } from '../parts/use-stable-events';
import { newId } from '../state/new-id';
import { BulkBar, type Says, type Target } from './bulk-bar';
import type { AskedTime } from './give-time';
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
  const shown = useShown(rows, filters, screen.today);
  const { take, say } = useStableEvents(saying(screen, changes, show));
  const targets = [...chosen].map((target) => ({ on: 'task', target }) as const);
  return (
    <>
      <Head rows={rows} shared={screen.shared} offered={screen.offered} edits={edits} changes={changes} />
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
        picked={shown.filter((row) => chosen.has(row.id))}
        onSay={(says, whole) => {
          say(whole ? [whole] : targets, says);
          if (!whole) setChosen(new Set());
        }}
        onAsk={(asked) => {
          changes.send(asking([...chosen], asked), ASKED);
          setChosen(new Set());
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

const ASKED = 'Asked for. It stands under Spread, Ask for a time; spread the work again, and it lies there.';

/** Chosen jobs, given their time. */
function asking(tasks: readonly string[], asked: AskedTime): HouseholdChange {
  return { do: 'put-focus', focus: { id: newId(), tasks: [...tasks] as TaskId[], ...asked, binds: 'work' } };
}

/** The hours answer at once; the lines follow. */
function useShown(rows: readonly ScopeRow[], filters: Filters, today: string): ScopeRow[] {
  const settled = useDeferredValue(filters);
  const lines = useDeferredValue(rows);
  return useMemo(() => filtered(lines, settled, today), [lines, settled, today]);
}

/** What can be said of jobs, of a room or of a kind of work. */
function saying(screen: ScopeScreen, changes: Changes, show: (marks: Mark[]) => void) {
  const say = (targets: readonly Target[], says: Says) => {
    const marks = marksFor(targets, screen.marks, says);
    changes.send({ do: 'mark', marks }, 'Kept.', () => show(marks));
  };
  const take = (row: ScopeRow, taken: boolean) =>
    say([{ on: 'task', target: row.id }], { in: taken, reason: taken ? undefined : 'not-worth-it' });
  return { say, take };
}

type HeadProps = {
  readonly rows: readonly ScopeRow[];
  readonly shared: ScopeScreen['shared'];
  readonly offered: ScopeScreen['offered'];
  readonly edits: EditWords;
  readonly changes: Changes;
};

function Head({ rows, shared, offered, edits, changes }: HeadProps) {
  const needed = Math.max(0, neededMinutes(rows) - shared.minutes);
  const isIn = rows.filter((row) => row.in).length;
  const taken = Math.max(0, isIn - shared.jobs);
  return (
    <>
      <PageHead
        title={`${tenths(needed)} to do`}
        actions={
          <div role="toolbar" aria-label="Changes" className={css({ display: 'flex' })}>
            <UndoButtons edits={edits} undo={changes.undo} redo={changes.redo} />
          </div>
        }
      >
        {count(taken, 'job', 'jobs')} in, {rows.length - isIn} out. What the weekly round covers, what was
        redone lately and what is not worth it can stay out.
      </PageHead>
      <HoursBalance needed={needed} offered={offered} />
      <Sentence>{changes.sentence}</Sentence>
      <span role="status" className={changes.said === ASKED ? undefined : 'visually-hidden'}>
        {changes.said}
      </span>
    </>
  );
}
