'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import dynamic from 'next/dynamic';
import { useOptimistic, useRef, useState, useTransition } from 'react';
import type { FixtureKindName } from '@/core/catalogue/fixture-kinds';
import type { Fixture, Room, Stop } from '@/core/home/room';
import { newFixture } from '@/core/home/starters';
import type { ActionResult } from '../forms/result';
import { newId } from '../parts/new-id';
import { Sentence } from '../parts/sentence';
import { AddStop } from './add-stop';
import { fixtureName } from './fixture-words';
import { Strip } from './strip';

/** The catalogue comes with these two; the strip can be looked at without it. */
const FixturePanel = dynamic(() => import('./fixture-panel').then((module) => module.FixturePanel));
const AddFixture = dynamic(() => import('./add-fixture').then((module) => module.AddFixture));

export type RoomActions = {
  readonly saveFixture: (input: unknown) => Promise<ActionResult>;
  readonly dropFixture: (input: unknown) => Promise<ActionResult>;
  readonly addStop: (input: unknown) => Promise<ActionResult>;
};

type Change =
  | { readonly do: 'put'; readonly stopId: string; readonly fixture: Fixture }
  | { readonly do: 'drop'; readonly fixture: Fixture }
  | { readonly do: 'stop'; readonly stop: Stop };

/** The room unrolled from its door, with what stands in it; everything on it is counted, rated and added in place. */
export function UnrolledRoom({
  room: stored,
  order,
  clear,
  actions,
}: {
  room: Room;
  order: readonly string[];
  clear: readonly string[];
  actions: RoomActions;
}) {
  const [room, change] = useOptimistic(stored, applied);
  const [selected, setSelected] = useState<string>();
  const [adding, setAdding] = useState<string>();
  const [sentence, setSentence] = useState<string>();
  const [said, setSaid] = useState('');
  const [dropped, setDropped] = useState<{ stop: Stop; fixture: Fixture }>();
  const [, start] = useTransition();
  const panel = useRef<HTMLDivElement>(null);
  const place = room.stops
    .flatMap((stop) => stop.fixtures.map((fixture) => ({ stop, fixture })))
    .find((found) => found.fixture.id === selected);

  /** Shows the change at once; says that it is made once the server has it. */
  const carryOut = (what: Change, action: () => Promise<ActionResult>, words = 'Kept.') => {
    setSaid('');
    start(async () => {
      change(what);
      setSentence(undefined);
      const result = await action().catch(() => undefined);
      if (!result) setSentence('The server did not answer. The room is as it was; try again in a moment.');
      else if (!result.ok) setSentence(result.faults.map((fault) => fault.sentence).join(' '));
      else setSaid(words);
    });
  };
  const save = (stopId: string, fixture: Fixture, words?: string) =>
    carryOut({ do: 'put', stopId, fixture }, () => actions.saveFixture({ stopId, fixture }), words);
  const add = (stop: Stop, kind: FixtureKindName) => {
    const fixture = newFixture(newId(), kind);
    save(stop.id, fixture, `${fixtureName(fixture)} added at ${stop.name}.`);
    setSelected(fixture.id);
  };
  const drop = (stop: Stop, fixture: Fixture) => {
    const words = `${fixtureName(fixture)} removed.`;
    carryOut({ do: 'drop', fixture }, () => actions.dropFixture({ id: fixture.id }), words);
    setSelected(undefined);
    setDropped({ stop, fixture });
  };
  const putBack = ({ stop, fixture }: { stop: Stop; fixture: Fixture }) => {
    save(stop.id, fixture, `${fixtureName(fixture)} is back at ${stop.name}.`);
    setDropped(undefined);
    setSelected(fixture.id);
  };
  const addStop = (name: string) => {
    const stop: Stop = { id: newId(), name, shell: false, fixtures: [] };
    carryOut({ do: 'stop', stop }, () => actions.addStop({ id: stop.id, roomId: room.id, name }));
    setAdding(stop.id);
  };
  const select = (id: string) => {
    setDropped(undefined);
    setSelected(id);
    setAdding(undefined);
    panel.current?.scrollIntoView({ block: 'nearest' });
  };
  const stopToFill = room.stops.find((stop) => stop.id === adding);

  return (
    <Stack spacing={2}>
      <Sentence>{sentence}</Sentence>
      <Strip
        room={room}
        order={order}
        clear={new Set(clear)}
        selected={selected}
        onSelect={select}
        onAddAt={(stopId) => {
          setAdding(stopId);
          setSelected(undefined);
        }}
      />
      <AddStop onAdd={addStop} />
      <Box role="status" sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
        <span className={dropped ? undefined : 'visually-hidden'}>{said}</span>
        {dropped && <Button onClick={() => putBack(dropped)}>Undo</Button>}
      </Box>
      <Box ref={panel}>
        {place && (
          <FixturePanel
            key={place.fixture.id}
            room={room}
            stop={place.stop}
            fixture={place.fixture}
            onChange={(fixture) => save(place.stop.id, fixture)}
            onDrop={() => drop(place.stop, place.fixture)}
          />
        )}
        {stopToFill && !place && (
          <AddFixture
            key={stopToFill.id}
            stop={stopToFill}
            onAdd={(kind) => add(stopToFill, kind)}
            onClose={() => setAdding(undefined)}
          />
        )}
        {!place && !stopToFill && (
          <Typography sx={{ color: 'text.secondary' }}>
            Press a thing on the strip to count and rate it. Press + below a stop to add what else stands
            there.
          </Typography>
        )}
      </Box>
    </Stack>
  );
}

function applied(room: Room, change: Change): Room {
  if (change.do === 'stop') return { ...room, stops: [...room.stops, change.stop] };
  return {
    ...room,
    stops: room.stops.map((stop) => {
      if (change.do === 'drop')
        return { ...stop, fixtures: stop.fixtures.filter((fixture) => fixture.id !== change.fixture.id) };
      if (stop.id !== change.stopId) return stop;
      const known = stop.fixtures.some((fixture) => fixture.id === change.fixture.id);
      return {
        ...stop,
        fixtures: known
          ? stop.fixtures.map((fixture) => (fixture.id === change.fixture.id ? change.fixture : fixture))
          : [...stop.fixtures, change.fixture],
      };
    }),
  };
}
