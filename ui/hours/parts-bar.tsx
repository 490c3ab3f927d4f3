import { PART_WORDS, PARTS, type PartName, type PartOfWork } from '@/present/hours/parts-of-work';
import { duration } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';

/** The look of each sort of work: told apart by tone and by hatch, so that no colour has to be. */
const LOOKS: Record<PartName, string> = {
  belongings: 'var(--colors-water)',
  dust: 'var(--frost)',
  wash: 'var(--colors-ice-edge)',
  wet: 'var(--colors-water-soft)',
  textiles: 'repeating-linear-gradient(90deg, var(--colors-water) 0 2px, var(--colors-water-soft) 2px 6px)',
  floors: 'var(--colors-quiet)',
};

type PartsBarProps = {
  readonly parts: readonly PartOfWork[];
  /** Minutes of the longest bar beside it. */
  readonly most: number;
  readonly low: number;
  readonly high: number;
};

/** A room's hours by the sorts of work in them, and under it the range into which they may fall. */
export function PartsBar({ parts, most, low, high }: PartsBarProps) {
  const percent = (minutes: number) => `${(100 * minutes) / Math.max(1, most)}%`;
  return (
    <span aria-hidden className={css({ display: { base: 'none', sm: 'block' } })}>
      <span className={css({ display: 'flex', gap: '1.5px', height: 16 })}>
        {parts.map(({ part, minutes }) => (
          <span
            key={part}
            className={css({
              outline: '1px solid',
              outlineOffset: '-1px',
              outlineColor: 'var(--colors-ice-edge)',
            })}
            style={{ width: percent(minutes), background: LOOKS[part] }}
          />
        ))}
      </span>
      <span className={css({ display: 'block', position: 'relative', height: 5, mt: '3px' })}>
        <span
          className={css({
            position: 'absolute',
            insetBlock: '1px',
            bgcolor: 'quiet',
            borderRadius: 2,
          })}
          style={{ left: percent(low), width: percent(high - low) }}
        />
      </span>
    </span>
  );
}

/** What the tones stand for, once for all the bars. */
export function PartsLegend() {
  return (
    <ul
      aria-label="Sorts of work"
      className={css({
        listStyle: 'none',
        m: 0,
        mb: 2,
        p: 0,
        display: { base: 'none', sm: 'flex' },
        flexWrap: 'wrap',
        columnGap: 2.5,
        rowGap: 0.5,
        fontSize: '0.92rem',
      })}
    >
      {PARTS.map((part) => (
        <li key={part} className={css({ display: 'flex', gap: 0.75, alignItems: 'center' })}>
          <div
            aria-hidden
            className={css({
              width: 18,
              height: 12,
              outline: '1px solid',
              outlineOffset: '-1px',
              outlineColor: 'var(--colors-ice-edge)',
            })}
            style={{ background: LOOKS[part] }}
          />
          {PART_WORDS[part]}
        </li>
      ))}
      <li>Line: where it usually ends</li>
    </ul>
  );
}

/** The same in words: what each sort of work in a room comes to. */
export function PartsWords({ parts }: { parts: readonly PartOfWork[] }) {
  return (
    <div className={css({ color: 'quiet', fontSize: '0.95rem', mb: 1 })}>
      {parts.map(({ part, minutes }) => `${PART_WORDS[part]} ${duration(minutes)}`).join(' · ')}
    </div>
  );
}
