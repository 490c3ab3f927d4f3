'use client';
import type { YearCellWords, YearScreen } from '@/present/almanac/year-model';
import styles from './year.module.css';

/** A cell of the year, by its row and month. */
export type CellKey = string;

export function cellKey(row: string, month: string): CellKey {
  return `${row} ${month}`;
}

type YearTableProps = {
  readonly screen: YearScreen;
  readonly open: CellKey | undefined;
  readonly onOpen: (key: CellKey) => void;
  /** Of the list that a press opens. */
  readonly panelId: string;
};

/** Twelve columns, a row a kind of work or a room: what is done is clear, what is due is ice, what is late is thick ice. */
export function YearTable({ screen, open, onOpen, panelId }: YearTableProps) {
  return (
    <table className={styles.year}>
      <caption className="visually-hidden">
        What was done and what is due in {screen.year}, by {screen.by === 'kind' ? 'kind of work' : 'room'}
      </caption>
      <thead>
        <tr>
          <td />
          {screen.months.map(({ month, short, isNow }) => (
            <th key={month} scope="col" className={isNow ? styles.now : undefined}>
              {short}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {screen.rows.map((row) => (
          <tr key={row.id}>
            <th scope="row">{row.name}</th>
            {row.cells.map((cell, i) => (
              <td key={cell.month} className={seasonOf(i, screen.months[i]?.isNow)}>
                <Cell
                  cell={cell}
                  isOpen={open === cellKey(row.id, cell.month)}
                  panelId={panelId}
                  onOpen={() => onOpen(cellKey(row.id, cell.month))}
                />
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** Quarters of the year are told apart by a tint, the month of today by the sun. */
function seasonOf(month: number, isNow: boolean | undefined): string | undefined {
  if (isNow) return styles.now;
  return Math.floor(((month + 1) % 12) / 3) % 2 === 0 ? styles.season1 : undefined;
}

type CellProps = {
  readonly cell: YearCellWords;
  readonly isOpen: boolean;
  readonly panelId: string;
  readonly onOpen: () => void;
};

function Cell({ cell, isOpen, panelId, onOpen }: CellProps) {
  const { done, due, late, jobs, label } = cell;
  if (done + due + late === 0) return <span className="visually-hidden">nothing</span>;
  const bars = (
    <>
      {done > 0 && <span className={styles.done}>{done}</span>}
      {due > 0 && (
        <span className={styles.due} style={{ background: 'var(--frost)' }}>
          {due}
        </span>
      )}
      {late > 0 && (
        <span className={styles.late} style={{ background: 'var(--frost)' }}>
          {late}
        </span>
      )}
    </>
  );
  if (jobs.length === 0)
    return (
      <span className={styles.cell} style={{ cursor: 'default' }}>
        <span className="visually-hidden">{label}</span>
        <span aria-hidden style={{ display: 'contents' }}>
          {bars}
        </span>
      </span>
    );
  return (
    <button
      type="button"
      className={styles.cell}
      aria-label={label}
      aria-expanded={isOpen}
      aria-controls={panelId}
      onClick={onOpen}
    >
      {bars}
    </button>
  );
}

export function YearLegend() {
  return (
    <div className={styles.legend}>
      <span>
        <i className={styles.done} aria-hidden>
          {' '}
        </i>
        done
      </span>
      <span>
        <i className={styles.due} aria-hidden style={{ background: 'var(--frost)' }}>
          {' '}
        </i>
        due
      </span>
      <span>
        <i className={styles.late} aria-hidden style={{ background: 'var(--frost)' }}>
          {' '}
        </i>
        late
      </span>
    </div>
  );
}
