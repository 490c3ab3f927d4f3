'use client';
import TextField from '@mui/material/TextField';
import type { SortingState } from '@tanstack/react-table';
import { SORT_CHOICES } from './scope-table';

/** What is longest or most pressing comes first; names and layers in their order. */
const DESCENDING = ['minutes'];

/** The order of the list as one choice, for where there is no room for the heads of columns. */
export function SortBy({
  sorting,
  onSort,
}: {
  sorting: SortingState;
  onSort: (sorting: SortingState) => void;
}) {
  return (
    <TextField
      select
      size="small"
      label="Sorted by"
      value={sorting[0]?.id ?? ''}
      onChange={(event) => {
        const id = event.target.value;
        onSort(id === '' ? [] : [{ id, desc: DESCENDING.includes(id) }]);
      }}
      slotProps={{ select: { native: true }, inputLabel: { shrink: true } }}
      sx={{ flex: { xs: '1 1 40%', sm: '0 1 150px' } }}
    >
      <option value="">the walk</option>
      {SORT_CHOICES.map(([id, words]) => (
        <option key={id} value={id}>
          {words}
        </option>
      ))}
    </TextField>
  );
}
