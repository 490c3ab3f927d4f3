import { describe, expect, inject, it } from 'vitest';
import { enterDemo, signUp, visit } from './support/visit';

describe('the server', () => {
  it('sends its security headers, and scripts only with a nonce', async () => {
    const response = await fetch(inject('base'));
    const policy = response.headers.get('content-security-policy') ?? '';
    const scripts = policy.split(';').find((part) => part.trim().startsWith('script-src')) ?? '';
    expect(scripts).toMatch(/'nonce-[^']+'/);
    expect(scripts).not.toContain('unsafe');
    expect(policy).toContain("frame-ancestors 'none'");
    expect(response.headers.get('x-content-type-options')).toBe('nosniff');
    expect(response.headers.get('x-powered-by')).toBeNull();
  });

  it('lets what a phone hears of a day run and frame nothing', async () => {
    const answer = await fetch(`${inject('base')}/api/day/file/2027-03-01`);
    expect(answer.status).toBe(401);
    expect(answer.headers.get('content-security-policy')).toBe("default-src 'none'; frame-ancestors 'none'");
    expect(answer.headers.get('x-content-type-options')).toBe('nosniff');
  });

  it('shows pages of a household to nobody who is not signed in', async () => {
    for (const path of [
      '/aim',
      '/walk',
      '/walk/kitchen',
      '/hours',
      '/scope',
      '/catalogue',
      '/catalogue/oven-paste',
      '/files',
      '/api/household',
      '/api/rooms',
      '/api/supplies',
      '/supplies',
      '/supplies/cupboard',
      '/order',
      '/safety',
      '/people',
      '/spread',
      '/day',
      '/day/2027-03-01',
    ]) {
      const response = await fetch(`${inject('base')}${path}`, { redirect: 'manual' });
      const body = await response.text();
      expect(body, path).not.toMatch(/Juniper|Odalys/);
    }
  });

  it('answers an address that can not be read with a sentence, and tells strangers only that it lives', async () => {
    for (const path of ['/walk/%', '/api/day/file/%ff', '/%e0%a4%a']) {
      const response = await fetch(`${inject('base')}${path}`, { redirect: 'manual' });
      expect([path, response.status]).toEqual([path, 400]);
      expect(await response.text()).toContain('leads nowhere');
    }
    const [alive, ready] = await Promise.all(
      ['/health', '/health/ready'].map(async (path) => (await fetch(`${inject('base')}${path}`)).json()),
    );
    expect([alive, ready]).toEqual([{ alive: true }, { ready: true }]);
  });

  it('does not open a cookie that was tampered with', async () => {
    const response = await fetch(`${inject('base')}/walk`, {
      headers: { cookie: 'early-thaw=Fe26.2*1*forged' },
      redirect: 'manual',
    });
    expect(await response.text()).not.toMatch(/Juniper/);
  });

  it('keeps one household out of the rooms of another', async () => {
    await visit(async (browser) => {
      await signUp(browser);
      await browser.goTo('/walk/kitchen');
      await browser.see('This page is not here');
      await browser.goTo('/walk');
      await browser.see('Press what your home has');
    });
  });

  it('gives one household the methods and the file of its own, not of another', async () => {
    await visit(async (browser) => {
      await signUp(browser, 'Elm Yard');
      await browser.goTo('/catalogue/new');
      await browser.type('What is done', 'Polish the secret');
      await browser.type('The work itself', 'Softly');
      await browser.type('How to do it, in a line', 'By night.');
      await browser.type('How one knows that it is done', 'Nobody does.');
      await browser.press('button', 'Keep this method');
      await browser.find('heading', 'Polish the secret');
      const own = await browser.path();
      await browser.press('button', 'Sign out');
      await browser.waitForPath(/^\/$/);
      await signUp(browser, 'Alder Court');
      await browser.goTo(own);
      await browser.see('This page is not here');
      const file = await browser.run<string>(
        'return fetch("/api/household").then((answer) => answer.text())',
      );
      expect(file).toContain('Alder Court');
      expect(file).not.toMatch(/Elm Yard|secret/);
    });
  });

  it('carries out no action that another site asks for', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      await browser.goTo('/people');
      await browser.press('opener', 'A link to the day of Bram');
      // The very request that the page sends is caught, and sent again from elsewhere with the same cookie.
      await browser.run(`
        const real = window.fetch;
        window.fetch = (...args) => {
          if (args[1]?.method === 'POST') window.caught = { headers: Object.fromEntries(new Headers(args[1].headers)), body: args[1].body };
          return real(...args);
        };`);
      await browser.press('button', 'Make a link');
      const link = new URL((await (await browser.field('Link for Bram')).getAttribute('value')) ?? '')
        .pathname;
      const caught = await browser.run<{ headers: Record<string, string>; body: string }>(
        'return window.caught',
      );
      const [cookie] = (await browser.cookies()).filter((item) => item.name === 'early-thaw');
      const send = (origin: string) =>
        fetch(`${inject('base')}/people`, {
          method: 'POST',
          body: caught.body,
          headers: { ...caught.headers, origin, cookie: `early-thaw=${cookie?.value}` },
        });
      const opens = async () => (await fetch(`${inject('base')}${link}`)).status;
      await send('https://elsewhere.example').catch(() => undefined);
      expect(await opens()).toBe(200);
      // From here it is carried out: a new link takes the place of the first.
      expect((await send(inject('base'))).ok).toBe(true);
      expect(await opens()).toBe(404);
    });
  });
});
