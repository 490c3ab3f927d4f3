'use client';
import Close from '@mui/icons-material/Close';
import { memo, type ReactNode, useDeferredValue } from 'react';
import { FIXTURE_KINDS, isFixtureKind } from '@/core/catalogue/fixture-kinds';
import { type Mark, markKey } from '@/core/clean/marks';
import {
  type Fixture,
  FULLNESSES,
  type Fullness,
  HEIGHTS,
  type Height,
  type Room,
  SOILS,
  type Soil,
  type Stop,
} from '@/core/home/room';
import { fixtureName } from '@/present/walk/fixture-name';
import { FULLNESS_WORDS, HEIGHT_WORDS, SOIL_WORDS } from '@/present/walk/fixture-words';
import { placesOfFixture, type RoomSurroundings, tasksOfFixture } from '@/present/walk/room-work';
import { css } from '@/ui/theme/made/css';
import { TaskEstimateLines } from '../hours/task-estimate';
import { Button } from '../parts/button';
import { Check } from '../parts/check';
import { ChoiceRow } from '../parts/choice-row';
import { IconButton } from '../parts/icon-button';
import { NativeSelect } from '../parts/native-select';
import { useUnits } from '../parts/units';
import { useOneByOne } from '../parts/use-one-by-one';
import { useStableEvents } from '../parts/use-stable-events';
import { DateField } from '../parts/when-field';
import { TaskScope } from '../scope/task-scope';
import { CountStepper } from './count-stepper';
import { MendField } from './mend-field';
import { NeedsField } from './needs-field';
import { PlacesField } from './places-field';
import { SizeFields } from './size-fields';

export type PanelEvents = {
  readonly onChange: (fixture: Fixture) => void;
  readonly onMove: (stopId: string) => void;
  readonly onMark: (mark: Mark) => void;
  readonly onDrop: () => void;
  readonly onClose: () => void;
};

type PanelProps = {
  readonly room: Room;
  readonly around: RoomSurroundings;
  readonly stop: Stop;
  readonly stops: readonly Stop[];
  readonly fixture: Fixture;
  /** What of it is done already. */
  readonly children: ReactNode;
} & PanelEvents;

/** One fixture: how many, how big, what of, how bad, how full; and what that comes to. */
export const FixturePanel = memo(function FixturePanel(props: PanelProps) {
  const { room, around, stop, fixture, onMark } = props;
  // What is pressed answers at once; the sums follow, each time and the first time.
  const summed = useDeferredValue<Room | undefined>(room, undefined);
  const summedId = useDeferredValue(fixture.id);
  return (
    <section
      aria-label={`${fixtureName(fixture)} at ${stop.name}`}
      className={css({
        display: 'grid',
        gridTemplateColumns: { base: '1fr', lg: 'minmax(340px, 1fr) 1.2fr' },
        gap: { base: 3, lg: 5 },
        bgcolor: 'paper',
        p: { base: 2, md: 3 },
        borderTop: '3px solid var(--colors-water)',
      })}
    >
      <Facts {...props} />
      {summed && <Sums room={summed} around={around} fixtureId={summedId} onMark={onMark} />}
    </section>
  );
});

type SumsProps = Pick<PanelProps, 'room' | 'around' | 'onMark'> & { readonly fixtureId: string };

const Sums = memo(function Sums({ room, around, fixtureId, onMark }: SumsProps) {
  const units = useUnits();
  const tasks = tasksOfFixture(room, around, fixtureId);
  const shown = useOneByOne(fixtureId, tasks.length);
  const marks = new Map(around.marks.map((mark) => [markKey(mark), mark]));
  return (
    <div className={css({ display: 'flex', flexDirection: 'column', gap: 2.5 })}>
      {tasks.length === 0 && (
        <p className={css({ textStyle: 'body', m: 0, color: 'quiet' })}>
          The catalogue has no method for this surface yet.
        </p>
      )}
      {tasks.slice(0, shown).map((task) => (
        <TaskEstimateLines key={task.id} task={task} units={units} facts={around.facts}>
          <TaskScope task={task} mark={marks.get(markKey({ on: 'task', target: task.id }))} onMark={onMark} />
        </TaskEstimateLines>
      ))}
    </div>
  );
});

function Facts(props: PanelProps) {
  const { room, around, stop, stops, fixture, children, onChange, onMove, onDrop, onClose } = props;
  const kind = isFixtureKind(fixture.kind) ? FIXTURE_KINDS[fixture.kind] : undefined;
  // What is being typed belongs to one fixture; the rest of the panel stays for the next.
  const { id } = fixture;
  const places = placesOfFixture(room, around, fixture);
  const say = useStableEvents(whatIsSaid(fixture, onChange));
  return (
    <div className={css({ display: 'flex', flexDirection: 'column', gap: 2 })}>
      <Heading name={fixtureName(fixture)} stop={stop.name} onClose={onClose} />
      <CountStepper key={`${id} count`} count={fixture.count} onChange={say.count} />
      <ChoiceRow
        key={`${id} soil`}
        label="How dirty"
        options={SOILS}
        words={SOIL_WORDS}
        value={fixture.soil}
        onChange={say.soil}
      />
      {kind?.holds && (
        <ChoiceRow
          key={`${id} fullness`}
          label={`How full of ${kind.holds}`}
          options={FULLNESSES}
          words={FULLNESS_WORDS}
          value={fixture.fullness}
          onChange={say.fullness}
        />
      )}
      {places > 1 && (
        <PlacesField
          key={`${id} places ${places}`}
          count={places}
          places={fixture.places}
          onChange={say.places}
        />
      )}
      {children}
      <SizeFields key={`${id} size`} kind={fixture.kind} size={fixture.size} onChange={say.size} />
      <Where
        surface={fixture.surface ?? kind?.surfaces[0] ?? ''}
        surfaces={kind?.surfaces ?? NONE}
        height={fixture.height}
        stop={stop}
        stops={stops}
        lastDone={fixture.lastDone ?? ''}
        onSurface={say.surface}
        onHeight={say.height}
        onStop={onMove}
        onLastDone={say.lastDone}
      />
      <NeedsField kind={fixture.kind} needs={fixture.needs} onChange={say.needs} />
      <MendField key={`${id} mend`} mend={fixture.mend} onChange={say.mend} />
      <Last leave={fixture.leave} onLeave={say.leave} onDrop={onDrop} />
    </div>
  );
}

