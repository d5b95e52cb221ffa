/**
 * From a text to what it may mean, before any position is asked. Question: which man, from where, to where, with which signs?
 *
 * What stands around the move is taken off first (numbers, signs, marks, words), each with its remark. What is left is cut at
 * the square it ends on; the rest in front is read in every way that makes sense: "b" is a pawn's file or a bishop written small, "D"
 * a file written large or another language's queen. The position decides which readings are meant.
 */
import { FILE_LETTERS, type Role } from '../../board';
import type { NotationDiagnosis } from './codes';
import { listMeanings, type Language } from './letters';
import type { Reading, WrittenShape } from './shape';
import { readSpoken, type Spoken } from './spoken';

export type ShapeFault =
  | { readonly code: 'empty' | 'not-a-move' | 'incomplete' | 'null-move' | 'more-than-one-move' }
  | { readonly code: 'no-such-square' | 'no-such-piece-letter'; readonly found: string };

export type ReadShape =
  | { readonly kind: 'shape'; readonly shape: WrittenShape }
  | { readonly kind: 'fault'; readonly fault: ShapeFault };

const FIGURINES: Readonly<Record<string, string>> = {
  '♔': 'K',
  '♕': 'Q',
  '♖': 'R',
  '♗': 'B',
  '♘': 'N',
  '♙': '',
  '♚': 'K',
  '♛': 'Q',
  '♜': 'R',
  '♝': 'B',
  '♞': 'N',
  '♟': '',
};
const CAPTURE = '[xX×:*]';
/** Nobody writes one move in more letters, spoken and with all its signs. */
const MOST_LETTERS = 200;
const NULL_MOVE = /^(--|Z0|0000|null|@@@@|<>)$/i;
const CASTLING = /^[O0o]\s?[-–—]?\s?[O0o](\s?[-–—]?\s?[O0o])?$/;
/** A word of its own that looks like a whole move. */
const MOVE_WORD = /^([NBRQK]?[a-h]?[1-8]?x?[a-h][1-8](=?[NBRQ])?|[O0]-[O0](-[O0])?)[+#]{0,2}[!?]*$/;

/** The text around the move, taken off piece by piece. */
interface Stripped {
  readonly rest: string;
  readonly sign: WrittenShape['sign'];
  readonly saysEnPassant: boolean;
  readonly diagnoses: Set<NotationDiagnosis>;
}

/** `language` is the one whose letters the club reads besides the English ones. */
export function readShape(text: string, language?: Language): ReadShape {
  const whole = text.trim();
  if (whole === '') return fault({ code: 'empty' });
  if (whole.length > MOST_LETTERS) return fault({ code: 'not-a-move' });
  // Many blanks are one, before anything is looked for at the end: the search would begin anew at each of them.
  const trimmed = whole.replace(/\s+/g, ' ');
  if (NULL_MOVE.test(trimmed)) return fault({ code: 'null-move' });
  const spoken = readSpoken(trimmed, language);
  if (spoken?.hasWords === true) return asShape(spoken);
  const { rest, sign, saysEnPassant, diagnoses } = strip(trimmed);
  if (whole !== text) diagnoses.add('spacing');
  const common = { sign, saysEnPassant, isSpoken: false, hasSeveralMoves: hasSeveralMoves(rest) };
  if (CASTLING.test(rest)) {
    const readings = [readCastling(rest)];
    return { kind: 'shape', shape: { ...common, readings, diagnoses: [...diagnoses] } };
  }
  const compact = rest.replace(/\s+/g, '');
  if (compact !== rest) diagnoses.add('spacing');
  const readings = listReadings(compact, language);
  if (readings.length > 0)
    return { kind: 'shape', shape: { ...common, readings, diagnoses: [...diagnoses] } };
  if (spoken !== undefined) return asShape(spoken);
  return fault(common.hasSeveralMoves ? { code: 'more-than-one-move' } : findShapeFault(compact, language));
}

/** What is said is not held against how moves are written; that it was said, or in another language, is the only remark. */
function asShape({ readings, sign, saysEnPassant, isForeign }: Spoken): ReadShape {
  const diagnoses: NotationDiagnosis[] = isForeign ? ['foreign-letter', 'spoken-words'] : ['spoken-words'];
  const shape = { readings, sign, saysEnPassant, isSpoken: true, diagnoses, hasSeveralMoves: false };
  return { kind: 'shape', shape };
}

function fault(what: ShapeFault): ReadShape {
  return { kind: 'fault', fault: what };
}

function hasSeveralMoves(text: string): boolean {
  const words = text.split(/\s+/).map((word) => word.replace(/^\d+\.+/, ''));
  return words.filter((word) => MOVE_WORD.test(word)).length > 1;
}

function strip(text: string): Stripped {
  const diagnoses = new Set<NotationDiagnosis>();
  let rest = text;
  let sign: WrittenShape['sign'] = '';
  let saysEnPassant = false;
  const take = (shape: RegExp, note: (found: string) => void): boolean => {
    const found = shape.exec(rest)?.[0];
    if (found === undefined || found === '') return false;
    rest = rest.replace(shape, '');
    note(found.trim());
    return true;
  };
  take(/^\s*(\d+\s*(\.{1,3}|…)|\d+\s+(?=[A-Za-z])|\.{3}|…)\s*/u, () => diagnoses.add('move-number'));
  const noteSign = (found: string) => {
    if (sign === '') sign = found === '##' ? '#' : (found as WrittenShape['sign']);
  };
  const noteEnPassant = () => {
    saysEnPassant = true;
    diagnoses.add('ep-suffix');
  };
  // Until nothing more comes off: they stand in any order.
  while (
    take(/\s*(\(e\.?\s?p\.?\)|e\.\s?p\.?|(?<=\d)\s*ep)$/i, noteEnPassant) ||
    take(/\s*(\$\d{1,3}|[!?]{1,2})$/, () => diagnoses.add('annotation-suffix')) ||
    take(/\s*(\+\+|\+|##|#)$/, noteSign) ||
    take(/\s*[.,;]+$/, () => diagnoses.add('trailing-punctuation'))
  );
  const drawn = rest.replace(/[♔-♟]\uFE0E?/gu, (one) => FIGURINES[one.charAt(0)] ?? '');
  if (drawn !== rest) diagnoses.add('figurine');
  return { rest: drawn, sign, saysEnPassant, diagnoses };
}

function readCastling(text: string): Reading {
  const letters = text.replace(/[^O0o]/g, '');
  const diagnoses: NotationDiagnosis[] = [];
  if (letters.includes('0')) diagnoses.push('zero-castling');
  if (letters.includes('o')) diagnoses.push('lower-case-castling');
  if (text.replace(/[O0o]/g, '') !== '-'.repeat(letters.length - 1)) diagnoses.push('castling-form');
  const wing = letters.length === 2 ? 'short' : 'long';
  return {
    role: 'king',
    castling: wing,
    toFile: wing === 'short' ? 6 : 2,
    toRank: undefined,
    isCapture: false,
    hasDash: false,
    diagnoses,
  };
}

const PROMOTION = String.raw`(?:(=?\(|\/|=)?([A-Za-z])(\))?)?`;
const ENDS_ON_SQUARE = new RegExp(`^(.*?)(${CAPTURE}|[-–—])?([a-hA-H])([1-8])(:)?${PROMOTION}$`);
const ENDS_REVERSED = new RegExp(`^(.*?)(${CAPTURE}|[-–—])?([1-8])([a-hA-H])$`);
const SHORT_CAPTURE = new RegExp(`^([a-hA-H])(${CAPTURE})?([a-hA-H])(:)?${PROMOTION}$`);

function listReadings(text: string, language: Language | undefined): Reading[] {
  const readings: Reading[] = [];
  const normal = ENDS_ON_SQUARE.exec(text);
  if (normal !== null && !(normal[1] === '' && normal[2] === 'X')) {
    const [, front = '', joint = '', file = '', rank = '', colon = '', form = '', letter = '', close = ''] =
      normal;
    const end = {
      ...endOf(file, rank),
      ...jointOf(joint, colon),
      ...promotionOf(form, letter, close, language),
    };
    readings.push(...combine(end, listFronts(front, language)));
  }
  const reversed = ENDS_REVERSED.exec(text);
  if (reversed !== null) {
    const [, front = '', joint = '', rank = '', file = ''] = reversed;
    const end = { ...endOf(file, rank), ...jointOf(joint, ''), promotion: undefined, promotionNotes: [] };
    const fronts = listFronts(front, language);
    readings.push(
      ...combine(end, fronts).map((reading) => ({
        ...reading,
        diagnoses: [...reading.diagnoses, 'reversed-coordinates' as const],
      })),
    );
  }
  const short = SHORT_CAPTURE.exec(text);
  if (short !== null) {
    const [, from = '', joint = '', file = '', colon = '', form = '', letter = '', close = ''] = short;
    const end = {
      ...endOf(file, ''),
      ...jointOf(joint, colon),
      ...promotionOf(form, letter, close, language),
    };
    const notes: NotationDiagnosis[] = ['short-pawn-capture'];
    if (/[A-H]/.test(from)) notes.push('upper-case-file');
    readings.push(...combine(end, [{ role: 'pawn', fromFile: fileOfLetter(from), notes }]));
  }
  return readings;
}

function fileOfLetter(letter: string): number {
  return [...FILE_LETTERS].findIndex((file) => file === letter.toLowerCase());
}

interface End {
  readonly toFile: number;
  readonly toRank: number | undefined;
  readonly endNotes: readonly NotationDiagnosis[];
  readonly isCapture: boolean;
  readonly hasDash: boolean;
  readonly jointNotes: readonly NotationDiagnosis[];
  readonly promotion: Role | undefined;
  readonly promotionNotes: readonly NotationDiagnosis[];
}

function endOf(file: string, rank: string): Pick<End, 'toFile' | 'toRank' | 'endNotes'> {
  return {
    toFile: fileOfLetter(file),
    toRank: rank === '' ? undefined : Number(rank) - 1,
    endNotes: /[A-H]/.test(file) ? ['upper-case-file'] : [],
  };
}

function jointOf(joint: string, colon: string): Pick<End, 'isCapture' | 'hasDash' | 'jointNotes'> {
  const hasDash = /[-–—]/.test(joint);
  const isCapture = (joint !== '' && !hasDash) || colon !== '';
  return { hasDash, isCapture, jointNotes: isCapture && joint !== 'x' ? ['capture-sign'] : [] };
}

function promotionOf(
  form: string,
  letter: string,
  close: string,
  language: Language | undefined,
): Pick<End, 'promotion' | 'promotionNotes'> {
  if (letter === '') return { promotion: undefined, promotionNotes: [] };
  const [meaning] = listMeanings(letter.toUpperCase(), language);
  const notes: NotationDiagnosis[] = [];
  if (form !== '=' || close !== '' || letter !== letter.toUpperCase()) notes.push('promotion-form');
  if (meaning?.isForeign === true) notes.push('foreign-letter');
  // A letter of no man is read as a pawn, which no pawn becomes.
  return { promotion: meaning?.role ?? 'pawn', promotionNotes: notes };
}

/** What stands before the square a move ends on. */
interface Front {
  readonly role: Role | undefined;
  readonly fromFile?: number;
  readonly fromRank?: number;
  readonly notes: readonly NotationDiagnosis[];
}

const ORIGIN = /^([a-hA-H]?)([1-8]?)$/;

/** What a capital letter most likely is comes first: a man before a file written large; small letters the other way round. */
function listFronts(front: string, language: Language | undefined): Front[] {
  if (front === '') return [{ role: 'pawn', notes: [] }];
  const isLower = front === front.toLowerCase();
  const origin = originOf(front);
  const isWhole = origin?.fromFile !== undefined && origin.fromRank !== undefined;
  // A whole square in small letters is the man that stands there, and nothing else.
  if (isWhole && isLower) return [{ role: undefined, ...origin }];
  const ofFile: Front[] =
    origin?.fromFile === undefined ? [] : [{ role: isWhole ? undefined : 'pawn', ...origin }];
  const ofLetter = listLetterFronts(front, language);
  return isLower ? [...ofFile, ...ofLetter] : [...ofLetter, ...ofFile];
}

function listLetterFronts(front: string, language: Language | undefined): Front[] {
  const letter = front.charAt(0);
  const rest = originOf(front.slice(1));
  if (rest === undefined || !/\p{L}/u.test(letter)) return [];
  const isLower = letter !== letter.toUpperCase();
  return (
    listMeanings(letter.toUpperCase(), language)
      // Small letters of other languages are too much to guess.
      .filter(({ isForeign }) => !isLower || !isForeign)
      .map(({ role, isForeign }) => {
        const notes: NotationDiagnosis[] = [...rest.notes];
        if (role === 'pawn') notes.push('pawn-letter');
        else if (isLower) notes.push('lower-case-piece');
        if (isForeign) notes.push('foreign-letter');
        return { ...rest, role, notes };
      })
  );
}

/** "g", "1", "g1", "1g" as where a move begins; undefined when it is something else. */
function originOf(text: string): Omit<Front, 'role'> | undefined {
  const straight = ORIGIN.exec(text);
  const reversed = straight === null ? /^([1-8])([a-hA-H])$/.exec(text) : null;
  const [, file = '', rank = ''] = straight ?? (reversed && ['', reversed[2], reversed[1]]) ?? [];
  if (straight === null && reversed === null) return undefined;
  return {
    ...(file === '' ? {} : { fromFile: fileOfLetter(file) }),
    ...(rank === '' ? {} : { fromRank: Number(rank) - 1 }),
    notes: /[A-H]/.test(file) ? ['upper-case-file'] : [],
  };
}

function combine(end: End, fronts: readonly Front[]): Reading[] {
  return fronts.map(({ notes, ...front }) => ({
    ...front,
    toFile: end.toFile,
    toRank: end.toRank,
    isCapture: end.isCapture,
    hasDash: end.hasDash,
    ...(end.promotion === undefined ? {} : { promotion: end.promotion }),
    diagnoses: [...new Set([...notes, ...end.endNotes, ...end.jointNotes, ...end.promotionNotes])],
  }));
}

/** Why nothing could be made of it. */
function findShapeFault(text: string, language: Language | undefined): ShapeFault {
  const [, file = '', rank = ''] = /([A-Za-z])(\d+)$/.exec(text) ?? [];
  if (file !== '' && (!/[a-hA-H]/.test(file) || !/^[1-8]$/.test(rank))) {
    return { code: 'no-such-square', found: `${file}${rank}` };
  }
  const letter = text.charAt(0);
  const isEnding = ENDS_ON_SQUARE.test(text);
  if (isEnding && /\p{L}/u.test(letter) && listMeanings(letter.toUpperCase(), language).length === 0) {
    return { code: 'no-such-piece-letter', found: letter };
  }
  return /^[A-Za-z]?[a-hA-H]?[1-8]?[xX×:*-]?[a-hA-H]?$/.test(text)
    ? { code: 'incomplete' }
    : { code: 'not-a-move' };
}
