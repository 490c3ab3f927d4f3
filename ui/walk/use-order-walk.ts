'use client';
import { useState } from 'react';
import type { RoomOrderStep } from '@/present/walk/room-order';
import { useSameList } from '../parts/use-same';
import type { Selection } from './selection';

/** Pushes the strip along until a thing on it can be seen; what is open below it stays where it is. */
function bringIntoSight(fixture: string): void {
  const chip = document.querySelector<HTMLElement>(`[data-fixture="${CSS.escape(fixture)}"]`);
  const strip = chip?.closest<HTMLElement>('[role=region]');
  if (chip && strip) strip.scrollTo({ left: chip.offsetLeft + (chip.offsetWidth - strip.clientWidth) / 2 });
}

/** Each fixture where its first step comes. */
function fixturesInOrder(steps: readonly RoomOrderStep[]): string[] {
  return [...new Set(steps.map((step) => step.fixture))];
}

/** Where one is, and three things further. */
const AHEAD = 4;

/** The order of a room, gone through step by step along the strip. */
export function useOrderWalk(steps: readonly RoomOrderStep[], selection: Selection) {
  const [at, setAt] = useState(0);
  const order = useSameList(fixturesInOrder(steps));
  const waiting = useSameList(fixturesInOrder(steps.filter((step) => step.sets)));
  /** The strip shows at once what is chosen; what opens below it comes with the next picture. */
  const goTo = (next: number) => {
    const step = steps[next];
    if (!step) return;
    setAt(next);
    selection.choose(step.fixture);
    bringIntoSight(step.fixture);
  };
  const ahead = useSameList(fixturesInOrder(steps.slice(at)).slice(0, AHEAD));
  return { order, ahead, waiting, at: Math.min(at, steps.length - 1), goTo };
}
