/**
 * Words of moves in English, German, French and Spanish, as children say and misspell them. A word that is one or two slips away from one of
 * ours (Damerau and Levenshtein's distance: a letter too many, missing, wrong, or two exchanged) is taken for it when no other is as near.
 */
import measureSlips from 'damerau-levenshtein';
import type { Role } from '../../board';
import type { CastlingWing } from '../../rules';

/** What a word says of a move. */
export type WordMeaning =
  | { readonly kind: 'role'; readonly role: Role }
  | { readonly kind: 'capture' | 'promotes' | 'passing' | 'castles' | 'filler' | 'check' | 'mate' }
  | { readonly kind: 'wing'; readonly wing: CastlingWing }
  | { readonly kind: 'rank'; readonly rank: number };

const role = (one: Role): WordMeaning => ({ kind: 'role', role: one });
const wing = (one: CastlingWing): WordMeaning => ({ kind: 'wing', wing: one });
const CAPTURE = { kind: 'capture' } as const;
const PROMOTES = { kind: 'promotes' } as const;
const CASTLES = { kind: 'castles' } as const;
const FILLER = { kind: 'filler' } as const;
const CHECK = { kind: 'check' } as const;
const MATE = { kind: 'mate' } as const;

const each = (words: string, meaning: WordMeaning) =>
  words.split(' ').map((word) => [word, meaning] as const);
const NUMBERS = 'one two three four five six seven eight'
  .split(' ')
  .map((word, rank) => [word, { kind: 'rank', rank }] as const);

const ENGLISH = new Map<string, WordMeaning>([
  ...each('knight knights horse horsey horsie nite knite night kn kt', role('knight')),
  ...each('bishop', role('bishop')),
  ...each('rook rooks', role('rook')),
  ...each('queen lady', role('queen')),
  ...each('king', role('king')),
  ...each('pawn', role('pawn')),
  ...each('takes take taking captures capture capturing eats x', CAPTURE),
  ...each('promotes promote promoting becomes become equals makes turns =', PROMOTES),
  ...each('passant ep', { kind: 'passing' }),
  ...each('castle castles castling castled', CASTLES),
  ...each('short kingside', wing('short')),
  ...each('long queenside', wing('long')),
  ...each('check', CHECK),
  ...each('mate checkmate', MATE),
  ...NUMBERS,
  ...each(
    'to on at from goes moves go move the and is with in into of for gives double an it its side my i play plays then',
    FILLER,
  ),
]);
const FOREIGN = new Map<string, WordMeaning>([
  // German
  ...each('springer pferd', role('knight')),
  ...each('läufer laeufer laufer', role('bishop')),
  ...each('turm', role('rook')),
  ...each('dame', role('queen')),
  ...each('könig koenig konig', role('king')),
  ...each('bauer', role('pawn')),
  ...each('schlägt schlaegt schlagt nimmt', CAPTURE),
  ...each('wird', PROMOTES),
  ...each('rochade rochiert', CASTLES),
  ...each('kurze kleine kurz', wing('short')),
  ...each('lange große grosse lang', wing('long')),
  ...each('schach', CHECK),
  ...each('matt schachmatt', MATE),
  ...each('nach auf von zu der die das mit und zur', FILLER),
  // French
  ...each('cavalier', role('knight')),
  ...each('fou', role('bishop')),
  ...each('tour', role('rook')),
  ...each('roi', role('king')),
  ...each('pion', role('pawn')),
  ...each('prend prends mange', CAPTURE),
  ...each('devient', PROMOTES),
  ...each('roque', CASTLES),
  ...each('petit', wing('short')),
  ...each('grand', wing('long')),
  ...each('échec echec échecs', CHECK),
  ...each('mat', MATE),
  ...each('en va à de le la les et sur un une', FILLER),
  // Spanish
  ...each('caballo', role('knight')),
  ...each('alfil', role('bishop')),
  ...each('torre', role('rook')),
  ...each('dama reina', role('queen')),
  ...each('rey', role('king')),
  ...each('peón peon', role('pawn')),
  ...each('por toma come captura', CAPTURE),
  ...each('enroque', CASTLES),
  ...each('corto', wing('short')),
  ...each('largo', wing('long')),
  ...each('jaque', CHECK),
  ...each('al el con y', FILLER),
]);

export interface KnownWord {
  readonly meaning: WordMeaning;
  readonly isForeign: boolean;
}

/** Shorter words have too many neighbours to be guessed. */
const LEAST_GUESSED = 3;
/** Two slips are guessed in words of so many letters. */
const LONG_WORD = 6;

/** The word, or the one it is most likely a slip of; undefined when it is none of ours. `word` is in small letters. */
export function findWord(word: string): KnownWord | undefined {
  const exact = knownWord(word);
  if (exact !== undefined || word.length < LEAST_GUESSED) return exact;
  let nearest: string | undefined;
  let least = word.length >= LONG_WORD ? 3 : 2;
  for (const known of GUESSED) {
    if (Math.abs(known.length - word.length) >= least) continue;
    const { steps } = measureSlips(word, known);
    if (steps < least) [nearest, least] = [known, steps];
    // As near to a word of another meaning: nothing is guessed.
    else if (steps === least && nearest !== undefined && !isSame(known, nearest)) nearest = undefined;
  }
  return nearest === undefined ? undefined : knownWord(nearest);
}

function knownWord(word: string): KnownWord | undefined {
  const english = ENGLISH.get(word);
  if (english !== undefined) return { meaning: english, isForeign: false };
  const foreign = FOREIGN.get(word);
  return foreign && { meaning: foreign, isForeign: true };
}

/** Words of four letters and more that say something: a slip of "the" is no move, and numbers are as like each other as slips are. */
const GUESSED = [...ENGLISH, ...FOREIGN].flatMap(([word, { kind }]) =>
  kind === 'filler' || kind === 'rank' || word.length < 4 ? [] : [word],
);

function isSame(a: string, b: string): boolean {
  return JSON.stringify(knownWord(a)?.meaning) === JSON.stringify(knownWord(b)?.meaning);
}
