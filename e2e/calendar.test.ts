import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { describe, expect, it } from 'vitest';
import { parsePlan } from '@/core/plan/plan';
import { checkPlan, describeViolation } from '@/core/spread';
import { enterDemo, visit } from './support/visit';

const EVENT = [
  'BEGIN:VCALENDAR',
  'VERSION:2.0',
  'PRODID:-//test//EN',
  'BEGIN:VEVENT',
  'UID:choir',
  'DTSTART:20270302T170000',
  'DTEND:20270302T210000',
  'RRULE:FREQ=WEEKLY',
  'END:VEVENT',
  'END:VCALENDAR',
].join('\n');

const WITH_ZONE = readFileSync(
  new URL('../core/formats/calendar/examples/two-in-one-file.ics', import.meta.url),
  'utf8',
).replaceAll('\r\n', '\n');

describe('calendars', () => {
  it('tell when somebody is busy, are pasted, and are forgotten again', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      await browser.goTo('/people');
      await browser.driver.executeScript(
        'document.querySelectorAll("details").forEach((d) => { d.open = true; })',
      );
      await browser.type('Or paste it here', 'this is no calendar');
      await browser.press('button', 'Read what is pasted');
      await browser.see('This is not a calendar that can be read.');
      await browser.type('Or paste it here', EVENT);
      await browser.press('button', 'Read what is pasted');
      await browser.see(/1 event read; \w+ is busy \d+ times before the finish line/);
      // A calendar as programs write them, with its zone described; and one that gives nothing keeps what was there.
      await browser.type('Or paste it here', WITH_ZONE);
      await browser.press('button', 'Read what is pasted');
      await browser.see(/2 events read; \w+ is busy 5 times before the finish line/);
      await browser.type('Or paste it here', 'BEGIN:VCALENDAR\nBEGIN:VTODO\nUID:x\nEND:VTODO\nEND:VCALENDAR');
      await browser.press('button', 'Read what is pasted');
      await browser.see('the busy times from before still hold');
      await browser.press('button', 'Forget the busy times');
      await browser.see(/is busy with is forgotten/);
    });
  });

  it('are read from their address, and again with one press', async () => {
    let shown = EVENT;
    const calendars = createServer((_request, response) => response.end(shown));
    await new Promise<void>((resolve) => calendars.listen(0, '127.0.0.1', resolve));
    const { port } = calendars.address() as AddressInfo;
    try {
      await visit(async (browser) => {
        await enterDemo(browser);
        await browser.goTo('/people');
        await browser.run('document.querySelectorAll("details").forEach((d) => { d.open = true; })');
        await browser.type('Or its private address', `http://127.0.0.1:${port}/ines.ics`);
        await browser.press('button', 'Read it from there');
        await browser.see(/1 event read; \w+ is busy \d+ times before the finish line/);
        await browser.see(`Read from 127.0.0.1:${port}.`);
        // Only the host is shown, also in what the page is made of.
        expect(await browser.run('return document.documentElement.outerHTML')).not.toContain('ines.ics');
        shown = WITH_ZONE;
        await browser.press('button', 'Read it again');
        await browser.see(/2 events read/);
        shown = 'gone';
        await browser.press('button', 'Read it again');
        await browser.see('This is not a calendar that can be read.');
        await browser.press('button', 'Forget the busy times');
        await browser.until(
          async () => !(await browser.text()).includes('Read from 127.0.0.1'),
          'the address to be forgotten',
        );
      });
    } finally {
      calendars.closeAllConnections();
      calendars.close();
    }
  });

  it('are not needed for a single day that differs', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      await browser.goTo('/people');
      await browser.driver.executeScript('document.querySelector("section details").open = true');
      // Deep in the page, the field may answer later than the rest of it.
      await browser.until(async () => {
        await browser.set('On the date', '2027-03-06');
        return (await browser.all('button', 'Add the day'))[0]?.isEnabled() ?? false;
      }, 'the date to be taken');
      await browser.set('Free from', '14:00');
      await browser.press('button', 'Add the day');
      await browser.see('A time from and a later time to, or none of them');
      await browser.set('Free to', '16:00');
      await browser.press('button', 'Add the day');
      await browser.see('Saturday 6 March: 14:00 to 16:00');
      await browser.press('button', 'As usual again on Saturday 6 March');
      await browser.until(
        async () => !(await browser.text()).includes('Saturday 6 March'),
        'no day that differs',
      );
    });
  });

  it('follow the plan at a private address, until it is revoked', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      await browser.goTo('/spread');
      await browser.press('link', 'Sessions in a calendar, and the plan as a file');
      await browser.choose('It rings', 'an hour before');
      await browser.press('button', 'Make a private address: Bram');
      const field = await browser.field('Private address');
      const address = await field.getAttribute('value');
      const answer = await fetch(address as string);
      expect(answer.headers.get('content-type')).toContain('text/calendar');
      const text = await answer.text();
      expect(text).toContain('BEGIN:VEVENT');
      expect(text).toContain('TRIGGER:-PT1H');
      expect(text).toMatch(/SUMMARY:Bram: /);
      expect(text).not.toMatch(/SUMMARY:Ines/);
      await browser.press('button', 'Revoke the address: Bram');
      await browser.see('The address leads nowhere any more.');
      expect((await fetch(address as string)).status).toBe(404);
    });
  });

  it('gives the plan and the problem that it solves away as documents that fit each other', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      const text = (name: string) =>
        browser.run<string>(`return fetch("/api/plan/${name}").then((answer) => answer.text())`);
      const problem = await text('problem.json');
      const plan = parsePlan(await text('plan.json'));
      if (!plan.ok) throw new Error(JSON.stringify(plan.faults));
      const hash = createHash('sha256').update(problem).digest('hex');
      expect(checkPlan(JSON.parse(problem), plan.value, hash).map(describeViolation)).toEqual([]);
      expect(plan.value.entries.length).toBeGreaterThan(50);
      expect(await browser.run('return fetch("/api/plan/moon").then((answer) => answer.status)')).toBe(404);
    });
  });
});
