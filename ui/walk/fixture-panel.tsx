'use client';
import Close from '@mui/icons-material/Close';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import IconButton from '@mui/material/IconButton';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { FIXTURE_KINDS, isFixtureKind } from '@/core/catalogue/fixture-kinds';
import { type Fixture, FULLNESSES, HEIGHTS, type Room, SOILS, type Stop } from '@/core/home/room';
import { type Mark, markKey } from '@/core/scope/marks';
import { TaskEstimateLines } from '../hours/task-estimate';
import { ChoiceRow } from '../parts/choice-row';
import { useUnits } from '../parts/units';
import { TaskScope } from '../scope/task-scope';
import { CountStepper } from './count-stepper';
import { FULLNESS_WORDS, fixtureName, HEIGHT_WORDS, SOIL_WORDS } from './fixture-words';
import { MendField } from './mend-field';
import { type RoomSurroundings, tasksOfFixture } from './room-work';
import { SizeFields } from './size-fields';

type PanelProps = {
  readonly room: Room;
  readonly around: RoomSurroundings;
  readonly stop: Stop;
  readonly stops: readonly Stop[];
  readonly fixture: Fixture;
  readonly onChange: (fixture: Fixture) => void;
  readonly onMove: (stopId: string) => void;
  readonly onMark: (mark: Mark) => void;
  readonly onDrop: () => void;
  readonly onClose: () => void;
};

/** One fixture: how many, how big, what of, how bad, how full; and what that comes to. */
export function FixturePanel(props: PanelProps) {
  const { room, around, stop, fixture, onMark } = props;
  const units = useUnits();
  const tasks = tasksOfFixture(room, around, fixture.id);
  const marks = new Map(around.marks.map((mark) => [markKey(mark), mark]));
  return (
    <Box
      component="section"
      aria-label={`${fixtureName(fixture)} at ${stop.name}`}
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '1fr', lg: 'minmax(340px, 1fr) 1.2fr' },
        gap: { xs: 3, lg: 5 },
        bgcolor: 'background.paper',
        p: { xs: 2, md: 3 },
        borderTop: '3px solid var(--mui-palette-thaw-water)',
      }}
    >
      <Facts {...props} />
      <Stack spacing={2.5}>
        {tasks.length === 0 && (
          <Typography sx={{ color: 'text.secondary' }}>
            The catalogue has no method for this surface yet.
          </Typography>
        )}
        {tasks.map((task) => (
          <TaskEstimateLines key={task.id} task={task} units={units} facts={around.facts}>
            <TaskScope
              task={task}
              mark={marks.get(markKey({ on: 'task', target: task.id }))}
              onMark={onMark}
            />
          </TaskEstimateLines>
        ))}
      </Stack>
    </Box>
  );
}

function Facts({ stop, stops, fixture, onChange, onMove, onDrop, onClose }: PanelProps) {
  const kind = isFixtureKind(fixture.kind) ? FIXTURE_KINDS[fixture.kind] : undefined;
  const change = (part: Partial<Fixture>) => onChange({ ...fixture, ...part });
  return (
    <Stack spacing={2}>
      <Stack direction="row" sx={{ justifyContent: 'space-between', alignItems: 'start' }}>
        <Typography variant="h2">
          {fixtureName(fixture)}
          <Typography component="span" sx={{ color: 'text.secondary', fontSize: '1rem', ml: 1 }}>
            {stop.name}
          </Typography>
        </Typography>
        <IconButton aria-label="Close" onClick={onClose}>
          <Close />
        </IconButton>
      </Stack>
      <CountStepper count={fixture.count} onChange={(count) => change({ count })} />
      <ChoiceRow
        label="How dirty"
        options={SOILS}
        words={SOIL_WORDS}
        value={fixture.soil}
        onChange={(soil) => change({ soil })}
      />
      {kind?.holds && (
        <ChoiceRow
          label={`How full of ${kind.holds}`}
          options={FULLNESSES}
          words={FULLNESS_WORDS}
          value={fixture.fullness}
          onChange={(fullness) => change({ fullness })}
        />
      )}
      <SizeFields fixture={fixture} onChange={(size) => change({ size })} />
      <Stack direction="row" spacing={1.5} useFlexGap sx={{ flexWrap: 'wrap' }}>
        <Select
          label="Made of"
          value={fixture.surface ?? kind?.surfaces[0] ?? ''}
          options={(kind?.surfaces ?? []).map((surface) => [surface, surface])}
          onChange={(surface) => change({ surface })}
        />
        <Select
          label="At which height"
          value={fixture.height}
          options={HEIGHTS.map((height) => [height, HEIGHT_WORDS[height]])}
          onChange={(height) => change({ height: height as Fixture['height'] })}
        />
        {!stop.shell && (
          <Select
            label="At which stop"
            value={stop.id}
            options={stops.map(({ id, name }) => [id, name])}
            onChange={onMove}
          />
        )}
        <TextField
          size="small"
          type="date"
          label="Last deep cleaned"
          value={fixture.lastDone ?? ''}
          onChange={(event) => onChange(withDate(fixture, event.target.value))}
          slotProps={{ inputLabel: { shrink: true } }}
        />
      </Stack>
      <MendField
        mend={fixture.mend}
        onChange={(mend) => {
          const { mend: _known, ...rest } = fixture;
          onChange(mend === undefined ? rest : { ...rest, mend });
        }}
      />
      <Stack direction="row" sx={{ justifyContent: 'space-between', flexWrap: 'wrap' }}>
        <FormControlLabel
          control={
            <Checkbox checked={fixture.leave} onChange={(event) => change({ leave: event.target.checked })} />
          }
          label="Leave it this time"
        />
        <Button onClick={onDrop} color="inherit">
          Remove
        </Button>
      </Stack>
    </Stack>
  );
}

function withDate(fixture: Fixture, date: string): Fixture {
  const { lastDone: _known, ...rest } = fixture;
  return date === '' ? rest : { ...rest, lastDone: date };
}

type SelectProps = {
  readonly label: string;
  readonly value: string;
  readonly options: readonly (readonly [value: string, words: string])[];
  readonly onChange: (value: string) => void;
};

function Select({ label, value, options, onChange }: SelectProps) {
  return (
    <TextField
      select
      size="small"
      label={label}
      value={value}
      onChange={(event) => onChange(event.target.value)}
      slotProps={{ select: { native: true } }}
    >
      {options.map(([option, words]) => (
        <option key={option} value={option}>
          {words}
        </option>
      ))}
    </TextField>
  );
}
