import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Browser, DESKTOP, PHONE } from '../e2e/support/browser';
import { startWhole } from '../e2e/support/whole.mjs';
const folder = mkdtempSync(join(tmpdir(), 'et-'));
const whole = await startWhole({ folder, now: '2027-03-01T18:40', env: { EARLY_THAW_PLAN_ROUNDS: undefined } } as any);
if (!whole.isUp) throw new Error(whole.words());
const browser = await Browser.open(whole.base);
const shot = (n: string) => browser.picture(`/tmp/shot-${n}.png`);
try {
  await browser.goTo('/'); await browser.press('button', 'Look round the demo household'); await browser.waitForPath(/^\/aim$/);
  await browser.resize(DESKTOP); await browser.goTo('/spread'); await browser.find('heading', /./); await shot('spread0');
  await browser.run('[...document.querySelectorAll("button")].find((b)=>/Spread the work/.test(b.textContent)).click()');
  await new Promise((r) => setTimeout(r, 3500)); await shot('spread1');
  await browser.resize(PHONE); await shot('spread-phone'); await browser.run('[...document.querySelectorAll("button")].find((b)=>/Stop, and keep/.test(b.textContent))?.click()');
  await new Promise((r) => setTimeout(r, 2500)); await shot('spread2'); await browser.resize(DESKTOP); await shot('spread3');
  await browser.goTo('/aim'); await browser.find('heading', /./); await browser.run('[...document.querySelectorAll("button")].find((b)=>/Change|Edit/.test(b.textContent))?.click()'); await new Promise((r) => setTimeout(r, 800)); await browser.run('window.scrollTo(0,500)'); await shot('aim');
  await browser.goTo('/what-if'); await browser.see('All are planned.'); await shot('whatif'); await browser.run('window.scrollTo(0,700)'); await shot('whatif2');
} finally { await browser.close(); await whole.stop(); rmSync(folder, { recursive: true, force: true }); }
