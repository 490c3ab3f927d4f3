import type { Home } from '@/core/home/room';
import type { Progress } from '@/core/problem/progress';
import { type HouseSection, houseSection } from '@/present/walk/house-section';
import { count } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';

const WIDTH = 260;
const FLOOR = 58;
const ROOF = 34;
const GAP = 3;
const LEFT = 12;
const INNER = WIDTH - 2 * LEFT;

type HouseInLittleProps = { readonly home: Home; readonly progress: ReadonlyMap<string, Progress> };

/** The house as a section: each room as full of ice as it has hours left, and clear where they are done. */
export function HouseInLittle({ home, progress }: HouseInLittleProps) {
  const section = houseSection(home.floors.filter(({ rooms }) => rooms.length > 0));
  const roof = section.hasRoof ? ROOF : 6;
  const height = roof + section.floors.length * FLOOR + 8;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${height}`}
      className={css({ display: 'block', width: '100%', maxWidth: WIDTH })}
      role="img"
      aria-label={summary(section, progress)}
    >
      <Ice />
      {section.hasRoof && (
        <path d={`M4 ${ROOF} L${WIDTH / 2} 3 L${WIDTH - 4} ${ROOF}`} {...LINE} strokeLinejoin="round" />
      )}
      {section.floors.map(({ floor, isOnGround }, i) => (
        <g key={floor.id} transform={`translate(${LEFT},${roof + i * FLOOR})`}>
          <Rooms rooms={floor.rooms} progress={progress} />
          <path d={`M0 0 V${FLOOR} H${INNER} V0 Z`} {...LINE} />
          {isOnGround && <path d={`M${-LEFT} ${FLOOR} H${INNER + LEFT}`} {...LINE} strokeWidth={3} />}
        </g>
      ))}
    </svg>
  );
}

const LINE = { fill: 'none', stroke: 'var(--colors-ink)', strokeWidth: 1.5 } as const;

function Ice() {
  return (
    <defs>
      <pattern
        id="little-frost"
        width="8"
        height="8"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(38)"
      >
        <rect width="8" height="8" fill="var(--colors-ice)" />
        <line x2="0" y2="8" stroke="var(--colors-ice-edge)" strokeWidth="1.5" />
      </pattern>
    </defs>
  );
}

type Rooms = Home['floors'][number]['rooms'];

/** As wide as they are large; the ice lies on the floor and sinks. */
function Rooms({ rooms, progress }: { rooms: Rooms; progress: HouseInLittleProps['progress'] }) {
  const area = rooms.reduce((sum, { lengthM, widthM }) => sum + lengthM * widthM, 0);
  let x = GAP;
  return rooms.map(({ id, lengthM, widthM }) => {
    const width = ((lengthM * widthM) / area) * (INNER - GAP);
    const at = x;
    x += width;
    const left = leftOf(progress.get(id));
    const inside = FLOOR - 2 * GAP;
    const ice = left * inside;
    return (
      <g key={id} transform={`translate(${at},${GAP})`}>
        <rect
          width={Math.max(2, width - GAP)}
          height={inside}
          rx={left === 0 ? 10 : 0}
          fill="var(--colors-water-soft)"
        />
        <rect y={inside - ice} width={Math.max(2, width - GAP)} height={ice} fill="url(#little-frost)" />
      </g>
    );
  });
}

function leftOf(progress: Progress | undefined): number {
  return progress && progress.total > 0 ? 1 - progress.done / progress.total : 0;
}

function summary({ floors }: HouseSection, progress: HouseInLittleProps['progress']): string {
  const rooms = floors.flatMap(({ floor }) => floor.rooms);
  const clear = rooms.filter(({ id }) => leftOf(progress.get(id)) === 0);
  return `The house: ${count(rooms.length, 'room', 'rooms')}, ${clear.length} of them clear.`;
}
