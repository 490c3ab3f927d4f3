import type { OnShelf } from '@/present/supplies/shelf-model';
import { css } from '@/ui/theme/made/css';

/** The shelf: what is there is full, what is needed and missing is outline, what is to buy bears its price. */
export function Shelf({ things }: { things: readonly OnShelf[] }) {
  if (things.length === 0) return null;
  return (
    <ul aria-label="The shelf" className={css(SHELF)}>
      {things.map((thing) => (
        <li key={thing.words} className={css(PLACE)}>
          {thing.shape === 'bottle' ? <Bottle thing={thing} /> : <Box thing={thing} />}
          <span className={css({ display: 'block', borderTop: '2px solid var(--colors-ink)', pt: 0.5 })}>
            {thing.words}
            <span className="visually-hidden">, {thing.says}</span>
          </span>
        </li>
      ))}
    </ul>
  );
}

const SHELF = {
  listStyle: 'none',
  p: 0,
  m: 0,
  display: 'grid',
  gridTemplateColumns: 'repeat(auto-fill, minmax(92px, 1fr))',
  rowGap: 2,
  textAlign: 'center',
  fontSize: '0.875rem',
  lineHeight: 1.2,
} as const;

const PLACE = { display: 'flex', flexDirection: 'column', minWidth: 0, overflowWrap: 'anywhere' } as const;

const DRAWN = css({ width: 72, height: 84, mx: 'auto', display: 'block' });
const EDGE = {
  fill: 'none',
  stroke: 'var(--colors-ink)',
  strokeWidth: 1.5,
  strokeLinejoin: 'round',
} as const;

/** What lacks is outlined in dashes. */
const edgeOf = ({ there }: OnShelf) => (there === 0 ? { ...EDGE, strokeDasharray: '4 3' } : EDGE);

function Bottle({ thing }: { thing: OnShelf }) {
  return (
    <svg viewBox="0 0 72 84" aria-hidden className={DRAWN}>
      <Level x={22} width={28} top={28} there={thing.there} />
      <path d="M22 84 V34 Q22 28 30 24 V12 H42 V24 Q50 28 50 34 V84" {...edgeOf(thing)} />
      <Tag thing={thing} />
    </svg>
  );
}

function Box({ thing }: { thing: OnShelf }) {
  return (
    <svg viewBox="0 0 72 84" aria-hidden className={DRAWN}>
      <Level x={14} width={44} top={44} there={thing.there} />
      <path d="M14 84 V44 H58 V84 M14 52 H58" {...edgeOf(thing)} />
      <Tag thing={thing} />
    </svg>
  );
}

type LevelProps = {
  readonly x: number;
  readonly width: number;
  readonly top: number;
  readonly there: number;
};

function Level({ x, width, top, there }: LevelProps) {
  const height = (84 - top) * there;
  return <rect x={x} y={84 - height} width={width} height={height} fill="var(--colors-water-soft)" />;
}

function Tag({ thing: { price } }: { thing: OnShelf }) {
  if (price === undefined) return null;
  return (
    <g transform="translate(36,70)">
      <path d="M-24 -9 H18 L26 0 L18 9 H-24 Z" fill="var(--colors-sun-soft)" stroke="var(--colors-ink)" />
      <text x={-3} y={5} textAnchor="middle" fontSize={14} fill="var(--colors-ink)">
        {price}
      </text>
    </g>
  );
}