const NONE: readonly string[] = [];

/** One field of a fixture said anew. */
function whatIsSaid(fixture: Fixture, onChange: PanelProps['onChange']) {
  const change = (part: Partial<Fixture>) => onChange({ ...fixture, ...part });
  return {
    count: (count: number) => change({ count }),
    soil: (soil: Soil) => change({ soil }),
    fullness: (fullness: Fullness) => change({ fullness }),
    size: (size: Fixture['size']) => change({ size }),
    surface: (surface: string) => change({ surface }),
    height: (height: string) => change({ height: height as Height }),
    places: (places: Fixture['places']) => onChange(saying(fixture, 'places', places)),
    needs: (needs: Fixture['needs']) => onChange(saying(fixture, 'needs', needs)),
    mend: (mend: string | undefined) => onChange(saying(fixture, 'mend', mend)),
    lastDone: (date: string) => onChange(saying(fixture, 'lastDone', date === '' ? undefined : date)),
    leave: (leave: boolean) => change({ leave }),
  };
}

/** A fixture with something said of it, or no longer said. */
function saying<Key extends 'mend' | 'lastDone' | 'places' | 'needs'>(
  fixture: Fixture,
  key: Key,
  value: Fixture[Key],
): Fixture {
  const { [key]: _known, ...rest } = fixture;
  return value === undefined ? (rest as Fixture) : { ...fixture, [key]: value };
}

type HeadingProps = { readonly name: string; readonly stop: string; readonly onClose: () => void };

const Heading = memo(function Heading({ name, stop, onClose }: HeadingProps) {
  return (
    <div
      className={css({
        display: 'flex',
        flexDirection: 'row',
        justifyContent: 'space-between',
        alignItems: 'start',
      })}
    >
      <h2 className={css({ textStyle: 'h2', m: 0 })}>
        {name}
        <span className={css({ textStyle: 'body', m: 0, color: 'quiet', fontSize: '1rem', ml: 1 })}>
          {stop}
        </span>
      </h2>
      <IconButton aria-label="Close" onClick={onClose}>
        <Close />
      </IconButton>
    </div>
  );
});

type WhereProps = {
  readonly surface: string;
  readonly surfaces: readonly string[];
  readonly height: Height;
  readonly stop: Stop;
  readonly stops: readonly Stop[];
  readonly lastDone: string;
  readonly onSurface: (surface: string) => void;
  readonly onHeight: (height: string) => void;
  readonly onStop: (stopId: string) => void;
  readonly onLastDone: (date: string) => void;
};

/** What it is made of, where it is, and when it was last done. */
const Where = memo(
  function Where(props: WhereProps) {
    const { stop, stops } = props;
    return (
      <div className={css({ display: 'flex', flexDirection: 'row', gap: 1.5, flexWrap: 'wrap' })}>
        <NativeSelect
          size="small"
          label="Made of"
          value={props.surface}
          options={props.surfaces.map((surface) => [surface, surface])}
          onChange={props.onSurface}
        />
        <NativeSelect
          size="small"
          label="At which height"
          value={props.height}
          options={HEIGHTS.map((height) => [height, HEIGHT_WORDS[height]])}
          onChange={props.onHeight}
        />
        {!stop.shell && (
          <NativeSelect
            size="small"
            label="At which stop"
            value={stop.id}
            options={stops.map(({ id, name }) => [id, name])}
            onChange={props.onStop}
          />
        )}
        <DateField
          label="Last deep cleaned"
          value={props.lastDone || undefined}
          onKeep={(date) => props.onLastDone(date ?? '')}
        />
      </div>
    );
  },
  // The stops are new with every change on the strip; only their names and order matter here.
  (before, after) =>
    before.surface === after.surface &&
    before.surfaces === after.surfaces &&
    before.height === after.height &&
    before.lastDone === after.lastDone &&
    before.stop.id === after.stop.id &&
    before.stops.length === after.stops.length &&
    before.stops.every((stop, i) => stop.id === after.stops[i]?.id && stop.name === after.stops[i]?.name),
);

type LastProps = {
  readonly leave: boolean;
  readonly onLeave: (leave: boolean) => void;
  readonly onDrop: () => void;
};

const Last = memo(function Last({ leave, onLeave, onDrop }: LastProps) {
  return (
    <div
      className={css({
        display: 'flex',
        flexDirection: 'row',
        justifyContent: 'space-between',
        flexWrap: 'wrap',
      })}
    >
      <Check label="Leave it this time" checked={leave} onChange={onLeave} />
      <Button onClick={onDrop} color="inherit">
        Remove
      </Button>
    </div>
  );
});
