'use client';
import { memo } from 'react';
import { wearsOutAt } from '@/core/catalogue/worn-parts';
import type { Fixture } from '@/core/home/room';
import { THINGS, type ThingName } from '@/core/home/thing-names';
import { NativeSelect } from '../parts/native-select';

type NeedsFieldProps = {
  readonly kind: string;
  readonly needs: Fixture['needs'];
  readonly onChange: (needs: Fixture['needs']) => void;
};

/** What is worn out at it: then it is on the shopping list, with the day by which it is needed. */
export const NeedsField = memo(function NeedsField({ kind, needs, onChange }: NeedsFieldProps) {
  const things = wearsOutAt(kind);
  if (things.length === 0) return null;
  return (
    <NativeSelect
      size="small"
      label="Worn out"
      value={needs ?? ''}
      options={[['', 'nothing'], ...things.map((thing) => [thing, THINGS[thing]] as const)]}
      onChange={(thing) => onChange(thing === '' ? undefined : (thing as ThingName))}
    />
  );
});
