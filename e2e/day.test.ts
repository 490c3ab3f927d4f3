import { describe, expect, inject, it } from 'vitest';
import { findings } from './support/axe';
import { Browser, Key, PHONE } from './support/browser';
import { Cable } from './support/cable';
import { enterDemo, moveIn, visit } from './support/visit';

const TODAY = '2027-03-01';

type Event = { id: string; seq: number; act: { do: string; step?: string; pile?: string; count?: number } };
type File = { events: Event[]; pack: { done: { step: string }[] } };

/** What the server knows of the day; what machines have said is not somebody's doing. */
async function known(browser: Browser): Promise<File> {
  const file = await browser.run<File>(
    `return fetch('/api/day/file/${TODAY}').then((answer) => answer.json())`,
  );
  return { ...file, events: file.events.filter(({ act }) => act.do !== 'machine') };
}

/** Does something for which a plan is made, and waits until the page has the day as it is after it. */
async function madeAnew(browser: Browser, act: () => Promise<void>): Promise<void> {
  const fetched = () =>
    browser.run<number>(
      'return performance.getEntriesByType("resource").filter(({ name }) => name.includes("/api/day/file/")).length',
    );
  const before = await fetched();
  await act();
  await browser.until(async () => (await fetched()) > before, 'the day made anew');
}

const titlesOfDone = (browser: Browser) =>
  browser.run<string[]>(
    `return [...document.querySelectorAll('button')].map((one) => one.getAttribute('aria-label') ?? '')
       .filter((label) => label.startsWith('Not done after all: '))`,
  );

/** Whether this phone could open the day without a network. */
const isPageKept = (browser: Browser) =>
  browser.run<boolean>(
    'return caches.open("early-thaw-day").then((kept) => kept.keys()).then((keys) => keys.some(({ url }) => url.includes("/day/")))',
  );

/** Presses the Done of several of the steps that come next, from one on. */
async function tickNext(browser: Browser, from: number, count: number): Promise<string[]> {
  const labels = (
    await browser.run<string[]>(
      `return [...document.querySelectorAll('section[aria-labelledby=next] button')].map((one) => one.getAttribute('aria-label'))`,
    )
  ).slice(from, from + count);
  for (const label of labels) await browser.press('button', label);
  return labels;
}

async function countOnPile(browser: Browser, pile: string, times: number): Promise<void> {
  for (let i = 0; i < times; i++) await browser.press('button', new RegExp(`^${pile}: `));
}

/** A second phone in the same household. */
async function beside(browser: Browser, base: string): Promise<Browser> {
  const other = await Browser.open(base, PHONE);
  await other.goTo('/');
  for (const { name, value } of await browser.cookies())
    await other.driver.manage().addCookie({ name, value });
  return other;
}

/** Ticks on until a job is at its end, and has it done once more. */
async function secondGo(browser: Browser): Promise<void> {
  const ticked = async () => /“(.+)” is done/.exec(await browser.text())?.[1];
  const isAtItsEnd = async () => (await browser.text()).includes('Plan a second go');
  for (let steps = 0; steps < 6 && !(await isAtItsEnd()); steps++) {
    const before = await ticked();
    await browser.press('button', 'Done');
    await browser.until(async () => (await ticked()) !== before, 'the next step ticked off');
    await browser.press('button', 'Not clean by it');
    await browser.press('button', 'Done in part');
    await browser.see('In the record: done in part.');
  }
  await browser.press('button', 'Plan a second go');
  await browser.see('A second go is in the plan');
  await browser.kept('All is sent.');
  await browser.goTo('/scope');
  await browser.type('Find a job', 'second go');
  await browser.see(/: .*second go/);
  await browser.goTo(`/day/${TODAY}?person=bram`);
}

