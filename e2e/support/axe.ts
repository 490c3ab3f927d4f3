import { AxeBuilder } from '@axe-core/webdriverjs';
import type { Browser } from './browser';

/** What is wrong with the page as it is now for whoever does not see it, or does not use a pointer. */
export async function findings(browser: Browser): Promise<string[]> {
  await browser.waitForTitle();
  const { violations } = await new AxeBuilder(browser.driver).setLegacyMode(true).analyze();
  return violations.flatMap((violation) =>
    violation.nodes.map(
      (node) => `${violation.id}: ${node.target.join(' ')} ${node.failureSummary?.slice(0, 160)}`,
    ),
  );
}
