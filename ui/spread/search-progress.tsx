'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMutation, useQuery } from '@tanstack/react-query';
import { type SearchProgress as Progress, searchWords } from '@/present/spread/search-words';

const SEARCH = '/api/plan/search';
const LOOK_EVERY_MS = 500;
/** Who waits no longer than this needs no way to end it. */
const SOON_SECONDS = 1;

/** While a plan is looked for: the best that was found so far, and a way to be content with it. */
export function SearchProgress() {
  const { data } = useQuery({
    queryKey: ['plan-search'],
    queryFn: async (): Promise<Progress | null> => (await fetch(SEARCH)).json(),
    refetchInterval: LOOK_EVERY_MS,
    gcTime: 0,
  });
  const stop = useMutation({ mutationFn: () => fetch(SEARCH, { method: 'DELETE' }) });
  if (!data || data.seconds < SOON_SECONDS) return null;
  return (
    <>
      <Box component="span" sx={{ color: 'text.secondary', fontVariantNumeric: 'tabular-nums' }}>
        {searchWords(data)}
      </Box>
      <Button variant="outlined" onClick={() => stop.mutate()} disabled={!stop.isIdle}>
        Stop, and keep the best
      </Button>
    </>
  );
}
