import type { AnswerOf } from '../family/answer';
import type { Hint } from '../family/question';
import { RIGHT, wrongFor, type Reason, type Verdict } from '../family/verdict';

/** These options as an answer; order does not matter. */
export function chooseOptions(options: readonly string[]): AnswerOf<'choose'> {
  return { kind: 'choose', options: [...options], ordered: false };
}

/** Compares chosen options with the right ones; each difference has the reason that the position gives. */
export function compareOptions(
  solution: readonly string[],
  { options }: AnswerOf<'choose'>,
  reasonOf: (option: string) => Reason | undefined,
): Verdict {
  const extra = [...new Set(options)].filter((option) => !solution.includes(option));
  const missed = solution.filter((option) => !options.includes(option));
  if (extra.length === 0 && missed.length === 0) return RIGHT;
  return wrongFor([
    ...extra.map((option) => ({ code: 'wrong-option' as const, option, reason: reasonOf(option) })),
    ...missed.map((option) => ({ code: 'missing-option' as const, option, reason: reasonOf(option) })),
  ]);
}

/** The same where "may it?" is asked: a right answer gets its reason too, for yes and no can be guessed. */
export function compareWithReason(
  solution: string,
  answer: AnswerOf<'choose'>,
  reasonOf: (option: string) => Reason | undefined,
): Verdict {
  const verdict = compareOptions([solution], answer, reasonOf);
  const reason = verdict.outcome === 'right' ? reasonOf(solution) : undefined;
  return reason === undefined ? verdict : { ...verdict, notes: [{ code: 'right-because', reason }] };
}

/** One wrong option is taken away, where there are more than two to choose from. */
export function chooseHints(options: readonly string[], solution: readonly string[]): Hint[] {
  const wrong = options.find((option) => !solution.includes(option));
  return options.length < 3 || wrong === undefined ? [] : [{ kind: 'not-this', option: wrong }];
}
