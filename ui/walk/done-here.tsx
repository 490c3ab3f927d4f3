'use client';
import { memo, useOptimistic } from 'react';
import type { RoomTick } from '@/present/walk/ticks';
import { css } from '@/ui/theme/made/css';
import { Check } from '../parts/check';
import { Sentence } from '../parts/sentence';
import { Unfold } from '../parts/unfold';
import type { CommandAction } from '../state/command';
import { useCommand } from '../state/use-command';

type DoneHereProps = {
  /** Of one thing. */
  readonly ticks: readonly RoomTick[];
  readonly tickStep: CommandAction;
};

/** What is done at a thing already, ticked off where one stands: one of eight cupboards, or all of it. */
export const DoneHere = memo(function DoneHere({ ticks, tickStep }: DoneHereProps) {
  const { send, fault } = useCommand();
  const [shown, show] = useOptimistic(ticks, ticked);
  if (ticks.length === 0) return null;
  const done = shown.filter(({ isDone }) => isDone).length;
  const say = ({ step, after }: RoomTick) => {
    return (isDone: boolean) =>
      send(
        tickStep,
        { step, isDone, after: isDone ? [] : after },
        { show: () => show({ steps: isDone ? [step] : [step, ...after], isDone }) },
      );
  };
  return (
    <Unfold title={`Done already: ${done} of ${shown.length}`} slim open={ticks.length <= FEW}>
      <Sentence>{fault}</Sentence>
      <ul className={css({ listStyle: 'none', p: 0, m: 0 })}>
        {shown.map((tick) => (
          <li key={tick.step}>
            <Check label={tick.words} checked={tick.isDone} onChange={say(tick)} />
          </li>
        ))}
      </ul>
    </Unfold>
  );
});

/** So many are seen at once. */
const FEW = 12;

type Ticked = { readonly steps: readonly string[]; readonly isDone: boolean };

function ticked(ticks: readonly RoomTick[], { steps, isDone }: Ticked): readonly RoomTick[] {
  return ticks.map((tick) => (steps.includes(tick.step) ? { ...tick, isDone } : tick));
}
