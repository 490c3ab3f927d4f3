import { parse } from 'bowser';

const MOST = 120;

/** What a browser is called in a list of those that are signed in: `Firefox on Android`. */
export function deviceName(userAgent: string | null): string {
  if (!userAgent) return 'A program without a name';
  const { browser, os, platform } = parse(userAgent.slice(0, 500));
  const name = browser.name ?? 'A browser';
  const on = os.name ?? platform.type;
  return (on ? `${name} on ${on}` : name).slice(0, MOST);
}
