import type { Drum, Drying, WashRun, WashScreen } from '@/present/supplies/wash-model';
import { clockAfter } from '@/present/supplies/wash-words';
import { clock, count, longDate } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { TextLink } from '../parts/text-link';
import { DrumDrawing, WASH_TONES } from './drum-drawing';

/** What is washed: each drum with what is in it, when it runs, when it must be out, and where it dries. */
export function Wash({ screen }: { screen: WashScreen }) {
  const { runs, together, waiting, tooHeavy, atHome } = screen;
  return (
    <>
      {!atHome && (
        <p className={css({ textStyle: 'body', m: 0, mb: 2 })}>
          No washing machine is named under People, so what is washed is washed by hand or goes out of the
          house and back.
        </p>
      )}
      {tooHeavy.length > 0 && (
        <p className={css({ textStyle: 'body', m: 0, mb: 2, maxWidth: '68ch' })}>
          Too heavy for the machine, so it goes out of the house to be washed: {tooHeavy.join('; ')}.
        </p>
      )}
      <ul className={css(DRUMS)} aria-label="The wash, run by run">
        {runs.map((run) => (
          <Run key={run.key} run={run} />
        ))}
      </ul>
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
    <li className={css({ borderTop: '3px solid var(--colors-water)', pt: 0.5 })}>
      <TextLink
        href={`/spread/${date}`}
        className={css({ display: 'inline-flex', alignItems: 'center', minHeight: 44 })}
      >
        {longDate(date)}
      </TextLink>
      <h2 className={css({ textStyle: 'h3', m: 0 })}>{title}</h2>
      <div className={css({ color: 'quiet', mb: 1 })}>{room}</div>
      {drums.map((drum) => (
        <InDrum key={drum.number} drum={drum} />
      ))}
      <div className={css({ mt: 1, fontVariantNumeric: 'tabular-nums' })}>
        In the machine {clock(start)}–{clockAfter(end, start)}
        {outBy && `; out by ${clockAfter(outBy, start)}`}.
      </div>
      {dries && <Line dries={dries} from={end} pieces={piecesIn(drums)} />}
    </li>
  );
}

const piecesIn = (drums: readonly Drum[]) =>
  drums.flatMap(({ arcs }) => arcs).reduce((sum, { pieces }) => sum + pieces, 0);

function OneDrum({ together }: Pick<WashScreen, 'together'>) {
  return (
    <section aria-labelledby="one-drum" className={css({ mt: 4, maxWidth: '68ch' })}>
      <h2 className={css({ textStyle: 'h2', m: 0 })} id="one-drum">
        What would go into one drum
      </h2>
      <ul className={css({ pl: 2.5, m: 0 })}>
        {together.map(({ date, names }) => (
          <li key={date + names.join()}>
            {longDate(date)}: {names.join('; ')}. Washed at once, that saves{' '}
            {count(names.length - 1, 'run', 'runs')}.
          </li>
        ))}
      </ul>
    </section>
  );
}

/** A drum with the names of what is in it. */
function InDrum({ drum }: { drum: Drum }) {
  return (
    <div className={css({ display: 'flex', gap: 2, alignItems: 'center' })}>
      <DrumDrawing drum={drum} />
      <div>
        <div className={css({ fontWeight: 620 })}>{drum.programme}</div>
        <ul className={css({ listStyle: 'none', p: 0, m: 0 })}>
          {drum.arcs.map(({ words, colour }) => (
            <li key={words} className={css({ display: 'flex', alignItems: 'center', gap: 1 })}>
              <div
                aria-hidden
                className={css({
                  width: 12,
                  height: 12,
                  flexShrink: 0,
                  borderRadius: '2px',
                  border: '1.5px solid var(--colors-quiet)',
                })}
                style={{ backgroundColor: WASH_TONES[colour] }}
              />
              {words}
            </li>
          ))}
        </ul>
      </div>
    </div>
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
    <div className={css({ mt: 0.5 })}>
      {pegs.length > 0 && (
        <svg
          viewBox={`0 0 ${LINE_WIDTH} 34`}
          aria-hidden
          className={css({ width: '100%', maxWidth: LINE_WIDTH, display: 'block', mb: 0.5 })}
        >
          <path
            d={`M0 4 Q${LINE_WIDTH / 2} 12 ${LINE_WIDTH} 4`}
            fill="none"
            stroke="var(--colors-quiet)"
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
              fill="var(--colors-water-soft)"
              stroke="var(--colors-quiet)"
              strokeWidth={1.5}
            />
          ))}
        </svg>
      )}
      Dries {where}
      {until && ` till ${clockAfter(until, from)}`}.
    </div>
  );
}

/** What is washed without a day: all of it before there is a plan, and what a plan has no place for. */
function Waiting({ drums, planned }: { drums: readonly Drum[]; planned: boolean }) {
  return (
    <section aria-labelledby="wash-waiting" className={css({ mt: 4 })}>
      <h2 className={css({ textStyle: 'h2', m: 0 })} id="wash-waiting">
        {planned ? 'Has no place in the plan' : 'Without a day so far'}
      </h2>
      <p className={css({ textStyle: 'body', m: 0, mb: 1.5, color: 'quiet', maxWidth: '68ch' })}>
        {count(drums.length, 'drum', 'drums')} at the fewest, if all of it is washed at once.
      </p>
      <ul className={css(DRUMS)} aria-label="The wash without a day">
        {drums.map((drum) => (
          <li key={drum.number}>
            <InDrum drum={drum} />
          </li>
        ))}
      </ul>
    </section>
  );
}
