'use client';
import { memo, useState } from 'react';
import type { Fixture } from '@/core/home/room';
import { fixtureSchema } from '@/core/home/room-schema';
import { TextField } from '../parts/text-field';

type PlacesFieldProps = {
  /** How many there are. */
  readonly count: number;
  readonly places: Fixture['places'];
  readonly onChange: (places: Fixture['places']) => void;
};

const FAULT = 'Please keep each name to 60 characters.';

/** What the single cupboards, drawers or shelves are called; those without a name are counted. */
export const PlacesField = memo(function PlacesField({ count, places, onChange }: PlacesFieldProps) {
  const [typed, setTyped] = useState<string>();
  const lines = (text: string) =>
    text
      .split('\n')
      .slice(0, count)
      .map((line) => line.trim());
  const read = typed === undefined ? undefined : fixtureSchema.shape.places.safeParse(lines(typed));
  const fault = read && !read.success ? FAULT : undefined;
  const type = (text: string) => {
    setTyped(text);
    const named = fixtureSchema.shape.places.safeParse(lines(text));
    if (named.success) onChange(named.data?.some((name) => name !== '') ? named.data : undefined);
  };
  return (
    <TextField
      multiline
      size="small"
      label={`What the ${count} are called`}
      placeholder={'left of the sink\nabove the hob'}
      value={typed ?? (places ?? []).join('\n')}
      onChange={(event) => type(event.target.value)}
      error={fault !== undefined}
      helperText={fault ?? 'One name a line, if you like. Each has a tick of its own on the day.'}
    />
  );
});
