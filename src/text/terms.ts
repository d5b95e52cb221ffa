/**
 * House words are put into a sentence while it is made: a club or a class may call a rook a tower. Without words of the house the
 * field's own are spoken.
 */
import type { HouseTerm, HouseWord } from '@/contracts/houseWords';
import type { Brand } from '@/core/shared';

/** A sentence, or a part of one, in the words of the house: made in `text` only, and the only thing that a child's page shows. */
export type Spoken = Brand<string, 'spoken'>;

/** The words of the house, in the form a sentence needs. */
export interface Terms {
  /** "rook". */
  one(term: HouseTerm): string;
  /** "rooks". */
  many(term: HouseTerm): string;
  /** "a rook", "an elephant". */
  a(term: HouseTerm): string;
  /** "captured": what was done. Of a verb `one` is "capture" and `many` "captures". */
  done(verb: 'capture'): string;
  /** "capturing". */
  doing(verb: 'capture'): string;
}

/** What the field calls it: the word of one, and of several where that has one. */
export const STANDARD_TERMS: Readonly<Record<HouseTerm, readonly [one: string, many?: string]>> = {
  pawn: ['pawn', 'pawns'],
  knight: ['knight', 'knights'],
  bishop: ['bishop', 'bishops'],
  rook: ['rook', 'rooks'],
  queen: ['queen', 'queens'],
  king: ['king', 'kings'],
  'go-away': ['the king moves away'],
  take: ['the checking piece is captured'],
  'put-between': ['something goes in between'],
  capture: ['capture', 'captures'],
  'in-passing': ['en passant'],
  castle: ['castle', 'castles'],
  checkmate: ['checkmate'],
  stalemate: ['stalemate'],
  file: ['file', 'files'],
  rank: ['rank', 'ranks'],
  diagonal: ['diagonal', 'diagonals'],
};

/** The terms of a house that has these words of its own. */
export function makeTerms(words: readonly HouseWord[]): Terms {
  const own = new Map(words.map((word) => [word.term, word]));
  const one = (term: HouseTerm): string => {
    const word = own.get(term)?.one;
    if (word !== undefined) return word;
    if (term === 'go-away') return `the ${one('king')} moves away`;
    if (term === 'take') return `the checking piece is ${doneForm(one('capture'))}`;
    return STANDARD_TERMS[term][0];
  };
  return {
    one,
    many(term) {
      const word = own.get(term);
      if (word === undefined) return STANDARD_TERMS[term][1] ?? one(term);
      return word.many ?? (term === 'capture' ? doesForm(word.one) : `${word.one}s`);
    },
    done: (verb) => doneForm(one(verb)),
    doing: (verb) => doingForm(one(verb)),
    a: (term) => `${/^[aeiou]/i.test(one(term)) ? 'an' : 'a'} ${one(term)}`,
  };
}

/** Verbs that do not follow the rule, of those a class may say for capturing (from memory). */
const IRREGULAR: Readonly<Record<string, string>> = {
  beat: 'beaten',
  catch: 'caught',
  eat: 'eaten',
  get: 'got',
  hit: 'hit',
  steal: 'stolen',
  take: 'taken',
  win: 'won',
};

/** "pick up" is bent in its first word. */
const bend = (verb: string, rule: (word: string) => string) => verb.replace(/^\S+/, rule);

/** "carry", "carries", "carried". */
const ENDS_IN_Y = /[^aeiou]y$/i;

/** One short vowel before the last letter: that one is doubled, "grab", "grabbed". */
const stem = (word: string) => (/^[^aeiou]*[aeiou][bdgmnprt]$/i.test(word) ? word + word.slice(-1) : word);

const doesForm = (verb: string) =>
  bend(verb, (word) =>
    /(s|x|z|ch|sh)$/i.test(word)
      ? `${word}es`
      : ENDS_IN_Y.test(word)
        ? `${word.slice(0, -1)}ies`
        : `${word}s`,
  );
const doneForm = (verb: string) =>
  bend(
    verb,
    (word) =>
      IRREGULAR[word.toLowerCase()] ??
      (word.endsWith('e')
        ? `${word}d`
        : ENDS_IN_Y.test(word)
          ? `${word.slice(0, -1)}ied`
          : `${stem(word)}ed`),
  );
const doingForm = (verb: string) =>
  bend(verb, (word) => `${word.endsWith('e') ? word.slice(0, -1) : stem(word)}ing`);

/** The field's own words. */
export const PLAIN_TERMS = makeTerms([]);

/** Said by the house. Inside `text` only, where its terms are put in. */
export const spoken = (text: string): Spoken => text as Spoken;

/** One after another. */
export const joinSpoken = (parts: readonly Spoken[]): Spoken =>
  spoken(parts.filter((part) => part !== '').join(' '));

/** What a coach has written is shown as it stands. */
export const asWritten = (text: string): Spoken => text as Spoken;

/** At the beginning of a sentence. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
