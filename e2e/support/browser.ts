import { rmSync, writeFileSync } from 'node:fs';
import { Builder, By, type IWebDriverOptionsCookie, Key, type WebElement } from 'selenium-webdriver';
import { type Driver, Options, ServiceBuilder } from 'selenium-webdriver/chrome';
import { quickFolder } from '../../scripts/lib/quick-folder.mjs';

/** A real browser, asked for things the way a person finds them: by role, name and what is written. */

export const DESKTOP = { width: 1280, height: 800 };
export const PHONE = { width: 390, height: 844 };

const WAIT_MS = 45_000;

export type Size = { readonly width: number; readonly height: number };

export class Browser {
  private constructor(
    readonly driver: Driver,
    private readonly base: string,
    private readonly profile: string,
  ) {}

  /** Presses and keys so far, as a person would count them. */
  presses = 0;

  /** What runs on every page before its own. */
  private readonly scripts: string[] = [];

  static async open(base: string, size: Size = DESKTOP): Promise<Browser> {
    const profile = quickFolder('chrome');
    const options = new Options();
    options.setChromeBinaryPath('/usr/bin/chromium');
    options.addArguments(
      '--headless=new',
      '--no-sandbox',
      '--disable-gpu',
      '--disable-quic',
      '--no-first-run',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
      '--disable-dev-shm-usage',
      '--hide-scrollbars',
      '--lang=en-GB',
      `--user-data-dir=${profile}`,
    );
    // How dates and times are written follows from it.
    options.setUserPreferences({ 'intl.accept_languages': 'en-GB,en' });
    const driver = (await new Builder()
      .forBrowser('chrome')
      .setChromeOptions(options)
      .setChromeService(new ServiceBuilder('/usr/bin/chromedriver'))
      .build()) as Driver;
    const browser = new Browser(driver, base, profile);
    await browser.resize(size);
    return browser;
  }

  async close(): Promise<void> {
    await this.driver.quit();
    rmSync(this.profile, { recursive: true, force: true, maxRetries: 3 });
  }

  /** As if it had just been opened: nothing is known of any page, and nothing is preferred. */
  async forget(): Promise<void> {
    await this.driver.get('about:blank');
    for (const identifier of this.scripts.splice(0))
      await this.command('Page.removeScriptToEvaluateOnNewDocument', { identifier });
    await this.command('Storage.clearDataForOrigin', { origin: this.base, storageTypes: 'all' });
    await this.command('Network.clearBrowserCookies', {});
    await this.prefer({});
    await this.slowDown(1);
    await this.command('Emulation.setTouchEmulationEnabled', { enabled: false });
    this.presses = 0;
  }

  async resize({ width, height }: Size): Promise<void> {
    await this.command('Emulation.setDeviceMetricsOverride', {
      width,
      height,
      deviceScaleFactor: 1,
      mobile: false,
    });
  }

  /** What the device prefers: light or dark, motion or none. */
  async prefer(features: Readonly<Record<string, string>>): Promise<void> {
    await this.command('Emulation.setEmulatedMedia', {
      features: Object.entries(features).map(([name, value]) => ({ name, value })),
    });
  }

  /** Runs a script on every page before its own do. */
  async onEveryPage(source: string): Promise<void> {
    const { identifier } = await this.ask<{ identifier: string }>('Page.addScriptToEvaluateOnNewDocument', {
      source,
    });
    this.scripts.push(identifier);
  }

  /** Is used by a finger, so that pages are kept as they are on a phone. */
  async asPhone(): Promise<void> {
    await this.command('Emulation.setTouchEmulationEnabled', { enabled: true, maxTouchPoints: 5 });
    await this.command('Emulation.setEmitTouchEventsForMouse', { enabled: false });
  }

  /** Takes the network away, or gives it back. */
  async cutOff(isOff: boolean): Promise<void> {
    await this.driver.setNetworkConditions({
      offline: isOff,
      latency: 0,
      download_throughput: -1,
      upload_throughput: -1,
    });
  }

  /** Why the browser would not put the application beside others. */
  async faultsOfInstalling(): Promise<string[]> {
    const { installabilityErrors } = await this.ask<{ installabilityErrors: { errorId: string }[] }>(
      'Page.getInstallabilityErrors',
      {},
    );
    return installabilityErrors.map(({ errorId }) => errorId);
  }

  /** Makes the processor so many times slower. */
  async slowDown(rate: number): Promise<void> {
    await this.command('Emulation.setCPUThrottlingRate', { rate });
  }

