import { describe, expect, inject, it } from 'vitest';
import { findings } from './support/axe';
import { Browser } from './support/browser';
import { enterDemo, freshEmail, PASSPHRASE, signUp, visit } from './support/visit';

const OTHER = 'a moth in the loft';

/** How the household’s own file is answered with a cookie: 200 to whoever is in, and else the way to the front door. */
async function status(cookies: Awaited<ReturnType<Browser['cookies']>>): Promise<number> {
  const cookie = cookies.map(({ name, value }) => `${name}=${value}`).join('; ');
  const answer = await fetch(`${inject('base')}/api/household`, { headers: { cookie }, redirect: 'manual' });
  return answer.status;
}

async function signIn(browser: Browser, email: string, passphrase: string): Promise<void> {
  await browser.goTo('/sign-in');
  await browser.type('Email', email);
  await browser.type('Passphrase', passphrase);
  await browser.press('button', 'Sign in');
}

describe('an account', () => {
  it('is left with signing out, also by whoever has copied the cookie', async () => {
    await visit(async (browser) => {
      await signUp(browser);
      const copied = await browser.cookies();
      expect(copied.every(({ httpOnly }) => httpOnly)).toBe(true);
      expect(await status(copied)).toBe(200);
      await browser.press('button', 'Sign out');
      await browser.waitForPath(/^\/$/);
      expect(await status(copied)).toBe(303);
    });
  });

  it('shows where one is signed in, ends it there, and tells the household what happened', async () => {
    await visit(async (browser) => {
      const email = await signUp(browser);
      const other = await Browser.open(inject('base'));
      try {
        await signIn(other, email, PASSPHRASE);
        await other.waitForPath(/^\/day/);
        const elsewhere = await other.cookies();
        expect(await status(elsewhere)).toBe(200);
        await browser.goTo('/account');
        await browser.see('this device');
        await browser.press('button', 'Sign out everywhere else');
        await browser.see('One other is signed out.');
        expect(await status(elsewhere)).toBe(303);
        expect(await status(await browser.cookies())).toBe(200);
        await browser.press('opener', 'What happened at the door');
        await browser.see('Signed out everywhere else');
        expect(await findings(browser)).toEqual([]);
        await browser.see(email);
      } finally {
        await other.close();
      }
    });
  });

  it('changes its passphrase by the old one, and every other device is out', async () => {
    await visit(async (browser) => {
      const email = await signUp(browser);
      const before = await browser.cookies();
      await browser.goTo('/account');
      await browser.press('opener', 'Change the passphrase');
      await browser.type('Passphrase so far', 'never that one');
      await browser.type('New passphrase', OTHER);
      await browser.press('button', 'Change it');
      await browser.see('That is not the passphrase that you have.');
      await browser.type('Passphrase so far', PASSPHRASE);
      await browser.type('New passphrase', 'password12');
      await browser.press('button', 'Change it');
      await browser.see('Too many people take one like this');
      await browser.type('New passphrase', OTHER);
      await browser.press('button', 'Change it');
      await browser.see('Changed. Every other device is signed out.');
      expect(await status(before)).toBe(303);
      expect(await status(await browser.cookies())).toBe(200);
      await browser.press('button', 'Sign out');
      await browser.waitForPath(/^\/$/);
      await signIn(browser, email, PASSPHRASE);
      await browser.see('do not belong together');
      await signIn(browser, email, OTHER);
      await browser.waitForPath(/^\/day/);
    });
  });

  it('is opened once by a code from paper, when the passphrase is forgotten', async () => {
    await visit(async (browser) => {
      const email = await signUp(browser);
      await browser.goTo('/account');
      await browser.see('8 codes are left');
      await browser.press('button', 'Make new codes');
      const list = await browser.find('list', 'Your codes');
      const [code = ''] = (await list.getText()).split('\n');
      expect(code).toMatch(/^\w{4}-\w{4}-\w{4}$/);
      await browser.press('button', 'Sign out');
      await browser.waitForPath(/^\/$/);
      const back = async (typed: string) => {
        await browser.goTo('/sign-in');
        await browser.press('link', 'Forgotten the passphrase?');
        await browser.waitForPath(/^\/recover$/);
        await browser.type('Email', email);
        await browser.type('One of your codes', typed);
        await browser.type('New passphrase', OTHER);
        await browser.press('button', 'Let me in');
      };
      await back('aaaa-bbbb-cccc');
      await browser.see('This email and code do not belong together');
      await back(code.toUpperCase());
      await browser.waitForPath(/^\/account$/);
      await browser.see('7 codes are left');
      await browser.press('button', 'Sign out');
      await browser.waitForPath(/^\/$/);
      await back(code);
      await browser.see('or the code was used before');
    });
  });

  it('is opened by a passkey where the address has a name, until that is taken away', async () => {
    const browser = await Browser.open(inject('base').replace('127.0.0.1', 'localhost'));
    try {
      await browser.driver.sendDevToolsCommand('WebAuthn.enable', {});
      await browser.driver.sendDevToolsCommand('WebAuthn.addVirtualAuthenticator', {
        options: {
          protocol: 'ctap2',
          transport: 'internal',
          hasResidentKey: true,
          hasUserVerification: true,
          isUserVerified: true,
          automaticPresenceSimulation: true,
        },
      });
      await signUp(browser, 'Hazel End');
      await browser.goTo('/account');
      await browser.press('button', 'Add a passkey');
      await browser.see('not used yet');
      expect(await findings(browser)).toEqual([]);
      await browser.press('button', 'Sign out');
      await browser.waitForPath(/^\/$/);
      await browser.goTo('/sign-in');
      await browser.press('button', 'Sign in with a passkey');
      await browser.waitForPath(/^\/day/);
      await browser.goTo('/account');
      await browser.see('Hazel End');
      await browser.press('opener', 'What happened at the door');
      await browser.see('Signed in with a passkey');
      await browser.press('button', /^Take the passkey away/);
      await browser.see('opens nothing any more.');
      await browser.press('button', 'Sign out');
      await browser.waitForPath(/^\/$/);
      await browser.goTo('/sign-in');
      await browser.press('button', 'Sign in with a passkey');
      await browser.see('That passkey does not fit');
    } finally {
      await browser.close();
    }
  });

  it('tells of passkeys where the address can have none', async () => {
    await visit(async (browser) => {
      await signUp(browser);
      await browser.goTo('/account');
      await browser.see('Passkeys need an address with a name and https');
    });
  });

  it('is opened by the link of a letter, and no answer tells whether an email is known', async () => {
    await visit(async (browser) => {
      const email = await signUp(browser, 'Alder Rise');
      await browser.press('button', 'Sign out');
      await browser.waitForPath(/^\/$/);
      const ask = async (whose: string) => {
        await browser.goTo('/recover');
        await browser.type('Email of your account', whose);
        await browser.press('button', 'Send me a link');
        await browser.see('If this email has an account here, a letter with a link is on its way.');
      };
      await ask(freshEmail());
      await ask(email);
      await browser.press('link', 'Read the letters here');
      await browser.waitForPath(/^\/letters$/);
      await browser.until(async () => {
        await browser.reload();
        return (await browser.text()).includes(`To ${email}`);
      }, 'the letter');
      expect(await browser.text()).toContain('Alder Rise');
      await browser.press('link', /^\/recover#/);
      await browser.waitForPath(/^\/recover$/);
      expect(await browser.run<string>('return location.href')).not.toContain('code=');
      await browser.type('New passphrase', OTHER);
      await browser.press('button', 'Let me in');
      await browser.waitForPath(/^\/account$/);
      await browser.press('opener', 'What happened at the door');
      await browser.see('A letter with a way back in was asked for');
    });
  });

  it('is shared by an invitation, and what somebody may ends where they do no more than help', async () => {
    await visit(async (browser) => {
      await signUp(browser, 'Larch Mews');
      await browser.goTo('/account');
      await browser.choose('One more who', 'Helps on the day');
      await browser.press('button', 'Invite');
      const link = (await (await browser.field('Invitation')).getAttribute('value')) ?? '';
      expect(link).toContain('/join/');
      expect(await findings(browser)).toEqual([]);
      const other = await Browser.open(inject('base'));
      try {
        const path = new URL(link).pathname;
        await other.goTo(path);
        await other.see('You are invited to “Larch Mews”');
        await other.see('Helps on the day');
        await other.type('Email', freshEmail());
        await other.type('Passphrase', OTHER);
        await other.press('button', 'Come in');
        await other.press('button', 'Go on');
        await other.waitForPath(/^\/day/);
        await other.goTo('/walk');
        await other.see('You can look at all of this.');
        expect(await findings(other)).toEqual([]);
        await other.press('button', 'Add floor');
        await other.see('That is for those who help plan.');
        expect(await status(await other.cookies())).toBe(403);
        // The link lets in one.
        await other.press('button', 'Sign out');
        await other.waitForPath(/^\/$/);
        await other.goTo(path);
        await other.see('This invitation leads nowhere');
      } finally {
        await other.close();
      }
      await browser.goTo('/account');
      await browser.press('button', 'Leave the household');
      await browser.see('Somebody has to keep house.');
      await browser.press('button', /^Take the account away/);
      await browser.until(
        async () => !(await browser.text()).includes('Take it away'),
        'the account to be gone',
      );
    });
  });

  it('goes with its household after a pause, which one press ends', async () => {
    await visit(async (browser) => {
      await signUp(browser, 'Larch Mews');
      await browser.goTo('/account');
      await browser.press('opener', 'Delete the household');
      await browser.find('link', 'Export it with pictures');
      await browser.type('Your passphrase', 'never that one');
      await browser.press('button', 'Delete it in seven days');
      await browser.see('That is not the passphrase that you have.');
      expect(await findings(browser)).toEqual([]);
      await browser.type('Your passphrase', PASSPHRASE);
      await browser.press('button', 'Delete it in seven days');
      await browser.see('Somebody has asked for this household to be deleted.');
      expect(await findings(browser)).toEqual([]);
      await browser.goTo('/walk');
      await browser.see('it goes, with everything in it.');
      await browser.press('button', 'Keep it');
      await browser.until(
        async () => !(await browser.text()).includes('it goes, with'),
        'the household to stay',
      );
    });
  });

  it('writes dates and times as one chooses on this device, everywhere, and again as the device does', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      await browser.see('Friday 26 March');
      await browser.goTo('/account');
      await browser.choose('Dates and times', 'March 26, 3:40 pm');
      await browser.until(
        async () => browser.run<boolean>('return document.cookie.includes("early-thaw-dates=en-US")'),
        'the choice to be kept',
      );
      for (const path of ['/aim', '/spread', '/spread/2027-03-06', '/day', '/supplies/wash']) {
        await browser.goTo(path);
        await browser.see(/\d [ap]m|, March \d/);
        const words = await browser.text();
        expect(words.match(/\b\d{1,2} (March|Mar)\b/g), path).toBeNull();
        expect(words.match(/\b(1[3-9]|2\d):\d\d\b/g), path).toBeNull();
      }
      // What the server wrote is what the browser would have written.
      const said = await browser.driver.manage().logs().get('browser');
      expect(said.filter(({ message }) => /React error|hydrat/i.test(message))).toEqual([]);
      await browser.goTo('/account');
      await browser.choose('Dates and times', 'As the device');
      await browser.until(
        async () => browser.run<boolean>('return !document.cookie.includes("early-thaw-dates")'),
        'the choice to be gone',
      );
      await browser.goTo('/aim');
      await browser.see('Friday 26 March');
    });
  });

  it('is not there for whoever looks round the demo, who is told so', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      await browser.press('link', 'Your account');
      await browser.see('You are looking round the demo household');
    });
  });
});
