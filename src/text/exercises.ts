/** The exercises' questions, choices and hints, in the words of their family. */
import { makeSquareName } from '@/core/board';
import type { Answer, FamilyQuestion, Hint } from '@/core/exercises';
import type { FamilyWords } from './family';
import type { Spoken } from './terms';
import { countWords, listWords } from './words';

export const questionText = (words: FamilyWords, question: FamilyQuestion): Spoken =>
  words.question(question) as Spoken;

/** A choice or a label in words. */
export function optionText({ options = {} }: FamilyWords, option: string): Spoken {
  return (typeof options === 'function' ? options(option) : (options[option] ?? option)) as Spoken;
}

/** One step of help. */
export const hintText = (words: FamilyWords, hint: Hint): Spoken => hintWords(words, hint) as Spoken;

function hintWords(words: FamilyWords, hint: Hint): string {
  switch (hint.kind) {
    case 'rule':
      return (hint.variant && words.rules?.[hint.variant]) ?? words.rule;
    case 'man':
      return `Look at ${makeSquareName(hint.square)}.`;
    case 'count':
      if (hint.count === 0) return 'There is none.';
      return words.count?.(hint.count) ?? `There ${hint.count === 1 ? 'is one' : `are ${hint.count}`}.`;
    case 'not-this':
      return `It is not this: ${optionText(words, hint.option)}.`;
    case 'not-square':
      return `It is not ${makeSquareName(hint.square)}.`;
    case 'begins-with':
      return `It begins with ${hint.text}.`;
  }
}

/** An answer in words, for the coach's tables and for the solution. */
export const answerText = (words: FamilyWords, answer: Answer): Spoken =>
  answerWords(words, answer) as Spoken;

function answerWords(words: FamilyWords, answer: Answer): string {
  switch (answer.kind) {
    case 'play':
      return answer.moves.join(' ');
    case 'tap':
      if (answer.marks.length === 0) return 'none';
      return listWords(
        answer.marks.map(({ square, label }) =>
          label === undefined
            ? makeSquareName(square)
            : `${makeSquareName(square)} ${optionText(words, label).toLowerCase()}`,
        ),
      );
    case 'place':
      return countWords(answer.men.length, 'piece');
    case 'write':
      return answer.text.trim() === '' ? 'nothing' : `"${answer.text.replaceAll('\n', ' ')}"`;
    case 'number':
      return String(answer.value);
    case 'choose':
      return answer.options.length === 0
        ? 'nothing'
        : listWords(answer.options.map((option) => optionText(words, option)));
  }
}
