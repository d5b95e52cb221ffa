/**
 * House words: sentences are made in plain English and said in the words of the house. Whole words only, one pass over the text, so that a
 * new word is never replaced again; capitals and "a" or "an" follow the new word.
 */
import { HOUSE_TERMS, type HouseTerm, type HouseWord } from '@/contracts/houseWords';
import { STANDARD_TERMS, type Spoken } from './terms';

/** The plain word of a term, for forms and warnings. */
export function plainWord(term: HouseTerm): string {
  return STANDARD_TERMS[term][0];
}

/** Makes what says a plain text in the words of the house. */
export function makeHouseVoice(words: readonly HouseWord[]): (text: string) => Spoken {
  const spoken = new Map<string, string>();
  for (const { term, one, many = `${one}s` } of words) {
    const [plain, plainMany] = STANDARD_TERMS[term];
    spoken.set(plain, one);
    if (plainMany !== undefined) spoken.set(plainMany, many);
  }
  if (spoken.size === 0) return (text) => text as Spoken;
  const forms = [...spoken.keys()].sort((one, other) => other.length - one.length);
  const pattern = new RegExp(`(\\b[Aa]n? )?\\b(${forms.join('|')})\\b`, 'gi');
  return (text) =>
    text.replace(pattern, (_, article: string | undefined, form: string) => {
      const word = spoken.get(form.toLowerCase()) ?? form;
      const isCapital = form.charAt(0) !== form.charAt(0).toLowerCase();
      const said = isCapital ? word.charAt(0).toUpperCase() + word.slice(1) : word;
      return `${article === undefined ? '' : articleOf(article, word)}${said}`;
    }) as Spoken;
}

function articleOf(before: string, word: string): string {
  const article = /^[aeiou]/i.test(word) ? 'an ' : 'a ';
  return before.startsWith('A') ? article.charAt(0).toUpperCase() + article.slice(1) : article;
}

/** A word that would mean two things. */
export interface WordClash {
  readonly word: string;
  readonly terms: readonly HouseTerm[];
}

/** Words that two terms share, a plain one that was not renamed included. */
export function listWordClashes(words: readonly HouseWord[]): WordClash[] {
  const meanings = new Map<string, HouseTerm[]>();
  for (const term of HOUSE_TERMS) {
    const word = (words.find((one) => one.term === term)?.one ?? plainWord(term)).toLowerCase();
    meanings.set(word, [...(meanings.get(word) ?? []), term]);
  }
  return [...meanings].filter(([, terms]) => terms.length > 1).map(([word, terms]) => ({ word, terms }));
}

/** "castle" would mean two things here: rook and castle. */
export function clashText({ word, terms }: WordClash): string {
  return `"${word}" would mean two things here: ${terms.map(plainWord).join(' and ')}.`;
}

/** The first sentence alone, for who reads slowly. */
export function firstSentence(text: string): string {
  return /^.*?[.?!](?=\s|$)/.exec(text)?.[0] ?? text;
}
