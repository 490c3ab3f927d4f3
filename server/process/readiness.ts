import { processWide } from './process-wide';

/** Whether what the server needs answers. It is looked at on a beat of its own, so that no stranger’s request reaches it. */

const EVERY_MS = 2_000;
const MOST_MS = 5_000;

type Readiness = { ready: boolean; timer: NodeJS.Timeout | undefined };

const state = () => processWide<Readiness>('readiness', () => ({ ready: false, timer: undefined }));

/** Begins to look; `ask` fails, or says nothing for too long, where the server could answer nobody. */
export function watchReadiness(ask: () => Promise<unknown>, everyMs = EVERY_MS): () => void {
  const own = state();
  clearTimeout(own.timer);
  let isOver = false;
  const look = async () => {
    const isReady = await answered(ask());
    if (isOver) return;
    own.ready = isReady;
    own.timer = setTimeout(look, everyMs).unref();
  };
  void look();
  return () => {
    isOver = true;
    clearTimeout(own.timer);
  };
}

export function isReady(): boolean {
  return state().ready;
}

function answered(asked: Promise<unknown>): Promise<boolean> {
  return new Promise((resolve) => {
    const timer = setTimeout(() => resolve(false), MOST_MS).unref();
    asked
      .then(
        () => resolve(true),
        () => resolve(false),
      )
      .finally(() => clearTimeout(timer));
  });
}
