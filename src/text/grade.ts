/** How hard a puzzle is, and what its key is, in words for the coach. */
import type { Grade, GradeReason, KeyKind } from '@/core/puzzles';
import { listWords } from './words';

/** What adds to the difficulty, and what takes from it. */
const REASON_WORDS: Readonly<Record<GradeReason, readonly [more: string, less: string]>> = {
  length: ['its length', ''],
  quietMoves: ['quiet moves', ''],
  legalMoves: ['much to look at', 'little to look at'],
  failingChecks: ['checks that lead nowhere', ''],
  defences: ['many defences', ''],
  men: ['a full board', 'few men'],
  sacrifice: ['what is given up', ''],
  distance: ['a far first move', ''],
  promotion: ['a promotion', ''],
  picture: ['a mate without a name', 'a mate met early'],
};
/** So many reasons are told. */
const MOST_REASONS = 3;

/** "Level 3 (710): its length, checks that lead nowhere and a full board." Its length alone is no news. */
export function gradeText({ level, number, reasons }: Grade): string {
  const told = reasons
    .filter(({ feature }) => feature !== 'length')
    .slice(0, MOST_REASONS)
    .map(({ feature, points }) => REASON_WORDS[feature][points > 0 ? 0 : 1]);
  return told.length === 0
    ? `Level ${level} (${number}).`
    : `Level ${level} (${number}): ${listWords(told)}.`;
}

export const KEY_KIND_WORDS: Readonly<Record<KeyKind, string>> = {
  check: 'a check',
  capture: 'a capture',
  quiet: 'a quiet move',
  sacrifice: 'a man given up',
  promotion: 'a promotion',
};
