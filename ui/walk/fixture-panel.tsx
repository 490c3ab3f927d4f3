'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { CATALOGUE } from '@/core/catalogue/catalogue';
import { FIXTURE_KINDS, isFixtureKind } from '@/core/catalogue/fixture-kinds';
import { tasksOf } from '@/core/clean/tasks';
import { type Fixture, FULLNESSES, HEIGHTS, type Home, type Room, SOILS, type Stop } from '@/core/home/room';
import { TaskEstimateLines } from '../hours/task-estimate';
import { ChoiceRow } from '../parts/choice-row';
import { CountStepper } from './count-stepper';
import { FULLNESS_WORDS, fixtureName, HEIGHT_WORDS, SOIL_WORDS } from './fixture-words';
import { SizeFields } from './size-fields';

type PanelProps = {
  readonly room: Room;
  readonly stop: Stop;
  readonly fixture: Fixture;
  readonly onChange: (fixture: Fixture) => void;
  readonly onDrop: () => void;
};

/** One fixture: how many, how big, what of, how bad, how full; and what that comes to. */
export function FixturePanel({ room, stop, fixture, onChange, onDrop }: PanelProps) {
  const alone: Home = { floors: [{ id: 'here', name: 'here', rooms: [room] }] };
  const tasks = tasksOf(alone, CATALOGUE).filter((task) => task.fixture.id === fixture.id);
  const kind = isFixtureKind(fixture.kind) ? FIXTURE_KINDS[fixture.kind] : undefined;
  const change = (part: Partial<Fixture>) => onChange({ ...fixture, ...part });
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
      <Stack spacing={2}>
        <Typography variant="h2">
          {fixtureName(fixture)}
          <Typography component="span" sx={{ color: 'text.secondary', fontSize: '1rem', ml: 1 }}>
            {stop.name}
          </Typography>
        </Typography>
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
        <Stack direction="row" spacing={1.5}>
          <TextField
            select
            size="small"
            label="Made of"
            value={fixture.surface ?? kind?.surfaces[0] ?? ''}
            onChange={(event) => change({ surface: event.target.value })}
            slotProps={{ select: { native: true } }}
          >
            {(kind?.surfaces ?? []).map((surface) => (
              <option key={surface} value={surface}>
                {surface}
              </option>
            ))}
          </TextField>
          <TextField
            select
            size="small"
            label="At which height"
            value={fixture.height}
            onChange={(event) => change({ height: event.target.value as Fixture['height'] })}
            slotProps={{ select: { native: true } }}
          >
            {HEIGHTS.map((height) => (
              <option key={height} value={height}>
                {HEIGHT_WORDS[height]}
              </option>
            ))}
          </TextField>
        </Stack>
        <Stack direction="row" sx={{ justifyContent: 'space-between', flexWrap: 'wrap' }}>
          <FormControlLabel
            control={
              <Checkbox
                checked={fixture.leave}
                onChange={(event) => change({ leave: event.target.checked })}
              />
            }
            label="Leave it this time"
          />
          <Button onClick={onDrop} color="inherit">
            Remove
          </Button>
        </Stack>
      </Stack>
      <Stack spacing={2.5}>
        {tasks.length === 0 && (
          <Typography sx={{ color: 'text.secondary' }}>
            {fixture.leave
              ? 'Left as it is: no work this time.'
              : 'The catalogue has no method for this surface yet.'}
          </Typography>
        )}
        {tasks.map((task) => (
          <TaskEstimateLines key={task.id} task={task} />
        ))}
      </Stack>
    </Box>
  );
}
