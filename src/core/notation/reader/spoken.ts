/**
 * Moves as they are said: "knight takes pawn on e five", "e2 to e4", "rook a to c1", "castle", "Springer nach f3". The text is cut into what
 * each word says, and what the words say together is read like a written move: which man, from where, what it does, to where.
 */
import type { Role } from '../../board';
import type { CastlingWing } from '../../rules';
import { listMeanings, type Language } from './letters';
import type { Reading, WrittenShape } from './shape';
import { findWord, type WordMeaning } from './words';

type Token =
  | WordMeaning
  | { readonly kind: 'square'; readonly file: number; readonly rank: number }
  | { readonly kind: 'file'; readonly file: number }
  /** A capital letter of a man, in any language that has it. */
  | { readonly kind: 'letter'; readonly roles: readonly Role[] };

export interface Spoken {
  readonly readings: readonly Reading[];
  readonly sign: WrittenShape['sign'];
  readonly saysEnPassant: boolean;
  /** A word or letter of another language was used. */
  readonly isForeign: boolean;
  /** Words were used: not only signs set apart. */
  readonly hasWords: boolean;
}

/** What the text says; undefined when some word is none of a move's, or when they make none together. */
export function readSpoken(text: string, language?: Language): Spoken | undefined {
  const cut = cutText(text, language);
  if (cut === undefined) return undefined;
  const { tokens, isForeign, hasWords } = cut;
  const has = (kind: Token['kind']) => tokens.some((token) => token.kind === kind);
  const readings = has('castles') ? readCastling(tokens) : readMove(tokens);
  if (readings === undefined) return undefined;
  const sign = has('mate') ? '#' : has('check') ? '+' : '';
  return { readings, sign, saysEnPassant: has('passing'), isForeign, hasWords };
}

/** "castle" alone means either; "kingside" and "king side" say which. */
function readCastling(tokens: readonly Token[]): Reading[] | undefined {
  const wings = tokens.flatMap((token): CastlingWing[] => {
    if (token.kind === 'wing') return [token.wing];
    if (token.kind !== 'role') return [];
    return token.role === 'king' ? ['short'] : token.role === 'queen' ? ['long'] : [];
  });
  const isElse = tokens.some(({ kind }) =>
    ['square', 'file', 'capture', 'promotes', 'letter'].includes(kind),
  );
  // "The king castles long": the side that is named outright counts.
  const named = tokens.flatMap((token) => (token.kind === 'wing' ? [token.wing] : []));
  const meant = new Set(named.length > 0 ? named : wings);
  if (isElse || meant.size > 1) return undefined;
  const [only] = meant;
  return (only === undefined ? (['short', 'long'] as const) : [only]).map((wing) => ({
    role: 'king',
    castling: wing,
    toFile: wing === 'short' ? 6 : 2,
    toRank: undefined,
    isCapture: false,
    hasDash: false,
    diagnoses: [],
  }));
}

/** What has been heard of a move so far. */
interface Heard {
  movers?: readonly Role[];
  squares: { file: number; rank: number; isAfterCapture: boolean }[];
  files: { file: number; isAfterCapture: boolean }[];
  isCapture: boolean;
  victims?: readonly Role[];
  isPromoting: boolean;
  promotions?: readonly Role[];
  isPassing: boolean;
}

function readMove(tokens: readonly Token[]): Reading[] | undefined {
  const heard: Heard = { squares: [], files: [], isCapture: false, isPromoting: false, isPassing: false };
  for (const token of tokens) if (!hear(heard, token)) return undefined;
  return makeReadings(heard);
}

/** False: the word does not go with what was said before. */
function hear(heard: Heard, token: Token): boolean {
  switch (token.kind) {
    case 'filler':
    case 'check':
    case 'mate':
      return true;
    case 'capture':
      if (heard.isCapture) return false;
      heard.isCapture = true;
      return true;
    case 'promotes':
      heard.isPromoting = true;
      return true;
    case 'passing':
      heard.isPassing = true;
      return true;
    case 'square':
      heard.squares.push({ file: token.file, rank: token.rank, isAfterCapture: heard.isCapture });
      return true;
    case 'file':
      heard.files.push({ file: token.file, isAfterCapture: heard.isCapture });
      return true;
    case 'role':
      return hearRoles(heard, [token.role]);
    case 'letter':
      return hearRoles(heard, token.roles);
    default:
      // A rank without its file, a side without castling.
      return false;
  }
}

