import Box from '@mui/material/Box';
import { scaleLinear } from 'd3-scale';
import { clockMinutes } from '@/core/basics/local-time';
import type { WeeklyHours } from '@/core/people/member';
import { WEEKDAYS } from '@/present/people/weekdays';

const FROM_HOUR = 6;
const TO_HOUR = 23;
const WIDTH = 392;
const ROW = 56;
const HEIGHT = 150;

/** A usual week: days side by side, free hours as water between morning and night. */
export function WeekHours({ name, hours }: { name: string; hours: readonly WeeklyHours[] }) {
  const y = scaleLinear([FROM_HOUR * 60, TO_HOUR * 60], [18, HEIGHT]).clamp(true);
  const words = hours.map((item) => `${WEEKDAYS[item.weekday - 1]} ${item.from} to ${item.to}`).join(', ');
  return (
    <Box sx={{ overflowX: 'auto' }}>
      <svg
        viewBox={`0 0 ${WIDTH + 34} ${HEIGHT + 6}`}
        role="img"
        aria-label={`${name}: ${words || 'no hours yet'}`}
        style={{ width: '100%', maxWidth: WIDTH + 34 }}
      >
        {[8, 12, 16, 20].map((hour) => (
          <g key={hour}>
            <line
              x1={34}
              x2={WIDTH + 34}
              y1={y(hour * 60)}
              y2={y(hour * 60)}
              stroke="var(--mui-palette-divider)"
              strokeWidth={0.8}
            />
            <text
              x={28}
              y={y(hour * 60)}
              dy="0.32em"
              textAnchor="end"
              fontSize={11.5}
              fill="var(--mui-palette-text-secondary)"
            >
              {hour}
            </text>
          </g>
        ))}
        {WEEKDAYS.map((day, i) => (
          <text
            key={day}
            x={34 + i * ROW + ROW / 2}
            y={10}
            textAnchor="middle"
            fontSize={12}
            fill="var(--mui-palette-text-secondary)"
          >
            {day.slice(0, 3)}
          </text>
        ))}
        {hours.map((item) => {
          const top = y(clockMinutes(item.from));
          return (
            <rect
              key={`${item.weekday}-${item.from}-${item.to}`}
              x={34 + (item.weekday - 1) * ROW + 5}
              width={ROW - 10}
              y={top}
              height={Math.max(3, y(clockMinutes(item.to)) - top)}
              rx={5}
              fill="var(--mui-palette-thaw-waterSoft)"
              stroke="var(--mui-palette-thaw-water)"
              strokeWidth={1.6}
            />
          );
        })}
      </svg>
    </Box>
  );
}
