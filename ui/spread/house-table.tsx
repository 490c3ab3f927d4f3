'use client';
import { scaleSqrt } from 'd3-scale';
import { atRoom, type BrokenAt } from '@/present/spread/by-room';
import type { DayCell, HouseByDay } from '@/present/spread/house-model';
import { count, dayOfMonth, duration, longDate, weekday } from '@/present/words/words';
import { PageLink } from '../parts/page-link';
import { FromToday } from './from-today';
import look from './house-table.module.css';
import { SessionsCell } from './sessions-cell';

type Named = { readonly id: string; readonly name: string };

type HouseTableProps = {
  readonly house: HouseByDay;
  readonly rooms: readonly Named[];
  readonly people: readonly Named[];
  readonly today: string;
  /** The date that is opened below. */
  readonly open: string;
  readonly rainy: ReadonlySet<string>;
  /** How many wishes the plan sets aside, by room and date. */
  readonly broken: BrokenAt;
};

/**
 * Rooms against dates: when each opens, how much is done in it, and when it closes. Above them, who works when.
 *
 * Drawn from a few figures rather than sent as hundreds of cells.
 */
export function HouseTable(props: HouseTableProps) {
  return (
    <FromToday label="The house by day">
      <table
        className={look.house}
        style={{ '--day': props.house.dates.length <= A_MONTH ? '27px' : '34px' } as React.CSSProperties}
      >
        <caption className="visually-hidden">
          Minutes of work in each room on each date, and the sessions of each person
        </caption>
        <Dates {...props} />
        <People {...props} />
        <Rooms {...props} />
      </table>
    </FromToday>
  );
}

/** So many dates are seen at once in a window of 1280 pixels. */
const A_MONTH = 31;

function Dates({ house, today, open, rainy }: HouseTableProps) {
  return (
    <thead>
      <tr>
        <th scope="col">
          <span className="visually-hidden">Room</span>
        </th>
        {house.dates.map((date) => (
          <DateHead
            key={date}
            date={date}
            today={date === today}
            open={date === open}
            rain={rainy.has(date)}
          />
        ))}
      </tr>
    </thead>
  );
}

function Rooms({ house, rooms, today, broken }: HouseTableProps) {
  const named = new Map(rooms.map((room) => [room.id, room.name]));
  const cells = house.rooms.flatMap((room) => room.cells);
  const busiest = Math.max(60, ...cells.map((cell) => cell.done + cell.planned));
  const height = scaleSqrt([0, busiest], [12, 42]);
  return (
    <tbody>
      {house.rooms.map((room) => (
        <tr key={room.id}>
          <th scope="row">{named.get(room.id) ?? room.id}</th>
          {room.cells.map((cell, i) => (
            <Cell
              key={house.dates[i]}
              cell={cell}
              height={height}
              today={house.dates[i] === today}
              broken={broken.get(atRoom(room.id, house.dates[i] ?? '')) ?? 0}
            />
          ))}
        </tr>
      ))}
    </tbody>
  );
}

function People({ house, people, today }: HouseTableProps) {
  return (
    <tbody className="people">
      {people.map(({ id, name }) => (
        <tr key={id}>
          <th scope="row">{name}</th>
          {house.dates.map((date) => (
            <SessionsCell
              key={date}
              sessions={(house.sessions.get(date) ?? []).filter(({ person }) => person === id)}
              today={date === today}
            />
          ))}
        </tr>
      ))}
    </tbody>
  );
}

type DateHeadProps = {
  readonly date: string;
  readonly today: boolean;
  readonly open: boolean;
  readonly rain: boolean;
};

function DateHead({ date, today, open, rain }: DateHeadProps) {
  return (
    <th
      scope="col"
      className={today ? 'today' : undefined}
      data-date={date}
      aria-current={today ? 'date' : undefined}
    >
      <PageLink
        // The day is opened below a table that fills the window: one is taken there.
        href={`/spread/${date}#the-day`}
        className={open ? 'opened' : undefined}
        aria-current={open ? 'true' : undefined}
        aria-label={`${longDate(date)}${rain ? ', rain' : ''}`}
      >
        <small>{weekday(date)}</small>
        {dayOfMonth(date)}
        {rain && <RainMark />}
      </PageLink>
    </th>
  );
}

type CellProps = {
  readonly cell: DayCell;
  readonly height: (minutes: number) => number;
  readonly today: boolean;
  readonly broken: number;
};

function Cell({ cell, height, today, broken }: CellProps) {
  const minutes = cell.done + cell.planned;
  return (
    <td className={today ? 'today' : undefined}>
      {cell.open && <i aria-hidden />}
      {minutes > 0 && (
        <div
          className={cell.planned > 0 ? 'frozen' : 'clear'}
          title={[duration(minutes), asideWords(broken)].filter(Boolean).join(', ')}
          style={{ height: height(minutes) }}
        >
          {broken > 0 && <u aria-hidden />}
          {minutes}
          <span className="visually-hidden">
            {cell.planned > 0 ? ' minutes planned' : ' minutes done'}
            {broken > 0 && `, ${asideWords(broken)}`}
          </span>
        </div>
      )}
    </td>
  );
}

function asideWords(broken: number): string {
  return broken === 0
    ? ''
    : `${count(broken, 'wish for the order is', 'wishes for the order are')} set aside`;
}

function RainMark() {
  return (
    <svg width="12" height="10" viewBox="0 0 12 10" aria-hidden="true">
      <path
        d="M2 1 L1 5 M6 1 L5 9 M10 1 L9 5"
        stroke="var(--colors-water)"
        strokeWidth="1.6"
        strokeLinecap="round"
      />
    </svg>
  );
}