/** Whoever is named first moves; after "takes" it is captured; after its square, or after "becomes", the pawn becomes it. */
function hearRoles(heard: Heard, roles: readonly Role[]): boolean {
  const hasTarget = heard.squares.some(({ isAfterCapture }) => isAfterCapture || !heard.isCapture);
  const isPawn = roles.length === 1 && roles[0] === 'pawn';
  if (heard.isPromoting || (hasTarget && !isPawn)) {
    if (heard.promotions !== undefined) return false;
    heard.promotions = roles;
  } else if (heard.isCapture) {
    if (heard.victims === undefined) heard.victims = roles;
    else if (heard.promotions === undefined) heard.promotions = roles;
    else return false;
  } else {
    if (heard.movers !== undefined) return false;
    heard.movers = roles;
  }
  return true;
}

function makeReadings(heard: Heard): Reading[] | undefined {
  const { squares, files, isCapture, victims, promotions, isPassing, isPromoting } = heard;
  if (squares.length > 2 || files.length > 2 || (isPromoting && promotions === undefined)) return undefined;
  const last = squares.at(-1);
  // "Knight on f3 takes": the square is where it stands.
  const target = last !== undefined && isCapture && !last.isAfterCapture ? undefined : last;
  const from = squares.length === 2 ? squares[0] : target === undefined ? last : undefined;
  const fileTarget = target === undefined ? files.find(({ isAfterCapture }) => isAfterCapture) : undefined;
  const [fromFile, ...others] = files.filter((one) => one !== fileTarget);
  if (others.length > 0 || (from !== undefined && fromFile !== undefined)) return undefined;
  const isAimed = target !== undefined || fileTarget !== undefined;
  const hasMover = heard.movers !== undefined || from !== undefined || fromFile !== undefined;
  // Without a square it takes a man that moves and one that is taken, or en passant, to be a move.
  if (!isAimed && !isPassing && !(isCapture && hasMover)) return undefined;
  if (isCapture && !hasMover && !isPassing) return undefined;
  const movers: readonly (Role | undefined)[] =
    heard.movers ?? (isPassing || from === undefined ? ['pawn'] : [undefined]);
  return movers.flatMap((role) =>
    (victims ?? [undefined]).flatMap((victim) =>
      (promotions ?? [undefined]).map((promotion): Reading => ({
        role,
        ...(from === undefined ? {} : { fromFile: from.file, fromRank: from.rank }),
        ...(fromFile === undefined ? {} : { fromFile: fromFile.file }),
        toFile: target?.file ?? fileTarget?.file,
        toRank: target?.rank,
        isCapture: isCapture || isPassing,
        ...(victim === undefined ? {} : { victim }),
        ...(promotion === undefined ? {} : { promotion }),
        ...(isPassing ? { isPassing } : {}),
        hasDash: false,
        diagnoses: [],
      })),
    ),
  );
}

const ARROWS = /→|⇒|->|=>|>|–|—/g;
/** Letters and signs that may be words of their own: "I play e4", "a cheval", "y mate". */
const SINGLE_WORDS: readonly string[] = ['x', '=', 'y', 'à', 'i'];
const FILES = 'abcdefgh';
/** Signs run together: a letter, where it comes from, a capture, where it goes, what it becomes. */
const RUN = /^([A-Z])?([a-hA-H])?([1-8])?([xX:])?([a-hA-H][1-8]|P)?(?:=?([A-Z]))?$/;