  async goTo(path: string): Promise<void> {
    await this.driver.get(`${this.base}${path}`);
    await this.awake();
  }

  /** Waits until the page answers to presses: its scripts have taken over what the server drew. */
  private async awake(): Promise<void> {
    const script = `return [...document.querySelectorAll('button, a')].some((e) => Object.keys(e).some((key) => key.startsWith('__react')))`;
    await this.until(() => this.run<boolean>(script), 'the page to answer');
  }

  async path(): Promise<string> {
    return new URL(await this.driver.getCurrentUrl()).pathname;
  }

  async waitForPath(pattern: RegExp): Promise<string> {
    await this.until(async () => pattern.test(await this.path()), `the address ${pattern}`);
    return this.path();
  }

  /** The one visible element with a role and an accessible name. */
  async find(role: string, name: string | RegExp): Promise<WebElement> {
    let found: WebElement | undefined;
    await this.until(async () => {
      [found] = await this.all(role, name, 1);
      return found !== undefined;
    }, `a ${role} named ${name}`);
    return found as WebElement;
  }

  /** Visible elements of a role, the first so many. The page narrows the search down; the browser then says what each really is. */
  async all(role: string, name?: string | RegExp, most = Number.POSITIVE_INFINITY): Promise<WebElement[]> {
    const candidates = await this.run<WebElement[]>(
      CANDIDATES,
      SELECTORS[role] ?? `[role="${role}"]`,
      ...pattern(name),
    );
    const fitting: WebElement[] = [];
    for (const element of candidates) {
      if (fitting.length === most) break;
      if (await this.matches(element, role, name).catch(() => false)) fitting.push(element);
    }
    return fitting;
  }

  private async matches(
    element: WebElement,
    role: string,
    name: string | RegExp | undefined,
  ): Promise<boolean> {
    if (role !== OPENER && (await element.getAriaRole()) !== role) return false;
    if (name === undefined || role === OPENER) return true;
    return fits(await element.getAccessibleName(), name);
  }

  async press(role: string, name: string | RegExp): Promise<void> {
    this.presses += 1;
    await this.retry(async () => {
      const element = await this.find(role, name);
      await this.driver.executeScript('arguments[0].scrollIntoView({ block: "center" })', element);
      await element.click();
    });
  }

  /** Presses as long as a finger does. */
  async tap(role: string, name: string | RegExp): Promise<void> {
    await this.retry(async () => {
      const element = await this.find(role, name);
      await this.driver.executeScript('arguments[0].scrollIntoView({ block: "center" })', element);
      const hand = this.driver.actions({ async: true });
      await hand.move({ origin: element }).press().pause(FINGER_MS).release().perform();
    });
  }

  /** Types into a labelled field, in place of what is there. */
  async type(label: string | RegExp, text: string): Promise<void> {
    this.presses += text.length + 1;
    await this.retry(async () => {
      const field = await this.field(label);
      await field.sendKeys(Key.chord(Key.CONTROL, 'a'), Key.BACK_SPACE, text);
    });
  }

  /** Types a date or a time part by part, in whichever order and with whichever clock the reader has. */
  async set(label: string | RegExp, value: string): Promise<void> {
    const device = await this.deviceField(label);
    if (device) return this.typeDate(device, value);
    await this.retry(async () => {
      const parts = await this.parts(label);
      const names = await Promise.all(
        parts.map(async (part) => (await part.getAttribute('aria-label')) ?? ''),
      );
      const typed = partsOf(value, names.includes('Meridiem'));
      for (const [i, part] of parts.entries()) {
        await part.click();
        await this.keys(typed[names[i] ?? ''] ?? '');
      }
    });
  }

  /** A date field of the browser's own; undefined where it is one of the page's. */
  private async deviceField(label: string | RegExp): Promise<WebElement | undefined> {
    const shown = await this.run<WebElement[]>(CANDIDATES, 'input[type=date]', ...pattern(label));
    for (const field of shown) if (fits(await field.getAccessibleName(), label)) return field;
    return undefined;
  }

  /** In the order in which the browser has it, whose reader is British or American. */
  private async typeDate(field: WebElement, value: string): Promise<void> {
    const [year = '', month = '', day = ''] = value.split('-');
    for (const keys of [`${day}${month}${year}`, `${month}${day}${year}`]) {
      await field.clear();
      await field.sendKeys(keys);
      if ((await field.getAttribute('value')) === value) return;
    }
    throw new Error(`The date ${value} could not be typed.`);
  }

