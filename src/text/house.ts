/** House words: what a club calls things, and words that would mean two things. How they are put into sentences: `terms.ts`. */
import { HOUSE_TERMS, type HouseTerm, type HouseWord } from '@/contracts/houseWords';
import { spoken, STANDARD_TERMS, type Spoken } from './terms';

/** The plain word of a term, for forms and warnings. */
export function plainWord(term: HouseTerm): string {
  return STANDARD_TERMS[term][0];
}

/** A word that would mean two things. */
export interface WordClash {
  readonly word: string;
  readonly terms: readonly HouseTerm[];
}

/** Words that two terms share, a plain one that was not renamed included. An answer to check may be called as what it does. */
export function listWordClashes(words: readonly HouseWord[]): WordClash[] {
  const meanings = new Map<string, HouseTerm[]>();
  for (const term of HOUSE_TERMS) {
    const word = (words.find((one) => one.term === term)?.one ?? plainWord(term)).toLowerCase();
    meanings.set(word, [...(meanings.get(word) ?? []), term]);
  }
  const isOneThing = (terms: readonly HouseTerm[]) =>
    terms.every((term) => term === 'take' || term === 'capture');
  return [...meanings]
    .filter(([, terms]) => terms.length > 1 && !isOneThing(terms))
    .map(([word, terms]) => ({ word, terms }));
}

/** "castle" would mean two things here: rook and castle. */
export function clashText({ word, terms }: WordClash): string {
  return `"${word}" would mean two things here: ${terms.map(plainWord).join(' and ')}.`;
}

/** The first sentence alone, for who reads slowly. */
export function firstSentence(text: Spoken): Spoken {
  return spoken(/^.*?[.?!](?=\s|$)/.exec(text)?.[0] ?? text);
}
