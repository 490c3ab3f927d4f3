import { arc } from 'd3-shape';
import type { Colour } from '@/core/laundry/textile';
import type { Arc, Drum } from '@/present/supplies/wash-model';
import { css } from '@/ui/theme/made/css';

const SIZE = 132;
const OUTER = 60;
const INNER = 40;
/** Between two pieces, in radians. */
const GAP = 0.04;

/** One tone a colour group, edged alike. */
export const WASH_TONES: Readonly<Record<Colour, string>> = {
  white: 'var(--colors-ice)',
  coloured: 'var(--colors-ice-edge)',
  dark: 'var(--colors-water)',
};
const EDGE = 'var(--colors-quiet)';

/** A drum as one looks into it: its pieces by weight round the edge, the room that is left, and what it weighs. */
export function DrumDrawing({ drum }: { drum: Drum }) {
  return (
    <svg
      viewBox={`${-SIZE / 2} ${-SIZE / 2} ${SIZE} ${SIZE}`}
      className={css({ width: SIZE, height: SIZE, flexShrink: 0 })}
      role="img"
      aria-label={`${drum.weight} of ${drum.capacity}`}
    >
      <circle r={OUTER} fill="none" stroke={EDGE} strokeWidth={1.5} />
      <circle r={INNER} fill="none" stroke={EDGE} strokeWidth={1.5} />
      {arcsOf(drum).map(({ words, path, colour }) => (
        <path key={words} d={path} fill={WASH_TONES[colour]} stroke={EDGE} strokeWidth={1.5} />
      ))}
      <text textAnchor="middle" y={2} fill="currentColor" fontSize={19} fontWeight={620}>
        {drum.weight}
      </text>
      <text textAnchor="middle" y={19} fill="var(--colors-quiet)" fontSize={14}>
        of {drum.capacity}
      </text>
    </svg>
  );
}

const ring = arc<{ readonly from: number; readonly to: number }>()
  .innerRadius(INNER)
  .outerRadius(OUTER)
  .cornerRadius(2)
  .startAngle(({ from }) => from)
  .endAngle(({ to }) => to)
  .padAngle(GAP);

function arcsOf({ arcs }: Drum): (Arc & { readonly path: string })[] {
  let at = 0;
  return arcs.map((one) => {
    const from = at;
    at += one.share * 2 * Math.PI;
    return { ...one, path: ring({ from, to: at }) ?? '' };
  });
}
