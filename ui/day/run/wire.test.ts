import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { DayBatch } from '@/core/clean/events';
import type { Ears } from './wire';
import { wireTo } from './wire';

const BATCH: DayBatch = { sentAt: '2027-03-01T18:00:00', events: [] };
const TAKEN = { answers: [], told: [], clockWrong: false, isBack: false };

class Source {
  static readonly CLOSED = 2;
  static opened: Source[] = [];
  readyState = 0;
  onopen = () => {};
  onerror = () => {};
  private readonly heard = new Map<string, (message: { data: string }) => void>();
  constructor(readonly address: string) {
    Source.opened.push(this);
  }
  addEventListener(kind: string, hear: (message: { data: string }) => void) {
    this.heard.set(kind, hear);
  }
  say(kind: string, data: unknown = {}) {
    this.heard.get(kind)?.({ data: JSON.stringify(data) });
  }
  close() {
    this.readyState = Source.CLOSED;
  }
  /** Refused for good, as by a server that is just starting. */
  refuse() {
    this.readyState = Source.CLOSED;
    this.onerror();
  }
}

const ears = () =>
  ({
    happened: vi.fn(),
    planned: vi.fn(),
    up: vi.fn(),
    down: vi.fn(),
    withdrawn: vi.fn(),
  }) satisfies Ears;

const answering = (status: number, body: BodyInit | null = null) =>
  vi.stubGlobal(
    'fetch',
    vi.fn(async () => new Response(body, { status })),
  );

beforeEach(() => {
  Source.opened = [];
  vi.useFakeTimers();
  vi.stubGlobal('EventSource', Source);
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

describe('sending', () => {
  it('is taken where the server says how', async () => {
    answering(200, JSON.stringify(TAKEN));
    expect(await wireTo('/api/day').send(BATCH)).toEqual({ as: 'taken', taken: TAKEN });
    expect(fetch).toHaveBeenCalledWith('/api/day/events', expect.objectContaining({ method: 'POST' }));
  });

  it('is left out only where the day’s own server says that it can’t be read', async () => {
    answering(422);
    expect(await wireTo('/api/day').send(BATCH)).toEqual({ as: 'unfit' });
    // Anybody on the way may answer with these.
    for (const status of [400, 404, 408, 413, 429, 500, 502, 503, 504]) {
      answering(status);
      expect(await wireTo('/api/day').send(BATCH), String(status)).toEqual({ as: 'later' });
    }
  });

  it('waits for who is signed out, or whose link was withdrawn', async () => {
    for (const status of [401, 403]) {
      answering(status);
      expect(await wireTo('/api/day').send(BATCH)).toEqual({ as: 'nobody' });
    }
  });

  it('is tried later where nobody answers, or only half', async () => {
    vi.stubGlobal(
      'fetch',
      vi.fn(async () => Promise.reject(new TypeError('no network'))),
    );
    expect(await wireTo('/api/day').send(BATCH)).toEqual({ as: 'later' });
    answering(200, '{"answers": [');
    expect(await wireTo('/api/day').send(BATCH)).toEqual({ as: 'later' });
  });
});

describe('what has moved', () => {
  it('is asked for by the number of the plan, and is nothing where nobody says', async () => {
    answering(200, '{"words": "2 jobs moved."}');
    const wire = wireTo('/api/day');
    expect(await wire.moved(7)).toBe('2 jobs moved.');
    expect(fetch).toHaveBeenCalledWith('/api/day/moved/7', expect.anything());
    for (const [status, body] of [
      [200, '{}'],
      [200, 'no JSON'],
      [401, ''],
      [503, ''],
    ] as const) {
      answering(status, body);
      expect(await wire.moved(7)).toBeUndefined();
    }
  });
});

describe('a day from the server', () => {
  it('is asked for by its date and person, and is none where it is not given', async () => {
    answering(200, '{"date": "2027-03-01"}');
    const wire = wireTo('/help/secret');
    expect(await wire.fetchFile('2027-03-01', 'a b')).toEqual({ date: '2027-03-01' });
    expect(fetch).toHaveBeenCalledWith('/help/secret/file/2027-03-01?person=a%20b', expect.anything());
    answering(404);
    expect(await wire.fetchFile('2027-03-01', undefined)).toBeUndefined();
    answering(200, 'no JSON');
    expect(await wire.fetchFile('2027-03-01', undefined)).toBeUndefined();
  });
});

describe('listening', () => {
  const known = { after: 7, revision: 3 };

  it('says what the phone knows, and passes on what it hears', () => {
    const hear = ears();
    wireTo('/api/day').listen(known, hear);
    const [source] = Source.opened;
    expect(source?.address).toBe('/api/day/stream?after=7&revision=3');
    source?.onopen();
    source?.say('happened', { id: 'one' });
    source?.say('plan');
    expect(hear.up).toHaveBeenCalledTimes(1);
    expect(hear.happened).toHaveBeenCalledWith({ id: 'one' });
    expect(hear.planned).toHaveBeenCalledTimes(1);
    expect(hear.down).not.toHaveBeenCalled();
  });

  it('opens again after a refusal, which a browser takes for good', () => {
    const hear = ears();
    wireTo('/api/day').listen(known, hear);
    Source.opened[0]?.refuse();
    expect(hear.down).toHaveBeenCalledTimes(1);
    vi.advanceTimersByTime(3_000);
    expect(Source.opened).toHaveLength(2);
  });

  it('leaves a cut to the browser, which opens again by itself', () => {
    const hear = ears();
    wireTo('/api/day').listen(known, hear);
    Source.opened[0]?.onerror();
    vi.advanceTimersByTime(60_000);
    expect(hear.down).toHaveBeenCalledTimes(1);
    expect(Source.opened).toHaveLength(1);
  });

  it('ends when it is told to, and when the link is withdrawn', () => {
    const hear = ears();
    const end = wireTo('/api/day').listen(known, hear);
    end();
    Source.opened[0]?.refuse();
    vi.advanceTimersByTime(60_000);
    expect(Source.opened).toHaveLength(1);
    wireTo('/help/secret').listen(known, hear);
    Source.opened[1]?.say('withdrawn');
    expect(hear.withdrawn).toHaveBeenCalledTimes(1);
    expect(Source.opened[1]?.readyState).toBe(Source.CLOSED);
  });
});
