import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Drum, Drying, WashRun, WashScreen } from '@/present/supplies/wash-model';
import { clockAfter } from '@/present/supplies/wash-words';
import { clock, count, longDate } from '@/present/words/words';
import { TextLink } from '../parts/text-link';
import { DrumDrawing, WASH_TONES } from './drum-drawing';

/** What is washed: each drum with what is in it, when it runs, when it must be out, and where it dries. */
export function Wash({ screen }: { screen: WashScreen }) {
  const { runs, together, waiting, tooHeavy, atHome } = screen;
  return (
    <>
      {!atHome && (
        <Typography sx={{ mb: 2 }}>
          No washing machine is named under People, so what is washed is washed by hand or goes out of the
          house and back.
        </Typography>
      )}
      {tooHeavy.length > 0 && (
        <Typography sx={{ mb: 2, maxWidth: '68ch' }}>
          Too heavy for the machine, so it goes out of the house to be washed: {tooHeavy.join('; ')}.
        </Typography>
      )}
      <Box component="ul" sx={DRUMS} aria-label="The wash, run by run">
        {runs.map((run) => (
          <Run key={run.key} run={run} />
        ))}
      </Box>
      {together.length > 0 && <OneDrum together={together} />}
      {waiting.length > 0 && <Waiting drums={waiting} planned={runs.length > 0} />}
    </>
  );
}

const DRUMS = {
  listStyle: 'none',
  p: 0,
  m: 0,
  display: 'grid',
  gridTemplateColumns: 'repeat(auto-fill, minmax(min(100%, 340px), 1fr))',
  columnGap: 4,
  rowGap: 3,
} as const;

function Run({ run }: { run: WashRun }) {
  const { title, room, start, end, outBy, dries, drums } = run;
  const date = start.slice(0, 10);
  return (
    <Box component="li" sx={{ borderTop: '3px solid var(--mui-palette-thaw-water)', pt: 0.5 }}>
      <TextLink href={`/spread/${date}`} sx={{ display: 'inline-flex', alignItems: 'center', minHeight: 44 }}>
        {longDate(date)}
      </TextLink>
      <Typography component="h2" variant="h3" sx={{ m: 0 }}>
        {title}
      </Typography>
      <Box sx={{ color: 'text.secondary', mb: 1 }}>{room}</Box>
      {drums.map((drum) => (
        <InDrum key={drum.number} drum={drum} />
      ))}
      <Box sx={{ mt: 1, fontVariantNumeric: 'tabular-nums' }}>
        In the machine {clock(start)}–{clockAfter(end, start)}
        {outBy && `; out by ${clockAfter(outBy, start)}`}.
      </Box>
      {dries && <Line dries={dries} from={end} pieces={piecesIn(drums)} />}
    </Box>
  );
}

const piecesIn = (drums: readonly Drum[]) =>
  drums.flatMap(({ arcs }) => arcs).reduce((sum, { pieces }) => sum + pieces, 0);

function OneDrum({ together }: Pick<WashScreen, 'together'>) {
  return (
    <Box component="section" aria-labelledby="one-drum" sx={{ mt: 4, maxWidth: '68ch' }}>
      <Typography variant="h2" id="one-drum">
        What would go into one drum
      </Typography>
      <Box component="ul" sx={{ pl: 2.5, m: 0 }}>
        {together.map(({ date, names }) => (
          <li key={date + names.join()}>
            {longDate(date)}: {names.join('; ')}. Washed at once, that saves{' '}
            {count(names.length - 1, 'run', 'runs')}.
          </li>
        ))}
      </Box>
    </Box>
  );
}

/** A drum with the names of what is in it. */
function InDrum({ drum }: { drum: Drum }) {
  return (
    <Box sx={{ display: 'flex', gap: 2, alignItems: 'center' }}>
      <DrumDrawing drum={drum} />
      <Box>
        <Box sx={{ fontWeight: 620 }}>{drum.programme}</Box>
        <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
          {drum.arcs.map(({ words, colour }) => (
            <Box component="li" key={words} sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
              <Box
                aria-hidden
                sx={{
                  width: 12,
                  height: 12,
                  flexShrink: 0,
                  borderRadius: '2px',
                  bgcolor: WASH_TONES[colour],
                  border: '1.5px solid',
                  borderColor: 'text.secondary',
                }}
              />
              {words}
            </Box>
          ))}
        </Box>
      </Box>
    </Box>
  );
}

type LineProps = { readonly dries: Drying; readonly from: string; readonly pieces: number };

const LINE_WIDTH = 300;
const PEG = 26;

/** The line with what hangs on it, and till when. */
function Line({ dries: { where, until }, from, pieces }: LineProps) {
  const hung =
    where === 'on the line' || where === 'on an airer'
      ? Math.min(pieces, Math.floor(LINE_WIDTH / (PEG + 8)))
      : 0;
  const pegs = Array.from({ length: hung }, (_, at) => 14 + at * (PEG + 8));
  return (
    <Box sx={{ mt: 0.5 }}>
      {pegs.length > 0 && (
        <Box
          component="svg"
          viewBox={`0 0 ${LINE_WIDTH} 34`}
          aria-hidden
          sx={{ width: '100%', maxWidth: LINE_WIDTH, display: 'block', mb: 0.5 }}
        >
          <path
            d={`M0 4 Q${LINE_WIDTH / 2} 12 ${LINE_WIDTH} 4`}
            fill="none"
            stroke="var(--mui-palette-text-secondary)"
            strokeWidth={1.5}
          />
          {pegs.map((x) => (
            <rect
              key={x}
              x={x}
              y={8}
              width={PEG}
              height={22}
              rx={2}
              fill="var(--mui-palette-thaw-waterSoft)"
              stroke="var(--mui-palette-text-secondary)"
              strokeWidth={1.5}
            />
          ))}
        </Box>
      )}
      Dries {where}
      {until && ` till ${clockAfter(until, from)}`}.
    </Box>
  );
}

/** What is washed without a day: all of it before there is a plan, and what a plan has no place for. */
function Waiting({ drums, planned }: { drums: readonly Drum[]; planned: boolean }) {
  return (
    <Box component="section" aria-labelledby="wash-waiting" sx={{ mt: 4 }}>
      <Typography variant="h2" id="wash-waiting">
        {planned ? 'Has no place in the plan' : 'Without a day so far'}
      </Typography>
      <Typography sx={{ mb: 1.5, color: 'text.secondary', maxWidth: '68ch' }}>
        {count(drums.length, 'drum', 'drums')} at the fewest, if all of it is washed at once.
      </Typography>
      <Box component="ul" sx={DRUMS} aria-label="The wash without a day">
        {drums.map((drum) => (
          <Box component="li" key={drum.number}>
            <InDrum drum={drum} />
          </Box>
        ))}
      </Box>
    </Box>
  );
}
