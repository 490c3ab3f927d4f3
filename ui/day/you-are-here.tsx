import type { RoomInLittle } from '@/present/day/here';
import { css } from '@/ui/theme/made/css';

const WIDTH = 320;
const HEIGHT = 30;
const GAP = 3;
const LEAST = 4;

/** The room in little, with the stop at which something is done. */
export function YouAreHere({ room, stop }: { room: RoomInLittle; stop: string }) {
  const at = room.stops.indexOf(stop);
  if (at < 0) return null;
  const blocks = blocksOf(room);
  const here = blocks[at] ?? { x: 0, width: 0 };
  const middle = here.x + here.width / 2;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className={css({ display: 'block', width: '100%', maxWidth: WIDTH, mt: 1.5 })}
      role="img"
      aria-label={`You are here: stop ${at + 1} of ${room.stops.length} from the door on`}
    >
      {blocks.map(({ id, x, width }, i) => (
        <rect
          key={id}
          x={x}
          y={14}
          width={width}
          height={12}
          rx={i === at ? 6 : 0}
          fill={i === at ? 'var(--colors-water)' : 'var(--colors-paper)'}
          stroke="var(--colors-quiet)"
          strokeWidth={i === at ? 0 : 1.5}
        />
      ))}
      <path d={`M0 28.5 H${WIDTH}`} stroke="var(--colors-ink)" strokeWidth={1.5} />
      <circle cx={middle} cy={6} r={4} fill="var(--colors-water)" />
    </svg>
  );
}

/** As wide as their parts of the walls, and no narrower than can be seen. */
function blocksOf({ stops, metres }: RoomInLittle) {
  const free = WIDTH - GAP * (stops.length - 1);
  const widths = metres.map((own) => Math.max(own, 0.1));
  const all = widths.reduce((sum, own) => sum + own, 0);
  let x = 0;
  return stops.map((id, i) => {
    const width = Math.max(LEAST, ((widths[i] ?? 0) / all) * free);
    const block = { id, x, width };
    x += width + GAP;
    return block;
  });
}
