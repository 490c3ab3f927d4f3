'use client';
import { type Dispatch, memo, type ReactNode, type SetStateAction, useMemo } from 'react';
import { WORK_KINDS } from '@/core/catalogue/work-kinds';
import { type Filters, LAYERS, LENGTHS, NO_FILTERS, type ScopeScreen } from '@/present/scope/scope-model';
import { count } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { NativeSelect } from '../parts/native-select';
import { TextField } from '../parts/text-field';
import { useAnswered } from '../parts/use-answered';

const SCOPE_WORDS: Record<Exclude<Filters['scope'], ''>, string> = {
  in: 'In',
  out: 'Out',
  due: 'Due, or nobody knows',
  matters: 'Matters most',
  dreaded: 'Dreaded',
};

type ScopeFiltersProps = {
  readonly screen: ScopeScreen;
  readonly filters: Filters;
  readonly onChange: Dispatch<SetStateAction<Filters>>;
  readonly shown: number;
  /** How the list is sorted, chosen beside what it is filtered by. */
  readonly sortBy: ReactNode;
};

function inWords(rows: Readonly<Record<string, { readonly words: string }>>): [string, string][] {
  return Object.entries(rows).map(([value, { words }]) => [value, words]);
}

export function ScopeFilters({ screen, filters, onChange, shown, sortBy }: ScopeFiltersProps) {
  // What is typed elsewhere meanwhile is not lost: each choice changes the filters as they are then.
  const set = (name: keyof Filters) => (value: string) => onChange((known) => ({ ...known, [name]: value }));
  const [text, type] = useAnswered(filters.text, set('text'));
  return (
    <div
      role="search"
      aria-label="The list"
      className={css({ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center', mb: 1.5 })}
    >
      <TextField
        size="small"
        label="Find a job"
        value={text}
        onChange={(event) => type(event.target.value)}
        className={css({ width: { base: '100%', sm: 190 } })}
      />
      <Choices screen={screen} filters={filters} set={set} />
      {sortBy}
      <div role="status" className={css({ color: 'quiet' })}>
        {count(shown, 'job', 'jobs')} shown
      </div>
      {filters !== NO_FILTERS && <Button onClick={() => onChange(NO_FILTERS)}>Show all</Button>}
    </div>
  );
}

type ChoicesProps = Pick<ScopeFiltersProps, 'screen' | 'filters'> & {
  readonly set: (name: keyof Filters) => (value: string) => void;
};

function Choices({ screen, filters, set }: ChoicesProps) {
  const products = useMemo(
    () => [...new Set(screen.rows.flatMap((row) => row.products))].sort((a, b) => a.localeCompare(b)),
    [screen.rows],
  );
  const same = (list: readonly string[]) => list.map((name) => [name, name] as const);
  const rooms = screen.rooms.map(({ id, name }) => [id, name] as const);
  const choice = (name: keyof Filters) => ({ value: filters[name], onChange: set(name) });
  return (
    <>
      <Filter label="Room" options={rooms} {...choice('room')} />
      <Filter label="Kind" options={Object.entries(WORK_KINDS)} {...choice('kind')} />
      <Filter label="Scope" options={Object.entries(SCOPE_WORDS)} {...choice('scope')} />
      <Filter label="Who can" options={same(screen.people)} {...choice('person')} />
      <Filter label="Product" options={same(products)} {...choice('product')} />
      <Filter label="Height" options={inWords(LAYERS)} {...choice('layer')} />
      <Filter label="Length" options={inWords(LENGTHS)} {...choice('minutes')} />
    </>
  );
}

type FilterProps = {
  readonly label: string;
  readonly value: string;
  readonly options: readonly (readonly [value: string, words: string])[];
  readonly onChange: (value: string) => void;
};

/** A choice that narrows the list down. */
const Filter = memo(function Filter(props: FilterProps) {
  return (
    <NativeSelect
      {...props}
      size="small"
      none="all"
      className={css({ flex: { base: '1 1 40%', sm: '0 1 150px' } })}
    />
  );
}, isSameFilter);

/** Its choices follow from the house; only what is chosen moves while somebody types. */
function isSameFilter(before: FilterProps, after: FilterProps): boolean {
  return before.value === after.value && before.options.length === after.options.length;
}
