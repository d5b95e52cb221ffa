/** House words in their plain English form; a club's own names replace them later. */
import { fileOf, makeSquareName, rankOf, type Man, type Side, type Square } from '@/core/board';
import type { KeyPicture } from '@/contracts/people';
import type { Wing } from '@/core/puzzles';
import type { Terms } from './terms';

export const SIDE_WORDS: Readonly<Record<Side, string>> = { white: 'White', black: 'Black' };

export const wingTexts = (terms: Terms): Readonly<Record<Wing, string>> => ({
  queen: `the ${terms.one('queen')}’s wing`,
  king: `the ${terms.one('king')}’s wing`,
});

export const PICTURE_WORDS: Readonly<Record<KeyPicture, string>> = {
  sun: 'Sun',
  moon: 'Moon',
  cloud: 'Cloud',
  tree: 'Tree',
  leaf: 'Leaf',
  flower: 'Flower',
  fish: 'Fish',
  boat: 'Boat',
  house: 'House',
  apple: 'Apple',
  bell: 'Bell',
  umbrella: 'Umbrella',
};

/** "white knight". */
export function manWords({ side, role }: Man, terms: Terms): string {
  return `${side} ${terms.one(role)}`;
}

/** "e4, white knight" or "e4, empty". */
export function squareWords(square: Square, man: Man | undefined, terms: Terms): string {
  return `${makeSquareName(square)}, ${onSquareWords(man, terms)}`;
}

const onSquareWords = (man: Man | undefined, terms: Terms) =>
  man === undefined ? 'empty' : manWords(man, terms);

/** "5 from the left, 4 from the bottom, empty": of a board without letters and numbers, where the name would be the answer. */
export function squarePlaceWords(square: Square, man: Man | undefined, bottom: Side, terms: Terms): string {
  const [file, rank] = [fileOf(square) + 1, rankOf(square) + 1];
  const [left, below] = bottom === 'white' ? [file, rank] : [9 - file, 9 - rank];
  return `${left} from the left, ${below} from the bottom, ${onSquareWords(man, terms)}`;
}

/** What is counted on screens: one, and several. */
const COUNTED = {
  answer: ['answer', 'answers'],
  chance: ['chance', 'chances'],
  child: ['child', 'children'],
  class: ['class', 'classes'],
  game: ['game', 'games'],
  ply: ['ply', 'plies'],
  hint: ['hint', 'hints'],
  lesson: ['lesson', 'lessons'],
  mate: ['mate', 'mates'],
  minute: ['minute', 'minutes'],
  move: ['move', 'moves'],
  position: ['position', 'positions'],
  puzzle: ['puzzle', 'puzzles'],
  row: ['row', 'rows'],
  sheet: ['sheet', 'sheets'],
  stair: ['stair', 'stairs'],
  step: ['step', 'steps'],
  task: ['task', 'tasks'],
  topic: ['topic', 'topics'],
  try: ['try', 'tries'],
} as const;

/** "1 puzzle", "3 children". */
export const countText = (count: number, of: keyof typeof COUNTED): string =>
  countWords(count, COUNTED[of][0], COUNTED[of][1]);

/** "1 puzzle", "12 puzzles": where the word is not always the same. */
export function countWords(count: number, one: string, many = `${one}s`): string {
  return `${count} ${count === 1 ? one : many}`;
}

/** "e4", "e4 and f5", "e4, f5 and g6". */
export function listWords(words: readonly string[]): string {
  if (words.length <= 1) return words[0] ?? '';
  return `${words.slice(0, -1).join(', ')} and ${words.at(-1) ?? ''}`;
}

/** What each sign on a square means. */
export const ARROW_WORDS: Readonly<Record<'attack' | 'idea', string>> = {
  attack: 'this piece attacks or guards that square',
  idea: 'an idea, not a move that was made',
};

/** The signs that stand on squares. */
type SquareSign = 'goes' | 'sound' | 'lost' | 'takes' | 'chosen' | 'hint' | 'fault' | 'guarded' | 'blocked';

/** What a sign says of its square, behind the square's name, to who reads by ear. */
export const markTexts = (terms: Terms): Readonly<Record<SquareSign, string>> => ({
  goes: 'can go here',
  sound: 'can go here, nothing is lost',
  lost: 'is lost here',
  takes: `can be ${terms.done('capture')}`,
  chosen: 'marked',
  hint: 'look here',
  fault: 'not right',
  guarded: 'guarded',
  blocked: 'own piece',
});

/** What is drawn over the squares: the last move, and arrows. Empty where nothing is. `nameOf` says which square. */
export function boardDrawingText(
  trace: { readonly from: Square; readonly to: Square } | undefined,
  arrows: readonly { readonly from: Square; readonly to: Square }[],
  nameOf: (square: Square) => string,
): string {
  const lines = arrows.map(({ from, to }) => `${nameOf(from)} to ${nameOf(to)}`);
  return [
    trace === undefined ? '' : `Last move: ${nameOf(trace.from)} to ${nameOf(trace.to)}.`,
    lines.length === 0 ? '' : `Arrows: ${lines.join(', ')}.`,
  ]
    .join(' ')
    .trim();
}

export const signTexts = (terms: Terms): Readonly<Record<SquareSign, string>> => ({
  goes: 'the piece in hand can go here',
  sound: `the piece can be ${terms.done('capture')} here, but nothing is lost by it`,
  lost: 'the piece is lost here',
  takes: `the piece in hand can ${terms.one('capture')} here`,
  chosen: 'the piece in hand',
  hint: 'look at this piece',
  fault: 'this is impossible; the sentence says why',
  guarded: `guarded: the other side could ${terms.one('capture')} here`,
  blocked: `a piece of the ${terms.one('king')}’s own side is here`,
});
