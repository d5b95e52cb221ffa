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
import { getMove, makeFen, makeMoveText, type MoveText } from '../notation';
import { matchPatterns, tagMate, tagMateBy, type MateTag, type PatternDefinition } from '../patterns';
import type { Proof, ProveResult } from '../proof';
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
  /** The first move, as squares, and whether there is no other; undefined when that was not worked out. */
  readonly key: MoveText;
  readonly isOnlyKey: boolean | undefined;
  /** Men fewer (thin) or more (full) than in the line. */
  readonly men: number;
  /** The names it ends in; undefined when its tree was too large to know. */
  readonly tags: readonly MateTag[] | undefined;
  /** The same of the names of a club's own. */
  readonly ourTags: readonly MateTag<string>[] | undefined;
}

export type StaircaseResult =
  | { readonly kind: 'staircase'; readonly mateInMoves: number; readonly stairs: readonly Stair[] }
  | Exclude<ProveResult, { kind: 'mate' }>;

export interface StaircaseLimits {
  readonly maxMoves: number;
  readonly budgetNodes?: number;
  /** Names of a club's own, told beside those of the book. */
  readonly ours?: readonly PatternDefinition[];
}

type Names = Pick<Stair, 'tags' | 'ourTags'>;
/** Names what a position with its tree ends in. */
type TellNames = (position: Position, proof: Proof | undefined, root?: number) => Names;

const MOST_THINNED = 4;
/** A picture with fewer men off than this is no other picture. */
const LEAST_OFF = 2;
const MOST_TREE_NODES = 6_000;
/** Positions visited for one tree, and for the keys of one stair: a second or two each. */
const TREE_NODES = 800_000;
const KEY_NODES = 800_000;
const MOST_SIDES = 3;
/** A whole mate of so many moves gets a fuller board. */
const MOST_FILLED = 3;
const MEN_PUT_ON = 4;
const FULL_DRAWS = 200;

/** Works the staircase out, the shortest stair first, the whole mate last. */
export function makeStaircase(
  searches: TaskSearches,
  position: Position,
  limits: StaircaseLimits,
  onStair: (done: number) => 'go' | 'stop' = () => 'go',
): StaircaseResult {
  const { mate } = searches;
  const tellNames = createTellNames(limits.ours ?? []);
  const result = mate.prove(position, { ...limits, isBlocklessWanted: false });
  if (result.kind !== 'mate') return result;
  const line = listSteps(position, result.line);
  const stairs: Stair[] = [];
  // Trees are worked out from the short end; when one is too large, so are the longer ones.
  let isTreeSmall = true;
  let isStopped = false;
  for (const [index, step] of line.toReversed().entries()) {
    isStopped = onStair(index) === 'stop';
    if (isStopped) break;
    const rest = line.slice(line.length - 1 - index);
    const proof: Proof | undefined = isTreeSmall ? explainWhole(searches, step) : undefined;
    isTreeSmall = proof !== undefined;
    const facts = {
      ...tellNames(step.position, proof),
      isOnlyKey:
        index === line.length - 1 && result.areAllKeys ? result.keys.length === 1 : isAlone(mate, step),
    };
    const thin = step.mateInMoves <= MOST_THINNED ? thinOut(mate, rest) : undefined;
    const off = thin === undefined ? 0 : countMen(step.position) - countMen(thin);
    if (thin !== undefined && off >= LEAST_OFF) {
      const bare = { ...step, position: thin };
      const own = explainWhole(searches, bare);
      stairs.push(stairOf(bare, 'thin', { ...tellNames(thin, own), isOnlyKey: true }, off));
    }
    stairs.push(stairOf(step, 'line', facts, 0));
    if (proof !== undefined) stairs.push(...listSides(proof, step, stairs, tellNames));
  }
  if (!isStopped) stairs.push(...fillTop(searches, result.mateInMoves, line, tellNames));
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
  readonly mateInMoves: number;
  readonly own: Move;
  /** What is answered; undefined after the mating move. */
  readonly defence: Move | undefined;
}

function listSteps(home: Position, line: readonly Move[]): Step[] {
  const steps: Step[] = [];
  let position = home;
  for (let ply = 0; ply < line.length; ply += 2) {
    const own = line[ply];
    const defence = line[ply + 1];
    if (own === undefined) break;
    steps.push({ position, mateInMoves: (line.length - ply + 1) / 2, own, defence });
    position = playMove(position, own);
    if (defence !== undefined) position = playMove(position, defence);
  }
  return steps;
}

