import Box from '@mui/material/Box';
import { PART_WORDS, PARTS, type PartName, type PartOfWork } from '@/present/hours/parts-of-work';
import { duration } from '@/present/words/words';
import { FROST } from '../theme/frost';

/** The look of each sort of work: told apart by tone and by hatch, so that no colour has to be. */
const LOOKS: Record<PartName, string> = {
  belongings: 'var(--mui-palette-thaw-water)',
  dust: FROST,
  wash: 'var(--mui-palette-thaw-iceEdge)',
  wet: 'var(--mui-palette-thaw-waterSoft)',
  textiles:
    'repeating-linear-gradient(90deg, var(--mui-palette-thaw-water) 0 2px, var(--mui-palette-thaw-waterSoft) 2px 6px)',
  floors: 'var(--mui-palette-text-secondary)',
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
    <Box component="span" aria-hidden sx={{ display: { xs: 'none', sm: 'block' } }}>
      <Box component="span" sx={{ display: 'flex', gap: '1.5px', height: 16 }}>
        {parts.map(({ part, minutes }) => (
          <Box
            component="span"
            key={part}
            sx={{
              width: percent(minutes),
              background: LOOKS[part],
              outline: '1px solid',
              outlineOffset: '-1px',
              outlineColor: 'var(--mui-palette-thaw-iceEdge)',
            }}
          />
        ))}
      </Box>
      <Box component="span" sx={{ display: 'block', position: 'relative', height: 5, mt: '3px' }}>
        <Box
          component="span"
          sx={{
            position: 'absolute',
            insetBlock: '1px',
            left: percent(low),
            width: percent(high - low),
            bgcolor: 'text.secondary',
            borderRadius: 2,
          }}
        />
      </Box>
    </Box>
  );
}

/** What the tones stand for, once for all the bars. */
export function PartsLegend() {
  return (
    <Box
      component="ul"
      aria-label="Sorts of work"
      sx={{
        listStyle: 'none',
        m: 0,
        mb: 2,
        p: 0,
        display: { xs: 'none', sm: 'flex' },
        flexWrap: 'wrap',
        columnGap: 2.5,
        rowGap: 0.5,
        fontSize: '0.92rem',
      }}
    >
      {PARTS.map((part) => (
        <Box component="li" key={part} sx={{ display: 'flex', gap: 0.75, alignItems: 'center' }}>
          <Box
            aria-hidden
            sx={{
              width: 18,
              height: 12,
              background: LOOKS[part],
              outline: '1px solid',
              outlineOffset: '-1px',
              outlineColor: 'var(--mui-palette-thaw-iceEdge)',
            }}
          />
          {PART_WORDS[part]}
        </Box>
      ))}
      <Box component="li">Line: where it usually ends</Box>
    </Box>
  );
}

/** The same in words: what each sort of work in a room comes to. */
export function PartsWords({ parts }: { parts: readonly PartOfWork[] }) {
  return (
    <Box sx={{ color: 'text.secondary', fontSize: '0.95rem', mb: 1 }}>
      {parts.map(({ part, minutes }) => `${PART_WORDS[part]} ${duration(minutes)}`).join(' · ')}
    </Box>
  );
}
