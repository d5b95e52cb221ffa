/**
 * The prover's private board: paired 32-bit words, legal moves generated directly, make and unmake in place.
 *
 * Why: throw-away measurements on V8 put paired words and a mailbox about level for make and unmake (some thirty times
 * a set-object board), and the words well ahead when legal moves only have to be counted, which is what a mate test
 * does. All state lives in typed arrays inside one closure, so V8 keeps them as constants. BigInt was rejected: it
 * allocates. Line attacks are classical ray scans; they sit in two functions and can be exchanged alone.
 *
 * Legality comes from a mask of squares that answer the check and from the pin lines (general literature, e.g.
 * "check mask" and "pin ray" generators, from memory); only en passant is tried on the occupied squares.
 */
import { PROMOTION_ROLES, ROLES, type Man, type Square } from '../board';
import type { Move, Position } from '../rules';
import { buildAttackTables } from './tables';

/** from | to << 6 | promotion << 12 (0 none, 1 knight .. 4 queen) | kind << 15. */
export type PackedMove = number;
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
const MAX_PLIES = 64;

export interface SearchBoard {
  load(position: Position): void;
  /** Fills the slot of this ply with all legal moves and returns their number. */
  generate(ply: number): number;
  moveAt(ply: number, index: number): PackedMove;
  /** Puts the move at `index` to the front of its slot, keeping the order of the rest up to `index`. */
  promote(ply: number, front: number, index: number): void;
  make(move: PackedMove): void;
  unmake(): void;
  isCheck(): boolean;
  /** Notes from where the side to move would give check; `mayGiveCheck` answers for this position until the next call. */
  prepareChecks(): void;
  /** False only when the move certainly gives no check; cheaper than making it. */
  mayGiveCheck(move: PackedMove): boolean;
}

/** Turns a packed move into the readable one. */
export function unpackMove(packed: PackedMove): Move {
  const from = packed & 63;
  const to = (packed >> 6) & 63;
  const promotion = PROMOTION_ROLES.find((role) => ROLES.indexOf(role) === ((packed >> 12) & 7));
  return promotion === undefined ? { from, to } : { from, to, promotion };
}

