'use client';
import type { SortingState } from '@tanstack/react-table';
import { css } from '@/ui/theme/made/css';
import { NativeSelect } from '../parts/native-select';
import { SORT_CHOICES } from './scope-table';

/** What is longest or most pressing comes first; names and layers in their order. */
const DESCENDING = ['minutes'];

type SortByProps = {
  readonly sorting: SortingState;
  readonly onSort: (sorting: SortingState) => void;
};

/** The order of the list as one choice, for where there is no room for the heads of columns. */
export function SortBy({ sorting, onSort }: SortByProps) {
  return (
    <NativeSelect
      size="small"
      label="Sorted by"
      value={sorting[0]?.id ?? ''}
      none="the walk"
      options={SORT_CHOICES}
      onChange={(id) => onSort(id === '' ? [] : [{ id, desc: DESCENDING.includes(id) }])}
      className={css({ flex: { base: '1 1 40%', sm: '0 1 150px' } })}
    />
  );
}
