import { type DBSchema, type IDBPDatabase, openDB } from 'idb';
import type { Sent } from './command';

/** Changes by hand that the server does not have yet, kept on this device over closed browsers and power cuts. */

interface Schema extends DBSchema {
  changes: { key: number; value: { keeper: string; sent: Sent }; indexes: { keeper: string } };
}

let opened: Promise<IDBPDatabase<Schema>> | undefined;

function database(): Promise<IDBPDatabase<Schema>> {
  opened ??= openDB<Schema>('early-thaw-changes', 1, {
    upgrade: (db) => {
      db.createObjectStore('changes', { autoIncrement: true }).createIndex('keeper', 'keeper');
    },
  });
  return opened;
}

/** Throws where the device has no room for it. */
export async function keepForLater(keeper: string, sent: Sent): Promise<void> {
  const writing = (await database()).transaction('changes', 'readwrite', { durability: 'strict' });
  await writing.store.add({ keeper, sent });
  await writing.done;
}

/** Those of one household, in their order. */
export async function waiting(keeper: string): Promise<{ readonly key: number; readonly sent: Sent }[]> {
  const index = (await database()).transaction('changes').store.index('keeper');
  const found: { key: number; sent: Sent }[] = [];
  for (let at = await index.openCursor(keeper); at; at = await at.continue())
    found.push({ key: at.primaryKey, sent: at.value.sent });
  return found;
}

const SENT_AT = 'early-thaw-sent-at';

export async function wasSent(key: number): Promise<void> {
  await (await database()).delete('changes', key);
  sessionStorage.setItem(SENT_AT, String(Date.now()));
}

/** Whether the page before this one sent something when this one was on its way, which may then know nothing of it. */
export function wasSentMeanwhile(): boolean {
  return Number(sessionStorage.getItem(SENT_AT)) >= performance.timeOrigin;
}

/** Whether the server can’t be reached, or can take nothing, as while its database is away, rather than having refused. */
export async function isOutOfReach(): Promise<boolean> {
  if (!navigator.onLine) return true;
  return fetch('/health/ready', { cache: 'no-store' }).then(
    ({ ok }) => !ok,
    () => true,
  );
}
