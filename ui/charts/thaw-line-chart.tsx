'use client';
import { scaleLinear, scaleUtc } from 'd3-scale';
import { area, curveMonotoneX, line } from 'd3-shape';
import { memo } from 'react';
import type { FanPoint } from '@/core/forecast/forecast';
import type { ThawLine, ThawPoint } from '@/core/plan/thaw-line';
import { hours, shortDate } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { useTweened } from './use-tweened';
import { useWidth } from './use-width';

const MARGIN = { top: 26, right: 46, bottom: 34, left: 44 };
const DAY_MS = 86_400_000;
const LEAST_PX_BETWEEN_DATES = 84;

const WATER = 'var(--colors-water)';
const INK = 'var(--colors-ink)';
const QUIET = 'var(--colors-quiet)';
const SUN_INK = 'var(--colors-sun-ink)';

const midnight = (date: string) => new Date(`${date}T00:00Z`);

/** A line as it would be, and what it is called. */
type Bent = { readonly line: readonly ThawPoint[]; readonly name: string };

type ThawLineChartProps = {
  readonly thaw: ThawLine;
  readonly finish: string;
  readonly today: string;
  readonly height?: number;
  readonly bent?: Bent | undefined;
  /** Where it may go: one in ten lies below, one in ten above. */
  readonly fan?: readonly FanPoint[] | undefined;
};

/** Hours of work still frozen, day by day, down to the finish line: what was done, what is planned, what was meant first. */
export const ThawLineChart = memo(function ThawLineChart(props: ThawLineChartProps) {
  const { thaw, finish, today, height = 330, bent, fan } = props;
  const [ref, width] = useWidth<HTMLDivElement>(900);
  const left = thaw.planned[0]?.minutes ?? thaw.total;
  const drawing = drawingOf({ thaw, finish, width, height, last: bent?.line.at(-1)?.date ?? finish });
  return (
    <figure ref={ref} className={css({ m: 0 })}>
      <svg width={width} height={height} role="img" aria-label={summary(thaw, left, finish)}>
        <FrostPattern />
        <g transform={`translate(${MARGIN.left},${MARGIN.top})`}>
          <Frost drawing={drawing} thaw={thaw} />
          <HourLines drawing={drawing} />
          <Dates drawing={drawing} />
          <Fan drawing={drawing} thaw={thaw} fan={fan} />
          <Lines drawing={drawing} thaw={thaw} bent={bent} />
          <Today drawing={drawing} x={drawing.x(midnight(today))} left={left} />
          <FinishSun x={drawing.x(midnight(finish))} y={drawing.y(thaw.unplaced / 60)} />
        </g>
      </svg>
      <Legend bent={bent?.name} hasFan={fan !== undefined} />
    </figure>
  );
});

type Drawing = ReturnType<typeof drawingOf>;

/** Scales and shapes of the chart, in px from its inner corner. */
function drawingOf(of: { thaw: ThawLine; finish: string; last: string; width: number; height: number }) {
  const { thaw, finish, last } = of;
  const width = of.width - MARGIN.left - MARGIN.right;
  const height = of.height - MARGIN.top - MARGIN.bottom;
  const first = thaw.done[0] as ThawPoint;
  const x = scaleUtc([midnight(first.date), midnight(last > finish ? last : finish)], [0, width]);
  const y = scaleLinear([0, Math.max(1, thaw.total / 60)], [height, 0]).nice(4);
  const xOf = (point: ThawPoint) => x(midnight(point.date));
  const yOf = (point: ThawPoint) => y(point.minutes / 60);
  return {
    width,
    height,
    x,
    y,
    path: line<ThawPoint>(xOf, yOf).curve(curveMonotoneX),
    frost: area<ThawPoint>(xOf, height, yOf).curve(curveMonotoneX),
  };
}

type DrawingProps = { readonly drawing: Drawing };

function FrostPattern() {
  return (
    <defs>
      <pattern
        id="thaw-frost"
        width="8"
        height="8"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(38)"
      >
        <line x2="0" y2="8" stroke="var(--colors-ice-edge)" strokeWidth="1.1" opacity="0.55" />
      </pattern>
    </defs>
  );
}

function Frost({ drawing, thaw }: DrawingProps & { thaw: ThawLine }) {
  const { width, height } = drawing;
  const frost = drawing.frost([...thaw.done.slice(0, -1), ...thaw.planned]) ?? '';
  return (
    <>
      <rect width={width} height={height} fill="var(--colors-water-soft)" opacity={0.45} />
      <path d={frost} fill="var(--colors-ice)" />
      <path d={frost} fill="url(#thaw-frost)" />
    </>
  );
}

function HourLines({ drawing: { y, width } }: DrawingProps) {
  return y.ticks(4).map((tick) => (
    <g key={tick} transform={`translate(0,${y(tick)})`}>
      <line x2={width} stroke="var(--colors-line)" strokeWidth={tick === 0 ? 2 : 0.6} />
      <text x={-8} dy="0.32em" textAnchor="end" fontSize={12.5} fill={QUIET}>
        {tick} h
      </text>
    </g>
  ));
}

function Dates({ drawing }: DrawingProps) {
  return datesOf(drawing).map((date) => (
    <text
      key={date.getTime()}
      x={drawing.x(date)}
      y={drawing.height + 22}
      textAnchor="middle"
      fontSize={12.5}
      fill={QUIET}
    >
      {shortDate(date.toISOString().slice(0, 10))}
    </text>
  ));
}

