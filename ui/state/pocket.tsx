'use client';
import { useRouter } from 'next/navigation';
import { createContext, type ReactNode, useContext, useEffect, useMemo, useState } from 'react';
import type { ActionResult } from '@/present/forms/result';
import { IS_IT_KEPT } from '@/present/offline/kept-pages';
import { css } from '@/ui/theme/made/css';
import { type Sent, sentenceOf } from './command';
import { serverHasPage } from './has-page';
import { keepAhead } from './keep-pages';
import { isOutOfReach, keepForLater, waiting, wasSent, wasSentMeanwhile } from './outbox';

/**
 * The application away from its server: pages are kept on a phone, changes wait on the device, and go out in their order
 * once the server answers again.
 */

type Pocket = {
  /** Keeps a change for later where the server is out of reach; says whether it did. */
  readonly keep: (sent: Sent) => Promise<boolean>;
  /** Puts a change behind those that wait, so that it overtakes none of them; says whether any did. */
  readonly behind: (sent: Sent) => Promise<boolean>;
};

const PocketContext = createContext<Pocket | undefined>(undefined);

export function usePocket(): Pocket | undefined {
  return useContext(PocketContext);
}

type PocketProviderProps = {
  /** Names the household to this device, and is no key to anything. */
  readonly keeper: string;
  readonly children: ReactNode;
};

/** Phones and what was put beside the other applications; a desk has a network. */
const IN_THE_HAND = '(pointer: coarse), (display-mode: standalone)';
const TRY_AGAIN_MS = 20_000;

export function PocketProvider({ keeper, children }: PocketProviderProps) {
  const { count, fault, look } = useOutbox(keeper);
  useEffect(() => {
    if (window.matchMedia(IN_THE_HAND).matches) void keepAhead();
  }, []);
  useFreshSoon();
  const pocket = useMemo<Pocket>(() => {
    const put = async (sent: Sent) => {
      const kept = await keepForLater(keeper, sent).then(
        () => true,
        () => false,
      );
      if (kept) look();
      return kept;
    };
    return {
      keep: async (sent) => (await isOutOfReach()) && put(sent),
      behind: async (sent) => count > 0 && put(sent),
    };
  }, [keeper, look, count]);
  return (
    <PocketContext value={pocket}>
      <div role="status" className={css(count + fault.length > 0 ? NOTE : undefined)}>
        {count > 0 &&
          `${count === 1 ? 'One change is' : `${count} changes are`} kept on this device, and will be sent when the server can be reached.`}{' '}
        {fault}
      </div>
      {children}
    </PocketContext>
  );
}

const NOTE = { p: 1.5, mb: 2, borderRadius: '3px', bgcolor: 'var(--colors-sun-soft)' } as const;

/** A page that came from the phone, since the server was slow or out of reach, is drawn anew once it has it. */
function useFreshSoon(): void {
  const router = useRouter();
  useEffect(() => {
    const worker = navigator.serviceWorker?.controller;
    if (!worker) return;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const look = async () => {
      clearTimeout(timer);
      if (await serverHasPage()) {
        window.removeEventListener('online', look);
        router.refresh();
      } else timer = setTimeout(look, TRY_AGAIN_MS);
    };
    const { port1, port2 } = new MessageChannel();
    port1.onmessage = ({ data }) => {
      if (data !== true) return;
      window.addEventListener('online', look);
      void look();
    };
    worker.postMessage(IS_IT_KEPT, [port2]);
    return () => {
      port1.close();
      clearTimeout(timer);
      window.removeEventListener('online', look);
    };
  }, [router]);
}

/** What waits, sent as soon as somebody answers. */
function useOutbox(keeper: string) {
  const router = useRouter();
  const [state, setState] = useState({ count: 0, fault: '' });
  const [turn, setTurn] = useState(0);
  useEffect(() => {
    if (wasSentMeanwhile()) router.refresh();
  }, [router]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: looked at anew where something was kept
  useEffect(() => {
    let isOver = false;
    const flush = async () => {
      const sent = await sendAll(keeper).catch(() => undefined);
      if (isOver || !sent) return;
      // What was refused stays to be read until something else has been sent.
      setState((last) => ({ count: sent.left, fault: sent.done > 0 ? sent.faults.join(' ') : last.fault }));
      if (sent.done > 0) router.refresh();
    };
    void flush();
    const timer = setInterval(() => void flush(), TRY_AGAIN_MS);
    window.addEventListener('online', flush);
    return () => {
      isOver = true;
      clearInterval(timer);
      window.removeEventListener('online', flush);
    };
  }, [keeper, router, turn]);
  const look = useMemo(() => () => setTurn((last) => last + 1), []);
  return { ...state, look };
}

/** One after the other, as they were made; a second page that sends them too changes nothing. */
async function sendAll(keeper: string): Promise<{ left: number; done: number; faults: string[] }> {
  const all = await waiting(keeper);
  const faults: string[] = [];
  let done = 0;
  for (const { key, sent } of all) {
    const result = await fetch('/api/change', { method: 'POST', body: JSON.stringify(sent) })
      .then((answer) => (answer.ok ? (answer.json() as Promise<ActionResult>) : undefined))
      .catch(() => undefined);
    if (!result) return { left: all.length - done, done, faults };
    await wasSent(key);
    done += 1;
    if (!result.ok) faults.push(sentenceOf(result));
  }
  return { left: 0, done, faults };
}
