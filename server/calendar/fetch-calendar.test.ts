import { createServer, type RequestListener, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { afterEach, describe, expect, it } from 'vitest';
import { calendarAddress, fetchCalendar } from './fetch-calendar';

const CALENDAR = 'BEGIN:VCALENDAR\r\nVERSION:2.0\r\nEND:VCALENDAR\r\n';
const HERE = { isPrivateFine: true };

let servers: Server[] = [];
afterEach(() => {
  for (const server of servers) {
    server.closeAllConnections();
    server.close();
  }
  servers = [];
});

async function serving(answer: RequestListener): Promise<string> {
  const server = createServer(answer);
  servers.push(server);
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  return `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
}

const sentence = async (address: string, options: Parameters<typeof fetchCalendar>[1] = HERE) => {
  const fetched = await fetchCalendar(address, options);
  return fetched.ok ? fetched.text : fetched.sentence;
};

describe('the address of a calendar', () => {
  it('is of the web, and webcal is fetched securely', () => {
    expect(calendarAddress(' webcal://example.org/a.ics ')?.href).toBe('https://example.org/a.ics');
    expect(calendarAddress('http://example.org/a.ics')?.protocol).toBe('http:');
  });

  it('is none where it leads to files or other services, or carries a password', () => {
    for (const text of ['', 'a.ics', 'file:///etc/passwd', 'ftp://a/b', 'gopher://a', 'https://me:word@a/b'])
      expect(calendarAddress(text), text).toBeUndefined();
    expect(calendarAddress(`https://example.org/${'a'.repeat(2_000)}`)).toBeUndefined();
  });
});

describe('a calendar at an address', () => {
  it('is read, also where it has moved, and the address that was said is kept', async () => {
    const base = await serving((request, response) => {
      if (request.url === '/old.ics') response.writeHead(301, { location: '/new.ics' }).end();
      else response.end(CALENDAR);
    });
    expect(await fetchCalendar(`${base}/old.ics`, HERE)).toEqual({
      ok: true,
      text: CALENDAR,
      address: `${base}/old.ics`,
    });
  });

  it('is not looked for inside the own network, neither at once nor over a way on', async () => {
    let asked = 0;
    const base = await serving((_request, response) => {
      asked += 1;
      response.end(CALENDAR);
    });
    for (const address of [
      base,
      base.replace('127.0.0.1', 'localhost'),
      'http://169.254.169.254/',
      'http://10.0.0.1/',
      'http://[::1]:9/',
    ])
      expect(await sentence(address, {}), address).toMatch(/private network|Nobody answers/);
    expect(asked).toBe(0);
  });

  it('says in a sentence why there is none', async () => {
    const base = await serving((request, response) => {
      if (request.url === '/gone') response.writeHead(404).end('no');
      else if (request.url === '/round') response.writeHead(302, { location: '/round' }).end();
      else if (request.url === '/file') response.writeHead(302, { location: 'file:///etc/passwd' }).end();
      else if (request.url === '/large') response.end('a'.repeat(3_000));
      else if (request.url === '/letters') response.end(Buffer.from([0x42, 0xff, 0xfe, 0xfd]));
      // Whoever asks for anything else waits in vain.
    });
    expect(await sentence(`${base}/gone`)).toContain('no calendar at that address');
    expect(await sentence(`${base}/round`)).toContain('Nobody answers');
    expect(await sentence(`${base}/file`)).toContain('Nobody answers');
    expect(await sentence(`${base}/large`, { ...HERE, mostBytes: 2_000 })).toContain('larger than');
    expect(await sentence(`${base}/letters`)).toContain('not in UTF-8');
    expect(await sentence(`${base}/silent`, { ...HERE, mostMs: 200 })).toContain('Nobody answers');
    expect(await sentence('my calendar')).toContain('not the address of a calendar');
  });
});
