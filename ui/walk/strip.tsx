'use client';
import Add from '@mui/icons-material/Add';
import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import { Fragment, useRef } from 'react';
import type { Height, Room, Stop } from '@/core/home/room';
import { FixtureChip } from './fixture-chip';
import { HEIGHT_WORDS } from './fixture-words';
import { OrderLine } from './order-line';
import { bandsAt, fixturesAt, openStops, rowsOf, wallsOf } from './strip-model';

/** Names of rows stay in sight while the strip is pushed along. */
const LABEL = {
  position: 'sticky',
  insetInlineStart: 0,
  zIndex: 1,
  bgcolor: 'background.default',
  fontSize: '0.85rem',
  lineHeight: 1.2,
  color: 'text.secondary',
  pt: 1.5,
} as const;

type StripProps = {
  readonly room: Room;
  readonly order: readonly string[];
  readonly clear: ReadonlySet<string>;
  readonly selected: string | undefined;
  readonly onSelect: (fixture: string) => void;
  readonly onAddAt: (stop: string) => void;
};

/** The strip: walls from the door clockwise, heights from the ceiling to the floor, and the order of work through it. */
export function Strip({ room, order, clear, selected, onSelect, onAddAt }: StripProps) {
  const grid = useRef<HTMLDivElement>(null);
  const stops = openStops(room);
  const rows = rowsOf(room);
  const columns = `64px repeat(${Math.max(1, stops.length)}, minmax(104px, 1fr))`;
  const chip = (id: string) => ({
    selected: selected === id,
    clear: clear.has(id),
    place: placeIn(order, id),
    onSelect: () => onSelect(id),
  });
  return (
    <Box
      role="region"
      aria-label={`${room.name}, unrolled from the door, clockwise`}
      tabIndex={0}
      sx={{ overflowX: 'auto', pb: 1 }}
    >
      <Box
        ref={grid}
        sx={{
          position: 'relative',
          display: 'grid',
          gridTemplateColumns: columns,
          minWidth: 'min-content',
          columnGap: 1,
          rowGap: 0,
        }}
      >
        <OrderLine strip={grid} order={order} />
        <Walls room={room} stops={stops} />
        {rows.map((height) => (
          <Row key={height} height={height} stops={stops} room={room} chip={chip} />
        ))}
        <Ground />
        <Box />
        {stops.map((stop) => (
          <Box key={stop.id} sx={{ display: 'flex', justifyContent: 'center' }}>
            <IconButton aria-label={`Add something at ${stop.name}`} onClick={() => onAddAt(stop.id)}>
              <Add />
            </IconButton>
          </Box>
        ))}
      </Box>
    </Box>
  );
}

/** The ground that everything stands on. */
function Ground() {
  return <Box sx={{ gridColumn: '1 / -1', borderBottom: '3px solid', borderColor: 'text.primary' }} />;
}

function placeIn(order: readonly string[], id: string): number | undefined {
  const at = order.indexOf(id);
  return at < 0 ? undefined : at + 1;
}

function Walls({ room, stops }: { room: Room; stops: readonly Stop[] }) {
  return (
    <>
      <Box />
      {wallsOf(room, stops.length).map((wall) => (
        <Box
          key={wall.name}
          sx={{
            gridColumn: `span ${wall.stops}`,
            fontSize: '0.85rem',
            color: 'text.secondary',
            borderInlineStart: '2px solid',
            borderColor: 'text.primary',
            pl: 1,
            pt: 0.25,
          }}
        >
          {wall.name}
        </Box>
      ))}
      <Box />
      {stops.map((stop) => (
        <Box
          key={stop.id}
          sx={{
            fontWeight: 620,
            fontSize: '0.95rem',
            lineHeight: 1.2,
            pt: 0.5,
            pb: 1,
            overflowWrap: 'anywhere',
            alignSelf: 'end',
          }}
        >
          {stop.name}
        </Box>
      ))}
    </>
  );
}

type RowProps = {
  readonly height: Height;
  readonly stops: readonly Stop[];
  readonly room: Room;
  readonly chip: (id: string) => Omit<Parameters<typeof FixtureChip>[0], 'fixture'>;
};

function Row({ height, stops, room, chip }: RowProps) {
  const bands = bandsAt(room, height);
  const edge = { borderTop: '1px solid', borderColor: 'divider' };
  const bandRow = bands.length > 0 && (
    <>
      <Box sx={LABEL}>all round</Box>
      <Box sx={{ gridColumn: `span ${Math.max(1, stops.length)}`, display: 'flex', gap: 1, py: 0.5 }}>
        {bands.map((fixture) => (
          <FixtureChip key={fixture.id} fixture={fixture} {...chip(fixture.id)} />
        ))}
      </Box>
    </>
  );
  return (
    <Fragment>
      <Box sx={{ ...LABEL, ...edge }}>{HEIGHT_WORDS[height]}</Box>
      {stops.map((stop) => (
        <Box
          key={stop.id}
          sx={{ ...edge, py: 0.5, minHeight: 36, display: 'flex', flexDirection: 'column', gap: 0.5 }}
        >
          {fixturesAt(stop, height).map((fixture) => (
            <FixtureChip key={fixture.id} fixture={fixture} {...chip(fixture.id)} />
          ))}
        </Box>
      ))}
      {bandRow}
    </Fragment>
  );
}
