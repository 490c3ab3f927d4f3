// Draws the icon of the application in the sizes that phones ask for, from its one drawing: npm run icons.
import { readFileSync, writeFileSync } from 'node:fs';
import { Browser } from '../e2e/support/browser';

const drawing = readFileSync(new URL('../app/icon.svg', import.meta.url), 'utf8');
const GROUND = '#0f2a33';

/** `room` is what is left free all round, in hundredths: phones cut icons that may be cut into their own shape. */
const ICONS = [
  { file: 'public/icons/icon-192.png', size: 192, room: 8 },
  { file: 'public/icons/icon-512.png', size: 512, room: 8 },
  { file: 'public/icons/maskable-192.png', size: 192, room: 20 },
  { file: 'public/icons/maskable-512.png', size: 512, room: 20 },
  { file: 'app/apple-icon.png', size: 180, room: 14 },
] as const;

const browser = await Browser.open('about:blank', { width: 512, height: 512 });
try {
  for (const { file, size, room } of ICONS) {
    await browser.resize({ width: size, height: size });
    const inner = (size * (100 - 2 * room)) / 100;
    const page = `<body style="margin:0;height:100vh;display:grid;place-items:center;background:${GROUND}">${drawing.replace('<svg ', `<svg width="${inner}" height="${inner}" `)}</body>`;
    await browser.driver.get(`data:text/html;base64,${Buffer.from(page).toString('base64')}`);
    writeFileSync(new URL(`../${file}`, import.meta.url), await browser.driver.takeScreenshot(), 'base64');
  }
} finally {
  await browser.close();
}
