'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { Bar, EndScreen } from '@/present/record/end-model';
import type { RoomPictures } from '@/present/record/pictures-model';
import { count } from '@/present/words/words';
import type { ChangeActions, EditWords } from '../parts/change-actions';
import { ChangeBar } from '../parts/change-bar';
import type { Option } from '../parts/native-select';
import { PageHead } from '../parts/page-head';
import { TextLink } from '../parts/text-link';
import { Unfold } from '../parts/unfold';
import { useChanges } from '../parts/use-changes';
import type { CommandAction } from '../state/command';
import { type NextClean, NextCleanForm } from './next-clean-form';
import { Pictures } from './pictures';

type EndPageProps = {
  readonly screen: EndScreen;
  /** How the clean that is looked at stands: going on, closed, or long behind. */
  readonly state: 'open' | 'closed' | 'past';
  readonly today: string;
  readonly next: NextClean;
  readonly edits: EditWords;
  readonly pictures: readonly RoomPictures[];
  /** Rooms of which a picture can be taken. */
  readonly choices: readonly Option[];
  /** The room that one comes from to take one. */
  readonly chosen: string | undefined;
  readonly actions: ChangeActions & { readonly setOut: CommandAction; readonly dropPicture: CommandAction };
};

/** The end of a clean: what was done, by whom, what left the house, what is for next time, and the reward. */
export function EndPage({
  screen,
  state,
  today,
  next,
  edits,
  pictures,
  choices,
  chosen,
  actions,
}: EndPageProps) {
  const changes = useChanges(actions);
  return (
    <>
      <TextLink href="/record" sx={{ display: 'inline-flex', alignItems: 'center', minHeight: 44 }}>
        The record
      </TextLink>
      <PageHead title={screen.title}>{screen.line}</PageHead>
      {screen.reward && (
        <Box sx={LIGHT}>
          {state === 'open' ? 'When it is done' : 'And now'}: {screen.reward}
        </Box>
      )}
      <Figures screen={screen} />
      <Bars title="Who did how much" bars={screen.people} against={screen.against} />
      <Bars title="Where the time went" bars={screen.rooms} against={screen.against} />
      <Pictures rooms={pictures} choices={choices} chosen={chosen} drop={actions.dropPicture} />
      <Learnt lessons={screen.lessons} />
      <ForNextTime screen={screen} isOpen={state === 'open'} />
      {state === 'open' && (
        <Box sx={{ mt: 4 }}>
          <Typography variant="h2">Close this clean?</Typography>
          <Typography sx={{ my: 1, maxWidth: '62ch' }}>
            {screen.left.length === 0
              ? 'Everything is done.'
              : `${count(screen.left.length, 'job is', 'jobs are')} not done; the almanac keeps them for next time.`}{' '}
            What was done stays in the record, and you can open the clean again until you set out on the next.
          </Typography>
          <Button
            variant="contained"
            size="large"
            onClick={() => changes.send({ do: 'close-clean', closed: today }, 'The clean is closed.')}
          >
            Close the clean
          </Button>
        </Box>
      )}
      {state === 'closed' && (
        <>
          <Button sx={{ mt: 3 }} onClick={() => changes.send({ do: 'close-clean' }, 'The clean goes on.')}>
            Open it again
          </Button>
          <NextCleanForm next={next} setOut={actions.setOut} />
        </>
      )}
      <Box sx={{ mt: 2 }}>
        <ChangeBar label="Take back" edits={edits} changes={changes} />
      </Box>
    </>
  );
}

const LIGHT = {
  maxWidth: 860,
  p: 2.5,
  mb: 3,
  fontSize: '1.15rem',
  fontFamily: 'var(--font-display)',
  bgcolor: 'var(--mui-palette-thaw-sunSoft)',
  borderRadius: '3px 24px 24px 3px',
} as const;

