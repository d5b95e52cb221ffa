/**
 * A staircase up to a proved mate: the last move, the last two, and so on down the main line, each a proved puzzle of its own; beside
 * each short one a thinner picture of the same idea, with every man off that plays no part; side stairs where another defence that
 * lasts as long is met by another move; and for a short mate a fuller board with the same solution.
 *
 * "The same solution" means: at every turn of the main line the key is the same and the only one, no sooner mate appears, and the
 * defence still lasts as long. Asked of the prover each time a man is taken off or put on, so only of mates up to `MOST_THINNED`
 * moves, where that takes milliseconds; longer stairs stand as they are in the line.
 */
import { getMan, kingDistance, opponentOf, SIDES, type Role, type Square } from '../board';
import { makeFen, parseMoveText, type MoveText } from '../notation';
import { tagMate, type MateTag } from '../patterns';
import type { Proof, ProofMove, ProofNode, ProveResult } from '../proof';
import {
  findKing,
  isCheck,
  isSameMove,
  listLegalMoves,
  NO_CASTLING,
  playMove,
  type Move,
  type Position,
} from '../rules';
import { createRandom, pickOne, type Random } from '../shared';
import type { MateSearch } from '../search';
import { findLegal, place } from './draw';
import type { TaskSearches } from './mateTask';

export type StairKind =
  /** A position of the main line. */
  | 'line'
  /** The same with men taken off. */
  | 'thin'
  /** Behind another defence that lasts as long. */
  | 'side'
  /** The whole mate with men put on. */
  | 'full';

export interface Stair {
  readonly kind: StairKind;
  readonly fen: string;
  readonly mateInMoves: number;
  /** The first move, as squares, and whether there is no other. */
  readonly key: MoveText;
  readonly isOnlyKey: boolean;
  /** Men fewer (thin) or more (full) than in the line. */
  readonly men: number;
  /** The names it ends in; undefined when its tree was too large to know. */
  readonly tags: readonly MateTag[] | undefined;
}

export type StaircaseResult =
  | { readonly kind: 'staircase'; readonly mateInMoves: number; readonly stairs: readonly Stair[] }
  | Exclude<ProveResult, { kind: 'mate' }>;

export interface StaircaseLimits {
  readonly maxMoves: number;
  readonly budgetNodes?: number;
}

const MOST_THINNED = 4;
/** A picture with fewer men off than this is no other picture. */
const LEAST_OFF = 2;
const MOST_TREE_NODES = 6_000;
const MOST_SIDES = 3;
/** A whole mate of so many moves gets a fuller board. */
const MOST_FILLED = 3;
const MEN_PUT_ON = 4;
const FULL_THROWS = 200;

/** Works the staircase out, the shortest stair first, the whole mate last. */
export function makeStaircase(
  searches: TaskSearches,
  position: Position,
  limits: StaircaseLimits,
  onStair: (done: number) => 'go' | 'stop' = () => 'go',
): StaircaseResult {
  const { mate, explainer } = searches;
  const result = mate.prove(position, { ...limits, isBlocklessWanted: false });
  if (result.kind !== 'mate') return result;
  const { proof } = explainer.explain(position, result.mateInMoves, {
    mostNodes: MOST_TREE_NODES,
    duals: 'none',
    areTriesWanted: false,
  });
  const line = listLine(position, proof);
  const stairs: Stair[] = [];
  for (const [index, step] of line.toReversed().entries()) {
    if (onStair(index) === 'stop') break;
    const rest = line.slice(line.length - 1 - index);
    const thin = step.node.mateInMoves <= MOST_THINNED ? thinOut(mate, rest) : undefined;
    const off = thin === undefined ? 0 : countMen(step.position) - countMen(thin);
    if (thin !== undefined && off >= LEAST_OFF) {
      stairs.push({ ...stairOf(proof, { ...step, position: thin }, 'thin', off), isOnlyKey: true });
    }
    stairs.push(stairOf(proof, step, 'line', 0));
  }
  stairs.push(...listSides(proof, line));
  const full = result.mateInMoves <= MOST_FILLED ? fillUp(mate, line) : undefined;
  const [whole] = line;
  if (full !== undefined && whole !== undefined) {
    const on = countMen(full) - countMen(whole.position);
    stairs.push({ ...stairOf(proof, { ...whole, position: full }, 'full', on), isOnlyKey: true });
  }
  // By length; of one length the thin picture first, the full one last.
  const order: readonly StairKind[] = ['thin', 'line', 'side', 'full'];
  const sorted = stairs.toSorted(
    (one, other) =>
      one.mateInMoves - other.mateInMoves || order.indexOf(one.kind) - order.indexOf(other.kind),
  );
  return { kind: 'staircase', mateInMoves: result.mateInMoves, stairs: sorted };
}

/** One turn of the main line. */
interface Step {
  readonly position: Position;
  readonly index: number;
  readonly node: ProofNode;
  readonly own: ProofMove;
  /** What is answered; undefined after the mating move. */
  readonly defence: Move | undefined;
}

function listLine(home: Position, proof: Proof): Step[] {
  const steps: Step[] = [];
  let position = home;
  let index = 0;
  for (;;) {
    const step = openStep(proof, position, index);
    if (step === undefined) return steps;
    steps.push(step);
    const [reply] = step.own.replies;
    if (reply === undefined || step.defence === undefined) return steps;
    position = playMove(playMove(position, getMove(step.own.move)), step.defence);
    index = reply.node;
  }
}