/** A board of its own; make one per worker, the hot functions are compiled once for the first. */
export function createSearchBoard(): SearchBoard {
  const { knight, king, pawn, rays, between, line } = buildAttackTables();
  /** Word pairs of side * 6 + role at 0..23, of the whole armies at 24..27. */
  const sets = new Int32Array(64);
  /** Code of the man on a square: 0 empty, else 1 + side * 6 + role. */
  const men = new Int8Array(128);
  /** side to move, castling bits (1 white short, 2 white long, 4, 8 black), passed square or -1. */
  const state = new Int32Array(32);
  const TURN = 0;
  const CASTLING = 1;
  const PASSED = 2;
  const undo = new Int32Array(MAX_PLIES * 4);
  let undoTop = 0;
  const moves = new Int32Array(MAX_PLIES * SLOT);
  const castlingKept = new Int32Array(64).fill(15);
  castlingKept.set([13, 15, 15, 15, 12, 15, 15, 14], 0);
  castlingKept.set([7, 15, 15, 15, 3, 15, 15, 11], 56);

  // Second results of functions: low and high word.
  let outLo = 0;
  let outHi = 0;
  // Scratch of one generation.
  let slotTop = 0;
  let maskLo = 0;
  let maskHi = 0;
  let pinnedLo = 0;
  let pinnedHi = 0;
  let kingSquare = 0;
  /** Squares from which each role checks the other king, then the own men that may uncover a line to it. */
  const checking = new Int32Array(32);
  const UNCOVERING = 12;

  function lowestBit(word: number): number {
    return 31 - Math.clz32(word & (0 - word));
  }

  function scanUp(direction: number, square: number, occLo: number, occHi: number): void {
    const at = 2 * (direction * 64 + square);
    const rayLo = rays[at]!;
    const rayHi = rays[at + 1]!;
    const hitLo = rayLo & occLo;
    const hitHi = rayHi & occHi;
    if ((hitLo | hitHi) === 0) {
      outLo |= rayLo;
      outHi |= rayHi;
      return;
    }
    const blocker = hitLo !== 0 ? lowestBit(hitLo) : 32 + lowestBit(hitHi);
    const beyond = 2 * (direction * 64 + blocker);
    outLo |= rayLo ^ rays[beyond]!;
    outHi |= rayHi ^ rays[beyond + 1]!;
  }

  function scanDown(direction: number, square: number, occLo: number, occHi: number): void {
    const at = 2 * (direction * 64 + square);
    const rayLo = rays[at]!;
    const rayHi = rays[at + 1]!;
    const hitLo = rayLo & occLo;
    const hitHi = rayHi & occHi;
    if ((hitLo | hitHi) === 0) {
      outLo |= rayLo;
      outHi |= rayHi;
      return;
    }
    const blocker = hitHi !== 0 ? 63 - Math.clz32(hitHi) : 31 - Math.clz32(hitLo);
    const beyond = 2 * (direction * 64 + blocker);
    outLo |= rayLo ^ rays[beyond]!;
    outHi |= rayHi ^ rays[beyond + 1]!;
  }

  /** Adds the squares a rook reaches to outLo and outHi. */
  function addRookAttacks(square: number, occLo: number, occHi: number): void {
    scanUp(0, square, occLo, occHi);
    scanUp(1, square, occLo, occHi);
    scanDown(4, square, occLo, occHi);
    scanDown(5, square, occLo, occHi);
  }

  /** Adds the squares a bishop reaches to outLo and outHi. */
  function addBishopAttacks(square: number, occLo: number, occHi: number): void {
    scanUp(2, square, occLo, occHi);
    scanUp(3, square, occLo, occHi);
    scanDown(6, square, occLo, occHi);
    scanDown(7, square, occLo, occHi);
  }

  /** Leaves in outLo and outHi the men of `side` that attack the square when these squares are occupied. */
  function findAttackers(square: number, side: number, occLo: number, occHi: number): void {
    const base = side * 12;
    const at = 2 * square;
    outLo = outHi = 0;
    addRookAttacks(square, occLo, occHi);
    const rookLo = outLo & (sets[base + 6]! | sets[base + 8]!);
    const rookHi = outHi & (sets[base + 7]! | sets[base + 9]!);
    outLo = outHi = 0;
    addBishopAttacks(square, occLo, occHi);
    const bishopLo = outLo & (sets[base + 4]! | sets[base + 8]!);
    const bishopHi = outHi & (sets[base + 5]! | sets[base + 9]!);
    const pawnAt = 2 * ((side ^ 1) * 64 + square);
    outLo =
      rookLo |
      bishopLo |
      (knight[at]! & sets[base + 2]!) |
      (king[at]! & sets[base + 10]!) |
      (pawn[pawnAt]! & sets[base]!);
    outHi =
      rookHi |
      bishopHi |
      (knight[at + 1]! & sets[base + 3]!) |
      (king[at + 1]! & sets[base + 11]!) |
      (pawn[pawnAt + 1]! & sets[base + 1]!);
  }

  function findKingOf(side: number): number {
    const lo = sets[side * 12 + 10]!;
    return lo !== 0 ? lowestBit(lo) : 32 + lowestBit(sets[side * 12 + 11]!);
  }

  function flip(code: number, square: number): void {
    const bit = 1 << (square & 31);
    const word = square >> 5;
    const at = (code - 1) * 2 + word;
    sets[at] = sets[at]! ^ bit;
    const army = 24 + (code > 6 ? 2 : 0) + word;
    sets[army] = sets[army]! ^ bit;
  }

  function put(code: number, square: number): void {
    men[square] = code;
    flip(code, square);
  }

  function lift(square: number): number {
    const code = men[square]!;
    men[square] = 0;
    flip(code, square);
    return code;
  }

  function add(from: number, to: number, extra: number): void {
    moves[slotTop] = from | (to << 6) | extra;
    slotTop += 1;
  }

  function addTargets(from: number, lo: number, hi: number): void {
    for (let rest = lo; rest !== 0; rest &= rest - 1) add(from, lowestBit(rest), 0);
    for (let rest = hi; rest !== 0; rest &= rest - 1) add(from, 32 + lowestBit(rest), 0);
  }

  function isPinned(square: number): boolean {
    return ((square < 32 ? pinnedLo : pinnedHi) & (1 << (square & 31))) !== 0;
  }

  /** Keeps of outLo and outHi what answers the check and, for a pinned man, what stays on the pin line. */
  function addAllowed(from: number, ownLo: number, ownHi: number): void {
    let lo = outLo & ~ownLo & maskLo;
    let hi = outHi & ~ownHi & maskHi;
    if (isPinned(from)) {
      const at = 2 * (kingSquare * 64 + from);
      lo &= line[at]!;
      hi &= line[at + 1]!;
    }
    addTargets(from, lo, hi);
  }

  function findPins(us: number, them: number): void {
    pinnedLo = pinnedHi = 0;
    const theirLo = sets[24 + 2 * them]!;
    const theirHi = sets[25 + 2 * them]!;
    const ourLo = sets[24 + 2 * us]!;
    const ourHi = sets[25 + 2 * us]!;
    const base = them * 12;
    // Lines from the king as far as the first enemy man, own men ignored.
    outLo = outHi = 0;
    addRookAttacks(kingSquare, theirLo, theirHi);
    let sniperLo = outLo & (sets[base + 6]! | sets[base + 8]!);
    let sniperHi = outHi & (sets[base + 7]! | sets[base + 9]!);
    outLo = outHi = 0;
    addBishopAttacks(kingSquare, theirLo, theirHi);
    sniperLo |= outLo & (sets[base + 4]! | sets[base + 8]!);
    sniperHi |= outHi & (sets[base + 5]! | sets[base + 9]!);
    while ((sniperLo | sniperHi) !== 0) {
      const sniper = sniperLo !== 0 ? lowestBit(sniperLo) : 32 + lowestBit(sniperHi);
      if (sniperLo !== 0) sniperLo &= sniperLo - 1;
      else sniperHi &= sniperHi - 1;
      const at = 2 * (kingSquare * 64 + sniper);
      const lo = between[at]! & ourLo;
      const hi = between[at + 1]! & ourHi;
      const isSingle = lo === 0 ? hi !== 0 && (hi & (hi - 1)) === 0 : hi === 0 && (lo & (lo - 1)) === 0;
      if (isSingle) {
        pinnedLo |= lo;
        pinnedHi |= hi;
      }
    }
  }

  function isAttacked(square: number, side: number, occLo: number, occHi: number): boolean {
    findAttackers(square, side, occLo, occHi);
    return (outLo | outHi) !== 0;
  }

  function generateKingMoves(us: number, occLo: number, occHi: number): void {
    const at = 2 * kingSquare;
    const bit = 1 << (kingSquare & 31);
    // The king itself does not shield the squares behind it.
    const throughLo = kingSquare < 32 ? occLo & ~bit : occLo;
    const throughHi = kingSquare < 32 ? occHi : occHi & ~bit;
    let lo = king[at]! & ~sets[24 + 2 * us]!;
    let hi = king[at + 1]! & ~sets[25 + 2 * us]!;
    while ((lo | hi) !== 0) {
      const to = lo !== 0 ? lowestBit(lo) : 32 + lowestBit(hi);
      if (lo !== 0) lo &= lo - 1;
      else hi &= hi - 1;
      if (!isAttacked(to, us ^ 1, throughLo, throughHi)) add(kingSquare, to, 0);
    }
  }

  function generateCastling(us: number, occLo: number, occHi: number): void {
    const rights = state[CASTLING]! >> (2 * us);
    if ((rights & 3) === 0) return;
    const occ = us === 0 ? occLo & 0xff : (occHi >>> 24) & 0xff;
    const home = us === 0 ? 0 : 56;
    const them = us ^ 1;
    if (
      (rights & 1) !== 0 &&
      (occ & 0x60) === 0 &&
      !isAttacked(home + 5, them, occLo, occHi) &&
      !isAttacked(home + 6, them, occLo, occHi)
    ) {
      add(home + 4, home + 6, KIND_CASTLING << 15);
    }
    if (
      (rights & 2) !== 0 &&
      (occ & 0x0e) === 0 &&
      !isAttacked(home + 3, them, occLo, occHi) &&
      !isAttacked(home + 2, them, occLo, occHi)
    ) {
      add(home + 4, home + 2, KIND_CASTLING << 15);
    }
  }

  function isAllowedPawnTarget(from: number, to: number): boolean {
    const bit = 1 << (to & 31);
    if (((to < 32 ? maskLo : maskHi) & bit) === 0) return false;
    return !isPinned(from) || (line[2 * (kingSquare * 64 + from) + (to >> 5)]! & bit) !== 0;
  }

  function addPawnMove(from: number, to: number, extra: number): void {
    if (!isAllowedPawnTarget(from, to)) return;
    if (to < 8 || to > 55) for (let role = QUEEN; role >= KNIGHT; role -= 1) add(from, to, role << 12);
    else add(from, to, extra);
  }

  function generatePawnMoves(us: number, from: number, theirLo: number, theirHi: number): void {
    const forward = us === 0 ? 8 : -8;
    if (men[from + forward] === 0) {
      addPawnMove(from, from + forward, 0);
      const isHome = us === 0 ? from < 16 : from > 47;
      if (isHome && men[from + 2 * forward] === 0) {
        addPawnMove(from, from + 2 * forward, KIND_DOUBLE_STEP << 15);
      }
    }
    const at = 2 * (us * 64 + from);
    const lo = pawn[at]!;
    const hi = pawn[at + 1]!;
    for (let rest = lo & theirLo; rest !== 0; rest &= rest - 1) addPawnMove(from, lowestBit(rest), 0);
    for (let rest = hi & theirHi; rest !== 0; rest &= rest - 1) addPawnMove(from, 32 + lowestBit(rest), 0);
    const passed = state[PASSED]!;
    if (passed >= 0 && ((passed < 32 ? lo : hi) & (1 << (passed & 31))) !== 0) {
      if (isEnPassantSafe(us, from, passed)) add(from, passed, KIND_EN_PASSANT << 15);
    }
  }

  /** Both pawns leave their rank at once, so neither masks nor pins tell: look at the king with them gone. */
  function isEnPassantSafe(us: number, from: number, passed: number): boolean {
    const victim = passed + (us === 0 ? -8 : 8);
    const code = men[victim]!;
    let occLo = sets[24]! | sets[26]!;
    let occHi = sets[25]! | sets[27]!;
    const toggle = (square: number) => {
      if (square < 32) occLo ^= 1 << square;
      else occHi ^= 1 << (square & 31);
    };
    toggle(from);
    toggle(passed);
    toggle(victim);
    flip(code, victim);
    const isSafe = !isAttacked(kingSquare, us ^ 1, occLo, occHi);
    flip(code, victim);
    return isSafe;
  }

  function generateOthers(us: number, occLo: number, occHi: number): void {
    const ownLo = sets[24 + 2 * us]!;
    const ownHi = sets[25 + 2 * us]!;
    const them = us ^ 1;
    for (let half = 0; half < 2; half += 1) {
      for (let rest = half === 0 ? ownLo : ownHi; rest !== 0; rest &= rest - 1) {
        const from = 32 * half + lowestBit(rest);
        const role = (men[from]! - 1) % 6;
        if (role === KING) continue;
        outLo = outHi = 0;
        switch (role) {
          case KNIGHT:
            outLo = knight[2 * from]!;
            outHi = knight[2 * from + 1]!;
            break;
          case BISHOP:
            addBishopAttacks(from, occLo, occHi);
            break;
          case ROOK:
            addRookAttacks(from, occLo, occHi);
            break;
          case QUEEN:
            addRookAttacks(from, occLo, occHi);
            addBishopAttacks(from, occLo, occHi);
            break;
          default:
            generatePawnMoves(us, from, sets[24 + 2 * them]!, sets[25 + 2 * them]!);
            continue;
        }
        addAllowed(from, ownLo, ownHi);
      }
    }
  }

  /** Leaves the answers to a single check in the mask; all squares without one. Returns the number of checkers. */
  function findCheckMask(us: number, occLo: number, occHi: number): number {
    findAttackers(kingSquare, us ^ 1, occLo, occHi);
    if ((outLo | outHi) === 0) {
      maskLo = maskHi = -1;
      return 0;
    }
    const isSingle = outLo === 0 ? (outHi & (outHi - 1)) === 0 : outHi === 0 && (outLo & (outLo - 1)) === 0;
    if (!isSingle) return 2;
    const checker = outLo !== 0 ? lowestBit(outLo) : 32 + lowestBit(outHi);
    const at = 2 * (kingSquare * 64 + checker);
    maskLo = outLo | between[at]!;
    maskHi = outHi | between[at + 1]!;
    return 1;
  }

  function generate(ply: number): number {
    const us = state[TURN]!;
    const occLo = sets[24]! | sets[26]!;
    const occHi = sets[25]! | sets[27]!;
    kingSquare = findKingOf(us);
    slotTop = ply * SLOT;
    const checkers = findCheckMask(us, occLo, occHi);
    if (checkers < 2) {
      findPins(us, us ^ 1);
      generateOthers(us, occLo, occHi);
      if (checkers === 0) generateCastling(us, occLo, occHi);
    }
    generateKingMoves(us, occLo, occHi);
    return slotTop - ply * SLOT;
  }

  function make(move: PackedMove): void {
    const from = move & 63;
    const to = (move >> 6) & 63;
    const promotion = (move >> 12) & 7;
    const kind = move >> 15;
    const us = state[TURN]!;
    const victim = kind === KIND_EN_PASSANT ? to + (us === 0 ? -8 : 8) : to;
    const captured = men[victim]! === 0 ? 0 : lift(victim);
    undo[undoTop] = move;
    undo[undoTop + 1] = captured;
    undo[undoTop + 2] = state[CASTLING]!;
    undo[undoTop + 3] = state[PASSED]!;
    undoTop += 4;
    const code = lift(from);
    put(promotion === 0 ? code : 1 + us * 6 + promotion, to);
    if (kind === KIND_CASTLING) {
      const corner = to > from ? from + 3 : from - 4;
      put(lift(corner), (from + to) >> 1);
    }
    state[CASTLING] = state[CASTLING]! & castlingKept[from]! & castlingKept[to]!;
    state[PASSED] = kind === KIND_DOUBLE_STEP ? (from + to) >> 1 : -1;
    state[TURN] = us ^ 1;
  }

  function unmake(): void {
    undoTop -= 4;
    const move = undo[undoTop]!;
    const captured = undo[undoTop + 1]!;
    state[CASTLING] = undo[undoTop + 2]!;
    state[PASSED] = undo[undoTop + 3]!;
    const us = state[TURN]! ^ 1;
    state[TURN] = us;
    const from = move & 63;
    const to = (move >> 6) & 63;
    const kind = move >> 15;
    const code = lift(to);
    put(((move >> 12) & 7) === 0 ? code : 1 + us * 6, from);
    if (kind === KIND_CASTLING) {
      const corner = to > from ? from + 3 : from - 4;
      put(lift((from + to) >> 1), corner);
    }
    if (captured !== 0) put(captured, kind === KIND_EN_PASSANT ? to + (us === 0 ? -8 : 8) : to);
  }

  function prepareChecks(): void {
    const us = state[TURN]!;
    const target = findKingOf(us ^ 1);
    const occLo = sets[24]! | sets[26]!;
    const occHi = sets[25]! | sets[27]!;
    const pawnAt = 2 * ((us ^ 1) * 64 + target);
    checking[0] = pawn[pawnAt]!;
    checking[1] = pawn[pawnAt + 1]!;
    checking[2] = knight[2 * target]!;
    checking[3] = knight[2 * target + 1]!;
    outLo = outHi = 0;
    addBishopAttacks(target, occLo, occHi);
    const slantLo = (checking[4] = outLo);
    const slantHi = (checking[5] = outHi);
    outLo = outHi = 0;
    addRookAttacks(target, occLo, occHi);
    const straightLo = (checking[6] = outLo);
    const straightHi = (checking[7] = outHi);
    checking[8] = slantLo | straightLo;
    checking[9] = slantHi | straightHi;
    // A king checks only by stepping off a line or by castling; both are caught below.
    checking[10] = checking[11] = 0;
    checking[UNCOVERING] = (slantLo | straightLo) & sets[24 + 2 * us]!;
    checking[UNCOVERING + 1] = (slantHi | straightHi) & sets[25 + 2 * us]!;
  }

  function mayGiveCheck(move: PackedMove): boolean {
    // Promotion, en passant and castling are rare: let them be made and looked at.
    if (move >= 1 << 12 && move >> 15 !== KIND_DOUBLE_STEP) return true;
    const from = move & 63;
    const to = (move >> 6) & 63;
    const role = (men[from]! - 1) % 6;
    return (
      (checking[2 * role + (to >> 5)]! & (1 << (to & 31))) !== 0 ||
      (checking[UNCOVERING + (from >> 5)]! & (1 << (from & 31))) !== 0
    );
  }

  function codeOf({ side, role }: Man): number {
    return 1 + (side === 'white' ? 0 : 6) + ROLES.indexOf(role);
  }

  return {
    load({ board, turn, castling, enPassant }) {
      sets.fill(0);
      men.fill(0);
      undoTop = 0;
      board.forEach((man, square: Square) => {
        if (man !== undefined) put(codeOf(man), square);
      });
      state[TURN] = turn === 'white' ? 0 : 1;
      state[CASTLING] =
        (castling.white.short ? 1 : 0) |
        (castling.white.long ? 2 : 0) |
        (castling.black.short ? 4 : 0) |
        (castling.black.long ? 8 : 0);
      state[PASSED] = enPassant ?? -1;
    },
    generate,
    moveAt: (ply, index) => moves[ply * SLOT + index]!,
    promote(ply, front, index) {
      const base = ply * SLOT;
      const move = moves[base + index]!;
      moves.copyWithin(base + front + 1, base + front, base + index);
      moves[base + front] = move;
    },
    make,
    unmake,
    prepareChecks,
    mayGiveCheck,
    isCheck() {
      const us = state[TURN]!;
      return isAttacked(findKingOf(us), us ^ 1, sets[24]! | sets[26]!, sets[25]! | sets[27]!);
    },
  };
}