function cutText(text: string, language: Language | undefined) {
  const words = text
    .replace(/\b(\d+)\s*(\.{1,3}|…)/u, ' ')
    .replace(ARROWS, ' to ')
    .replace(/\be\.\s?p\.?/gi, ' ep ')
    .replace(/[()[\],;!?/+#]|\.{2,}|…/gu, ' ')
    .replace(/([a-zA-Z]{2,}|[a-h])-(?=[a-zA-Z]{2,})/g, '$1 ')
    // "e8=queen", "Nxpawn", "knight-f3", "e8-Q": a word beside signs.
    .replace(/=(?=[a-zA-Z]{2})/g, ' = ')
    .replace(/\b([NBRQK])x(?=[a-z]{2})/g, '$1 x ')
    .replace(/([a-z]{2}|[a-h][18])-(?=[a-h][1-8]|[A-Z]\b)/g, '$1 ')
    .split(/\s+/)
    .map((word) => word.replace(/\.+$/, ''))
    .filter((word) => word !== '');
  const tokens: Token[] = [];
  let isForeign = false;
  let hasWords = ARROWS.test(text);
  ARROWS.lastIndex = 0;
  for (const [index, word] of words.entries()) {
    const small = word.toLowerCase();
    const file = FILES.indexOf(small);
    const next = words[index + 1]?.toLowerCase() ?? '';
    if (small.length === 1 && file >= 0 && !(word !== small && isLetterOfMan(word, next, language))) {
      const rank = rankOf(next);
      if (rank !== undefined) tokens.push({ kind: 'file', file });
      else if (!isArticle(small, words, index)) tokens.push({ kind: 'file', file });
      continue;
    }
    const rank = rankOf(small);
    const before = tokens.at(-1);
    if (rank !== undefined && before?.kind === 'file') {
      tokens.splice(-1, 1, { kind: 'square', file: before.file, rank });
      if (small.length > 1) hasWords = true;
      continue;
    }
    // Words have no digits, and single letters are words only where they cannot be signs.
    const isWord = !/\d/.test(word) && (word.length > 1 || SINGLE_WORDS.includes(small));
    const known = isWord ? findWord(small) : undefined;
    const run = known === undefined ? readRun(word, language) : undefined;
    if (run !== undefined) {
      tokens.push(...run.tokens);
      isForeign ||= run.isForeign;
      continue;
    }
    if (known === undefined) return undefined;
    tokens.push(known.meaning);
    isForeign ||= known.isForeign && known.meaning.kind !== 'filler';
    // A sign set apart, or "e.p.", is still writing.
    hasWords ||= small !== 'x' && small !== '=' && small !== 'ep';
  }
  return { tokens, isForeign, hasWords };
}

const RANKS = 'one two three four five six seven eight'.split(' ');
function rankOf(word: string): number | undefined {
  if (/^[1-8]$/.test(word)) return Number(word) - 1;
  const at = RANKS.indexOf(word);
  return at < 0 ? undefined : at;
}

/** "B takes f7" is a bishop, "E four" a square. */
function isLetterOfMan(word: string, next: string, language: Language | undefined): boolean {
  return rankOf(next) === undefined && listMeanings(word, language).some(({ isForeign }) => !isForeign);
}

/** "a" before a man, after a word that is no man, or between a man's word of another language and a square is no file. */
function isArticle(word: string, words: readonly string[], index: number): boolean {
  if (word !== 'a') return false;
  const meaningAt = (at: number) => findWord(words[at]?.toLowerCase() ?? '');
  const before = meaningAt(index - 1);
  const after = meaningAt(index + 1);
  if (after?.meaning.kind === 'role') return words[index - 1]?.toLowerCase() !== 'the' && index > 0;
  const isBeforeSquare =
    /^[a-h][1-8]$/i.test(words[index + 1] ?? '') || /^[b-h]$/i.test(words[index + 1] ?? '');
  return isBeforeSquare && before?.meaning.kind === 'role' && before.isForeign;
}

/** "Qxf7", "e2", "NxP", "f3xe5": signs that were not set apart. */
function readRun(
  word: string,
  language: Language | undefined,
): { readonly tokens: readonly Token[]; readonly isForeign: boolean } | undefined {
  const found = RUN.exec(/^[A-H][1-8]$/.test(word) ? word.toLowerCase() : word);
  if (found === null) return undefined;
  const [, letter, file, rank, capture, end, promotion] = found;
  const tokens: Token[] = [];
  let isForeign = false;
  const addLetter = (one: string | undefined): boolean => {
    if (one === undefined) return true;
    const meanings = listMeanings(one, language);
    isForeign ||= meanings.some((meaning) => meaning.isForeign);
    tokens.push({ kind: 'letter', roles: meanings.map(({ role }) => role) });
    return meanings.length > 0;
  };
  const squareOf = (name: string): Token => ({
    kind: 'square',
    file: FILES.indexOf(name.charAt(0).toLowerCase()),
    rank: Number(name.charAt(1)) - 1,
  });
  if (!addLetter(letter)) return undefined;
  if (file !== undefined && rank !== undefined) tokens.push(squareOf(`${file}${rank}`));
  else if (file !== undefined) tokens.push({ kind: 'file', file: FILES.indexOf(file.toLowerCase()) });
  else if (rank !== undefined) return undefined;
  if (capture !== undefined) tokens.push({ kind: 'capture' });
  if (end === 'P') tokens.push({ kind: 'role', role: 'pawn' });
  else if (end !== undefined) tokens.push(squareOf(end));
  return addLetter(promotion) ? { tokens, isForeign } : undefined;
}

/** "the h2", "h two", "H 2": the one square that is said; undefined when it is none, or more. */
export function readSpokenSquare(text: string): number | undefined {
  const cut = cutText(text, undefined);
  const said = cut?.tokens.filter(({ kind }) => kind !== 'filler') ?? [];
  const [square] = said;
  return said.length === 1 && square?.kind === 'square' ? square.rank * 8 + square.file : undefined;
}
