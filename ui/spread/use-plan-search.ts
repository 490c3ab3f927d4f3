'use client';
import { QueryClient, useMutation, useQuery } from '@tanstack/react-query';
import type { SearchProgress } from '@/present/spread/search-words';

const SEARCH = '/api/plan/search';
const LOOK_EVERY_MS = 500;
/** Who waits no longer than this needs no way to end it. */
const SOON_SECONDS = 1;

const client = new QueryClient();

/** The search for a plan while it is under way and takes a while: how far it is, and a way to be content with that. */
export function usePlanSearch(
  pending: boolean,
): { readonly progress: SearchProgress; readonly stop: () => void } | undefined {
  const { data } = useQuery(
    {
      queryKey: ['plan-search'],
      queryFn: async (): Promise<SearchProgress | null> => (await fetch(SEARCH)).json(),
      refetchInterval: LOOK_EVERY_MS,
      enabled: pending,
      gcTime: 0,
    },
    client,
  );
  const { mutate } = useMutation({ mutationFn: () => fetch(SEARCH, { method: 'DELETE' }) }, client);
  if (!pending || !data || data.seconds < SOON_SECONDS) return undefined;
  return { progress: data, stop: () => mutate() };
}
