'use client';
import Autocomplete from '@mui/material/Autocomplete';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import { FIXTURE_KINDS, type FixtureKindName, searchFixtureKinds } from '@/core/catalogue/fixture-kinds';
import type { Stop } from '@/core/home/room';

/** Adds what stands at a stop, by part of its name or another word for it. */
export function AddFixture({
  stop,
  onAdd,
  onClose,
}: {
  stop: Stop;
  onAdd: (kind: FixtureKindName) => void;
  onClose: () => void;
}) {
  return (
    <Stack
      direction={{ xs: 'column', sm: 'row' }}
      spacing={1.5}
      sx={{ maxWidth: 620, alignItems: { sm: 'center' } }}
    >
      <Autocomplete
        fullWidth
        autoHighlight
        openOnFocus
        disablePortal
        value={null}
        options={searchFixtureKinds('')}
        filterOptions={(_options, { inputValue }) => searchFixtureKinds(inputValue)}
        getOptionLabel={(kind) => FIXTURE_KINDS[kind].name}
        onChange={(_event, kind) => kind && onAdd(kind)}
        noOptionsText="Nothing in the catalogue goes by that name."
        renderInput={(params) => <TextField {...params} autoFocus label={`What stands at “${stop.name}”?`} />}
      />
      <Button onClick={onClose} color="inherit">
        Done adding
      </Button>
    </Stack>
  );
}
