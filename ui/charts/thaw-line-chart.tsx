'use client';
import Box from '@mui/material/Box';
import { scaleLinear, scaleUtc } from 'd3-scale';
import { area, curveMonotoneX, line } from 'd3-shape';
import { memo } from 'react';
import type { ThawLine, ThawPoint } from '@/core/spread/thaw-line';
import { hours, shortDate } from '@/present/words/words';
import { useTweened } from './use-tweened';
import { useWidth } from './use-width';

const MARGIN = { top: 26, right: 46, bottom: 34, left: 44 };
const DAY_MS = 86_400_000;
const LEAST_PX_BETWEEN_DATES = 84;

const at = (point: ThawPoint) => new Date(`${point.date}T00:00Z`);

/** Hours of work still frozen, day by day, down to the finish line: what was done, what is planned, what was meant first. */
export const ThawLineChart = memo(function ThawLineChart({
  thaw,
  finish,
  today,
  height = 330,
  bent,
}: {
  thaw: ThawLine;
  finish: string;
  today: string;
  height?: number;
  /** The line as it would be, and what it is called. */
  bent?: { readonly line: readonly ThawPoint[]; readonly name: string } | undefined;
}) {
  const [ref, width] = useWidth<HTMLDivElement>(900);
  const inner = { width: width - MARGIN.left - MARGIN.right, height: height - MARGIN.top - MARGIN.bottom };
  const first = thaw.done[0] as ThawPoint;
  const last = bent?.line.at(-1)?.date ?? finish;
  const x = scaleUtc([at(first), new Date(`${last > finish ? last : finish}T00:00Z`)], [0, inner.width]);
  const y = scaleLinear([0, Math.max(1, thaw.total / 60)], [inner.height, 0]).nice(4);
  const path = line<ThawPoint>(
    (point) => x(at(point)),
    (point) => y(point.minutes / 60),
  ).curve(curveMonotoneX);
  const frost = area<ThawPoint>(
    (point) => x(at(point)),
    inner.height,
    (point) => y(point.minutes / 60),
  ).curve(curveMonotoneX);
  const left = thaw.planned[0]?.minutes ?? thaw.total;
  const all = [...thaw.done.slice(0, -1), ...thaw.planned];
  const nowX = x(new Date(`${today}T00:00Z`));
  const end = { x: x(new Date(`${finish}T00:00Z`)), y: y(thaw.unplaced / 60) };
  const days = Math.round((x.domain()[1]?.getTime() ?? 0) / DAY_MS - at(first).getTime() / DAY_MS);
  const every = Math.max(1, Math.ceil(days / Math.max(1, Math.floor(inner.width / LEAST_PX_BETWEEN_DATES))));
  const dates = Array.from(
    { length: Math.floor(days / every) + 1 },
    (_, i) => new Date(x.domain()[1] as Date).getTime() - i * every * DAY_MS,
  ).map((ms) => new Date(ms));
  const labelLeft = nowX > inner.width * 0.55;
  return (
    <Box ref={ref} component="figure" sx={{ m: 0 }}>
      <svg width={width} height={height} role="img" aria-label={summary(thaw, left, finish)}>
        <defs>
          <pattern
            id="thaw-frost"
            width="8"
            height="8"
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(38)"
          >
            <line
              x1="0"
              y1="0"
              x2="0"
              y2="8"
              stroke="var(--mui-palette-thaw-iceEdge)"
              strokeWidth="1.1"
              opacity="0.55"
            />
          </pattern>
        </defs>
        <g transform={`translate(${MARGIN.left},${MARGIN.top})`}>
          <rect
            width={inner.width}
            height={inner.height}
            fill="var(--mui-palette-thaw-waterSoft)"
            opacity={0.45}
          />
          <path d={frost(all) ?? ''} fill="var(--mui-palette-thaw-ice)" />
          <path d={frost(all) ?? ''} fill="url(#thaw-frost)" />
          {y.ticks(4).map((tick) => (
            <g key={tick} transform={`translate(0,${y(tick)})`}>
              <line x2={inner.width} stroke="var(--mui-palette-divider)" strokeWidth={tick === 0 ? 2 : 0.6} />
              <text
                x={-8}
                dy="0.32em"
                textAnchor="end"
                fontSize={12.5}
                fill="var(--mui-palette-text-secondary)"
              >
                {tick} h
              </text>
            </g>
          ))}
          {dates.map((date) => (
            <text
              key={date.getTime()}
              x={x(date)}
              y={inner.height + 22}
              textAnchor="middle"
              fontSize={12.5}
              fill="var(--mui-palette-text-secondary)"
            >
              {shortDate(date.toISOString().slice(0, 10))}
            </text>
          ))}
          <path
            d={path(thaw.first) ?? ''}
            fill="none"
            stroke="var(--mui-palette-text-secondary)"
            strokeWidth={1.4}
            strokeDasharray="1 5"
            strokeLinecap="round"
          />
          <path
            d={path(thaw.planned) ?? ''}
            fill="none"
            stroke="var(--mui-palette-thaw-water)"
            strokeWidth={3}
            strokeDasharray="9 6"
          />
          <BentLine line={bent?.line} draw={path} />
          <path
            d={path(thaw.done) ?? ''}
            fill="none"
            stroke="var(--mui-palette-thaw-water)"
            strokeWidth={4.5}
            strokeLinecap="round"
          />
          <line
            x1={nowX}
            x2={nowX}
            y1={-8}
            y2={inner.height}
            stroke="var(--mui-palette-text-primary)"
            strokeWidth={1}
          />
          <circle
            cx={nowX}
            cy={y(left / 60)}
            r={6}
            fill="var(--mui-palette-background-paper)"
            stroke="var(--mui-palette-thaw-water)"
            strokeWidth={3.5}
          />
          <text
            x={nowX + (labelLeft ? -10 : 10)}
            y={-10}
            textAnchor={labelLeft ? 'end' : 'start'}
            fontSize={15}
            fontWeight={650}
            fill="var(--mui-palette-text-primary)"
          >
            today · {hours(left)} still frozen
          </text>
          <circle
            cx={end.x}
            cy={end.y}
            r={10}
            fill="var(--mui-palette-thaw-sun)"
            stroke="var(--mui-palette-thaw-sunInk)"
            strokeWidth={1.5}
          />
        </g>
      </svg>
      <Box
        component="figcaption"
        sx={{
          display: 'flex',
          flexWrap: 'wrap',
          columnGap: 3,
          rowGap: 0.5,
          color: 'text.secondary',
          fontSize: '0.9rem',
          pl: `${MARGIN.left}px`,
        }}
      >
        <Key dash="" width={4.5}>
          done
        </Key>
        <Key dash="9 6" width={3}>
          planned
        </Key>
        <Key dash="1 5" width={1.6} quiet>
          as first planned
        </Key>
        {bent && (
          <Key dash="" width={3.5} stroke="var(--mui-palette-thaw-sunInk)">
            {bent.name}
          </Key>
        )}
      </Box>
    </Box>
  );
});

