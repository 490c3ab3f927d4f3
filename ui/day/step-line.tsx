import { memo } from 'react';
import type { StepFace } from '@/present/day/step-face';
import { clock, duration } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { placeOfStep } from './places';

type StepLineProps = {
  readonly step: StepFace;
  /** How it stands with it, where that has to be said. */
  readonly note?: string | undefined;
  /** What the press does, in words; without it there is none. */
  readonly press: string | undefined;
  readonly onPress: (step: StepFace) => void;
  readonly clear?: boolean;
  /** Whether the press is the exception and not the rule. */
  readonly isQuiet?: boolean;
};

/** A step in a list, with the one thing to do about it; drawn again only where something at it is another. */
export const StepLine = memo(function StepLine(props: StepLineProps) {
  const { step, note, press, onPress, clear = false, isQuiet = false } = props;
  return (
    <li id={placeOfStep(step.id)} tabIndex={-1} className={css(clear ? { ...LINE, ...CLEAR } : LINE)}>
      <span className={css({ alignSelf: 'start', pt: 0.25, color: 'quiet' })}>{clock(step.item.start)}</span>
      <div className={css({ minWidth: 0 })}>
        <div className={css({ fontWeight: 560, overflowWrap: 'anywhere' })}>{step.job}</div>
        {step.manner && <div className={css({ overflowWrap: 'anywhere' })}>{step.manner}</div>}
        <div className={css({ color: 'quiet', fontSize: '0.92rem' })}>
          {[step.where, duration(step.item.step.minutes), step.who, note].filter(Boolean).join(' · ')}
        </div>
      </div>
      {press && (
        <Button
          color={isQuiet ? 'inherit' : 'primary'}
          onClick={() => onPress(step)}
          aria-label={`${press}: ${step.title}, ${step.where}`}
        >
          {press}
        </Button>
      )}
    </li>
  );
});

const LINE = {
  display: 'grid',
  gridTemplateColumns: '52px 1fr auto',
  columnGap: 1.5,
  alignItems: 'center',
  py: 1,
  borderTop: '1px solid var(--colors-line)',
} as const;
const CLEAR = {
  bgcolor: 'var(--colors-water-soft)',
  borderRadius: '20px',
  border: 0,
  px: 1.5,
  mb: 0.75,
};
