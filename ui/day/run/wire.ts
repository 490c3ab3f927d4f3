import type { DayBatch, ToldEvent } from '@/core/clean/events';
import type { DayFile } from '@/present/day/day-file';
import type { Moved, Taken } from '@/present/day/taken';

/** The way to the server and back. */
export type Wire = {
  send(batch: DayBatch): Promise<Sent>;
  /** What has moved for the plan of a number, in words, once that is made. */
  moved(wish: number): Promise<string | undefined>;
  fetchFile(date: string, person: string | undefined): Promise<DayFile | undefined>;
  /** Listens to what this phone does not know yet; returns what ends it. */
  listen(known: Known, ears: Ears): () => void;
};

/** The last number heard, and the revision of the household that the phone's day was made from. */
export type Known = { readonly after: number; readonly revision: number };

export type Sent =
  | { readonly as: 'taken'; readonly taken: Taken }
  /** The server can't be reached, or can't answer now. */
  | { readonly as: 'later' }
  /** This phone may not say anything any more: signed out, or the link was withdrawn. */
  | { readonly as: 'nobody' }
  /** What was sent is not understood, and never will be. */
  | { readonly as: 'unfit' };

export type Ears = {
  readonly happened: (event: ToldEvent) => void;
  readonly planned: () => void;
  readonly up: () => void;
  readonly down: () => void;
  readonly withdrawn: () => void;
};

const TRY_AGAIN_MS = 3_000;
const ANSWER_MS = 10_000;
/** A plan may have to wait for others. */
const PLAN_MS = 60_000;

/** `base` is `/api/day`, or the address of a helper's link. */
export function wireTo(base: string): Wire {
  return {
    send: (batch) => send(base, batch),
    moved: (wish) => moved(base, wish),
    fetchFile: (date, person) => fetchFile(base, date, person),
    listen: (known, ears) => listen(base, known, ears),
  };
}

async function send(base: string, batch: DayBatch): Promise<Sent> {
  const answer = await fetch(`${base}/events`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(batch),
    signal: AbortSignal.timeout(ANSWER_MS),
  }).catch(() => undefined);
  if (answer?.status === 422) return { as: 'unfit' };
  if (answer?.status === 401 || answer?.status === 403) return { as: 'nobody' };
  if (!answer?.ok) return { as: 'later' };
  const taken: Taken | undefined = await answer.json().catch(() => undefined);
  return taken ? { as: 'taken', taken } : { as: 'later' };
}

async function moved(base: string, wish: number): Promise<string | undefined> {
  const answer = await fetch(`${base}/moved/${wish}`, { signal: AbortSignal.timeout(PLAN_MS) }).catch(
    () => undefined,
  );
  const said: Moved | undefined = answer?.ok ? await answer.json().catch(() => undefined) : undefined;
  return said?.words;
}

async function fetchFile(
  base: string,
  date: string,
  person: string | undefined,
): Promise<DayFile | undefined> {
  const asked = person === undefined ? '' : `?person=${encodeURIComponent(person)}`;
  const answer = await fetch(`${base}/file/${date}${asked}`, {
    signal: AbortSignal.timeout(ANSWER_MS),
  }).catch(() => undefined);
  return answer?.ok ? answer.json().catch(() => undefined) : undefined;
}

/** A browser tries a stream again by itself, unless the server has refused it. */
function listen(base: string, { after, revision }: Known, ears: Ears): () => void {
  let source: EventSource | undefined;
  let again: ReturnType<typeof setTimeout> | undefined;
  let over = false;
  const open = () => {
    source = new EventSource(`${base}/stream?after=${after}&revision=${revision}`);
    source.onopen = ears.up;
    source.onerror = () => {
      ears.down();
      if (source?.readyState === EventSource.CLOSED && !over) again = setTimeout(open, TRY_AGAIN_MS);
    };
    source.addEventListener('happened', (message) => ears.happened(JSON.parse(message.data)));
    source.addEventListener('plan', ears.planned);
    source.addEventListener('withdrawn', () => {
      source?.close();
      ears.withdrawn();
    });
  };
  open();
  return () => {
    over = true;
    clearTimeout(again);
    source?.close();
  };
}
