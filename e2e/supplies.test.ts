import { describe, expect, it } from 'vitest';
import { findings } from './support/axe';
import type { Browser } from './support/browser';
import { enterDemo, signUp, visit } from './support/visit';

async function toBuy(browser: Browser): Promise<number> {
  return Number(/(\d+) things? to buy/.exec(await browser.text())?.[1] ?? 0);
}

/** What stands first on the list. */
async function firstToBuy(browser: Browser): Promise<string> {
  const name = await browser.run<string>(
    'return document.querySelector(\'button[aria-label^="Bought: "]\').getAttribute("aria-label")',
  );
  return name.slice('Bought: '.length);
}

/** Chooses one of many by its name. */
async function pick(browser: Browser, field: string, option: string): Promise<void> {
  await browser.type(field, option);
  await browser.press('option', option);
  await browser.keys('ESCAPE');
}

describe('supplies', () => {
  it('are bought in whole packs, by a day and for a session; in part, and taken back', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      await browser.press('link', 'Supplies');
      await browser.see(/\d+ things to buy/);
      const all = await toBuy(browser);
      const name = await firstToBuy(browser);
      await browser.see(
        new RegExp(
          `${name}\\n\\d+( \\w+)? needed, \\d+( \\w+)? in the house\\nby \\w+day \\d+ March\\nfor \\w+, `,
        ),
      );
      await browser.press('button', `Bought: ${name}`);
      await browser.until(async () => (await toBuy(browser)) === all - 1, 'one thing less');
      await browser.press('button', 'Undo');
      await browser.until(async () => (await toBuy(browser)) === all, 'it to be back');
      const packs = Number(/Dust masks[\s\S]*?(\d+) × pack of 5/.exec(await browser.text())?.[1]);
      expect(packs).toBeGreaterThan(1);
      await browser.type('Packs of Dust masks', '1');
      await browser.press('button', 'Bought: Dust masks');
      await browser.see(new RegExp(`Dust masks[\\s\\S]*5 in the house[\\s\\S]*?${packs - 1} × pack of 5`));
    });
  });

  it('run out in the middle: what that holds up is said, and it is on the list', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      await browser.goTo('/supplies/cupboard');
      await browser.press('button', 'Washing-up liquid has run out');
      await browser.see(/Washing-up liquid\n\d+ ml needed, none there, \d+ jobs wait for it/);
      await browser.goTo('/supplies');
      await browser.see(/Washing-up liquid[\s\S]*1 × 500 ml/);
    });
  });

  it('are mixed for the bucket that one has, in millilitres and in spoons', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      await browser.goTo('/supplies/cupboard');
      await browser.type('The bucket holds, ml', '100');
      await browser.see('A number from 500 to 30000.');
      await browser.type('The bucket holds, ml', '4000');
      await browser.press('heading', 'To mix in');
      await browser.kept('Kept.');
      await browser.goTo('/supplies/mix');
      await browser.see(/16 ml in 4 l of water\n16 ml\n4 l\nabout 1 tablespoon, in the bucket/);
      await browser.see('Zones share none');
    });
  });

  it('may be of one’s own: refused where it must not be in one bottle, then mixed, changed and removed', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      await browser.goTo('/supplies');
      await browser.press('link', 'Your own');
      await browser.press('button', 'Write one down');
      await browser.type('What you call it', 'Window spray');
      await pick(browser, 'What is in it', 'White vinegar');
      await pick(browser, 'What its label says that it has', 'chlorine bleach');
      await browser.see('gives off chlorine gas');
      await browser.press('button', 'Keep it');
      await browser.until(
        async () => (await browser.all('alert')).length > 0,
        'the reason to be said beside the field',
      );
      await browser.see('gives off chlorine gas');
      await browser.press('button', 'Cancel');

      await browser.press('button', 'Write one down');
      await browser.type('What you call it', 'Green soap');
      await pick(browser, 'What is in it', 'Soft soap');
      await pick(browser, 'Use it instead of', 'Soft soap');
      await browser.type('Of it, ml or g', '30');
      await browser.type('In water, ml', '5000');
      expect(await findings(browser)).toEqual([]);
      await browser.press('button', 'Keep it');
      await browser.see('Soft soap. 30 ml in 5000 ml of water, instead of soft soap.');
      await browser.goTo('/supplies/mix');
      await browser.see(/Green soap\n30 ml in 5 l of water/);
      await browser.goTo('/supplies/own');
      await browser.press('button', 'Change Green soap');
      await browser.type('What you call it', 'Brown soap');
      await browser.press('button', 'Keep it');
      await browser.press('button', 'Remove Brown soap');
      await browser.until(async () => !(await browser.text()).includes('Brown soap'), 'it to be gone');
      await browser.press('button', 'Undo');
      await browser.find('heading', 'Brown soap');
    });
  });

  it('have beside them what leaves the house: places with hours, piles, and new homes', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      await browser.goTo('/supplies');
      await browser.press('link', 'What leaves');
      await browser.see('Monday to Friday 08:30 to 18:30');
      await browser.press('button', 'Add a pile');
      await browser.type('What the pile is called', 'For the neighbours');
      await browser.press('button', 'Keep it');
      await browser.find('heading', 'For the neighbours');
      await browser.press('button', 'Add a place');
      await browser.type('What the place is called', 'Market hall');
      await browser.press('checkbox', 'For the neighbours');
      await browser.press('button', 'Remove hours 1');
      await browser.press('button', 'Keep it');
      await browser.see('Please say when it is open: a trip is planned by that.');
      await browser.press('button', 'Add hours');
      expect(await findings(browser)).toEqual([]);
      await browser.press('button', 'Keep it');
      await browser.see(/Market hall\ntakes For the neighbours\nMonday 10:00 to 16:00/);
      await browser.press('button', 'Give something a new home');
      await browser.type('What moves', 'Cake tins');
      await browser.press('button', 'Keep it');
      await browser.press('button', 'It lives there now: Cake tins');
      await browser.until(
        async () => (await browser.all('heading', 'Cake tins')).length === 0,
        'it to be settled',
      );
      await browser.press('button', 'Undo');
      await browser.find('heading', 'Cake tins');
    });
  });

  it('have the wash beside them: what is in each drum, when it is out, and where it dries', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      await browser.goTo('/supplies');
      await browser.press('link', 'The wash');
      await browser.find('heading', 'The wash');
      await browser.see(/\d+ runs of the machine on \d+ days/);
      const text = await browser.text();
      expect(text).toMatch(/Wash the bed linen/);
      expect(text).toMatch(/Hot, 60 °C/);
      expect(text).toMatch(/In the machine \d\d:\d\d–\d\d:\d\d/);
      expect(text).toMatch(/Dries in the dryer till/);
    });
  });

  it('go along as a table, and the kit is carried in before the session', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      const table = await browser.run<string>(
        'return fetch("/api/supplies").then((answer) => answer.text())',
      );
      // A fetch takes the byte-order mark off that a spreadsheet goes by.
      expect(table.split('\r\n')[0]).toBe('Item,Section,Packs,Pack,Price a pack,Price,Needed by,For');
      expect(table).toMatch(/\r\n[A-Z][\w ]+,[\w ]+,\d+,[\w ]+,\d+\.\d\d,\d+\.\d\d,2027-03-\d\d,/);
      expect(table.trim().split('\r\n').at(-1)).toMatch(/^Together,+\d+\.\d\d,+$/);
      await browser.press('link', 'Spread');
      await browser.press('button', /^Spread/);
      await browser.goTo('/day');
      await browser.press('opener', /^Carry in: the kit for/);
      await browser.see('Tools');
      await browser.see(/\d+ for the (kitchen|bathroom|toilet|rest of the house)/);
    });
  });

  it('wait for the walk in a house without rooms', async () => {
    await visit(async (browser) => {
      await signUp(browser);
      await browser.goTo('/supplies');
      await browser.see('What is needed follows from the work');
      await browser.goTo('/supplies/elsewhere');
      await browser.see('This page is not here');
    });
  });
});