  /** What stands in a date or time field, part by part: `2027`, or nothing where it is empty. */
  async partsOf(label: string | RegExp): Promise<Record<string, string>> {
    const parts = await this.parts(label);
    const read = parts.map(async (part) => [
      await part.getAttribute('aria-label'),
      (await part.getAttribute('aria-valuenow')) ?? '',
    ]);
    return Object.fromEntries(await Promise.all(read));
  }

  private async parts(label: string | RegExp): Promise<WebElement[]> {
    let parts: WebElement[] = [];
    await this.until(async () => {
      const groups = await this.all('group', label);
      const found = groups.map((group) => group.findElements(By.css('[role=spinbutton]')));
      parts = (await Promise.all(found)).find((some) => some.length > 0) ?? [];
      // What can be chosen in it comes as soon as somebody goes to the field.
      if (parts.length === 0) await this.goToField(label);
      return parts.length > 0;
    }, `a date or time field labelled ${label}`);
    return parts;
  }

  private async goToField(label: string | RegExp): Promise<void> {
    const shown = await this.run<WebElement[]>(CANDIDATES, 'input[data-when]', ...pattern(label));
    for (const field of shown) if (fits(await field.getAccessibleName(), label)) return field.click();
  }

  async choose(label: string | RegExp, option: string): Promise<void> {
    this.presses += 2;
    const field = await this.find('combobox', label);
    await field.findElement(By.xpath(`.//option[normalize-space(.)=${JSON.stringify(option)}]`)).click();
  }

  async field(label: string | RegExp): Promise<WebElement> {
    let found: WebElement | undefined;
    await this.until(async () => {
      const candidates = await this.run<WebElement[]>(
        CANDIDATES,
        'input:not([type=hidden]), textarea:not([aria-hidden])',
        ...pattern(label),
      );
      for (const element of candidates) if (fits(await element.getAccessibleName(), label)) found ??= element;
      return found !== undefined;
    }, `a field labelled ${label}`);
    return found as WebElement;
  }

  async keys(...keys: string[]): Promise<void> {
    this.presses += keys.join('').length;
    await this.driver
      .actions()
      .sendKeys(...keys)
      .perform();
  }

  /** The name of what has the focus. */
  async focused(): Promise<string> {
    let name = '';
    // What has it may be drawn anew between being found and being asked.
    await this.retry(async () => {
      name = (await this.driver.switchTo().activeElement().getAccessibleName()).trim();
    });
    return name;
  }

  /** Moves the focus forward until it is on what is so named. */
  async tabTo(name: string): Promise<void> {
    for (let i = 0; i < MOST_TABS && (await this.focused()) !== name; i++) await this.keys(Key.TAB);
    if ((await this.focused()) !== name) throw new Error(`No way to “${name}” by the Tab key.`);
  }

  /** All that can be read on the page. */
  async text(): Promise<string> {
    return this.driver.findElement(By.css('body')).getText();
  }

  async see(pattern: string | RegExp): Promise<void> {
    await this.until(async () => {
      const text = await this.text();
      return typeof pattern === 'string' ? text.includes(pattern) : pattern.test(text);
    }, `the words ${pattern}`);
  }

  /** Waits until the page has its name: while it is drawn anew, there is none for a moment. */
  async waitForTitle(): Promise<void> {
    await this.until(async () => (await this.driver.getTitle()) !== '', 'the page to have a name');
  }

  /** Waits until the page says that the server has it: what is shown at once may still be on its way. */
  async kept(words: string): Promise<void> {
    const script =
      'return [...document.querySelectorAll("[role=status]")].map((e) => e.textContent).join(" ")';
    await this.until(
      async () => (await this.run<string>(script)).includes(words),
      `the word that it is kept: ${words}`,
    );
  }

  /** Drags an element by its middle onto another. */
  async drag(from: WebElement, to: WebElement): Promise<void> {
    await this.driver.executeScript('arguments[0].scrollIntoView({ block: "center" })', from);
    await this.driver
      .actions({ async: true })
      .move({ origin: from })
      .press()
      .move({ origin: from, x: 12, y: 12 })
      .move({ origin: to, duration: 150 })
      .release()
      .perform();
  }

  /** Holds a key down while others are pressed. */
  async chord(held: string, key: string): Promise<void> {
    await this.driver.actions().keyDown(held).sendKeys(key).keyUp(held).perform();
  }

  async reload(): Promise<void> {
    await this.driver.navigate().refresh();
    await this.awake();
  }

