'use client';
import dynamic from 'next/dynamic';
import type { ReactNode } from 'react';
import { placeOf } from '@/present/walk/room-model';
import type { RoomSurroundings } from '@/present/walk/room-work';
import type { RoomTick } from '@/present/walk/ticks';
import { css } from '@/ui/theme/made/css';
import { useStableEvents } from '../parts/use-stable-events';
import type { CommandAction } from '../state/command';
import { DoneHere } from './done-here';
import type { PanelEvents } from './fixture-panel';
import { StopPanel } from './stop-panel';
import type { Open, RoomDesk } from './use-room-desk';

/** The catalogue comes with these two; the strip can be looked at without it. */
const FixturePanel = dynamic(() => import('./fixture-panel').then((module) => module.FixturePanel));
const AddFixture = dynamic(() => import('./add-fixture').then((module) => module.AddFixture));

/** Both, before anybody has pressed. */
export function fetchBelow(): void {
  for (const panel of [import('./fixture-panel'), import('./add-fixture')]) panel.catch(() => undefined);
}

type BelowStripProps = {
  readonly desk: RoomDesk;
  readonly around: RoomSurroundings;
  readonly shown: Open;
  readonly ticks: readonly RoomTick[];
  readonly tickStep: CommandAction;
};

/** What is open below the strip, or what can be done on it. */
export function BelowStrip({ desk, around, shown, ticks, tickStep }: BelowStripProps) {
  const { room } = desk;
  const fixture = shown?.what === 'fixture' ? placeOf(room, shown.id)?.fixture.id : undefined;
  const stop = room.stops.find((known) => known.id === shown?.id);
  if (fixture)
    return (
      <OpenFixture desk={desk} around={around} id={fixture}>
        <DoneHere ticks={ticks.filter((tick) => tick.fixture === fixture)} tickStep={tickStep} />
      </OpenFixture>
    );
  if (stop && shown?.what === 'adding')
    return (
      <AddFixture
        key={`${stop.id} ${shown.typed}`}
        stop={stop}
        roomKind={room.kind}
        typed={shown.typed}
        onAdd={desk.add}
        onClose={() => desk.setOpen(undefined)}
      />
    );
  if (stop && shown?.what === 'stop')
    return (
      <StopPanel
        key={stop.id}
        stop={stop}
        onRename={(name) => desk.make({ do: 'rename-stop', id: stop.id, name })}
        onMove={(way) => desk.moveStop(stop.id, way)}
        onAdd={() => desk.setOpen({ what: 'adding', id: stop.id, typed: '' })}
        onDrop={() => desk.dropStop(stop)}
      />
    );
  return (
    <p id="strip-keys" className={css({ textStyle: 'body', m: 0, color: 'quiet' })}>
      Press a thing to rate it, + to add what else stands there, or just type its name. Drag things and stops
      to where they are. By key: the arrows go from thing to thing, with Alt they move it, and Esc leads back.
    </p>
  );
}

type OpenFixtureProps = Pick<BelowStripProps, 'desk' | 'around'> & {
  readonly id: string;
  readonly children: ReactNode;
};

function OpenFixture({ desk, around, id, children }: OpenFixtureProps) {
  const { room, stops, make, changes, drop, setOpen } = desk;
  const place = placeOf(room, id);
  const events = useStableEvents<PanelEvents>({
    onChange: (fixture) => place && make({ do: 'put-fixture', stopId: place.stop.id, fixture }),
    onMove: (stopId) =>
      place && make({ do: 'move-fixture', id, stopId, height: place.fixture.height }, 'Moved.'),
    onMark: (mark) => changes.send({ do: 'mark', marks: [mark] }),
    onDrop: () => place && drop(place.fixture),
    onClose: () => setOpen(undefined),
  });
  if (!place) return null;
  return (
    <FixturePanel
      room={room}
      around={around}
      stop={place.stop}
      stops={stops}
      fixture={place.fixture}
      {...events}
    >
      {children}
    </FixturePanel>
  );
}