/** As many dates as there is room for, counted back from the last. */
function datesOf({ x, width }: Drawing): Date[] {
  const [first, last] = x.domain() as [Date, Date];
  const days = Math.round((last.getTime() - first.getTime()) / DAY_MS);
  const every = Math.max(1, Math.ceil(days / Math.max(1, Math.floor(width / LEAST_PX_BETWEEN_DATES))));
  return Array.from(
    { length: Math.floor(days / every) + 1 },
    (_, i) => new Date(last.getTime() - i * every * DAY_MS),
  );
}

function Lines({ drawing: { path }, thaw, bent }: DrawingProps & { thaw: ThawLine; bent: Bent | undefined }) {
  const { first, planned, done } = thaw;
  const line = { fill: 'none', strokeLinecap: 'round' } as const;
  return (
    <>
      <path {...line} d={path(first) ?? ''} stroke={QUIET} strokeWidth={1.4} strokeDasharray="1 5" />
      <path d={path(planned) ?? ''} fill="none" stroke={WATER} strokeWidth={3} strokeDasharray="9 6" />
      <BentLine line={bent?.line} draw={path} />
      <path {...line} d={path(done) ?? ''} stroke={WATER} strokeWidth={4.5} />
    </>
  );
}

const FAN_OPACITY = 0.28;

/** The likely futures as a fan behind the planned line; what has no place lies under all of them. */
function Fan({ drawing, thaw, fan }: DrawingProps & Pick<ThawLineChartProps, 'thaw' | 'fan'>) {
  if (!fan || fan.length === 0) return null;
  const [from] = thaw.planned;
  const start = from ? [{ date: from.date, low: from.minutes, high: from.minutes }] : [];
  const points = fan.map(({ date, low, high }) => ({
    date,
    low: low + thaw.unplaced,
    high: high + thaw.unplaced,
  }));
  const shape = area<(typeof points)[number]>()
    .x(({ date }) => drawing.x(midnight(date)))
    .y0(({ low }) => drawing.y(low / 60))
    .y1(({ high }) => drawing.y(high / 60))
    .curve(curveMonotoneX);
  return <path d={shape([...start, ...points]) ?? ''} fill={WATER} opacity={FAN_OPACITY} />;
}

function Today({ drawing, x, left }: DrawingProps & { x: number; left: number }) {
  const isLabelLeft = x > drawing.width * 0.55;
  return (
    <>
      <line x1={x} x2={x} y1={-8} y2={drawing.height} stroke={INK} strokeWidth={1} />
      <circle
        cx={x}
        cy={drawing.y(left / 60)}
        r={6}
        fill="var(--colors-paper)"
        stroke={WATER}
        strokeWidth={3.5}
      />
      <text
        x={x + (isLabelLeft ? -10 : 10)}
        y={-10}
        textAnchor={isLabelLeft ? 'end' : 'start'}
        fontSize={15}
        fontWeight={650}
        fill={INK}
      >
        today · {hours(left)} still frozen
      </text>
    </>
  );
}

function FinishSun({ x, y }: { x: number; y: number }) {
  return <circle cx={x} cy={y} r={10} fill="var(--colors-sun)" stroke={SUN_INK} strokeWidth={1.5} />;
}

function Legend({ bent, hasFan }: { bent: string | undefined; hasFan: boolean }) {
  return (
    <figcaption
      className={css({
        display: 'flex',
        flexWrap: 'wrap',
        columnGap: 3,
        rowGap: 0.5,
        color: 'quiet',
        fontSize: '0.9rem',
      })}
      style={{ paddingLeft: MARGIN.left }}
    >
      <Key dash="" width={4.5}>
        done
      </Key>
      <Key dash="9 6" width={3}>
        planned
      </Key>
      <Key dash="1 5" width={1.6} stroke={QUIET}>
        as first planned
      </Key>
      {hasFan && (
        <span className={css({ display: 'inline-flex', alignItems: 'center', gap: 1 })}>
          <svg width="34" height="12" aria-hidden="true">
            <rect width="34" height="12" fill={WATER} opacity={FAN_OPACITY} />
          </svg>
          likely, four times in five
        </span>
      )}
      {bent && (
        <Key dash="" width={3.5} stroke={SUN_INK}>
          {bent}
        </Key>
      )}
    </figcaption>
  );
}

type BentLineProps = {
  readonly line: readonly ThawPoint[] | undefined;
  readonly draw: (line: ThawPoint[]) => string | null;
};

/** Moves by itself, so that nothing else of the chart is drawn again with it. */
function BentLine({ line, draw }: BentLineProps) {
  const moving = useTweened(line);
  if (moving.length === 0) return null;
  return (
    <path d={draw([...moving]) ?? ''} fill="none" stroke={SUN_INK} strokeWidth={3.5} strokeLinecap="round" />
  );
}

type KeyProps = {
  readonly dash: string;
  readonly width: number;
  readonly stroke?: string;
  readonly children: string;
};

function Key({ dash, width, stroke = WATER, children }: KeyProps) {
  return (
    <span className={css({ display: 'inline-flex', alignItems: 'center', gap: 1 })}>
      <svg width="34" height="10" aria-hidden="true">
        <line
          x1="2"
          x2="32"
          y1="5"
          y2="5"
          stroke={stroke}
          strokeWidth={width}
          strokeDasharray={dash}
          strokeLinecap="round"
        />
      </svg>
      {children}
    </span>
  );
}

function summary(thaw: ThawLine, left: number, finish: string): string {
  const reach =
    thaw.unplaced > 0
      ? `${hours(thaw.unplaced)} are not placed yet`
      : `the plan clears it by ${shortDate(finish)}`;
  return `Thaw line: of ${hours(thaw.total)} of work, ${hours(left)} are still frozen, and ${reach}.`;
}
