import { type DBSchema, type IDBPDatabase, openDB } from 'idb';
import type { DayEvent } from '@/core/clean/events';
import type { DayFile } from '@/present/day/day-file';
import type { WallClock } from './wall-clock';

/** What a phone keeps of a day, so that it outlives a closed browser: the day as last known, and what is not sent yet. */

export type KeptFile = { readonly file: DayFile; readonly clock: WallClock };

export type Cupboard = {
  file(date: string, person: string | undefined): Promise<KeptFile | undefined>;
  keepFile(kept: KeptFile): Promise<void>;
  /** In the order in which it happened. */
  unsent(): Promise<DayEvent[]>;
  /** Resolves once the event will be found again after a power cut. */
  keepUnsent(event: DayEvent): Promise<void>;
  sent(ids: readonly string[]): Promise<void>;
};

interface Schema extends DBSchema {
  files: { key: string; value: KeptFile };
  outbox: { key: number; value: { keeper: string; event: DayEvent }; indexes: { keeper: string } };
}

const NAME = 'early-thaw-day';

let opened: Promise<IDBPDatabase<Schema>> | undefined;

function database(): Promise<IDBPDatabase<Schema>> {
  opened ??= openDB<Schema>(NAME, 1, {
    upgrade: (db) => {
      db.createObjectStore('files');
      db.createObjectStore('outbox', { autoIncrement: true }).createIndex('keeper', 'keeper');
    },
  });
  return opened;
}

/** The cupboard of one household, or of one helper, on this phone. */
export function cupboardOf(keeper: string): Cupboard {
  const key = (date: string, person: string | undefined) => `${keeper} ${date} ${person ?? ''}`;
  return {
    file: async (date, person) => (await database()).get('files', key(date, person)),
    keepFile: async (kept) => {
      await (await database()).put('files', kept, key(kept.file.date, kept.file.person));
    },
    unsent: async () =>
      (await (await database()).getAllFromIndex('outbox', 'keeper', keeper)).map(({ event }) => event),
    keepUnsent: async (event) => {
      const writing = (await database()).transaction('outbox', 'readwrite', { durability: 'strict' });
      await writing.store.add({ keeper, event });
      await writing.done;
    },
    sent: async (ids) => {
      const gone = new Set(ids);
      const writing = (await database()).transaction('outbox', 'readwrite');
      for (let at = await writing.store.openCursor(); at; at = await at.continue())
        if (at.value.keeper === keeper && gone.has(at.value.event.id)) await at.delete();
      await writing.done;
    },
  };
}
