import type { AnswerOf } from '../family/answer';
import type { Hint } from '../family/question';
import type { FamilyNote, FamilyReason } from '../family/note';
import { RIGHT, wrongFor, type Verdict } from '../family/verdict';

/** An option that is wrong or missing, or why the right answer is right; a reason is undefined where the position gives none. */
export type ChoiceNote<Reason extends FamilyReason = FamilyReason> =
  | {
      readonly code: 'wrong-option' | 'missing-option';
      readonly option: string;
      readonly reason: Reason | undefined;
    }
  | { readonly code: 'right-because'; readonly reason: Reason };

/** The reasons among these notes. */
export type ReasonIn<Note extends FamilyNote> = Note extends ChoiceNote<infer Reason> ? Reason : never;

/** Is it one of the notes that every choice has? */
export function isChoiceNote(note: FamilyNote): note is ChoiceNote {
  return note.code === 'wrong-option' || note.code === 'missing-option' || note.code === 'right-because';
}

/** These options as an answer; order does not matter. */
export function chooseOptions(options: readonly string[]): AnswerOf<'choose'> {
  return { kind: 'choose', options: [...options], ordered: false };
}

/** Compares chosen options with the right ones; each difference has the reason that the position gives. */
export function compareOptions<const Reason extends FamilyReason>(
  solution: readonly string[],
  { options }: AnswerOf<'choose'>,
  reasonOf: (option: string) => Reason | undefined,
): Verdict<ChoiceNote<Reason>> {
  const extra = [...new Set(options)].filter((option) => !solution.includes(option));
  const missed = solution.filter((option) => !options.includes(option));
  if (extra.length === 0 && missed.length === 0) return RIGHT;
  return wrongFor<ChoiceNote<Reason>>([
    ...extra.map((option) => ({ code: 'wrong-option' as const, option, reason: reasonOf(option) })),
    ...missed.map((option) => ({ code: 'missing-option' as const, option, reason: reasonOf(option) })),
  ]);
}

/** The same where "may it?" is asked: a right answer gets its reason too, for yes and no can be guessed. */
export function compareWithReason<const Reason extends FamilyReason>(
  solution: string,
  answer: AnswerOf<'choose'>,
  reasonOf: (option: string) => Reason | undefined,
): Verdict<ChoiceNote<Reason>> {
  const verdict = compareOptions([solution], answer, reasonOf);
  const reason = verdict.outcome === 'right' ? reasonOf(solution) : undefined;
  return reason === undefined ? verdict : { ...verdict, notes: [{ code: 'right-because', reason }] };
}

/** One wrong option is taken away, where there are more than two to choose from. */
export function chooseHints(options: readonly string[], solution: readonly string[]): Hint[] {
  const wrong = options.find((option) => !solution.includes(option));
  return options.length < 3 || wrong === undefined ? [] : [{ kind: 'not-this', option: wrong }];
}
