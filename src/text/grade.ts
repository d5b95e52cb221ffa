/** How hard a puzzle is, and what its key is, in words for the coach. */
import type { Rating } from '@/core/progress';
import { levelOfNumber, type Grade, type GradeReason, type KeyKind } from '@/core/puzzles';
import { countWords, listWords } from './words';

/** What adds to the difficulty, and what takes from it. */
const REASON_WORDS: Readonly<Record<GradeReason, readonly [more: string, less: string]>> = {
  length: ['its length', ''],
  quietMoves: ['quiet moves', ''],
  legalMoves: ['much to look at', 'little to look at'],
  failingChecks: ['checks that lead nowhere', ''],
  defences: ['many defences', ''],
  men: ['a full board', 'few pieces'],
  sacrifice: ['a sacrifice', ''],
  distance: ['a far first move', ''],
  promotion: ['a promotion', ''],
  picture: ['a mate without a name', 'a mate taught early'],
};
/** So many reasons are told. */
const MOST_REASONS = 3;

/**
 * "Level 3 (710): its length, checks that lead nowhere and a full board." Its length alone is no news. Once children have answered, the
 * number is theirs, with the doubt that remains: twice the deviation.
 */
export function gradeText({ level, number, reasons }: Grade, rating?: Rating): string {
  const told = reasons
    .filter(({ feature }) => feature !== 'length')
    .slice(0, MOST_REASONS)
    .map(({ feature, points }) => REASON_WORDS[feature][points > 0 ? 0 : 1]);
  const head =
    rating === undefined || rating.answers === 0 ? `Level ${level} (${number})` : ratingText(rating);
  return told.length === 0 ? `${head}.` : `${head}: ${listWords(told)}.`;
}

function ratingText({ value, deviation, answers }: Rating): string {
  const [number, doubt] = [Math.round(value), Math.round(2 * deviation)];
  const after = countWords(answers, 'answer');
  return `Level ${levelOfNumber(number)} (${number} after ${after}, give or take ${doubt})`;
}

export const KEY_KIND_WORDS: Readonly<Record<KeyKind, string>> = {
  check: 'a check',
  capture: 'a capture',
  quiet: 'a quiet move',
  sacrifice: 'a sacrifice',
  promotion: 'a promotion',
};