  async cookies(): Promise<IWebDriverOptionsCookie[]> {
    return this.driver.manage().getCookies();
  }

  async picture(file: string): Promise<void> {
    await this.driver.executeAsyncScript(
      'document.fonts.ready.then(() => requestAnimationFrame(() => requestAnimationFrame(arguments[0])))',
    );
    writeFileSync(file, await this.driver.takeScreenshot(), 'base64');
  }

  /** As PDF, in base64: on the paper that the page asks for, or on one so many inches wide. */
  async print(width?: number): Promise<string> {
    const paper =
      width === undefined
        ? { preferCSSPageSize: true }
        : { paperWidth: width, paperHeight: 6, preferCSSPageSize: false };
    return (await this.ask<{ data: string }>('Page.printToPDF', paper)).data;
  }

  async until(condition: () => Promise<boolean>, what: string): Promise<void> {
    try {
      await this.driver.wait(() => condition().catch(() => false), WAIT_MS);
    } catch {
      throw new Error(
        `Waited in vain for ${what} at ${await this.driver.getCurrentUrl()}. The page reads:\n${(await this.text()).slice(0, 1500)}`,
      );
    }
  }

  async run<T>(script: string, ...args: unknown[]): Promise<T> {
    return this.driver.executeScript<T>(script, ...args);
  }

  /** A page may redraw between finding and pressing; then the element is looked up again. */
  private async retry(action: () => Promise<void>): Promise<void> {
    let last: unknown;
    const started = Date.now();
    while (Date.now() - started < WAIT_MS) {
      try {
        await action();
        return;
      } catch (error) {
        last = error;
      }
    }
    throw last;
  }

  private async ask<T>(name: string, parameters: object): Promise<T> {
    return (await this.driver.sendAndGetDevToolsCommand(name, parameters)) as T;
  }

  private async command(name: string, parameters: object): Promise<void> {
    await this.driver.sendDevToolsCommand(name, parameters);
  }
}

const MOST_TABS = 80;

/** How long a finger stays on what it presses. */
const FINGER_MS = 90;

/** What opens and closes in place; browsers have no common role for it. */
export const OPENER = 'opener';

/** Where elements of a role are looked for; the browser then says whether they really have it. */
/** The parts of a date, `2027-03-10`, or of a time, `18:30`, as they are typed. */
function partsOf(value: string, twelve: boolean): Readonly<Record<string, string>> {
  const [first = '', second = '', third = ''] = value.split(/[-:]/);
  if (third !== '') return { Year: first, Month: second, Day: third };
  const hours = Number(first);
  const shown = twelve ? String(hours % 12 || 12).padStart(2, '0') : first;
  return { Hours: shown, Minutes: second, Meridiem: hours < 12 ? 'a' : 'p' };
}

const SELECTORS: Readonly<Record<string, string>> = {
  button: 'button, [role=button]',
  [OPENER]: 'summary',
  link: 'a[href]',
  heading: 'h1, h2, h3',
  checkbox: 'input[type=checkbox]',
  combobox: 'select, [role=combobox]',
  region: 'section, [role=region]',
  image: '[role=img]',
  list: 'ul, ol, [role=list]',
  row: 'tr, [role=row]',
  columnheader: 'th, [role=columnheader]',
};

/** Visible elements that could have the name, by what is written on them. */
const CANDIDATES = `
  const [selector, source, flags, exact] = arguments;
  const words = (element) => {
    const by = element.getAttribute('aria-labelledby');
    if (element.hasAttribute('aria-label')) return element.getAttribute('aria-label');
    if (by) return by.split(' ').map((id) => document.getElementById(id)?.textContent ?? '').join(' ');
    return element.labels?.length ? [...element.labels].map((label) => label.textContent).join(' ') : element.textContent;
  };
  const squeezed = (text) => text.replace(/\\s+/g, ' ').trim();
  return [...document.querySelectorAll(selector)].filter((element) => {
    if (!element.checkVisibility({ visibilityProperty: true })) return false;
    if (source === null) return true;
    const own = squeezed(words(element));
    return exact ? own === source : new RegExp(source, flags).test(own);
  });`;

function pattern(name: string | RegExp | undefined): [source: string | null, flags: string, exact: boolean] {
  if (name === undefined) return [null, '', false];
  return typeof name === 'string' ? [name, '', true] : [name.source, name.flags, false];
}

function fits(own: string, name: string | RegExp): boolean {
  return typeof name === 'string' ? own === name : name.test(own);
}

export { Key };