function Figures({ screen }: { screen: EndScreen }) {
  return (
    <Box
      component="dl"
      sx={{
        display: 'grid',
        gridTemplateColumns: 'repeat(auto-fit, minmax(210px, 1fr))',
        gap: 2.5,
        m: 0,
        maxWidth: 980,
      }}
    >
      {screen.figures.map(({ name, value, before }) => (
        <Box key={name}>
          <Box component="dt" sx={{ color: 'text.secondary' }}>
            {name}
          </Box>
          <Box
            component="dd"
            sx={{
              m: 0,
              fontSize: value.length > 12 ? '1.05rem' : '1.9rem',
              fontWeight: 600,
              overflowWrap: 'anywhere',
            }}
          >
            {value}
          </Box>
          {before !== undefined && screen.against && (
            <Box component="dd" sx={{ m: 0, color: 'text.secondary' }}>
              {screen.against}: {before}
            </Box>
          )}
        </Box>
      ))}
    </Box>
  );
}

type BarsProps = {
  readonly title: string;
  readonly bars: readonly Bar[];
  readonly against: string | undefined;
};

/** Hours as bars of clear water; a line below each says how it was the time before. */
function Bars({ title, bars, against }: BarsProps) {
  if (bars.length === 0) return null;
  const most = Math.max(1, ...bars.flatMap(({ minutes, before = 0 }) => [minutes, before]));
  const percent = (minutes: number) => `${(100 * minutes) / most}%`;
  return (
    <Box component="section" sx={{ mt: 4, maxWidth: 860 }}>
      <Typography variant="h2">{title}</Typography>
      {against && (
        <Typography sx={{ color: 'text.secondary' }}>The line below a bar is “{against}”.</Typography>
      )}
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {bars.map((bar) => (
          <Box component="li" key={bar.name} sx={{ py: 0.75 }}>
            <Box sx={{ display: 'flex', justifyContent: 'space-between', gap: 2, flexWrap: 'wrap' }}>
              <span>{bar.name}</span>
              <Box component="span" sx={{ color: 'text.secondary' }}>
                {bar.words}
              </Box>
            </Box>
            <Box
              aria-hidden
              sx={{
                height: 14,
                width: percent(bar.minutes),
                minWidth: 4,
                bgcolor: 'var(--mui-palette-thaw-waterSoft)',
                border: '1.5px solid var(--mui-palette-thaw-water)',
                borderRadius: '8px',
              }}
            />
            {bar.before !== undefined && (
              <Box
                aria-hidden
                sx={{
                  height: 3,
                  mt: '3px',
                  width: percent(bar.before),
                  bgcolor: 'text.secondary',
                  borderRadius: 2,
                }}
              />
            )}
          </Box>
        ))}
      </Box>
    </Box>
  );
}

function Learnt({ lessons }: { lessons: readonly string[] }) {
  if (lessons.length === 0) return null;
  return (
    <Box component="section" sx={{ mt: 4, maxWidth: 860 }}>
      <Typography variant="h2">What you have learnt about yourselves</Typography>
      <Lines lines={lessons} />
    </Box>
  );
}

const MOST_SHOWN = 12;

function ForNextTime({ screen: { left, mend }, isOpen }: { screen: EndScreen; isOpen: boolean }) {
  return (
    <Box sx={{ mt: 4, maxWidth: 860 }}>
      {left.length > 0 && (
        <Unfold
          title={`${isOpen ? 'Not done yet' : 'Left for next time'}: ${count(left.length, 'job', 'jobs')}`}
          open={left.length <= MOST_SHOWN}
        >
          <Lines lines={left.map(({ job, place }) => `${job}, ${place}`)} />
        </Unfold>
      )}
      {mend.length > 0 && (
        <Unfold title={`To be mended: ${mend.length}`} open>
          <Lines lines={mend} />
        </Unfold>
      )}
    </Box>
  );
}

function Lines({ lines }: { lines: readonly string[] }) {
  return (
    <Box component="ul" sx={{ m: 0, pl: 2.5, columns: { md: 2 } }}>
      {lines.map((line, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: lines may be the same twice and never move
        <Box component="li" key={i} sx={{ py: 0.25, overflowWrap: 'anywhere' }}>
          {line}
        </Box>
      ))}
    </Box>
  );
}
