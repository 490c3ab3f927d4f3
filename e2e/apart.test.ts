import { randomUUID } from 'node:crypto';
import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { beforeAll, describe, expect, inject, it } from 'vitest';
import { READ, TODAY } from './support/addresses';
import { enterDemo, visit } from './support/visit';

/**
 * Two households with the same ids in everything, and other names: whatever one asks for, it never reads a name of the
 * other, and whatever one sends changes nothing at the other's.
 */

/** Stands in all names of the first household and nowhere else. */
const MARK = 'Quill';

/** What is sent to every route that takes something, and to whom it must be refused without a cookie. */
const SENT: Readonly<
  Record<string, readonly (readonly [address: string, body: (step: string) => string])[]>
> = {
  'api/day/events': [
    ['/api/day/events', (step) => batch({ do: 'done', step })],
    ['/api/day/events', (step) => batch({ do: 'hand', step, to: 'ines' })],
    ['/api/day/events', () => batch({ do: 'found', find: 'mend', text: 'Loose hinge' })],
  ],
  'help/[token]/events': [['/help/0123456789abcdef/events', (step) => batch({ do: 'done', step })]],
  'api/what-if': [['/api/what-if', () => '{"do":"group","grouping":"kind"}']],
  'api/rooms': [['/api/rooms?take', () => 'floor,room,fixture\nGround floor,Bathroom,sink\n']],
  'api/busy': [['/api/busy?person=bram', () => CALENDAR]],
  'api/household': [['/api/household?back', () => '']],
  'api/change': [
    ['/api/change', () => JSON.stringify({ id: randomUUID(), input: { do: 'drop-room', id: 'bathroom' } })],
    ['/api/change', () => 'no change at all'],
  ],
  'api/pictures': [
    [`/api/pictures?id=${randomUUID()}&room=kitchen&moment=before`, () => 'no picture at all'],
  ],
};

const CALENDAR = [
  'BEGIN:VCALENDAR',
  'BEGIN:VEVENT',
  'UID:choir',
  `DTSTART:${TODAY.replaceAll('-', '')}T190000`,
  'DURATION:PT1H',
  'END:VEVENT',
  'END:VCALENDAR',
].join('\n');

/** Streams stay open; what they tell is tested where they are made. */
const OPEN_ENDED = ['api/day/stream'];

function batch(act: object): string {
  const at = `${TODAY}T17:30:00`;
  return JSON.stringify({ sentAt: at, events: [{ id: randomUUID(), at, act }] });
}

let one: string;
let other: string;

const ask = (address: string, cookie: string, body?: string) =>
  fetch(`${inject('base')}${address}`, {
    redirect: 'manual',
    headers: { cookie, origin: inject('base') },
    ...(body !== undefined && { method: 'POST', body }),
  });
const textOf = async (address: string, cookie: string) => (await ask(address, cookie)).text();

async function cookieOfDemo(): Promise<string> {
  let cookie = '';
  await visit(async (browser) => {
    await enterDemo(browser);
    cookie = (await browser.cookies()).map(({ name, value }) => `${name}=${value}`).join('; ');
  });
  return cookie;
}

beforeAll(async () => {
  one = await cookieOfDemo();
  other = await cookieOfDemo();
  const marked = (await textOf('/api/household', one)).replaceAll(/"name":"/g, `"name":"${MARK} `);
  expect((await ask('/api/household', one, marked)).status).toBe(200);
});

describe('households', () => {
  it('have every route tested here', () => {
    const routes = readdirSync('app', { recursive: true, withFileTypes: true })
      .filter(({ name }) => name === 'page.tsx' || name === 'route.ts')
      .map(({ parentPath }) => join(parentPath.replace(/^app\/?/, ''), '.').replace(/\/$/, '') || '.');
    const tested = new Set([...Object.keys(READ), ...Object.keys(SENT), ...OPEN_ENDED]);
    expect(new Set(routes)).toEqual(tested);
  });

  for (const [route, addresses] of Object.entries(READ)) {
    it(`read nothing of each other at ${route}`, async () => {
      for (const address of addresses) {
        expect(await textOf(address, other), address).not.toContain(MARK);
        expect(await textOf(address, ''), `${address}, signed out`).not.toContain(MARK);
      }
    });
  }

  it('do read their own', async () => {
    for (const address of ['/walk', '/people', `/day/${TODAY}`, '/api/rooms', `/api/day/file/${TODAY}`])
      expect(await textOf(address, one), address).toContain(MARK);
  });

  it('change nothing of each other’s, even where everything has the same id', async () => {
    const file: { words: Record<string, unknown> } = JSON.parse(
      await textOf(`/api/day/file/${TODAY}`, other),
    );
    const [step] = Object.keys(file.words);
    // Whatever the file has set going is done before anything is compared.
    await expect.poll(() => textOf('/aim', one), { timeout: 30_000 }).not.toContain('older than the last');
    const before = await textOf('/api/household', one);
    const hadBefore = await textOf('/api/household', other);
    for (const [address, body] of Object.values(SENT).flat()) {
      expect((await ask(address, '', body(step as string))).status, `${address}, signed out`).toBe(401);
      // No such link is handed out: whoever sends there is nobody.
      const own = address.startsWith('/help/') ? 401 : address.startsWith('/api/pictures') ? 400 : 200;
      expect((await ask(address, other, body(step as string))).status, address).toBe(own);
      expect(await textOf('/api/household', one), address).toBe(before);
    }
    expect(await textOf('/api/household', other)).not.toBe(hadBefore);
  });

  it('take nothing from another page', async () => {
    for (const [address, body] of Object.values(SENT).flat()) {
      const answer = await fetch(`${inject('base')}${address}`, {
        method: 'POST',
        body: body('nothing'),
        headers: { cookie: one, origin: 'https://elsewhere.example' },
      });
      expect(answer.status, address).toBe(403);
    }
  });
});
