import { describe, expect, it } from 'vitest';
import { Key } from './support/browser';
import { enterDemo, signUp, visit } from './support/visit';

describe('the catalogue', () => {
  it('is read: how, how long, with what, how often, and what to beware of', async () => {
    await visit(async (browser) => {
      await signUp(browser);
      await browser.press('link', 'How things are done');
      await browser.waitForPath(/^\/catalogue$/);
      await browser.type('Find a method, or what it is for', 'hob');
      await browser.press('link', 'Soak grates, burner caps and knobs');
      for (const words of [
        'Every 3 months',
        'Done when:',
        'A wait of 45 min',
        'washing soda, 60 g in 5 l',
        'licensed fitter',
      ])
        await browser.see(words);
    });
  });

  it('takes numbers of one’s own, is switched off, and returns to the default', async () => {
    await visit(async (browser) => {
      await signUp(browser);
      await browser.goTo('/catalogue/mirror-clean');
      await browser.press('opener', 'Your own numbers');
      await browser.type('m² an hour', 'none');
      await browser.press('button', 'Keep these numbers');
      await browser.see('Please give the rate as a number.');
      await browser.type('m² an hour', '7');
      await browser.press('button', 'Keep these numbers');
      await browser.see('7 m² an hour');
      await browser.press('button', 'Back to the default');
      await browser.see('14 m² an hour');
      await browser.press('button', 'Switch it off');
      await browser.see('it is in no list and no plan');
      await browser.press('button', 'Undo');
      await browser.find('button', 'Switch it off');
    });
  });

  it('has a method of one’s own that is estimated and planned like any other', async () => {
    await visit(async (browser) => {
      await signUp(browser);
      await browser.goTo('/catalogue/new');
      await browser.press('button', 'Keep this method');
      await browser.see('Please say what is done');
      await browser.type('What is done', 'Wax the skis');
      await browser.choose('For every', 'Something else');
      await browser.type('The work itself', 'Iron it in, thin');
      await browser.type('Minutes for each', '20');
      await browser.type('Then a wait, min', '60');
      await browser.type('After the wait', 'Scrape and brush');
      await browser.type('Minutes', '15');
      await browser.type('How to do it, in a line', 'Base clean and dry first.');
      await browser.type('How one knows that it is done', 'They glide.');
      await browser.press('button', 'Keep this method');
      await browser.find('heading', 'Wax the skis');
      await browser.goTo('/walk');
      await browser.press('button', 'Add floor');
      await browser.press('button', 'Add a room');
      await browser.choose('Kind', 'Cellar');
      await browser.press('button', 'Walk this room');
      await browser.waitForPath(/^\/walk\/.+/);
      await browser.press('button', 'Stop: Shelves');
      await browser.press('button', 'Add something here');
      await browser.type('What stands at “Shelves”?', 'something else');
      await browser.keys('\uE007');
      await browser.kept('Something else added at Shelves.');
      await browser.press('button', /^Something else/);
      await browser.see('2 min to set up + 1 ÷ 3 an hour = 22 min');
      await browser.goTo('/scope');
      await browser.find('table', 'Jobs');
      await browser.type('Find a job', 'skis');
      await browser.see('Wax the skis');
      await browser.see('1 job shown');
      // 22 minutes, and 15 after the wait.
      expect(await (await browser.all('row'))[1]?.getText()).toContain('37 min');
    });
  });

  it('follows what is said of the house: its bedding, and how far south it lies', async () => {
    await visit(async (browser) => {
      const unfold =
        'document.querySelectorAll("main details").forEach((one) => { one.open = !one.open || one.innerText.includes("latitude"); })';
      const openHouse = async () => {
        await browser.goTo('/walk');
        await browser.until(async () => {
          await browser.run(unfold);
          return (await browser.text()).includes('Degrees of latitude');
        }, 'what is asked of the house');
      };
      const said =
        'return [...document.querySelectorAll("[role=status]")].some((one) => one.textContent === "Kept.")';
      const kept = () => browser.until(() => browser.run<boolean>(said), 'that it is kept');
      await enterDemo(browser);
      await openHouse();
      await browser.press('checkbox', 'Only one set of bedding for each bed');
      await kept();
      await browser.goTo('/catalogue/bed-linen-wash');
      await browser.see('With what you have, this is part of another job.');
      await openHouse();
      await browser.type('Degrees of latitude', '-34');
      await browser.keys(Key.TAB);
      await kept();
      await openHouse();
      const shown = 'return [...document.querySelectorAll("input")].some(({ value }) => value === "-34")';
      await browser.until(() => browser.run<boolean>(shown), 'the latitude that was typed');
      // What the weekly round does is out by itself.
      await browser.press('checkbox', 'Bins');
      await kept();
      await browser.choose('Who does the round', 'Ines');
      await kept();
      await browser.goTo('/scope');
      await browser.type('Find a job', 'wash the bin');
      await browser.see('the weekly round covers it');
      await browser.goTo('/catalogue/bin-wash');
      await browser.see(/every 14 days where the weekly round does it/);
    });
  });
});
