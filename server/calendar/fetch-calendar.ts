import { get as getOpenly, type IncomingMessage } from 'node:http';
import { get as getSecurely } from 'node:https';
import { useAgent as filteringAgent } from 'request-filtering-agent';
import { MOST_FILE_BYTES } from '../../core/basics/limits';
import { decode, tooLarge } from '../process/text-of-bytes';

/** A calendar that stands at an address, fetched when somebody asks for it. */

export type Fetched =
  | { readonly ok: true; readonly text: string; readonly address: string }
  | { readonly ok: false; readonly sentence: string };

type FetchOptions = {
  /** Addresses inside the own network too; by default the server is nobody's way into it. */
  readonly isPrivateFine?: boolean;
  readonly mostBytes?: number;
  readonly mostMs?: number;
};

const MOST_MS = 10_000;
const MOST_HOPS = 4;
const MOST_ADDRESS = 2_000;
const SCHEMES = ['http:', 'https:'];

const NO_ADDRESS =
  'This is not the address of a calendar. It begins with https:// or webcal:// and often ends with .ics. Nothing was changed.';
const UNREACHED =
  'Nobody answers at that address, so nothing was changed: the busy times from before still hold.';
const PRIVATE =
  'That address lies inside a private network, where this server does not look. Nothing was changed.';

/** `webcal` is how calendar programs write an address that is fetched by https. */
export function calendarAddress(text: string): URL | undefined {
  const written = text.trim().replace(/^webcals?:\/\//i, 'https://');
  if (written.length > MOST_ADDRESS || !URL.canParse(written)) return undefined;
  const url = new URL(written);
  return SCHEMES.includes(url.protocol) && url.username === '' && url.password === '' ? url : undefined;
}

export async function fetchCalendar(text: string, options: FetchOptions = {}): Promise<Fetched> {
  const url = calendarAddress(text);
  if (!url) return { ok: false, sentence: NO_ADDRESS };
  const { mostMs = MOST_MS, mostBytes = MOST_FILE_BYTES, isPrivateFine = false } = options;
  const signal = AbortSignal.timeout(mostMs);
  try {
    const answer = await follow(url, { signal, isPrivateFine });
    if (answer.statusCode !== 200) {
      answer.destroy();
      return { ok: false, sentence: refusedWords(answer.statusCode) };
    }
    const bytes = await bytesOf(answer, mostBytes);
    if (!bytes) return { ok: false, sentence: tooLarge(mostBytes) };
    const read = decode(bytes);
    return read.ok ? { ...read, address: url.href } : read;
  } catch (error) {
    return { ok: false, sentence: isFiltered(error) ? PRIVATE : UNREACHED };
  }
}

type Asked = { readonly signal: AbortSignal; readonly isPrivateFine: boolean };

/** The answer at the end of a few ways on, none of which may lead where the first could not. */
async function follow(url: URL, asked: Asked, hops = 0): Promise<IncomingMessage> {
  const answer = await ask(url, asked);
  const { statusCode = 0, headers } = answer;
  if (statusCode < 300 || statusCode >= 400 || !headers.location || hops >= MOST_HOPS) return answer;
  answer.destroy();
  const next = calendarAddress(new URL(headers.location, url).href);
  if (!next) throw new Error('It leads to no address.');
  return follow(next, asked, hops + 1);
}

function ask(url: URL, { signal, isPrivateFine }: Asked): Promise<IncomingMessage> {
  const get = url.protocol === 'https:' ? getSecurely : getOpenly;
  // Looked at after the name is resolved, so that no name leads inside.
  const agent = filteringAgent(url.href, isPrivateFine ? { allowPrivateIPAddress: true } : {});
  return new Promise((resolve, reject) => {
    get(url, { agent, signal, headers: { accept: 'text/calendar, text/plain' } }, resolve).on(
      'error',
      reject,
    );
  });
}

async function bytesOf(answer: IncomingMessage, most: number): Promise<Uint8Array | undefined> {
  const parts: Buffer[] = [];
  let size = 0;
  for await (const part of answer as AsyncIterable<Buffer>) {
    size += part.length;
    if (size > most) {
      answer.destroy();
      return undefined;
    }
    parts.push(part);
  }
  return Buffer.concat(parts);
}

function isFiltered(error: unknown): boolean {
  return error instanceof Error && /is not allowed|private IP/i.test(error.message);
}

function refusedWords(status: number | undefined): string {
  return status === 401 || status === 403 || status === 404 || status === 410
    ? 'There is no calendar at that address, or it is not shared any more. Nothing was changed: the busy times from before still hold.'
    : UNREACHED;
}
