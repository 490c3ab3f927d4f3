import { ZxcvbnFactory } from '@zxcvbn-ts/core';
import * as common from '@zxcvbn-ts/language-common';
import * as english from '@zxcvbn-ts/language-en';

/** How soon a passphrase would be guessed by somebody who knows what people take. */

let estimator: ZxcvbnFactory | undefined;

/** The lists of what people take are large: read when the first passphrase is chosen. */
function estimatorOf(): ZxcvbnFactory {
  estimator ??= new ZxcvbnFactory({
    dictionary: { ...common.dictionary, ...english.dictionary },
    graphs: common.adjacencyGraphs,
    translations: english.translations,
  });
  return estimator;
}

/** From 0, guessed at once, to 4. A hundred million tries are not enough for what is taken here. */
const LEAST_SCORE = 3;
/** What lies behind is looked at no further: it only makes a passphrase harder to guess. */
const LOOKED_AT = 64;

export const TOO_EASY =
  'Too many people take one like this, so it would be guessed. Three or four words that have nothing to do with each other do well.';

/** Whether it would be guessed soon; `about` is what those who know the person would try first. */
export function isEasilyGuessed(passphrase: string, about: readonly string[] = []): boolean {
  const known = about.flatMap((text) => [text, ...text.split(/[\s@.]+/)]).filter((text) => text.length > 2);
  return estimatorOf().check(passphrase.slice(0, LOOKED_AT), known).score < LEAST_SCORE;
}
