/** Is a password too easy to guess? By zxcvbn's estimate of the guesses it takes (Wheeler 2016), with its lists of common words and names. */
import { ZxcvbnFactory } from '@zxcvbn-ts/core';
import * as common from '@zxcvbn-ts/language-common';
import * as english from '@zxcvbn-ts/language-en';

/** Of zxcvbn's five marks, 0 to 4: 3 is ten to the eighth guesses and more, which a slow hash makes out of reach. */
const LEAST_SCORE = 3;
/** The estimate grows with the square of the length; what is longer is no easier to guess. */
const MOST_LETTERS = 60;

let estimator: ZxcvbnFactory | undefined;

/** The lists take half a second to read: only when the first password is chosen, and in a worker's thread. */
function getEstimator(): ZxcvbnFactory {
  estimator ??= new ZxcvbnFactory({
    dictionary: { ...common.dictionary, ...english.dictionary },
    graphs: common.adjacencyGraphs,
  });
  return estimator;
}

/** `about`: names that stand near it, such as the coach's own; each word of them counts as known. */
export function isWeakPassword(password: string, about: readonly string[]): boolean {
  const words = about
    .flatMap((name) => [name, ...name.split(/[^\p{L}\p{N}]+/u)])
    .filter((word) => word.length > 1);
  return getEstimator().check(password.slice(0, MOST_LETTERS), words).score < LEAST_SCORE;
}
