import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { memo } from 'react';
import type { StepFace } from '@/present/day/step-face';
import { clock, duration } from '@/present/words/words';
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
    <Box component="li" id={placeOfStep(step.id)} tabIndex={-1} sx={clear ? { ...LINE, ...CLEAR } : LINE}>
      <Box component="span" sx={{ alignSelf: 'start', pt: 0.25, color: 'text.secondary' }}>
        {clock(step.item.start)}
      </Box>
      <Box sx={{ minWidth: 0 }}>
        <Box sx={{ fontWeight: 560, overflowWrap: 'anywhere' }}>{step.job}</Box>
        {step.manner && <Box sx={{ overflowWrap: 'anywhere' }}>{step.manner}</Box>}
        <Box sx={{ color: 'text.secondary', fontSize: '0.92rem' }}>
          {[step.where, duration(step.item.step.minutes), step.who, note].filter(Boolean).join(' · ')}
        </Box>
      </Box>
      {press && (
        <Button
          color={isQuiet ? 'inherit' : 'primary'}
          onClick={() => onPress(step)}
          aria-label={`${press}: ${step.title}, ${step.where}`}
        >
          {press}
        </Button>
      )}
    </Box>
  );
});

const LINE = {
  display: 'grid',
  gridTemplateColumns: '52px 1fr auto',
  columnGap: 1.5,
  alignItems: 'center',
  py: 1,
  borderTop: '1px solid',
  borderColor: 'divider',
} as const;
const CLEAR = {
  bgcolor: 'var(--mui-palette-thaw-waterSoft)',
  borderRadius: '20px',
  border: 0,
  px: 1.5,
  mb: 0.75,
};