function openStep({ nodes }: Proof, position: Position, index: number): Step | undefined {
  const node = nodes[index];
  const own = node?.moves[0];
  if (node === undefined || own === undefined) return undefined;
  const [reply] = own.replies;
  return { position, index, node, own, defence: reply && getMove(reply.move) };
}

function stairOf(proof: Proof, { position, index, node, own }: Step, kind: StairKind, men: number): Stair {
  return {
    kind,
    // Every stair is a puzzle of its own: its counters start anew.
    fen: makeFen({ ...position, halfmoves: 0, fullmoves: 1 }),
    mateInMoves: node.mateInMoves,
    key: own.move,
    isOnlyKey: node.moves.length === 1,
    men,
    tags: tagMate(position, proof, index),
  };
}

/** Other defences that last as long and are met by another move: two moves before the end or more. */
function listSides(proof: Proof, line: readonly Step[]): Stair[] {
  const sides: Stair[] = [];
  for (const { position, node, own } of line.toReversed()) {
    const after = playMove(position, getMove(own.move));
    const [main] = own.replies;
    const mainKey = main && proof.nodes[main.node]?.moves[0]?.move;
    for (const reply of own.replies.slice(1)) {
      const next = openStep(proof, playMove(after, getMove(reply.move)), reply.node);
      if (next === undefined || sides.length >= MOST_SIDES) continue;
      const isAsLong = next.node.mateInMoves === node.mateInMoves - 1;
      const isNew = next.own.move !== mainKey && !sides.some(({ key }) => key === next.own.move);
      if (isAsLong && isNew && next.node.moves.length === 1) sides.push(stairOf(proof, next, 'side', 0));
    }
  }
  return sides;
}

/** Takes off, one by one, every man without which the solution stays the same; the men far from the mated king first. */
function thinOut(mate: MateSearch, rest: readonly Step[]): Position | undefined {
  const [first] = rest;
  if (first === undefined || !hasSameSolution(mate, first.position, rest)) return undefined;
  const king = findKing(first.position.board, opponentOf(first.position.turn)) ?? 0;
  const squares = first.position.board
    .flatMap((man, square) => (man === undefined || man.role === 'king' ? [] : [square]))
    .sort((one, other) => kingDistance(other, king) - kingDistance(one, king));
  let thin = first.position;
  // What was needed while another man stood there may be spare without it.
  for (let isChanged = true; isChanged;) {
    isChanged = false;
    for (const square of squares) {
      if (thin.board[square] === undefined) continue;
      const fewer = takeOff(thin, square);
      if (fewer === undefined || !hasSameSolution(mate, fewer, rest)) continue;
      thin = fewer;
      isChanged = true;
    }
  }
  return thin;
}

const PUT_ON: readonly Role[] = ['pawn', 'pawn', 'pawn', 'knight', 'bishop', 'rook'];

/** Puts men on at random that leave the solution as it is. */
function fillUp(mate: MateSearch, line: readonly Step[]): Position | undefined {
  const [first] = line;
  if (first === undefined || !hasSameSolution(mate, first.position, line)) return undefined;
  // The same position is filled alike each time.
  const random: Random = createRandom(countMen(first.position) * 64 + getMove(first.own.move).to);
  let full = first.position;
  for (let count = 0, on = 0; count < FULL_THROWS && on < MEN_PUT_ON; count += 1) {
    const side = pickOne(random, SIDES);
    const role = pickOne(random, PUT_ON);
    const most = role === 'pawn' ? 8 : 2;
    if (full.board.filter((man) => man === getMan(side, role)).length >= most) continue;
    const fuller = findLegal(place(random, full, side, [role]));
    if (fuller === undefined || isCheck(fuller) !== isCheck(full)) continue;
    if (!hasSameSolution(mate, fuller, line)) continue;
    full = fuller;
    on += 1;
  }
  return full === first.position ? undefined : full;
}

/** Is the line still the one: each key alone, nothing sooner, each defence as long? */
function hasSameSolution(mate: MateSearch, start: Position, line: readonly Step[]): boolean {
  let position = start;
  for (const { node, own, defence } of line) {
    const moves = node.mateInMoves;
    if (mate.canMate(position, moves - 1)) return false;
    const keys = mate.listMatingMoves(position, moves);
    const [key] = keys;
    const wanted = getMove(own.move);
    if (key === undefined || keys.length > 1 || !isSameMove(key, wanted)) return false;
    if (defence === undefined) return true;
    const after = playMove(position, wanted);
    // Without the man it took, or with a line to its king open, the defence may not be there any more.
    if (!listLegalMoves(after).some((move) => isSameMove(move, defence))) return false;
    position = playMove(after, defence);
  }
  return true;
}

function takeOff(position: Position, square: Square): Position | undefined {
  const board = position.board.slice();
  board[square] = undefined;
  return findLegal({ ...position, board, castling: NO_CASTLING, enPassant: undefined });
}

function countMen({ board }: Position): number {
  return board.filter((man) => man !== undefined).length;
}

function getMove(text: MoveText): Move {
  const move = parseMoveText(text);
  if (move === undefined) throw new Error(`the tree holds a move that is none: ${text}`);
  return move;
}