/** The tree of a turn, when it is whole within the budget. */
function explainWhole({ explainer }: TaskSearches, { position, mateInMoves }: Step): Proof | undefined {
  const { proof, isWhole } = explainer.explain(position, mateInMoves, {
    mostNodes: MOST_TREE_NODES,
    budgetNodes: TREE_NODES,
    duals: 'none',
    areTriesWanted: false,
  });
  return isWhole ? proof : undefined;
}

/** Is there no other key? Undefined when the budget ended first. */
function isAlone(mate: MateSearch, { position, mateInMoves }: Step): boolean | undefined {
  const proved = mate.prove(position, { maxMoves: mateInMoves, budgetNodes: KEY_NODES });
  return proved.kind === 'mate' && proved.areAllKeys ? proved.keys.length === 1 : undefined;
}

/** With a tree that is too large to know, nothing is told. */
function createTellNames(ours: readonly PatternDefinition[]): TellNames {
  return (position, proof, root) => ({
    tags: proof && tagMate(position, proof, root),
    ourTags: proof && tagMateBy((mated) => matchPatterns(mated, ours), position, proof, root),
  });
}

function stairOf(
  { position, mateInMoves, own }: Omit<Step, 'defence'>,
  kind: StairKind,
  facts: Names & Pick<Stair, 'isOnlyKey'>,
  men: number,
): Stair {
  // Every stair is a puzzle of its own: its counters start anew.
  const fen = makeFen({ ...position, halfmoves: 0, fullmoves: 1 });
  return { kind, fen, mateInMoves, key: makeMoveText(own), men, ...facts };
}

/** Behind other defences of this turn that last as long and are met by another move than the ones known, and by that alone. */
function listSides(
  proof: Proof,
  { position, own, defence }: Step,
  known: readonly Stair[],
  tellNames: TellNames,
): Stair[] {
  const root = proof.nodes[0];
  const first = root?.moves.find(({ move }) => move === makeMoveText(own));
  if (root === undefined || first === undefined || defence === undefined) return [];
  const after = playMove(position, own);
  const keys = new Set(known.map(({ key }) => key));
  const room = MOST_SIDES - known.filter(({ kind }) => kind === 'side').length;
  const sides: Stair[] = [];
  for (const reply of first.replies) {
    const node = proof.nodes[reply.node];
    const [answer, ...others] = node?.moves ?? [];
    if (node === undefined || answer === undefined || others.length > 0 || keys.has(answer.move)) continue;
    if (node.mateInMoves !== root.mateInMoves - 1 || sides.length >= room) continue;
    keys.add(answer.move);
    const next = playMove(after, getMove(reply.move));
    const side = { position: next, mateInMoves: node.mateInMoves, own: getMove(answer.move) };
    sides.push(stairOf(side, 'side', { ...tellNames(next, proof, reply.node), isOnlyKey: true }, 0));
  }
  return sides;
}

/** The whole of a short mate on a fuller board. */
function fillTop(
  searches: TaskSearches,
  mateInMoves: number,
  line: readonly Step[],
  tellNames: TellNames,
): Stair[] {
  const [whole] = line;
  if (whole === undefined || mateInMoves > MOST_FILLED) return [];
  const full = fillUp(searches.mate, line);
  if (full === undefined) return [];
  const step = { ...whole, position: full };
  const proof = explainWhole(searches, step);
  return [
    stairOf(
      step,
      'full',
      { ...tellNames(full, proof), isOnlyKey: true },
      countMen(full) - countMen(whole.position),
    ),
  ];
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
  const random: Random = createRandom(countMen(first.position) * 64 + first.own.to);
  let full = first.position;
  for (let count = 0, on = 0; count < FULL_DRAWS && on < MEN_PUT_ON; count += 1) {
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
  for (const { mateInMoves: moves, own, defence } of line) {
    if (mate.canMate(position, moves - 1)) return false;
    const keys = mate.listMatingMoves(position, moves);
    const [key] = keys;
    if (key === undefined || keys.length > 1 || !isSameMove(key, own)) return false;
    if (defence === undefined) return true;
    const after = playMove(position, own);
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
