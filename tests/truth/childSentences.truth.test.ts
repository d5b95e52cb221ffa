/** How hard the sentences are that a child reads: questions and help of every family, told of one task a level. */
import { fleschKincaid } from 'flesch-kincaid';
import { syllable } from 'syllable';
import { composeExercise } from '@/core/compose';
import { EXERCISE_IDS, listLevels, openExercise } from '@/core/exercises';
import { median } from '../../bench/measure';
import { hintText, questionText } from '@/text';
import { sentencesOf, wordsOf } from './wording';
import { plainWords } from '../support/plainWords';

const SEED = 52_000;

const texts = EXERCISE_IDS.flatMap((id) =>
  listLevels(id).flatMap((level) => {
    const { question, hints } = openExercise(composeExercise(id, level, SEED));
    return [questionText(plainWords(id), question), ...hints.map((hint) => hintText(plainWords(id), hint))];
  }),
);

/** School grade of a text by Kincaid et al., Derivation of New Readability Formulas for Navy Enlisted Personnel (1975). */
function gradeOf(text: string): number {
  const words = wordsOf(text);
  const syllables = words.reduce((sum, word) => sum + Math.max(1, syllable(word)), 0);
  return fleschKincaid({ sentence: sentencesOf(text).length, word: words.length, syllable: syllables });
}

test('half of the sentences have 12 words or fewer', () => {
  expect(median(texts.flatMap(sentencesOf).map((sentence) => wordsOf(sentence).length))).toBeLessThanOrEqual(
    12,
  );
});

test('half of the texts are of grade 3 or lower', () => {
  expect(median(texts.map(gradeOf))).toBeLessThanOrEqual(3);
});
