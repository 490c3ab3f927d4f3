'use client';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { FIXTURE_KINDS, isFixtureKind } from '@/core/catalogue/fixture-kinds';
import type { Fixture, Size } from '@/core/home/room';
import { sizeSchema } from '@/core/home/room-schema';

const SIZE_WORDS: Record<keyof Size, string> = {
  widthM: 'Width, m',
  heightM: 'Height, m',
  shelfM: 'Shelves, m',
  drawers: 'Drawers',
  slats: 'Slats',
};

/** The sizes that matter for this kind of fixture; the usual ones are filled in. */
export function SizeFields({ fixture, onChange }: { fixture: Fixture; onChange: (size: Size) => void }) {
  const usual: Size = isFixtureKind(fixture.kind) ? FIXTURE_KINDS[fixture.kind].size : {};
  const names = Object.keys(usual) as (keyof Size)[];
  if (names.length === 0) return null;
  return (
    <Stack direction="row" spacing={1.5}>
      {names.map((name) => (
        <SizeField
          key={name}
          label={SIZE_WORDS[name]}
          name={name}
          value={fixture.size[name] ?? usual[name] ?? 1}
          onChange={(value) => onChange({ ...fixture.size, [name]: value })}
        />
      ))}
    </Stack>
  );
}

function SizeField({
  label,
  name,
  value,
  onChange,
}: {
  label: string;
  name: keyof Size;
  value: number;
  onChange: (value: number) => void;
}) {
  const [typed, setTyped] = useState<string>();
  const [fault, setFault] = useState<string>();
  const type = (text: string) => {
    setTyped(text);
    const parsed = sizeSchema.safeParse({
      [name]: Number(text.trim() === '' ? Number.NaN : text.replace(',', '.')),
    });
    const size = parsed.success ? parsed.data[name] : undefined;
    setFault(size === undefined ? 'Please give a size above 0 that fits a room.' : undefined);
    if (size !== undefined) onChange(size);
  };
  return (
    <TextField
      size="small"
      label={label}
      value={typed ?? String(value)}
      onChange={(event) => type(event.target.value)}
      error={fault !== undefined}
      helperText={fault}
      slotProps={{
        htmlInput: { inputMode: 'decimal' },
        formHelperText: { role: fault ? 'alert' : undefined },
      }}
    />
  );
}
