import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import type { Browser } from './support/browser';
import { enterDemo, moveIn, signUp, visit } from './support/visit';

/** Printed by the browser as it prints for people; `width` in inches where the printer holds a paper of its own. */
async function printed(browser: Browser, width?: number): Promise<{ text: string; pages: number }> {
  const data = await browser.print(width);
  const folder = mkdtempSync(join(tmpdir(), 'early-thaw-paper-'));
  try {
    const file = join(folder, 'paper.pdf');
    writeFileSync(file, Buffer.from(data, 'base64'));
    const text = execFileSync('pdftotext', ['-raw', file, '-'], { encoding: 'utf8' });
    const pages = Number(/Pages:\s+(\d+)/.exec(execFileSync('pdfinfo', [file], { encoding: 'utf8' }))?.[1]);
    return { text, pages };
  } finally {
    rmSync(folder, { recursive: true });
  }
}

/** Without blanks and line ends, which are where the paper has them. */
const bare = (text: string) => text.replace(/[\s\u00ad]+/g, '');

/** What stands on each line of the page with a box, and on each without. */
const LINES = `return [...document.querySelectorAll('main li')].filter((li) => li.className.includes('line')).map((li) => li.innerText)`;

/** The same lines on paper as on the page, each as often. */
async function expectAllOnPaper(browser: Browser): Promise<string> {
  const lines = (await browser.run<string[]>(LINES)).map((line) => bare(line).replace(/(Todo|Done):/, ''));
  expect(lines.length).toBeGreaterThan(0);
  const { text, pages } = await printed(browser);
  // The name of the page and its number at the foot may stand in the middle of what goes on overleaf.
  const paper = bare(text);
  for (const line of new Set(lines)) {
    const wanted = lines.filter((one) => one.includes(line)).length;
    expect(paper.split(line).length - 1, `“${line}” on paper`).toBe(wanted);
  }
  expect(text).toContain(`${pages} / ${pages}`);
  return text;
}

describe('on paper', () => {
  it('has the whole plan: every line of the table of work, once', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      await browser.goTo('/spread');
      await browser.press('link', 'On paper');
      await browser.waitForPath(/^\/paper\/plan$/);
      await browser.find('button', 'Print, or save as PDF');
      const text = bare(await expectAllOnPaper(browser));
      const table = await browser.driver.executeAsyncScript<string>(
        `fetch('/api/work').then((answer) => answer.text()).then(arguments[0])`,
      );
      const { data } = Papa.parse<Record<string, string>>(table.trim(), { header: true });
      expect(data.length).toBeGreaterThan(50);
      for (const { Job: job = '' } of data) expect(text, job).toContain(bare(job));
      // Nothing that is pressed is on paper.
      expect(text).not.toContain(bare('Print, or save as PDF'));
      expect(text).not.toContain(bare('All papers'));
    });
  });

  it('has a person’s day with kit and cautions, a room’s card, and every other paper', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      for (const [page, words] of [
        [
          '/paper/day/2027-03-03?person=ines',
          /Carry in for Ines[\s\S]*Take care:[\s\S]*Done when:[\s\S]*Notes/,
        ],
        ['/paper/room/kitchen', /Wall cupboards[\s\S]*In this order/],
        ['/paper/shopping', /Cleaning shelf/],
        ['/paper/wash', /Out by|through at/],
        ['/paper/seasons', /Spring[\s\S]*Work for trades/],
        ['/paper/walk', /About the house/],
      ] as const) {
        await browser.goTo(page);
        expect(await expectAllOnPaper(browser), page).toMatch(words);
      }
      await browser.goTo('/paper/mixing');
      expect((await printed(browser)).text).toMatch(/of water; about/);
      await browser.goTo('/paper/year?by=room');
      expect((await printed(browser)).text).toMatch(/by room[\s\S]*Kitchen/);
    });
  });

  it('is black on white in the dark, fits a narrow printer, and is as large as is asked for', async () => {
    await visit(async (browser) => {
      await browser.prefer({ 'prefers-color-scheme': 'dark' });
      await enterDemo(browser);
      await browser.goTo('/paper/room/kitchen');
      const colours = `const style = (e) => getComputedStyle(document.querySelector(e)); return [style('body').backgroundColor, style('main').color]`;
      expect(await browser.run(colours)).toEqual(['rgb(255, 255, 255)', 'rgb(0, 0, 0)']);
      const onLetter = await browser.run<string>(`return document.querySelector('main style').textContent`);
      expect(onLetter).toContain('size: A4');
      // Narrower than A5: more pages, and nothing is cut.
      const lines = (await browser.run<string[]>(LINES)).map((line) =>
        bare(line).replace(/(Todo|Done):/, ''),
      );
      const { text } = await printed(browser, 4);
      const paper = bare(text);
      for (const line of lines) expect(paper).toContain(line);
      await browser.press('link', 'Letter');
      await browser.until(async () => (await browser.path()) === '/paper/room/kitchen', 'the same room');
      await browser.until(
        async () =>
          (await browser.run<string>(`return document.querySelector('main style').textContent`)).includes(
            'letter',
          ),
        'paper of the other size',
      );
    });
  });

  it('has every job of twenty-two rooms, and a form to fill in where there is nothing yet', async () => {
    await visit(async (browser) => {
      await moveIn(browser, 'twenty-two rooms');
      await browser.goTo('/spread');
      await browser.press('button', /^Spread the work/);
      await browser.find('link', 'On paper');
      await browser.goTo('/paper/plan');
      await expectAllOnPaper(browser);
    });
    await visit(async (browser) => {
      await signUp(browser);
      await browser.goTo('/paper/plan');
      await browser.see('There is no plan yet.');
      await browser.goTo('/paper/walk');
      expect((await printed(browser)).text).toMatch(/Kitchen[\s\S]*Oven[\s\S]*Another room/);
      await browser.goTo('/paper/room/nowhere');
      await browser.see('This page is not here');
    });
  });
});