describe('the day', () => {
  it('finds thirty things done on two phones without a network, each once', async () => {
    const cable = await Cable.to(inject('base'));
    const one = await Browser.open(cable.base, PHONE);
    let two: Browser | undefined;
    try {
      await enterDemo(one);
      two = await beside(one, cable.base);
      for (const phone of [one, two]) {
        await phone.goTo('/day');
        await phone.press('opener', 'Belongings, pile by pile');
        await phone.until(() => isPageKept(phone), 'the page to be kept');
      }
      cable.cut();
      // Two steps are ticked on both phones.
      const first = await tickNext(one, 0, 3);
      const second = await tickNext(two, 1, 3);
      await countOnPile(one, 'Give', 12);
      await countOnPile(two, 'Bin', 12);
      await one.see('15 things are kept on this phone');
      // Whatever opens on the page opens without a network, too.
      await one.press('button', 'Something came up');
      await one.press('button', 'Use up soon');
      await one.press('button', 'Say what it is');
      await one.field('Good until');
      await one.press('button', 'Write it down');
      await one.see('17 things are kept on this phone');
      // A browser that is closed in mid-run has lost nothing when it is opened again, and opens without a network.
      await two.reload();
      await two.see('15 things are kept on this phone');
      expect((await titlesOfDone(two)).length).toBe(3);
      cable.mend();
      for (const phone of [one, two]) await phone.kept('All is sent.');
      await one.until(async () => (await known(one)).events.length === 30, 'all that counts to be there');
      const { events } = await known(one);
      expect(new Set(events.map(({ id }) => id)).size).toBe(30);
      const piles = (pile: string) => events.filter(({ act }) => act.pile === pile).length;
      expect([piles('give'), piles('bin')]).toEqual([12, 12]);
      expect(events.filter(({ act }) => act.do === 'done').length).toBe(4);
      expect(events.map(({ seq }) => seq)).toEqual(events.map(({ seq }) => seq).toSorted((a, b) => a - b));
      const all = [...new Set([...first, ...second])].map((label) =>
        label.replace('Done: ', 'Not done after all: '),
      );
      for (const phone of [one, two])
        await phone.until(
          async () => (await titlesOfDone(phone)).toSorted().join() === all.toSorted().join(),
          'both to agree',
        );
      // Whoever was second is told so.
      expect(`${await one.text()} ${await two.text()}`).toMatch(/was done already: .* was first/);
    } finally {
      cable.close();
      await one.close();
      await two?.close();
    }
  });

  it('is live for all: who is at what, taken over with a press, seen at once', async () => {
    await visit(async (bram) => {
      await enterDemo(bram);
      const ines = await beside(bram, inject('base'));
      try {
        await bram.goTo(`/day/${TODAY}?person=bram`);
        await ines.goTo(`/day/${TODAY}?person=ines`);
        await bram.press('button', 'Start');
        await bram.see('so far');
        await ines.press('opener', /^What the others have/);
        await ines.see('Bram is at it');
        const [label] = await bram.run<string[]>(
          `return [...document.querySelectorAll('section[aria-labelledby=next] button')].map((one) => one.getAttribute('aria-label'))`,
        );
        const step = label!.replace('Done: ', '');
        await ines.press('button', `Take over: ${step}`);
        await bram.until(
          async () =>
            !(
              await bram.run<string>(
                'return document.querySelector("section[aria-labelledby=next]").innerHTML',
              )
            ).includes(step),
          'the step to have left',
        );
        await ines.until(
          async () =>
            (await ines.all('button', `Take over: ${step}`)).length === 0 &&
            (await ines.all('button', /^Done/)).length > 0,
          'the step to be hers',
        );
      } finally {
        await ines.close();
      }
    }, PHONE);
  });

  it('opens one person’s day to a helper by a link, and nothing else, until it is withdrawn', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      await browser.goTo('/people');
      await browser.press('opener', 'A link to the day of Bram');
      await browser.press('button', 'Make a link');
      const link = await (await browser.field('Link for Bram')).getAttribute('value');
      const helper = await Browser.open(inject('base'), PHONE);
      try {
        await helper.goTo(new URL(link!).pathname);
        await helper.see('Today, for Bram');
        await helper.press('opener', /^Carry in: the kit for Bram/);
        await helper.see('Cloths');
        const read = (await helper.text()).replaceAll(
          /(Ines and Bram|Odalys|Teodor)’s (bed)?room/g,
          'a room',
        );
        for (const word of ['Ines', 'Odalys', 'Teodor', 'People', 'Belongings'])
          expect(read).not.toContain(word);
        expect(await findings(helper)).toEqual([]);
        await helper.press('button', 'Done');
        await helper.kept('All is sent.');
        await browser.until(async () => (await known(browser)).events.length === 1, 'the tick');
        for (const page of ['/walk', '/people', `/day/${TODAY}`, '/api/household']) {
          const status = await helper.run<string>(
            `return fetch('${page}').then((answer) => new URL(answer.url).pathname)`,
          );
          expect(status, page).toBe('/');
        }
        await browser.press('button', 'Withdraw the link of Bram');
        await browser.see('The link opens nothing any more.');
        await helper.press('button', 'Done');
        await helper.see('the link was withdrawn');
        await helper.see('1 thing is kept on this phone');
        expect((await known(browser)).events.length).toBe(1);
      } finally {
        await helper.close();
      }
    });
  });

  it('writes down what is found in two presses, and has a new day for what can’t be done', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      await browser.goTo(`/day/${TODAY}?person=bram`);
      const now = () =>
        browser.run<string>('return document.querySelector("section[aria-labelledby=now] p").textContent');
      const comesUp = async (what: string) => {
        await browser.press('button', 'Something came up');
        await browser.press('button', what);
      };
      const step = await now();
      const scrolled = () => browser.run<number>('return Math.round(window.scrollY)');
      const before = [await scrolled(), browser.presses];
      await browser.press('button', 'Something came up');
      await browser.press('button', 'To mend');
      await browser.see('Written down: to mend.');
      expect([await scrolled(), browser.presses]).toEqual([before[0], before[1]! + 2]);
      expect(await browser.focused()).toBe('Something came up');
      expect(await now()).toBe(step);
      // What it is can be said afterwards.
      await browser.press('button', 'Say what it is');
      await browser.type('What it is', 'Loose hinge');
      await browser.press('button', 'Write it down');
      await browser.see('Loose hinge');
      expect(await now()).toBe(step);
      await browser.press('button', 'Not today');
      await browser.see(/job moved|jobs moved|Nothing had to move/);
      await browser.until(async () => (await now()) !== step, 'another step');
      // A slip of the finger: taken back with one press, and then said again.
      await browser.press('button', 'Take it back');
      await browser.see(/Taken back\./);
      await browser.until(async () => (await now()) === step, 'the step again');
      await browser.press('button', 'Not today');
      await browser.until(async () => (await now()) !== step, 'another step again');
      await comesUp('Use up soon');
      await browser.press('button', 'Say what it is');
      await browser.type('What it is', 'Red lentils');
      await browser.set('Good until', '2027-03-20');
      await browser.press('button', 'Write it down');
      await browser.see(/Red lentils.*good until Sat,? 20 Mar/);
      await browser.press('button', 'Mended: Loose hinge');
      await browser.until(async () => !(await browser.text()).includes('Loose hinge'), 'nothing to mend');
      await comesUp('Bram out by 19:00');
      await browser.see(/(All|What fits) is done on/);
      await browser.press('opener', 'Belongings, pile by pile');
      await browser.press('button', 'Bag: give');
      await comesUp('To buy');
      await browser.press('button', 'Say what it is');
      await browser.type('What it is', 'A bulb for the lamp');
      await browser.press('button', 'Write it down');
      await browser.see('A bulb for the lamp');
      await browser.press('button', 'Something came up');
      await browser.find('button', 'Bram is ill');
      for (const scheme of ['light', 'dark']) {
        await browser.prefer({ 'prefers-color-scheme': scheme, 'prefers-reduced-motion': 'reduce' });
        expect(await findings(browser), scheme).toEqual([]);
      }
      await browser.press('button', 'Nothing');
      await browser.see('1 bag to give.');
      await browser.press('button', 'Plan the trip to The Old Station');
      await browser.see(/The trip to .* is planned for/);
      await browser.kept('All is sent.');
      await browser.goTo('/supplies');
      await browser.press('button', 'Bought: A bulb for the lamp');
      await browser.until(
        async () => !(await browser.text()).includes('A bulb'),
        'nothing written down to buy',
      );
      await browser.until(async () => {
        const file = await browser.run<string>(
          'return fetch("/api/household").then((answer) => answer.text())',
        );
        return /"do": ?"settle"/.test(file);
      }, 'the server to know');
      await browser.goTo(`/day/${TODAY}`);
      await browser.see('Found on the way');
      expect(await browser.text()).not.toContain('A bulb');
      // A machine that broke is gone from the house, until somebody names it again.
      await comesUp('Washing machine broke');
      await browser.kept('All is sent.');
      await browser.goTo('/supplies/wash');
      await browser.see('No washing machine is named under People');
    }, PHONE);
  });

  it('rings for a soak that is over until somebody has heard it, also after a reload', async () => {
    await visit(async (browser) => {
      await moveIn(browser, 'no machines');
      await browser.goTo('/spread');
      await browser.press('button', 'Spread the work');
      await browser.see(/is done on/);
      /** Puts the phone's clock on by a while. */
      const later = `const before = Date.now.bind(Date); Date.now = () => before() + 1_200_000;`;
      const isRinging = async () =>
        new RegExp(`${title}.*(it is over|waited longer)`).test(await browser.text());
      const rings = async () =>
        browser.until(async () => {
          if (await isRinging()) return true;
          await browser.run(later);
          return false;
        }, 'the alarm');
      await browser.goTo('/day');
      // Whatever sets a wait going among the steps of today.
      const wait = await browser.run<string>(`
        return fetch('/api/day/file/${TODAY}').then((answer) => answer.json()).then(({ pack, words }) => {
          const planned = pack.entries.map(({ step }) => step);
          for (const { steps } of pack.tasks)
            for (const [i, step] of steps.entries())
              if (step.mode === 'wait' && steps[i + 1] && planned.includes(steps[i - 1]?.id))
                return words[step.id].title + '|' + words[steps[i - 1].id].title + '|' + words[steps[i - 1].id].where;
          return '';
        })`);
      const [title, before, where] = wait.split('|') as [string, string, string];
      expect(where).toBeDefined();
      const now = await browser.run<string>(
        'return document.querySelector("section[aria-labelledby=now]").innerText',
      );
      await browser.press('button', now.includes(before) ? 'Done' : `Done: ${before}, ${where}`);
      await browser.kept('All is sent.');
      await rings();
      expect(await findings(browser)).toEqual([]);
      await browser.reload();
      await rings();
      // The alarm is a line that leads to its step.
      const presses = browser.presses;
      await browser.press('button', new RegExp(`^${title}.*(it is over|waited longer)`));
      await browser.until(async () => !(await isRinging()), 'silence');
      expect(browser.presses).toBe(presses + 1);
      expect(await browser.run<string>('return document.activeElement.innerText')).toContain(
        where.split(',')[0],
      );
      const heard = await browser.run<string[]>(
        'return JSON.parse(localStorage.getItem("early-thaw-heard"))',
      );
      expect(heard.length).toBe(1);
    }, PHONE);
  });

  it('is carried by keyboard alone, without losing one’s place', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      await browser.goTo(`/day/${TODAY}?person=bram`);
      await browser.find('button', 'Done');
      const now = () =>
        browser.run<string>(
          'return document.querySelector("section[aria-labelledby=now] p")?.textContent ?? ""',
        );
      await browser.tabTo('Start');
      await browser.keys(Key.SPACE);
      await browser.find('button', 'Pause');
      expect(await browser.focused()).toBe('Pause');
      await browser.tabTo('Part done');
      await browser.keys(Key.ENTER);
      await browser.tabTo('50 %');
      // The rest of the day makes room for it.
      await madeAnew(browser, async () => {
        await browser.keys(Key.ENTER);
        await browser.see('50 % of it is done.');
      });
      await browser.kept('All is sent.');
      const put = await now();
      await browser.tabTo('Can’t');
      await browser.keys(Key.ENTER);
      await browser.tabTo('It is broken');
      await madeAnew(browser, async () => {
        await browser.keys(Key.ENTER);
        await browser.until(async () => (await now()) !== put, 'another step');
      });
      await browser.kept('All is sent.');
      // From the step that has come up, on to what is done with it.
      expect(await browser.focused()).toMatch(/^Now/);
      await browser.tabTo('Done');
      for (let i = 1; i <= 3 && (await now()) !== ''; i++) {
        const before = await now();
        await browser.keys(Key.ENTER);
        await browser.see(i === 1 ? '1 step done' : `${i} steps done`);
        expect(await now()).not.toBe(before);
        // Where all that is left waits, the focus is on what can be pressed.
        expect(await browser.focused()).toBe((await now()) === '' ? 'Something came up' : 'Done');
      }
      await browser.tabTo('Something came up');
      await browser.keys(Key.ENTER);
      await browser.tabTo('It rains');
      await browser.keys(Key.ESCAPE);
      await browser.until(async () => (await browser.focused()) === 'Something came up', 'the focus back');
      await browser.tabTo('Kit carried in: begin');
      await browser.keys(Key.ENTER);
      await browser.find('button', 'Rest');
      await browser.kept('All is sent.');
      expect((await known(browser)).pack.done.length).toBeGreaterThanOrEqual(2);
    });
  });

  it('leaves no day on the phone for whoever comes after signing out', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      await browser.goTo('/day');
      await browser.until(() => isPageKept(browser), 'the page to be kept');
      await browser.press('button', 'Sign out');
      await browser.waitForPath(/^\/$/);
      await browser.until(async () => !(await isPageKept(browser)), 'the page to be forgotten');
    });
  });

  it('refuses what is forged, says so, and keeps nothing of it', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      await browser.goTo('/day');
      const base = inject('base');
      const status = async (init: RequestInit) =>
        (await fetch(`${base}/api/day/events`, { method: 'POST', ...init })).status;
      const cookie = (await browser.cookies()).map(({ name, value }) => `${name}=${value}`).join('; ');
      const headers = { origin: base, cookie };
      const event = { id: crypto.randomUUID(), at: `${TODAY}T17:00:00`, act: { do: 'rain' } };
      const body = JSON.stringify({ sentAt: `${TODAY}T17:00:00`, events: [event] });
      expect(await status({ body })).toBe(403);
      expect(await status({ body, headers: { ...headers, origin: 'https://elsewhere.example' } })).toBe(403);
      expect(await status({ body, headers: { origin: base } })).toBe(401);
      expect(await status({ body, headers: { origin: base, cookie: 'early-thaw=forged' } })).toBe(401);
      for (const bad of [
        '',
        '{',
        '[]',
        '{"events":[]}',
        body.replace('rain', 'snow'),
        body.replace(TODAY, 'today'),
      ])
        expect(await status({ body: bad, headers }), bad).toBe(422);
      for (const path of ['/api/day/stream', `/api/day/file/${TODAY}`])
        expect((await fetch(`${base}${path}`)).status, path).toBe(401);
      const guessed = 'A'.repeat(43);
      expect((await fetch(`${base}/help/${guessed}`)).status).toBe(404);
      expect((await fetch(`${base}/help/${guessed}/file/${TODAY}`)).status).toBe(401);
      expect((await known(browser)).events).toEqual([]);
    });
  });

  it('measures, corrects and ends a session with what is clear now', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      await browser.goTo(`/day/${TODAY}?person=bram`);
      await browser.press('button', 'Kit carried in: begin');
      await browser.see(/a rest is due after/);
      await browser.press('button', 'Start');
      await browser.see('so far');
      await browser.press('button', 'Done');
      await browser.see('It took 1 min');
      await browser.press('button', 'Took longer');
      await browser.press('button', /^\d+ min$/);
      await browser.press('button', 'Not clean by it');
      await browser.press('button', 'Still dirty');
      await browser.see('In the record: still dirty.');
      await secondGo(browser);
      await browser.press('button', 'Enough for today');
      await browser.see('Clear now');
      await browser.see(/hours are still frozen/);
      expect(await findings(browser)).toEqual([]);
      // What stands around the board follows the plan too.
      await browser.see('No session is planned.');
      await browser.press('button', /^One more block of/);
      await browser.see(/jobs? of .* can be done now/);
      await browser.find('button', 'Done');
      await browser.see(/a rest is due after/);
    }, PHONE);
  });
});
