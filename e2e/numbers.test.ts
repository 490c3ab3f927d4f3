import { describe, expect, it } from 'vitest';
import type { Browser } from './support/browser';
import { enterDemo, moveIn, visit } from './support/visit';

const main = (browser: Browser) =>
  browser.run<string>('return document.querySelector("main").innerText.replaceAll(/\\s+/g, " ")');

/** What a page says by a pattern. */
async function said(browser: Browser, path: string, pattern: RegExp): Promise<string[]> {
  await browser.goTo(path);
  await browser.until(async () => pattern.test(await main(browser)), `the words ${pattern} at ${path}`);
  return pattern.exec(await main(browser))?.slice(1) ?? [];
}

/** The same household, looked at from every page. */
async function agree(browser: Browser): Promise<void> {
  const [rooms, jobs, hours] = await said(
    browser,
    '/walk',
    /(\d+) rooms?, (\d+) jobs?, ([\d.]+ h) of hands-on work/,
  );
  const links = await browser.run<{ href: string; text: string }[]>(
    `return [...document.querySelectorAll('main a[href^="/walk/"]')].map((a) => ({ href: a.getAttribute('href'), text: a.innerText }))`,
  );
  expect(links.length).toBe(Number(rooms));
  const [ofAll] = await said(browser, '/hours', /([\d.]+ h) of hands-on work/);
  expect(ofAll).toBe(hours);
  const byRoom = await main(browser);
  let counted = 0;
  for (const { href, text } of links) {
    const [inRoom, roomHours] = await said(browser, href, /(\d+) jobs?, ([\d.]+ (?:h|min)) of hands-on work/);
    counted += Number(inRoom);
    const name = text.split('\n')[0] as string;
    expect(byRoom, name).toContain(`${name} ${roomHours}`);
    if (!/left|clear/.test(text)) expect(text, name).toContain(roomHours);
  }
  expect(counted, 'jobs of all rooms').toBe(Number(jobs));
  const [needed, taken] = await said(browser, '/scope', /([\d.]+ h) to do (\d+) jobs? in/);
  expect(taken).toBe(jobs);
  const [clear, all, left, last] = await said(
    browser,
    '/aim',
    /([\d.]+) h of ([\d.]+) h are clear\. ([\d.]+ h) are left.*The last work is planned for (\w+ \d+ \w+)/,
  );
  expect(left).toBe(needed);
  expect(Number(clear) + Number.parseFloat(left as string)).toBeCloseTo(Number(all), 0);
  expect(Math.abs(Number(all) - Number.parseFloat(hours as string))).toBeLessThanOrEqual(0.5);
  expect(await said(browser, '/spread', /(?:All|What fits) is done on (\w+ \d+ \w+)/)).toEqual([last]);
}

describe('the numbers of one household', () => {
  it('are the same on all pages, under way', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      await agree(browser);
    });
  });

  it('are the same on all pages of another home, before anything is done', async () => {
    await visit(async (browser) => {
      await moveIn(browser, 'three who share a flat');
      await browser.goTo('/spread');
      await browser.press('button', 'Spread the work');
      await browser.see(/is done on/);
      await agree(browser);
    });
  });
});