describe('what to beware of', () => {
  it('follows the school of products: what clashes is swapped, and the room can differ', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      await browser.press('opener', 'Change the aim');
      await browser.choose('What it is cleaned with', 'From the shop');
      await browser.press('button', 'Keep this aim');
      await browser.kept('Kept.');
      // Nobody asks for it: the plan is made to fit what has changed.
      await browser.goTo('/spread');
      await browser.until(
        async () => !(await browser.text()).includes('What is planned is older'),
        'the plan to be made to fit',
      );
      await browser.goTo('/safety');
      await browser.see(
        /Chlorine bleach for “Wash the tiles, scrub the grout”, beside what else is used in this room/,
      );
      await browser.see('Planned with oxygen bleach.');
      await browser.goTo('/walk/bathroom');
      await browser.press('button', /^Wall tiles/);
      await browser.press('opener', /^With oxygen bleach. Chlorine bleach must not meet/);
      await browser.goTo('/walk/bathroom');
      await browser.press('button', /^Basin/);
      await browser.press('opener', /^With /);
      await browser.choose('Cleaned with', 'Water and microfibre');
      await browser.see(/The school you chose has nothing for this/);
      await browser.kept('Kept.');
      const household = 'return fetch("/api/household").then((answer) => answer.text())';
      const before = await browser.run<string>(household);
      await browser.choose('This room is cleaned with', 'From the pantry: acid, soda, soap');
      await browser.until(
        async () => (await browser.run<string>(household)) !== before,
        'the school of the room to be kept',
      );
      await browser.goTo('/safety');
      await browser.see('Kept out of the plan');
      expect(await browser.text()).not.toContain('Chlorine bleach for');
    });
  });

  it('lists what is for a professional, with a day and a note, and says it on that day', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      await browser.goTo('/safety');
      await browser.press('button', /^Put on the list: Have old paint tested/);
      await browser.find('button', /^Take off the list: Have old paint tested/);
      expect((await browser.text()).split('Have old paint tested before anybody sands it')).toHaveLength(2);
      // Straight on, before the server has the day: the note must not take it back.
      await browser.set('Day', '2027-03-01');
      await browser.type('Note', 'Rings first');
      await browser.press('heading', 'For a professional');
      const calls =
        'return fetch("/api/household").then((answer) => answer.json()).then((file) => JSON.stringify(file.calls))';
      await browser.until(
        async () => (await browser.run<string>(calls)).includes('Rings first'),
        'the note to be kept',
      );
      await browser.goTo('/day/2027-03-01');
      await browser.see(
        'For a professional today: Have old paint tested before anybody sands it. Rings first',
      );
    });
  });

  it('is said once a day, at the first step where it matters', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      // The first day on which there is something to beware of.
      for (let date = 1; date < 10; date++) {
        await browser.goTo(`/day/2027-03-0${date}`);
        if ((await browser.text()).includes('Take care.')) break;
      }
      await browser.see('Take care.');
      const said = (await browser.text()).split('Pull the plug or switch the circuit off first').length - 1;
      expect(said).toBeLessThanOrEqual(1);
    });
  });
});
