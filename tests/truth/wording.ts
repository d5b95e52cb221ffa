/** What a question has to say: words without which a right answer could not be told from a wrong one, and numbers that count on. */
import { hintText, questionText } from '@/text';
import type { Exercise, ExerciseId, Hint, Question } from '@/core/exercises';
import { plainWords } from '../support/plainWords';

/** Words each question needs, whatever the task. */
const NEEDED: Partial<Readonly<Record<ExerciseId, readonly RegExp[]>>> = {
  'find-square': [/[Tt]ap the square/],
  'name-square': [/[Ww]rite the name/],
  reach: [/every square/],
  'pawn-moves': [/every square/],
  route: [/in as few moves as you can/],
  'route-unguarded': [/in as few moves as you can/, /nobody can capture it/, /may capture/],
  collect: [/both|all \d+/, /in as few moves as you can/],
  'route-answered': [/in as few moves as you can/, /moves too/],
  'attack-from': [/one move/, /every square/, /nobody can capture it/],
  'best-square': [/[Aa]dd/, /each middle square/, /each piece it attacks/, /each move/],
  captures: [/every/, /can capture/],
  'free-men': [/every/, /nobody can capture back/],
  unprotected: [/every/, /nobody protects/],
  trapped: [/every/, /no safe square/],
  'attack-kinds': [/attacks/, /[Cc]hoose all/],
  'attack-men': [/attacks/, /every/],
  'answers-to-check': [/all/],
  'promote-to': [/[Cc]hoose all/],
  stalemating: [/[Cc]hoose all/],
  'king-squares': [/every square beside/],
  'who-takes': [/every square beside/, /king/],
  'mate-in-one': [/mate in one/],
  'stop-mate': [/stops it/],
  poisoned: [/on that square/],
  'spare-men': [/not needed/, /all/],
  'whole-line': [/both sides/],
  'right-order': [/right order/],
  'last-square': [/last move/],
  'missing-man': [/One (white|black) piece or pawn/],
  'missing-part': [/One piece or pawn/, /white or a black/],
};

/** A child of seven reads no longer sentence to its end (the club's own rule). */
const MOST_WORDS = 16;

export const sentencesOf = (text: string) => text.split(/(?<=[.?!:])\s+/);
export const wordsOf = (text: string) => text.split(/\s+/).filter((word) => word !== '');

export function listLongSentences(text: string): string[] {
  return sentencesOf(text)
    .filter((sentence) => wordsOf(sentence).length > MOST_WORDS)
    .map((sentence) => `"${sentence}" is too long to read`);
}

/** What a question lacks; empty when nothing. */
export function listWordingFaults(id: ExerciseId, exercise: Exercise<Question>): string[] {
  const text = questionText(plainWords(id), exercise.question);
  const missing = (NEEDED[id] ?? []).filter((needed) => !needed.test(text));
  const faults = missing.map((needed) => `"${text}" does not say ${String(needed)}`);
  const spoken = [text, ...exercise.hints.map((hint) => hintText(plainWords(id), hint))];
  faults.push(...spoken.flatMap(listLongSentences));
  const { ask, scene } = exercise;
  if (ask.kind === 'play' && ask.rules === 'way' && !/whole way/.test(text))
    faults.push(`"${text}" does not say that the whole way is told first`);
  const { question } = exercise;
  const sheet =
    question.code === 'garbled-line'
      ? `${question.line} ${question.garbled} ${question.after}`
      : question.code === 'repair-line'
        ? `${question.line} ${question.faulty}`
        : undefined;
  if (sheet !== undefined && !countsOn(sheet)) faults.push(`"${text}": numbers jump`);
  faults.push(...exercise.hints.flatMap((hint) => findFalseHelp(id, exercise, hint)));
  // What is not on the board cannot be found there.
  if (!scene.hasCoordinates && /along the bottom|beside the board/.test(text))
    faults.push(`"${text}" names letters`);
  return faults;
}

/** Help that speaks of letters that are not shown, or of the wrong side, or names an option that is right. */
function findFalseHelp(id: ExerciseId, { scene, solution }: Exercise, hint: Hint): string[] {
  const text = hintText(plainWords(id), hint);
  const isOfSquares = id === 'find-square' || id === 'name-square';
  if (isOfSquares && hint.kind === 'rule') {
    const isShown = /letter below/.test(text);
    const isFromBlack = /h is on the left|h-file/.test(text);
    if (isShown !== scene.hasCoordinates || isFromBlack !== (scene.bottom === 'black'))
      return [`"${text}" does not fit the board`];
  }
  if (hint.kind === 'not-this' && solution.kind === 'choose' && solution.options.includes(hint.option))
    return [`"${text}" takes a right answer away`];
  if (hint.kind === 'count' && solution.kind === 'tap' && hint.count > solution.marks.length)
    return [`"${text}" counts too many`];
  return [];
}

/** "5... Nf6 6. Bc4 d6": each move of White has the next number, and no other move has one. */
function countsOn(sheet: string): boolean {
  const [first = '', ...words] = sheet.trim().split(' ');
  const begun = /^(\d+)(\.{1,3})$/.exec(first);
  if (begun === null) return false;
  let number = Number(begun[1]);
  let isWhite = begun[2] === '.';
  // The word after a number is its move.
  let isNumbered = true;
  for (const word of words) {
    const found = /^(\d+)\.$/.exec(word);
    if (found !== null) {
      if (isNumbered || !isWhite || Number(found[1]) !== number) return false;
      isNumbered = true;
      continue;
    }
    if (isWhite !== isNumbered && !(begun[2] === '...' && isNumbered)) return false;
    if (!isWhite) number += 1;
    isWhite = !isWhite;
    isNumbered = false;
  }
  return true;
}
