/**
 * House words: sentences are made in plain English and said in the words of the house. Whole words only, one pass over the text, so that a
 * new word is never replaced again; capitals and "a" or "an" follow the new word.
 */
import type { HouseTerm, HouseWord } from '@/contracts/houseWords';

/** The plain forms of a term, of one and of several. */
const PLAIN_FORMS: Readonly<
  Record<HouseTerm, { readonly one: readonly string[]; readonly many: readonly string[] }>
> = {
  pawn: { one: ['pawn'], many: ['pawns'] },
  knight: { one: ['knight'], many: ['knights'] },
  bishop: { one: ['bishop'], many: ['bishops'] },
  rook: { one: ['rook'], many: ['rooks'] },
  queen: { one: ['queen'], many: ['queens'] },
  king: { one: ['king'], many: ['kings'] },
  'go-away': { one: ['the king moves away'], many: [] },
  take: { one: ['the checking piece is captured'], many: [] },
  'put-between': { one: ['something goes in between'], many: [] },
  'in-passing': { one: ['in passing'], many: [] },
  castle: { one: ['castle'], many: ['castles'] },
  checkmate: { one: ['checkmate'], many: [] },
  stalemate: { one: ['stalemate'], many: [] },
  file: { one: ['file'], many: ['files'] },
  rank: { one: ['rank'], many: ['ranks'] },
  diagonal: { one: ['diagonal'], many: ['diagonals'] },
};

/** The plain word of a term, for forms and warnings. */
export function plainWord(term: HouseTerm): string {
  return PLAIN_FORMS[term].one[0] ?? term;
}

/** Makes what says a plain text in the words of the house. */
export function makeHouseVoice(words: readonly HouseWord[]): (text: string) => string {
  const spoken = new Map<string, string>();
  for (const { term, one, many = `${one}s` } of words) {
    for (const form of PLAIN_FORMS[term].one) spoken.set(form, one);
    for (const form of PLAIN_FORMS[term].many) spoken.set(form, many);
  }
  if (spoken.size === 0) return (text) => text;
  const forms = [...spoken.keys()].sort((one, other) => other.length - one.length);
  const pattern = new RegExp(`(\\b[Aa]n? )?\\b(${forms.join('|')})\\b`, 'gi');
  return (text) =>
    text.replace(pattern, (_, article: string | undefined, form: string) => {
      const word = spoken.get(form.toLowerCase()) ?? form;
      const isCapital = form.charAt(0) !== form.charAt(0).toLowerCase();
      const said = isCapital ? word.charAt(0).toUpperCase() + word.slice(1) : word;
      return `${article === undefined ? '' : articleOf(article, word)}${said}`;
    });
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
  for (const term of Object.keys(PLAIN_FORMS) as HouseTerm[]) {
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
