// biome-ignore-all lint/a11y/noNoninteractiveElementToInteractiveRole: a table in which one moves from cell to cell is a grid.
'use client';
import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react';
import type { WeeklyHours } from '@/core/people/member';
import {
  boxOf,
  type Cell,
  clockOfRow,
  isFreeAt,
  painted,
  WEEK_DAYS,
  WEEK_ROWS,
} from '@/present/people/painted-week';
import { WEEKDAYS } from '@/present/people/weekdays';
import { timeOfDay } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import looks from './paint-week.module.css';

type PaintWeekProps = {
  readonly hours: readonly WeeklyHours[];
  readonly onChange: (hours: WeeklyHours[]) => void;
};

type Stroke = { readonly from: Cell; readonly to: Cell; readonly free: boolean };

const ROWS = Array.from({ length: WEEK_ROWS }, (_, row) => row);
const DAYS = Array.from({ length: WEEK_DAYS }, (_, day) => day);

/** A usual week to paint on: drag over the half hours that are free, or go there with the arrow keys and press Space. */
export function PaintWeek({ hours, onChange }: PaintWeekProps) {
  const [stroke, setStroke] = useState<Stroke>();
  const [here, setHere] = useState<Cell>({ day: 0, row: 24 });
  const sheet = useRef<HTMLTableElement>(null);
  const shown = stroke ? painted(hours, boxOf(stroke.from, stroke.to), stroke.free) : hours;
  const paint = (cells: readonly Cell[], free: boolean) => onChange(painted(hours, cells, free));
  const goTo = (next: Cell) => {
    setHere(next);
    cellAt(sheet.current, next)?.focus();
  };
  const pointer = {
    onPointerDown: (event: PointerEvent) => {
      const cell = cellUnder(event);
      if (!cell || event.button !== 0) return;
      event.preventDefault();
      event.currentTarget.setPointerCapture(event.pointerId);
      goTo(cell);
      setStroke({ from: cell, to: cell, free: !isFreeAt(hours, cell) });
    },
    onPointerMove: (event: PointerEvent) => {
      const cell = stroke && cellUnder(event);
      if (stroke && cell) setStroke({ ...stroke, to: cell });
    },
    onPointerUp: () => {
      if (stroke) paint(boxOf(stroke.from, stroke.to), stroke.free);
      setStroke(undefined);
    },
    onPointerCancel: () => setStroke(undefined),
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const next = moved(here, event.key);
    if (next) {
      event.preventDefault();
      // With Shift the brush stays down.
      if (event.shiftKey) paint([next], isFreeAt(hours, here));
      goTo(next);
    } else if (event.key === ' ' || event.key === 'Enter') {
      event.preventDefault();
      paint([here], !isFreeAt(hours, here));
    }
  };
  return (
    <div>
      <div id="paint-week" className={css({ fontSize: '0.9rem', color: 'quiet', mb: 1 })}>
        Hours in a usual week: drag over the time that is free, or go there with the arrow keys and press
        Space
      </div>
      <table
        ref={sheet}
        role="grid"
        aria-labelledby="paint-week"
        className={looks.sheet}
        {...pointer}
        onFocus={({ target }) => {
          const cell = cellOf(target);
          if (cell) setHere(cell);
        }}
        onKeyDown={onKeyDown}
      >
        <thead>
          <tr>
            <td />
            {DAYS.map((day) => (
              <th key={day} scope="col" abbr={WEEKDAYS[day]}>
                {WEEKDAYS[day]?.slice(0, 3)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {ROWS.map((row) => (
            <tr key={row} className={row % 2 === 0 ? looks.hour : undefined}>
              <th scope="row">
                <span className={row % 4 === 0 ? undefined : 'visually-hidden'}>
                  {timeOfDay(clockOfRow(row))}
                </span>
              </th>
              {DAYS.map((day) => (
                <td
                  key={day}
                  role="gridcell"
                  tabIndex={day === here.day && row === here.row ? 0 : -1}
                  aria-selected={isFreeAt(shown, { day, row })}
                  aria-label={`${WEEKDAYS[day]} ${timeOfDay(clockOfRow(row))}`}
                  data-day={day}
                  data-row={row}
                />
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

function cellAt(sheet: HTMLElement | null, { day, row }: Cell): HTMLElement | null | undefined {
  return sheet?.querySelector<HTMLElement>(`[data-day="${day}"][data-row="${row}"]`);
}

/** Also while the sheet has captured the pointer. */
function cellUnder({ clientX, clientY }: PointerEvent): Cell | undefined {
  return cellOf(document.elementFromPoint(clientX, clientY));
}

function cellOf(element: Element | null): Cell | undefined {
  const cell = element?.closest<HTMLElement>('[data-row]');
  return cell ? { day: Number(cell.dataset.day), row: Number(cell.dataset.row) } : undefined;
}

const WAYS: Readonly<Record<string, Cell>> = {
  ArrowUp: { day: 0, row: -1 },
  ArrowDown: { day: 0, row: 1 },
  ArrowLeft: { day: -1, row: 0 },
  ArrowRight: { day: 1, row: 0 },
};

function moved({ day, row }: Cell, key: string): Cell | undefined {
  const way = WAYS[key];
  if (!way) return undefined;
  const within = (at: number, most: number) => Math.min(most - 1, Math.max(0, at));
  return { day: within(day + way.day, WEEK_DAYS), row: within(row + way.row, WEEK_ROWS) };
}
