/**
 * The prover's private board: paired 32-bit words, legal moves generated directly, make and unmake in place.
 *
 * Why: throw-away measurements on V8 put paired words and a mailbox about level for make and unmake (some thirty times
 * a set-object board), and the words well ahead when legal moves only have to be counted or tested, which is most of what a
 * mate proof does. All state lives in typed arrays inside one closure, made once a realm: a second instance runs at about half
 * the speed, and numbers kept in variables would be boxed in browsers, whose small integers have 31 bits. BigInt was rejected:
 * it allocates.
 *
 * Legality comes from a mask of squares that answer the check and from the pin lines (general literature, e.g. "check mask"
 * and "pin ray" generators, from memory); only en passant is tried on the occupied squares. One walk over the men serves
 * three purposes, told apart by `scratch[PURPOSE]`: writing moves, counting them, writing those that may give check.
 */
import { PROMOTION_ROLES, ROLES, type Man, type Square } from '../board';
import type { Move, Position } from '../rules';
import { createRandom } from '../shared';
import { buildLineTables } from './lineAttacks';
import { buildAttackTables } from './tables';

/** from | to << 6 | promotion << 12 (0 none, 1 knight .. 4 queen) | kind << 15. */
export type PackedMove = number;
export interface SearchBoard {
  load(position: Position): void;
  /** Fills the slot of this ply with all legal moves and returns their number. */
  generate(ply: number): number;
  /** The same for the moves that may give check; every move that gives check is among them. */
  generateChecks(ply: number): number;
  /** The same for captures and promotions. */
  generateCaptures(ply: number): number;
  /** How many legal moves there are, without writing them down. */
  countMoves(): number;
  /** Move sequences of so many plies, one at least, each move made and unmade; here, because a loop inside calls quicker. */
  countPlayed(plies: number): number;
  /** Is the side to move checkmated? */
  isMated(): boolean;
  moveAt(ply: number, index: number): PackedMove;
  setMoveAt(ply: number, index: number, move: PackedMove): void;
  make(move: PackedMove): void;
  unmake(): void;
  isCheck(): boolean;
  /**
   * Is this move, which was legal in a position one ply of the same side away, legal here too? Castling and en passant are
   * answered "no" to be quick: it serves a guess that is tried before all moves are listed.
   */
  isStillLegal(move: PackedMove): boolean;
  /** Code of the man a legal move takes, 0 for none: 1 + 6 * side + role, roles in the order of ROLES. */
  capturedCode(move: PackedMove): number;
  /** Code of the man on a square, 0 for none. */
  codeAt(square: Square): number;
  /** Is it a capture or a pawn's move, which sets the clock of the fifty-move rule back? */
  isZeroing(move: PackedMove): boolean;
  /** The square of the one line piece that gives check; -1 when there is no check, more than one, or another man gives it. */
  findLineChecker(): Square;
  isWhiteToMove(): boolean;
  /** Can neither side ever mate, by material alone? The same rule as in `rules`. */
  isDeadByMaterial(): boolean;
  /** Two words that tell positions apart: men, side, rights, and the passed square when it matters. */
  hashLo(): number;
  hashHi(): number;
}

/** Turns a packed move into the readable one. */
export function unpackMove(packed: PackedMove): Move {
  const from = packed & 63;
  const to = (packed >> 6) & 63;
  const promotion = PROMOTION_ROLES.find((role) => ROLES.indexOf(role) === ((packed >> 12) & 7));
  return promotion === undefined ? { from, to } : { from, to, promotion };
}

let shared: SearchBoard | undefined;

/** The realm's one search board; whoever loads a position owns it until the next load. */
export function getSearchBoard(): SearchBoard {
  shared ??= createSearchBoard();
  return shared;
}

