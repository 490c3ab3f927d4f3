'use client';
import { memo, useState } from 'react';
import { FIXTURE_KINDS, isFixtureKind } from '@/core/catalogue/fixture-kinds';
import type { Size } from '@/core/home/room';
import { sizeSchema } from '@/core/home/room-schema';
import { css } from '@/ui/theme/made/css';
import { LengthField } from '../parts/length-field';
import { TextField } from '../parts/text-field';

const SIZE_WORDS: Record<keyof Size, string> = {
  widthM: 'Width',
  heightM: 'Height',
  shelfM: 'Shelves',
  drawers: 'Drawers',
  slats: 'Slats',
};

const LENGTHS: readonly (keyof Size)[] = ['widthM', 'heightM', 'shelfM'];

const FAULT = 'Please give a size above 0 that fits a room.';

type SizeFieldsProps = {
  readonly kind: string;
  readonly size: Size;
  readonly onChange: (size: Size) => void;
};

/** The sizes that matter for this kind of fixture; the usual ones are filled in. */
export const SizeFields = memo(function SizeFields({ kind, size, onChange }: SizeFieldsProps) {
  const usual: Size = isFixtureKind(kind) ? FIXTURE_KINDS[kind].size : {};
  const names = Object.keys(usual) as (keyof Size)[];
  if (names.length === 0) return null;
  return (
    <div className={css({ display: 'flex', flexDirection: 'row', gap: 1.5 })}>
      {names.map((name) => (
        <SizeField
          key={name}
          name={name}
          value={size[name] ?? usual[name] ?? 1}
          onChange={(value) => onChange({ ...size, [name]: value })}
        />
      ))}
    </div>
  );
});

type SizeFieldProps = {
  readonly name: keyof Size;
  readonly value: number;
  readonly onChange: (value: number) => void;
};

/** What was typed stays, and is handed on once it is a size. */
function SizeField({ name, value, onChange }: SizeFieldProps) {
  const [typed, setTyped] = useState<number>();
  const fault = typed !== undefined && !isSize(name, typed) ? FAULT : undefined;
  const type = (next: number) => {
    setTyped(next);
    if (isSize(name, next)) onChange(next);
  };
  const shared = { size: 'small', fullWidth: true } as const;
  if (LENGTHS.includes(name))
    return (
      <LengthField
        {...shared}
        label={SIZE_WORDS[name]}
        metres={typed ?? value}
        onChange={type}
        fault={fault}
      />
    );
  return (
    <TextField
      {...shared}
      label={SIZE_WORDS[name]}
      defaultValue={String(value)}
      onChange={(event) => type(event.target.value.trim() === '' ? Number.NaN : Number(event.target.value))}
      error={fault !== undefined}
      helperText={fault}
      inputMode="numeric"
    />
  );
}

function isSize(name: keyof Size, value: number): boolean {
  return sizeSchema.safeParse({ [name]: value }).success;
}
