import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { findings } from './support/axe';
import { Key, PHONE } from './support/browser';
import { enterDemo, moveIn, visit } from './support/visit';

describe('the record', () => {
  it('keeps a tick, with how long it took; put right, it says so, and the almanac with it', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      await browser.goTo('/almanac/today');
      const [first] = await browser.all('button', /^Done: /);
      const job = (await first?.getAccessibleName())?.replace('Done: ', '') ?? '';
      expect(job).not.toBe('');
      await browser.press('button', `Done: ${job}`);
      await browser.see(`Done: ${job}.`);
      await browser.goTo('/record');
      const [title = ''] = job.split(', ');
      await browser.see(title);
      const [open] = await browser.all('button', new RegExp(`^Put right: ${title}`));
      await open?.click();
      await browser.type('Took about (minutes)', '17');
      await browser.choose('How it came out', 'Still dirty');
      expect(await findings(browser), 'putting right').toEqual([]);
      await browser.press('button', 'Keep');
      await browser.see(/took 17 min, estimated \d+ min · still dirty/);
      // What came out dirty was not done: it is offered again.
      await browser.goTo('/almanac/today');
      await browser.find('button', `Done: ${job}`);
    }, PHONE);
  });

  it('shows the year by kind of work and by room, and takes what is due into the clean', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      await browser.goTo('/scope');
      await browser.goTo('/almanac');
      await browser.see(/\d+ jobs are late/);
      await browser.press('button', /^Windows in March: .*late/);
      await browser.find('heading', /^Windows in March/);
      expect(await browser.focused()).toMatch(/Windows in March/);
      expect(await findings(browser), 'the year, a cell opened').toEqual([]);
      await browser.press('link', 'By room');
      await browser.find('button', /^Kitchen in /);
      await browser.press('link', '2026');
      await browser.see('2025');
    });
  });

  it('is seen by keyboard alone: from cell to cell, and into the list', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      await browser.goTo('/almanac');
      const [cell] = await browser.all('button', / in March: /);
      const name = (await cell?.getAccessibleName()) ?? '';
      await browser.tabTo(name);
      await browser.keys(Key.ENTER);
      await browser.find('heading', name);
    });
  });
});

describe('the end of a clean', () => {
  it('is closed, opened again, closed, and the next is made from it in one press', async () => {
    await visit(async (browser) => {
      await moveIn(browser, 'no machines');
      await browser.goTo('/record/clean');
      await browser.see('Close this clean?');
      await browser.press('button', 'Close the clean');
      await browser.press('button', 'Open it again');
      await browser.press('button', 'Close the clean');
      await browser.find('button', 'Set out on it');
      expect(await findings(browser), 'a closed clean').toEqual([]);
      await browser.goTo('/aim');
      await browser.see(/Closed on/);
      await browser.press('link', 'How it went, and the next one');
      await browser.type('Its name', 'Summer, all of it');
      await browser.press('button', 'Set out on it');
      await browser.see('Summer, all of it');
      await browser.goTo('/record');
      await browser.see('Spring 2027');
      await browser.press('link', 'Spring 2027');
      await browser.see(/jobs? done in/);
      await browser.goTo('/aim');
      await browser.find('heading', 'Summer, all of it');
    });
  });

  it('has pictures before and after, made small on the device', async () => {
    await visit(async (browser) => {
      await moveIn(browser, 'no machines');
      await browser.goTo('/record/clean');
      await browser.find('button', 'Take or choose a picture');
      const input = await browser.driver.findElement({ css: 'input[type=file]' });
      await input.sendKeys(join(process.cwd(), 'docs', 'screenshots', 'walk.png'));
      await browser.see('The picture is kept.');
      await browser.find('button', /^Remove the picture: /);
      const sizes = await browser.driver.executeAsyncScript<number[]>(
        `const done = arguments[0];
         const image = document.querySelector('figure img');
         image.loading = 'eager';
         Promise.all([image.decode(), fetch(image.src).then((a) => a.blob())])
           .then(([, blob]) => done([image.naturalWidth, blob.size]));`,
      );
      expect(sizes[0]).toBeGreaterThan(300);
      expect(sizes[1]).toBeLessThan(200_000);
      await input.sendKeys(join(process.cwd(), 'package.json'));
      await browser.see('This is no picture that this device can open. Nothing was kept.');
      expect(await findings(browser), 'pictures').toEqual([]);
      await browser.press('button', /^Remove the picture: /);
      await browser.until(
        async () => (await browser.all('button', /^Remove the picture: /)).length === 0,
        'the picture gone',
      );
    });
  });

  it('says what the seasons hold, and changes it', async () => {
    await visit(async (browser) => {
      await moveIn(browser, 'no machines');
      await browser.goTo('/almanac/seasons');
      await browser.press('opener', /^Spring: /);
      const [off] = await browser.all('button', /^Not in spring: /);
      const name = (await off?.getAccessibleName()) ?? '';
      await browser.press('button', name);
      await browser.until(
        async () => (await browser.all('button', name)).length === 0,
        'the job off the list of spring',
      );
      await browser.press('button', /^Not for this house: Chimney swept$/);
      await browser.find('button', 'For this house after all: Chimney swept');
    });
  });
});

describe('when it will end', () => {
  it('is told in words under the fan, and a what-if says how sure it makes it', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      await browser.see(/The chance .*by the finish line: |Four in five by /);
      await browser.see('likely, four times in five');
      await browser.press('link', 'What would make it surer');
      await browser.see(/in time: (one|two|three|four|nine|as good|hardly)/);
    });
  });
});
