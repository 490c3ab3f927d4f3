import { scaleLinear } from 'd3-scale';
import { clockMinutes } from '@/core/basics/local-time';
import type { WeeklyHours } from '@/core/people/member';
import { WEEKDAYS } from '@/present/people/weekdays';
import { fromTo, hourOnAxis } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';

const FROM_HOUR = 6;
const TO_HOUR = 23;
const LEFT = 42;
const WIDTH = 392;
const DAY_WIDTH = 56;
const HEIGHT = 150;

const QUIET = 'var(--colors-quiet)';

const y = scaleLinear([FROM_HOUR * 60, TO_HOUR * 60], [18, HEIGHT]).clamp(true);

/** A usual week: days side by side, free hours as water between morning and night. */
export function WeekHours({ name, hours }: { name: string; hours: readonly WeeklyHours[] }) {
  const words = hours.map((item) => `${WEEKDAYS[item.weekday - 1]} ${fromTo(item)}`).join(', ');
  return (
    <div className={css({ overflowX: 'auto' })}>
      <svg
        viewBox={`0 0 ${WIDTH + LEFT} ${HEIGHT + 6}`}
        role="img"
        aria-label={`${name}: ${words || 'no hours yet'}`}
        style={{ width: '100%', maxWidth: WIDTH + LEFT }}
      >
        {[8, 12, 16, 20].map((hour) => (
          <HourLine key={hour} hour={hour} />
        ))}
        {WEEKDAYS.map((day, i) => (
          <text
            key={day}
            x={LEFT + i * DAY_WIDTH + DAY_WIDTH / 2}
            y={10}
            textAnchor="middle"
            fontSize={12}
            fill={QUIET}
          >
            {day.slice(0, 3)}
          </text>
        ))}
        {hours.map((item) => (
          <FreeHours key={`${item.weekday}-${item.from}-${item.to}`} item={item} />
        ))}
      </svg>
    </div>
  );
}

function HourLine({ hour }: { hour: number }) {
  const at = y(hour * 60);
  return (
    <g>
      <line x1={LEFT} x2={WIDTH + LEFT} y1={at} y2={at} stroke="var(--colors-line)" strokeWidth={0.8} />
      <text x={LEFT - 6} y={at} dy="0.32em" textAnchor="end" fontSize={11.5} fill={QUIET}>
        {hourOnAxis(hour)}
      </text>
    </g>
  );
}

function FreeHours({ item: { weekday, from, to } }: { item: WeeklyHours }) {
  const top = y(clockMinutes(from));
  return (
    <rect
      x={LEFT + (weekday - 1) * DAY_WIDTH + 5}
      width={DAY_WIDTH - 10}
      y={top}
      height={Math.max(3, y(clockMinutes(to)) - top)}
      rx={5}
      fill="var(--colors-water-soft)"
      stroke="var(--colors-water)"
      strokeWidth={1.6}
    />
  );
}
