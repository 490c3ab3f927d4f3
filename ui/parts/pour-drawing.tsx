import type { Pour } from '@/present/supplies/pour';
import { css } from '@/ui/theme/made/css';

const STROKE = {
  fill: 'none',
  stroke: 'var(--colors-ink)',
  strokeWidth: 1.5,
  strokeLinejoin: 'round',
} as const;
const FULL = { fill: 'var(--colors-water-soft)', stroke: 'none' } as const;
const TEXT = { textAnchor: 'middle', y: 92, fontSize: 14, fill: 'currentColor' } as const;

/** A vessel that is wider at the top: from the middle, between a foot and a rim, filled in part. */
type Cup = {
  readonly middle: number;
  readonly top: number;
  readonly foot: number;
  readonly rimHalf: number;
  readonly footHalf: number;
};

const CAP: Cup = { middle: 34, top: 34, foot: 70, rimHalf: 19, footHalf: 14 };
const BUCKET: Cup = { middle: 124, top: 22, foot: 70, rimHalf: 32, footHalf: 24 };

/** One fill as one pours it: so much in the cap, so much in the bucket or the bottle. */
export function PourDrawing({ pour }: { pour: Pour }) {
  const { vessel, water, dose, waterWords, doseWords } = pour;
  return (
    <svg
      viewBox="0 0 168 98"
      className={css({ width: { base: 137, sm: 168 }, height: { base: 80, sm: 98 }, flexShrink: 0 })}
      role="img"
      aria-label={`${doseWords} in a cap of ${pour.capWords}, into ${waterWords} of water in the ${vessel}`}
    >
      <Filled cup={CAP} share={dose} />
      <path d="M60 30 C72 16 82 16 90 22 M90 22 l-7 -1 M90 22 l-3 -7" {...STROKE} />
      {vessel === 'bucket' ? (
        <>
          <path d="M92 22 C100 -2 148 -2 156 22" {...STROKE} />
          <Filled cup={BUCKET} share={water} />
        </>
      ) : (
        <Bottle share={water} />
      )}
      <text x={CAP.middle} {...TEXT}>
        {doseWords}
      </text>
      <text x={BUCKET.middle} {...TEXT}>
        {waterWords}
      </text>
    </svg>
  );
}

function Filled({ cup, share }: { cup: Cup; share: number }) {
  const { middle, top, foot, rimHalf, footHalf } = cup;
  const level = foot - share * (foot - top);
  const half = footHalf + share * (rimHalf - footHalf);
  return (
    <>
      <path
        d={`M${middle - footHalf} ${foot} H${middle + footHalf} L${middle + half} ${level} H${middle - half} Z`}
        {...FULL}
      />
      <path d={`M${middle - half} ${level} H${middle + half}`} {...STROKE} />
      <path
        d={`M${middle - rimHalf} ${top} L${middle - footHalf} ${foot} H${middle + footHalf} L${middle + rimHalf} ${top}`}
        {...STROKE}
      />
    </>
  );
}

/** A bottle that sprays: straight sides, a neck, a head. */
function Bottle({ share }: { share: number }) {
  const level = 70 - share * 38;
  return (
    <>
      <path d={`M108 ${level} H140 V70 H108 Z`} {...FULL} />
      <path d={`M108 ${level} H140`} {...STROKE} />
      <path d="M108 70 V32 L118 24 V14 H112 M118 14 H132 L136 20 H130 V24 L140 32 V70 Z" {...STROKE} />
    </>
  );
}