function createSearchBoard(): SearchBoard {
  // Held here: a test runner's realm looks every global up anew, which made the rules' tests three times slower.
  const { clz32, imul } = Math;

  // Numbers with names stand in here too: a bundler makes `var` of a module's constants, and the compiler of the engine then
  // reads each one anew, which took a third of the speed.
  const KIND_EN_PASSANT = 1;
  const KIND_CASTLING = 2;
  const KIND_DOUBLE_STEP = 3;

  const KNIGHT = 1;
  const BISHOP = 2;
  const ROOK = 3;
  const QUEEN = 4;
  const KING = 5;
  /** No position has more than 218 legal moves (from memory); one slot of the move stack. */
  const SLOT = 256;
  const MAX_PLIES = 128;
  const NOT_A_FILE = ~0x01010101;
  const NOT_H_FILE = ~0x80808080;

  // Places in `state`.
  const TURN = 0;
  /** Where the newest frame begins. */
  const TOP_FRAME = 1;

  // Places in a frame, which keeps what unmaking a move has to find again. At its start: the move that led here, and above it
  // the code of the man it took.
  const CAPTURED_SHIFT = 17;
  const MOVE_BITS = 0x1ffff;
  /** 1 white short, 2 white long, 4 and 8 black. */
  const CASTLING = 1;
  /** The square just passed when a pawn can capture there, as far as attacks go; else NO_SQUARE. */
  const PASSED = 2;
  /** Of the men alone; side, rights and passed square are added when the hash is asked for. */
  const HASH_LO = 3;
  const HASH_HI = 4;
  const FRAME = 5;
  const NO_SQUARE = -1;
  /** From here up a packed move is a promotion or of a special kind. */
  const PLAIN_END = 1 << 12;

  // Places in `scratch`: what one generation keeps.
  const PURPOSE = 0;
  const TOP = 1;
  const TOTAL = 2;
  const MASK_LO = 3;
  const MASK_HI = 4;
  const PINNED_LO = 5;
  const PINNED_HI = 6;
  /** High word of the function that has just returned the low one. */
  const SECOND = 7;
  /** Own men that may uncover a line to the other king. */
  const UNCOVERING_LO = 8;
  const UNCOVERING_HI = 9;
  /** Word pairs by role: squares from which that role would check the other king. */
  const CHECKING = 10;
  /** Square of the mover's king. */
  const KING_SQUARE = 24;
  /** What captures land on. */
  const TARGET_LO = 25;
  const TARGET_HI = 26;

  /** a1, c1 ... b2, d2 ...: the same word for both halves. */
  const DARK_SQUARES = 0xaa55aa55 | 0;

  const LISTING = 0;
  const COUNTING = 1;
  const LISTING_CHECKS = 2;
  const LISTING_CAPTURES = 3;

  const { knight, king, pawn, between, line } = buildAttackTables();
  const {
    diagonalMask,
    counterMask,
    crossMask,
    slantMask,
    diagonal,
    counter,
    rank: rankReach,
    file: fileReach,
  } = buildLineTables();
  /** Word pairs of side * 6 + role at 0..23, of the whole armies at 24..27. */
  const sets = new Int32Array(64);
  /** Code of the man on a square: 0 empty, else 1 + side * 6 + role. */
  const men = new Int8Array(128);
  const state = new Int32Array(32);
  const scratch = new Int32Array(32);
  /** One frame for each ply played, the first for the position loaded. */
  const frames = new Int32Array((MAX_PLIES + 1) * FRAME);

  const moves = new Int32Array(MAX_PLIES * SLOT);
  const castlingKept = new Int32Array(64).fill(15);
  castlingKept.set([13, 15, 15, 15, 12, 15, 15, 14], 0);
  castlingKept.set([7, 15, 15, 15, 3, 15, 15, 11], 56);
  /** Two words for each code and square, then castling rights at code 13, passed squares at 14, side to move at 15. */
  const keys = buildKeys();

  function lowestBit(word: number): number {
    return 31 - clz32(word & (0 - word));
  }

  function countBits(word: number): number {
    let bits = word - ((word >>> 1) & 0x55555555);
    bits = (bits & 0x33333333) + ((bits >>> 2) & 0x33333333);
    return imul((bits + (bits >>> 4)) & 0x0f0f0f0f, 0x01010101) >>> 24;
  }

  /** Low word of the squares a rook reaches; the high word is left in scratch[SECOND]. */
  function straightReach(square: number, occLo: number, occHi: number): number {
    const file = square & 7;
    const rank = square >> 3;
    const shift = (rank & 3) << 3;
    const isLow = square < 32;
    const row = rankReach[(file << 6) | (((isLow ? occLo : occHi) >>> (shift + 1)) & 63)]! << shift;
    const column =
      (imul((occLo >>> file) & 0x01010101, 0x10204080) >>> 28) |
      ((imul((occHi >>> file) & 0x01010101, 0x10204080) >>> 28) << 4);
    const at = ((rank << 8) | column) << 1;
    const lo = fileReach[at]! << file;
    const hi = fileReach[at + 1]! << file;
    scratch[SECOND] = isLow ? hi : hi | row;
    return isLow ? lo | row : lo;
  }

  /** Low word of the squares a bishop reaches; the high word is left in scratch[SECOND]. */
  function slantReach(square: number, occLo: number, occHi: number): number {
    const mask = square << 1;
    const up = imul((occLo & diagonalMask[mask]!) | (occHi & diagonalMask[mask + 1]!), 0x01010101);
    const down = imul((occLo & counterMask[mask]!) | (occHi & counterMask[mask + 1]!), 0x01010101);
    const one = ((square << 6) | ((up >>> 25) & 63)) << 1;
    const other = ((square << 6) | ((down >>> 25) & 63)) << 1;
    scratch[SECOND] = diagonal[one + 1]! | counter[other + 1]!;
    return diagonal[one]! | counter[other]!;
  }

  /** Low word of the men of `side` that attack the square when these squares are occupied. */
  function attackersOf(square: number, side: number, occLo: number, occHi: number): number {
    const base = side * 12;
    const at = square << 1;
    const pawnAt = (((side ^ 1) << 6) | square) << 1;
    let lo = (knight[at]! & sets[base + 2]!) | (king[at]! & sets[base + 10]!) | (pawn[pawnAt]! & sets[base]!);
    let hi =
      (knight[at + 1]! & sets[base + 3]!) |
      (king[at + 1]! & sets[base + 11]!) |
      (pawn[pawnAt + 1]! & sets[base + 1]!);
    const rooksLo = sets[base + 6]! | sets[base + 8]!;
    const rooksHi = sets[base + 7]! | sets[base + 9]!;
    if (((crossMask[at]! & rooksLo) | (crossMask[at + 1]! & rooksHi)) !== 0) {
      lo |= straightReach(square, occLo, occHi) & rooksLo;
      hi |= scratch[SECOND]! & rooksHi;
    }
    const bishopsLo = sets[base + 4]! | sets[base + 8]!;
    const bishopsHi = sets[base + 5]! | sets[base + 9]!;
    if (((slantMask[at]! & bishopsLo) | (slantMask[at + 1]! & bishopsHi)) !== 0) {
      lo |= slantReach(square, occLo, occHi) & bishopsLo;
      hi |= scratch[SECOND]! & bishopsHi;
    }
    scratch[SECOND] = hi;
    return lo;
  }

  function isAttacked(square: number, side: number, occLo: number, occHi: number): boolean {
    const lo = attackersOf(square, side, occLo, occHi);
    return (lo | scratch[SECOND]!) !== 0;
  }

  function put(code: number, square: number): void {
    men[square] = code;
    flip(code, square);
  }

  function flip(code: number, square: number): void {
    const bit = 1 << (square & 31);
    const word = square >> 5;
    const at = ((code - 1) << 1) + word;
    sets[at] = sets[at]! ^ bit;
    const army = 24 + (code > 6 ? 2 : 0) + word;
    sets[army] = sets[army]! ^ bit;
  }

  function counted(): number {
    return scratch[TOTAL]!;
  }

  function listed(): number {
    return scratch[TOP]!;
  }

  function add(from: number, to: number, extra: number): void {
    const top = scratch[TOP]!;
    moves[top] = from | (to << 6) | extra;
    scratch[TOP] = top + 1;
  }

  /** The square of a side's king: the one bit of its set. */
  function kingOf(side: number): number {
    const at = side * 12 + 10;
    const lo = sets[at]!;
    return lo !== 0 ? 31 - clz32(lo) : 63 - clz32(sets[at + 1]!);
  }

  /** Something of the newest frame. */
  function frame(what: number): number {
    return frames[state[TOP_FRAME]! + what]!;
  }

  function isUncovering(square: number): boolean {
    return (scratch[UNCOVERING_LO + (square >> 5)]! & (1 << (square & 31))) !== 0;
  }

  function isPinned(square: number): boolean {
    return (scratch[PINNED_LO + (square >> 5)]! & (1 << (square & 31))) !== 0;
  }

  /** Takes what a man reaches, keeps what is legal, and does what the walk is for. */
  function addReach(
    from: number,
    role: number,
    reachLo: number,
    reachHi: number,
    ownLo: number,
    ownHi: number,
  ): void {
    let lo = reachLo & ~ownLo & scratch[MASK_LO]!;
    let hi = reachHi & ~ownHi & scratch[MASK_HI]!;
    if (isPinned(from)) {
      const at = ((scratch[KING_SQUARE]! << 6) | from) << 1;
      lo &= line[at]!;
      hi &= line[at + 1]!;
    }
    if (scratch[PURPOSE] === COUNTING) {
      scratch[TOTAL] = scratch[TOTAL]! + countBits(lo) + countBits(hi);
      return;
    }
    if (scratch[PURPOSE] === LISTING_CHECKS && !isUncovering(from)) {
      lo &= scratch[CHECKING + (role << 1)]!;
      hi &= scratch[CHECKING + (role << 1) + 1]!;
    } else if (scratch[PURPOSE] === LISTING_CAPTURES) {
      lo &= scratch[TARGET_LO]!;
      hi &= scratch[TARGET_HI]!;
    }
    let top = scratch[TOP]!;
    for (; lo !== 0; lo &= lo - 1) {
      moves[top] = from | (lowestBit(lo) << 6);
      top += 1;
    }
    for (; hi !== 0; hi &= hi - 1) {
      moves[top] = from | ((32 + lowestBit(hi)) << 6);
      top += 1;
    }
    scratch[TOP] = top;
  }

  /** Own men alone between the king and a line piece that aims at it: they may move along that line only. */
  function findPins(us: number): void {
    const square = scratch[KING_SQUARE]!;
    const theirs = 26 - 2 * us;
    const ours = 24 + 2 * us;
    const base = (us ^ 1) * 12;
    const theirLo = sets[theirs]!;
    const theirHi = sets[theirs + 1]!;
    const kingAt = square << 1;
    const rooksLo = sets[base + 6]! | sets[base + 8]!;
    const rooksHi = sets[base + 7]! | sets[base + 9]!;
    const bishopsLo = sets[base + 4]! | sets[base + 8]!;
    const bishopsHi = sets[base + 5]! | sets[base + 9]!;
    let lo = 0;
    let hi = 0;
    // Lines from the king as far as the first enemy man, own men ignored.
    if (((crossMask[kingAt]! & rooksLo) | (crossMask[kingAt + 1]! & rooksHi)) !== 0) {
      lo = straightReach(square, theirLo, theirHi) & rooksLo;
      hi = scratch[SECOND]! & rooksHi;
    }
    if (((slantMask[kingAt]! & bishopsLo) | (slantMask[kingAt + 1]! & bishopsHi)) !== 0) {
      lo |= slantReach(square, theirLo, theirHi) & bishopsLo;
      hi |= scratch[SECOND]! & bishopsHi;
    }
    let pinnedLo = 0;
    let pinnedHi = 0;
    while ((lo | hi) !== 0) {
      const sniper = lo !== 0 ? lowestBit(lo) : 32 + lowestBit(hi);
      if (lo !== 0) lo &= lo - 1;
      else hi &= hi - 1;
      const at = ((square << 6) | sniper) << 1;
      const menLo = between[at]! & sets[ours]!;
      const menHi = between[at + 1]! & sets[ours + 1]!;
      if (isSingle(menLo, menHi)) {
        pinnedLo |= menLo;
        pinnedHi |= menHi;
      }
    }
    scratch[PINNED_LO] = pinnedLo;
    scratch[PINNED_HI] = pinnedHi;
  }

  function isSingle(lo: number, hi: number): boolean {
    return lo === 0 ? hi !== 0 && (hi & (hi - 1)) === 0 : hi === 0 && (lo & (lo - 1)) === 0;
  }

  /** Leaves the answers to a single check in the mask, all squares without one. Returns the number of checkers, 2 for more. */
  function findCheckMask(us: number, occLo: number, occHi: number): number {
    const square = scratch[KING_SQUARE]!;
    const lo = attackersOf(square, us ^ 1, occLo, occHi);
    const hi = scratch[SECOND]!;
    if ((lo | hi) === 0) {
      scratch[MASK_LO] = -1;
      scratch[MASK_HI] = -1;
      return 0;
    }
    if (!isSingle(lo, hi)) return 2;
    const checker = lo !== 0 ? lowestBit(lo) : 32 + lowestBit(hi);
    const at = ((square << 6) | checker) << 1;
    scratch[MASK_LO] = lo | between[at]!;
    scratch[MASK_HI] = hi | between[at + 1]!;
    return 1;
  }

  function walkKing(us: number, occLo: number, occHi: number): void {
    const square = scratch[KING_SQUARE]!;
    if (scratch[PURPOSE] === LISTING_CHECKS && !isUncovering(square)) return;
    const bit = 1 << (square & 31);
    // The king itself does not shield the squares behind it.
    const throughLo = square < 32 ? occLo & ~bit : occLo;
    const throughHi = square < 32 ? occHi : occHi & ~bit;
    let lo = king[square << 1]! & ~sets[24 + 2 * us]!;
    let hi = king[(square << 1) + 1]! & ~sets[25 + 2 * us]!;
    if (scratch[PURPOSE] === LISTING_CAPTURES) {
      lo &= scratch[TARGET_LO]!;
      hi &= scratch[TARGET_HI]!;
    }
    while ((lo | hi) !== 0) {
      const to = lo !== 0 ? lowestBit(lo) : 32 + lowestBit(hi);
      if (lo !== 0) lo &= lo - 1;
      else hi &= hi - 1;
      if (isAttacked(to, us ^ 1, throughLo, throughHi)) continue;
      if (scratch[PURPOSE] === COUNTING) scratch[TOTAL] = scratch[TOTAL]! + 1;
      else add(square, to, 0);
    }
  }

  function walkCastling(us: number, occLo: number, occHi: number): void {
    const rights = (frame(CASTLING) >> (2 * us)) & 3;
    if (rights === 0) return;
    const row = us === 0 ? occLo & 0xff : (occHi >>> 24) & 0xff;
    const home = us === 0 ? 0 : 56;
    const them = us ^ 1;
    if (
      (rights & 1) !== 0 &&
      (row & 0x60) === 0 &&
      !isAttacked(home + 5, them, occLo, occHi) &&
      !isAttacked(home + 6, them, occLo, occHi)
    ) {
      addSpecial(home + 4, home + 6, KIND_CASTLING << 15);
    }
    if (
      (rights & 2) !== 0 &&
      (row & 0x0e) === 0 &&
      !isAttacked(home + 3, them, occLo, occHi) &&
      !isAttacked(home + 2, them, occLo, occHi)
    ) {
      addSpecial(home + 4, home + 2, KIND_CASTLING << 15);
    }
  }

  function addSpecial(from: number, to: number, extra: number): void {
    if (scratch[PURPOSE] === COUNTING) scratch[TOTAL] = scratch[TOTAL]! + 1;
    else add(from, to, extra);
  }

  /** Pawn moves that end on these squares, each `step` squares from where it began. */
  function addPawnTargets(reachLo: number, reachHi: number, step: number, extra: number): void {
    let lo = reachLo & scratch[MASK_LO]!;
    let hi = reachHi & scratch[MASK_HI]!;
    if ((lo | hi) === 0) return;
    if (scratch[PURPOSE] === COUNTING && (scratch[PINNED_LO]! | scratch[PINNED_HI]!) === 0) {
      // A pawn on the last rank becomes one of four.
      const last = countBits(lo & 0xff) + countBits(hi & 0xff000000);
      scratch[TOTAL] = scratch[TOTAL]! + countBits(lo) + countBits(hi) + 3 * last;
      return;
    }
    for (; lo !== 0; lo &= lo - 1) addPawnMove(lowestBit(lo), step, extra);
    for (; hi !== 0; hi &= hi - 1) addPawnMove(32 + lowestBit(hi), step, extra);
  }

  function addPawnMove(to: number, step: number, extra: number): void {
    const from = to - step;
    const bit = 1 << (to & 31);
    const word = to >> 5;
    if (isPinned(from) && (line[(((scratch[KING_SQUARE]! << 6) | from) << 1) + word]! & bit) === 0) return;
    const isLast = to < 8 || to > 55;
    if (scratch[PURPOSE] === COUNTING) {
      scratch[TOTAL] = scratch[TOTAL]! + (isLast ? 4 : 1);
      return;
    }
    if (isLast) {
      for (let role = QUEEN; role >= KNIGHT; role -= 1) add(from, to, role << 12);
      return;
    }
    if (scratch[PURPOSE] === LISTING_CAPTURES) {
      if ((scratch[TARGET_LO + word]! & bit) !== 0) add(from, to, extra);
      return;
    }
    const mayCheck = (scratch[CHECKING + word]! & bit) !== 0 || isUncovering(from);
    if (scratch[PURPOSE] === LISTING || mayCheck) add(from, to, extra);
  }

  function walkPawns(us: number, occLo: number, occHi: number): void {
    const at = us * 12;
    const lo = sets[at]!;
    const hi = sets[at + 1]!;
    if ((lo | hi) === 0) return;
    const enemy = 26 - 2 * us;
    const theirLo = sets[enemy]!;
    const theirHi = sets[enemy + 1]!;
    const leftLo = lo & NOT_A_FILE;
    const leftHi = hi & NOT_A_FILE;
    const rightLo = lo & NOT_H_FILE;
    const rightHi = hi & NOT_H_FILE;
    if (us === 0) {
      const oneLo = (lo << 8) & ~occLo;
      const oneHi = ((hi << 8) | (lo >>> 24)) & ~occHi;
      addPawnTargets(oneLo, oneHi, 8, 0);
      addPawnTargets((oneLo << 8) & 0xff000000 & ~occLo, 0, 16, KIND_DOUBLE_STEP << 15);
      addPawnTargets((leftLo << 7) & theirLo, ((leftHi << 7) | (leftLo >>> 25)) & theirHi, 7, 0);
      addPawnTargets((rightLo << 9) & theirLo, ((rightHi << 9) | (rightLo >>> 23)) & theirHi, 9, 0);
    } else {
      const oneLo = ((lo >>> 8) | (hi << 24)) & ~occLo;
      const oneHi = (hi >>> 8) & ~occHi;
      addPawnTargets(oneLo, oneHi, -8, 0);
      addPawnTargets(0, (oneHi >>> 8) & 0xff & ~occHi, -16, KIND_DOUBLE_STEP << 15);
      addPawnTargets(((leftLo >>> 9) | (leftHi << 23)) & theirLo, (leftHi >>> 9) & theirHi, -9, 0);
      addPawnTargets(((rightLo >>> 7) | (rightHi << 25)) & theirLo, (rightHi >>> 7) & theirHi, -7, 0);
    }
    if (frame(PASSED) >= 0) walkEnPassant(us, lo, hi);
  }

  function walkEnPassant(us: number, lo: number, hi: number): void {
    const passed = frame(PASSED);
    const from = (((us ^ 1) << 6) | passed) << 1;
    for (let rest = pawn[from]! & lo; rest !== 0; rest &= rest - 1) {
      if (isEnPassantSafe(us, lowestBit(rest), passed))
        addSpecial(lowestBit(rest), passed, KIND_EN_PASSANT << 15);
    }
    for (let rest = pawn[from + 1]! & hi; rest !== 0; rest &= rest - 1) {
      const square = 32 + lowestBit(rest);
      if (isEnPassantSafe(us, square, passed)) addSpecial(square, passed, KIND_EN_PASSANT << 15);
    }
  }

  /** Both pawns leave their rank at once, so neither masks nor pins tell: look at the king with them gone. */
  function isEnPassantSafe(us: number, from: number, passed: number): boolean {
    const victim = passed + (us === 0 ? -8 : 8);
    const code = men[victim]!;
    flip(code, victim);
    const fromBit = 1 << (from & 31);
    const toBit = 1 << (passed & 31);
    const occLo = ((sets[24]! | sets[26]!) & (from < 32 ? ~fromBit : -1)) | (passed < 32 ? toBit : 0);
    const occHi = ((sets[25]! | sets[27]!) & (from < 32 ? -1 : ~fromBit)) | (passed < 32 ? 0 : toBit);
    const isSafe = !isAttacked(scratch[KING_SQUARE]!, us ^ 1, occLo, occHi);
    flip(code, victim);
    return isSafe;
  }

  function walkPieces(us: number, occLo: number, occHi: number): void {
    const base = us * 12;
    const ownLo = sets[24 + 2 * us]!;
    const ownHi = sets[25 + 2 * us]!;
    for (let word = 0; word < 2; word += 1) {
      for (let rest = sets[base + 2 + word]!; rest !== 0; rest &= rest - 1) {
        const from = (word << 5) + lowestBit(rest);
        addReach(from, KNIGHT, knight[from << 1]!, knight[(from << 1) + 1]!, ownLo, ownHi);
      }
      for (let rest = sets[base + 4 + word]!; rest !== 0; rest &= rest - 1) {
        const from = (word << 5) + lowestBit(rest);
        const lo = slantReach(from, occLo, occHi);
        addReach(from, BISHOP, lo, scratch[SECOND]!, ownLo, ownHi);
      }
      for (let rest = sets[base + 6 + word]!; rest !== 0; rest &= rest - 1) {
        const from = (word << 5) + lowestBit(rest);
        const lo = straightReach(from, occLo, occHi);
        addReach(from, ROOK, lo, scratch[SECOND]!, ownLo, ownHi);
      }
      for (let rest = sets[base + 8 + word]!; rest !== 0; rest &= rest - 1) {
        const from = (word << 5) + lowestBit(rest);
        const lo = slantReach(from, occLo, occHi);
        const hi = scratch[SECOND]!;
        addReach(from, QUEEN, lo | straightReach(from, occLo, occHi), hi | scratch[SECOND]!, ownLo, ownHi);
      }
    }
  }

  /** The one walk over the men of the side to move. */
  function walk(purpose: number): void {
    const us = state[TURN]!;
    const occLo = sets[24]! | sets[26]!;
    const occHi = sets[25]! | sets[27]!;
    scratch[PURPOSE] = purpose;
    scratch[KING_SQUARE] = kingOf(us);
    const checkers = findCheckMask(us, occLo, occHi);
    if (purpose === LISTING_CHECKS) findCheckingSquares(us, occLo, occHi);
    scratch[TARGET_LO] = sets[26 - 2 * us]!;
    scratch[TARGET_HI] = sets[27 - 2 * us]!;
    if (checkers < 2) {
      findPins(us);
      walkPieces(us, occLo, occHi);
      walkPawns(us, occLo, occHi);
      if (checkers === 0 && purpose !== LISTING_CAPTURES) walkCastling(us, occLo, occHi);
    }
    walkKing(us, occLo, occHi);
  }

  function findCheckingSquares(us: number, occLo: number, occHi: number): void {
    const target = kingOf(us ^ 1);
    const at = target << 1;
    const pawnAt = (((us ^ 1) << 6) | target) << 1;
    const slantLo = slantReach(target, occLo, occHi);
    const slantHi = scratch[SECOND]!;
    const straightLo = straightReach(target, occLo, occHi);
    const straightHi = scratch[SECOND]!;
    scratch[CHECKING] = pawn[pawnAt]!;
    scratch[CHECKING + 1] = pawn[pawnAt + 1]!;
    scratch[CHECKING + 2 * KNIGHT] = knight[at]!;
    scratch[CHECKING + 2 * KNIGHT + 1] = knight[at + 1]!;
    scratch[CHECKING + 2 * BISHOP] = slantLo;
    scratch[CHECKING + 2 * BISHOP + 1] = slantHi;
    scratch[CHECKING + 2 * ROOK] = straightLo;
    scratch[CHECKING + 2 * ROOK + 1] = straightHi;
    scratch[CHECKING + 2 * QUEEN] = slantLo | straightLo;
    scratch[CHECKING + 2 * QUEEN + 1] = slantHi | straightHi;
    scratch[UNCOVERING_LO] = (slantLo | straightLo) & sets[24 + 2 * us]!;
    scratch[UNCOVERING_HI] = (slantHi | straightHi) & sets[25 + 2 * us]!;
  }

  function listInto(ply: number, purpose: number): number {
    const start = ply * SLOT;
    scratch[TOP] = start;
    walk(purpose);
    return listed() - start;
  }

  /**
   * In check? Then king moves first; then, against a single check, any unpinned man that captures the checker or steps between.
   * A pinned man never answers a check: its own line and the checker's meet at the king only.
   */
  function isMated(): boolean {
    const us = state[TURN]!;
    const occLo = sets[24]! | sets[26]!;
    const occHi = sets[25]! | sets[27]!;
    scratch[KING_SQUARE] = kingOf(us);
    const checkers = findCheckMask(us, occLo, occHi);
    if (checkers === 0) return false;
    scratch[PURPOSE] = COUNTING;
    scratch[TOTAL] = 0;
    walkKing(us, occLo, occHi);
    if (counted() !== 0) return false;
    if (checkers === 2) return true;
    findPins(us);
    walkPieces(us, occLo, occHi);
    if (counted() === 0) walkPawns(us, occLo, occHi);
    return counted() === 0;
  }

  /**
   * Every move takes one man from a square to another; what only some moves do besides stands apart. The engine puts functions
   * of up to 460 bytes of its code into the loops that call them: kept below that, and with the tables named once, this made
   * loops over moves a fifth quicker.
   */
  function make(move: PackedMove): void {
    const from = move & 63;
    const to = (move >> 6) & 63;
    const table = keys;
    const kept = frames;
    const us = state[TURN]!;
    const top = state[TOP_FRAME]!;
    const next = top + FRAME;
    const code = men[from]!;
    const captured = men[to]!;
    const fromKey = ((code << 6) | from) << 1;
    const toKey = ((code << 6) | to) << 1;
    const capturedKey = ((captured << 6) | to) << 1;
    kept[next] = move | (captured << CAPTURED_SHIFT);
    kept[next + CASTLING] = kept[top + CASTLING]! & castlingKept[from]! & castlingKept[to]!;
    kept[next + PASSED] = NO_SQUARE;
    kept[next + HASH_LO] = kept[top + HASH_LO]! ^ table[fromKey]! ^ table[toKey]! ^ table[capturedKey]!;
    kept[next + HASH_HI] =
      kept[top + HASH_HI]! ^ table[fromKey + 1]! ^ table[toKey + 1]! ^ table[capturedKey + 1]!;
    state[TOP_FRAME] = next;
    if (captured !== 0) flip(captured, to);
    shift(code, from, to, us);
    if (move >= PLAIN_END) makeMore(move);
    state[TURN] = us ^ 1;
  }

  function addKey(code: number, square: number): void {
    const at = state[TOP_FRAME]!;
    const key = ((code << 6) | square) << 1;
    frames[at + HASH_LO] = frames[at + HASH_LO]! ^ keys[key]!;
    frames[at + HASH_HI] = frames[at + HASH_HI]! ^ keys[key + 1]!;
  }

  /** Promotion, castling, en passant and the square a double step passes. */
  function makeMore(move: PackedMove): void {
    const us = state[TURN]!;
    const from = move & 63;
    const to = (move >> 6) & 63;
    const kind = move >> 15;
    const middle = (from + to) >> 1;
    if (kind === KIND_DOUBLE_STEP) {
      if (isPassedInReach(middle, us)) frames[state[TOP_FRAME]! + PASSED] = middle;
    } else if (kind === KIND_CASTLING) {
      const rook = men[to]! - 2;
      const corner = to > from ? from + 3 : from - 4;
      shift(rook, corner, middle, us);
      addKey(rook, corner);
      addKey(rook, middle);
    } else if (kind === KIND_EN_PASSANT) {
      const code = 7 - us * 6;
      const victim = to + (us === 0 ? -8 : 8);
      men[victim] = 0;
      flip(code, victim);
      addKey(code, victim);
    } else {
      const code = men[to]!;
      const placed = code + ((move >> 12) & 7);
      flip(code, to);
      put(placed, to);
      addKey(code, to);
      addKey(placed, to);
    }
  }

  function unmake(): void {
    const top = state[TOP_FRAME]!;
    const done = frames[top]!;
    const captured = done >> CAPTURED_SHIFT;
    const move = done & MOVE_BITS;
    const from = move & 63;
    const to = (move >> 6) & 63;
    state[TOP_FRAME] = top - FRAME;
    const us = state[TURN]! ^ 1;
    state[TURN] = us;
    if (move >= PLAIN_END) unmakeMore(move);
    shift(men[to]!, to, from, us);
    if (captured !== 0) put(captured, to);
  }

  function unmakeMore(move: PackedMove): void {
    const us = state[TURN]!;
    const from = move & 63;
    const to = (move >> 6) & 63;
    const kind = move >> 15;
    if (kind === KIND_CASTLING) {
      shift(men[to]! - 2, (from + to) >> 1, to > from ? from + 3 : from - 4, us);
    } else if (kind === KIND_EN_PASSANT) {
      put(7 - us * 6, to + (us === 0 ? -8 : 8));
    } else if (kind === 0) {
      flip(men[to]!, to);
      put(1 + us * 6, to);
    }
  }

  /** Takes a man of side `us` from one square to an empty one; a shift uses the low five bits of a square only. */
  function shift(code: number, from: number, to: number, us: number): void {
    const words = sets;
    const squares = men;
    squares[from] = 0;
    squares[to] = code;
    let at = ((code - 1) << 1) + (from >> 5);
    words[at] = words[at]! ^ (1 << from);
    at = ((code - 1) << 1) + (to >> 5);
    words[at] = words[at]! ^ (1 << to);
    at = 24 + (us << 1) + (from >> 5);
    words[at] = words[at]! ^ (1 << from);
    at = 24 + (us << 1) + (to >> 5);
    words[at] = words[at]! ^ (1 << to);
  }

  /** A passed square is kept only when a pawn of the side that answers attacks it: else it changes nothing. */
  function isPassedInReach(square: number, us: number): boolean {
    const at = ((us << 6) | square) << 1;
    const theirs = (us ^ 1) * 12;
    return ((pawn[at]! & sets[theirs]!) | (pawn[at + 1]! & sets[theirs + 1]!)) !== 0;
  }

  function isOnSet(set: Int32Array, index: number, square: number): boolean {
    return (set[(index << 1) + (square >> 5)]! & (1 << (square & 31))) !== 0;
  }

  /** Does the man on `from` reach `to` by its way of moving? Pawns straight and diagonally, castling left out. */
  function isReached(from: number, to: number, us: number): boolean {
    const role = men[from]! - 1 - us * 6;
    if (role === KNIGHT) return isOnSet(knight, from, to);
    if (role === KING) return isOnSet(king, from, to);
    if (role === 0) {
      if (isOnSet(pawn, (us << 6) | from, to)) return men[to] !== 0;
      const step = us === 0 ? 8 : -8;
      if (men[to] !== 0) return false;
      return to - from === step || (to - from === 2 * step && men[from + step] === 0);
    }
    if (!isOnSet(line, (from << 6) | to, to)) return false;
    const isStraight = ((from ^ to) & 7) === 0 || from >> 3 === to >> 3;
    if (role !== QUEEN && isStraight !== (role === ROOK)) return false;
    const at = ((from << 6) | to) << 1;
    const isFreeLo = between[at]! & (sets[24]! | sets[26]!);
    return (isFreeLo | (between[at + 1]! & (sets[25]! | sets[27]!))) === 0;
  }

  function isStillLegal(move: PackedMove): boolean {
    const us = state[TURN]!;
    const from = move & 63;
    const to = (move >> 6) & 63;
    const kind = move >> 15;
    if (kind === KIND_EN_PASSANT || kind === KIND_CASTLING) return false;
    const code = men[from]!;
    if (code === 0 || code > 6 !== (us === 1)) return false;
    const target = men[to]!;
    if (target !== 0 && target > 6 === (us === 1)) return false;
    // The kind is part of the move: another man may stand there now.
    const isPawn = code === 1 + us * 6;
    const isLast = to < 8 || to > 55;
    if ((((move >> 12) & 7) !== 0) !== (isPawn && isLast)) return false;
    if ((kind === KIND_DOUBLE_STEP) !== (isPawn && (to - from === 16 || from - to === 16))) return false;
    if (!isReached(from, to, us)) return false;
    make(move);
    const isSafe = !isAttacked(kingOf(us), us ^ 1, sets[24]! | sets[26]!, sets[25]! | sets[27]!);
    unmake();
    return isSafe;
  }

  function findLineChecker(): Square {
    const us = state[TURN]!;
    const lo = attackersOf(kingOf(us), us ^ 1, sets[24]! | sets[26]!, sets[25]! | sets[27]!);
    const hi = scratch[SECOND]!;
    if ((lo | hi) === 0 || !isSingle(lo, hi)) return -1;
    const square = lo !== 0 ? lowestBit(lo) : 32 + lowestBit(hi);
    const role = men[square]! - 1 - (us ^ 1) * 6;
    return role === BISHOP || role === ROOK || role === QUEEN ? square : -1;
  }

  function isDeadByMaterial(): boolean {
    const heavy =
      sets[0]! |
      sets[1]! |
      sets[12]! |
      sets[13]! |
      sets[6]! |
      sets[7]! |
      sets[8]! |
      sets[9]! |
      sets[18]! |
      sets[19]! |
      sets[20]! |
      sets[21]!;
    if (heavy !== 0) return false;
    const knights = countBits(sets[2]! | sets[14]!) + countBits(sets[3]! | sets[15]!);
    const bishopsLo = sets[4]! | sets[16]!;
    const bishopsHi = sets[5]! | sets[17]!;
    const bishops = countBits(bishopsLo) + countBits(bishopsHi);
    if (knights + bishops <= 1) return true;
    if (knights > 0) return false;
    const dark = (bishopsLo & DARK_SQUARES) | (bishopsHi & DARK_SQUARES);
    const light = (bishopsLo & ~DARK_SQUARES) | (bishopsHi & ~DARK_SQUARES);
    return dark === 0 || light === 0;
  }

  function capturedCode(move: PackedMove): number {
    const to = (move >> 6) & 63;
    return move >> 15 === KIND_EN_PASSANT ? 1 + (state[TURN]! ^ 1) * 6 : men[to]!;
  }

  function codeOf({ side, role }: Man): number {
    return 1 + (side === 'white' ? 0 : 6) + ROLES.indexOf(role);
  }

  function load({ board, turn, castling, enPassant }: Position): void {
    sets.fill(0);
    men.fill(0);
    state.fill(0);
    frames.fill(0, 0, FRAME);
    const us = turn === 'white' ? 0 : 1;
    board.forEach((man, square: Square) => {
      if (man === undefined) return;
      const code = codeOf(man);
      put(code, square);
      addKey(code, square);
    });
    state[TURN] = us;
    frames[CASTLING] =
      (castling.white.short ? 1 : 0) |
      (castling.white.long ? 2 : 0) |
      (castling.black.short ? 4 : 0) |
      (castling.black.long ? 8 : 0);
    frames[PASSED] = enPassant !== undefined && isPassedInReach(enPassant, us ^ 1) ? enPassant : NO_SQUARE;
  }

  /** What the hash of the men leaves out: side to move, rights, passed square. One word of it. */
  function restOfHash(word: number): number {
    const passed = frame(PASSED);
    return (
      keys[(((13 << 6) | frame(CASTLING)) << 1) + word]! ^
      keys[(((14 << 6) | (passed < 0 ? 0 : passed)) << 1) + word]! ^
      keys[(((15 << 6) | state[TURN]!) << 1) + word]!
    );
  }

  function countPlayed(plies: number): number {
    const count = listInto(plies, LISTING);
    const start = plies * SLOT;
    if (plies === 1) return playLeaves(start, start + count);
    let sum = 0;
    for (let index = 0; index < count; index += 1) {
      make(moves[start + index]!);
      sum += countPlayed(plies - 1);
      unmake();
    }
    return sum;
  }

  function playLeaves(start: number, end: number): number {
    for (let at = start; at < end; at += 1) {
      make(moves[at]!);
      unmake();
    }
    return end - start;
  }

  return {
    load,
    generate: (ply) => listInto(ply, LISTING),
    generateChecks: (ply) => listInto(ply, LISTING_CHECKS),
    generateCaptures: (ply) => listInto(ply, LISTING_CAPTURES),
    countMoves() {
      scratch[TOTAL] = 0;
      walk(COUNTING);
      return counted();
    },
    countPlayed,
    isMated,
    moveAt: (ply, index) => moves[ply * SLOT + index]!,
    setMoveAt(ply, index, move) {
      moves[ply * SLOT + index] = move;
    },
    make,
    unmake,
    isCheck() {
      const us = state[TURN]!;
      return isAttacked(kingOf(us), us ^ 1, sets[24]! | sets[26]!, sets[25]! | sets[27]!);
    },
    isStillLegal,
    capturedCode,
    codeAt: (square) => men[square]!,
    isZeroing: (move) => men[move & 63] === 1 + state[TURN]! * 6 || capturedCode(move) !== 0,
    findLineChecker,
    isWhiteToMove: () => state[TURN] === 0,
    isDeadByMaterial,
    hashLo: () => frame(HASH_LO) ^ restOfHash(0),
    hashHi: () => frame(HASH_HI) ^ restOfHash(1),
  };
}

/** Seeded, so that a search is the same every time. */
function buildKeys(): Int32Array {
  const random = createRandom(64_206);
  const keys = new Int32Array(16 * 64 * 2);
  // Code 0 is the empty square: its keys stay 0, so that a move without a capture takes the same course.
  for (let index = 128; index < keys.length; index += 1) keys[index] = (random() * 4294967296) | 0;
  return keys;
}
