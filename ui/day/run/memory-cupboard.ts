import type { DayEvent } from '@/core/clean/events';
import type { Cupboard, KeptFile } from './cupboard';

/** A cupboard that outlives its phone, as the one in a browser does; for phones without a browser. */
export function cupboardInMemory(): Cupboard & { readonly outbox: DayEvent[] } {
  const outbox: DayEvent[] = [];
  let file: KeptFile | undefined;
  return {
    outbox,
    file: async () => file,
    keepFile: async (kept) => {
      file = kept;
    },
    unsent: async () => [...outbox],
    keepUnsent: async (event) => {
      outbox.push(event);
    },
    sent: async (ids) => {
      for (const id of ids) {
        const at = outbox.findIndex((event) => event.id === id);
        if (at >= 0) outbox.splice(at, 1);
      }
    },
  };
}
