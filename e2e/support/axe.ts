import { AxeBuilder } from '@axe-core/webdriverjs';
import type { Browser } from './browser';

/** What is wrong with the page as it is now for whoever does not see it, or does not use a pointer. */
export function findings(browser: Browser): Promise<string[]> {
  return found(browser, (axe) => axe);
}

/** What is wrong with its colours alone: the rest is the same in the dark. */
export function findingsOfColour(browser: Browser): Promise<string[]> {
  return found(browser, (axe) => axe.withRules(['color-contrast', 'link-in-text-block']));
}

async function found(browser: Browser, narrowed: (axe: AxeBuilder) => AxeBuilder): Promise<string[]> {
  const look = async () => {
    await browser.waitForTitle();
    return narrowed(new AxeBuilder(browser.driver).setLegacyMode(true)).analyze();
  };
  let { violations } = await look();
  // The page was drawn anew while it was looked at: a title that does not come is found the second time.
  if (violations.some(({ id }) => id === 'document-title')) ({ violations } = await look());
  return violations.flatMap((violation) =>
    violation.nodes.map(
      (node) => `${violation.id}: ${node.target.join(' ')} ${node.failureSummary?.slice(0, 160)}`,
    ),
  );
}
