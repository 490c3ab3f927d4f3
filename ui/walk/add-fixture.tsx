'use client';
import Autocomplete from '@mui/material/Autocomplete';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { FIXTURE_KINDS, type FixtureKindName, searchFixtureKinds } from '@/core/catalogue/fixture-kinds';
import type { RoomKind, Stop } from '@/core/home/room';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { ChoiceTheme } from '../theme/choice-theme';

/** How many are shown at a time; typing narrows them down. */
const MOST_SHOWN = 60;

type AddFixtureProps = {
  readonly stop: Stop;
  readonly roomKind: RoomKind;
  /** What somebody has begun to type on the strip. */
  readonly typed: string;
  readonly onAdd: (kind: FixtureKindName) => void;
  readonly onClose: () => void;
};

/** Adds what stands at a stop, by part of its name or another word for it. */
export function AddFixture({ stop, roomKind, typed, onAdd, onClose }: AddFixtureProps) {
  const [text, setText] = useState(typed);
  return (
    <div
      className={css({
        display: 'flex',
        flexDirection: { base: 'column', sm: 'row' },
        gap: 1.5,
        maxWidth: 620,
        p: { base: 2, md: 3 },
        alignItems: { sm: 'center' },
      })}
    >
      <ChoiceTheme>
        <Autocomplete
          fullWidth
          autoHighlight
          openOnFocus
          // Above all that lies behind it, and inside the page's main part all the same.
          slotProps={{ popper: { container: () => document.getElementById('main') } }}
          clearOnBlur={false}
          value={null}
          inputValue={text}
          onInputChange={(_event, value, reason) => setText(reason === 'selectOption' ? '' : value)}
          options={searchFixtureKinds('', roomKind)}
          filterOptions={(_options, { inputValue }) =>
            searchFixtureKinds(inputValue, roomKind).slice(0, MOST_SHOWN)
          }
          getOptionLabel={(kind) => FIXTURE_KINDS[kind].name}
          onChange={(_event, kind) => kind && onAdd(kind)}
          onKeyDown={(event) => {
            if (event.key === 'Escape') onClose();
          }}
          noOptionsText="Nothing in the catalogue goes by that name. “Something else” takes anything."
          renderInput={(params) => (
            <TextField {...params} autoFocus label={`What stands at “${stop.name}”?`} />
          )}
        />
      </ChoiceTheme>
      <Button onClick={onClose} color="inherit" className={css({ flexShrink: 0 })}>
        Done adding
      </Button>
    </div>
  );
}