type BentLineProps = {
  readonly line: readonly ThawPoint[] | undefined;
  readonly draw: (line: ThawPoint[]) => string | null;
};

/** Moves by itself, so that nothing else of the chart is drawn again with it. */
function BentLine({ line, draw }: BentLineProps) {
  const moving = useTweened(line);
  if (moving.length === 0) return null;
  return (
    <path
      d={draw([...moving]) ?? ''}
      fill="none"
      stroke="var(--mui-palette-thaw-sunInk)"
      strokeWidth={3.5}
      strokeLinecap="round"
    />
  );
}

function Key({
  dash,
  width,
  quiet = false,
  stroke = quiet ? 'var(--mui-palette-text-secondary)' : 'var(--mui-palette-thaw-water)',
  children,
}: {
  dash: string;
  width: number;
  quiet?: boolean;
  stroke?: string;
  children: string;
}) {
  return (
    <Box component="span" sx={{ display: 'inline-flex', alignItems: 'center', gap: 1 }}>
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
    </Box>
  );
}

function summary(thaw: ThawLine, left: number, finish: string): string {
  const reach =
    thaw.unplaced > 0
      ? `${hours(thaw.unplaced)} are not placed yet`
      : `the plan clears it by ${shortDate(finish)}`;
  return `Thaw line: of ${hours(thaw.total)} of work, ${hours(left)} are still frozen, and ${reach}.`;
}
