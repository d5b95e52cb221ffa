/**
 * Makes a mate task from a position: proves the shortest mate, then works out the solution graph.
 *
 * At a node of length n every legal move is either one that mates in n (kept), or loses the mate. For a lost one the
 * reply is chosen that shows it best: first among those after which mate in n - 1 is gone, a capture of the dearest
 * man, else any. Whether the lost move is only slower is a proof too: mate within n after it, whatever is answered.
 */
import { MAN_VALUES } from '../board';
import type { MateTask } from '../exercises';
import { makeFen, makeMoveText, type MoveText } from '../notation';
import type { ProveResult } from '../proof';
import type { MoveFate, SolutionGraph, SolutionNode } from '../puzzles';
import {
  findCaptured,
  findOutcome,
  isSameMove,
  listLegalMoves,
  playMove,
  type Move,
  type Position,
} from '../rules';
import type { MateSearch, OnProgress, ProveLimits } from '../search';

export type MateTaskResult =
  | { readonly kind: 'task'; readonly task: MateTask; readonly graph: SolutionGraph }
  | Exclude<ProveResult, { kind: 'mate' }>;

/** Proves a position and builds its task; without a mate in the limits it hands on the prover's answer. */
export function makeMateTask(
  search: MateSearch,
  position: Position,
  limits: ProveLimits,
  onProgress?: OnProgress,
): MateTaskResult {
  const proof = search.prove(position, limits, onProgress);
  if (proof.kind !== 'mate') return proof;
  const graph = buildSolutionGraph(search, position, proof.mateInMoves);
  return { kind: 'task', task: { fen: makeFen(position), mateInMoves: proof.mateInMoves }, graph };
}

/** The graph of a position with a proved shortest mate of this length. */
export function buildSolutionGraph(
  search: MateSearch,
  position: Position,
  mateInMoves: number,
): SolutionGraph {
  const nodes: SolutionNode[] = [];
  const known = new Map<string, number>();
  const addNode = (at: Position, length: number): number => {
    const key = `${length} ${makeFen({ ...at, halfmoves: 0, fullmoves: 1 })}`;
    const seen = known.get(key);
    if (seen !== undefined) return seen;
    const index = nodes.length;
    known.set(key, index);
    const moves: Record<MoveText, MoveFate> = {};
    nodes.push({ mateInMoves: length, moves });
    const mating = search.listMatingMoves(at, length);
    for (const move of listLegalMoves(at)) {
      const isKept = mating.some((other) => isSameMove(other, move));
      const after = playMove(at, move);
      moves[makeMoveText(move)] = isKept
        ? keptFate(search, after, length, addNode)
        : lostFate(search, after, length);
    }
    return index;
  };
  addNode(position, mateInMoves);
  const [first, ...rest] = nodes;
  if (first === undefined) throw new Error('the task position is the first node');
  return { formatVersion: 1, mateInMoves, nodes: [first, ...rest] };
}

function keptFate(
  search: MateSearch,
  after: Position,
  length: number,
  addNode: (at: Position, length: number) => number,
): MoveFate {
  const longest = listLegalMoves(after)
    .map((move) => ({ move, then: playMove(after, move) }))
    .filter(({ then }) => !search.canMate(then, length - 2));
  const [first, ...rest] = longest.map(({ move, then }) => ({
    move: makeMoveText(move),
    node: addNode(then, length - 1),
  }));
  return first === undefined ? { kind: 'mates' } : { kind: 'keeps', replies: [first, ...rest] };
}

function lostFate(search: MateSearch, after: Position, length: number): MoveFate {
  if (findOutcome(after)?.kind === 'stalemate') return { kind: 'loses', why: 'stalemate' };
  const replies = listLegalMoves(after)
    .map((move) => ({ move, then: playMove(after, move), gain: gainOf(after, move) }))
    .sort((one, other) => other.gain - one.gain);
  const escaping = replies.find(({ then }) => !search.canMate(then, length));
  const shown = escaping ?? replies.find(({ then }) => !search.canMate(then, length - 1));
  if (shown === undefined) throw new Error('a move that loses the mate has a refutation');
  return {
    kind: 'loses',
    why: escaping === undefined ? 'slower' : 'escapes',
    refutation: makeMoveText(shown.move),
  };
}

function gainOf(position: Position, move: Move): number {
  const captured = findCaptured(position, move);
  return captured === undefined ? 0 : MAN_VALUES[captured.role];
}
