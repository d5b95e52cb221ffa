/**
 * From a proved length to the whole solution. Question: what does each side play, move by move? Every key is followed against
 * every defence, each position is answered in its own shortest way, and positions met twice are one node.
 *
 * Nodes are worked on breadth first, those reached against longest defences before all others, so that a limit cuts off the
 * least interesting part. Where several answers are equally short, the one that meets most defences of that turn stands first:
 * it is what the attacker threatens, and defences that meet it can be told in one breath. The others are duals.
 */
import { makeMoveText } from '../notation';
import type { MateSolution, ProofCover, ProofMove, ProofNode, ProofReply, Try } from '../proof';
import type { Position } from '../rules';
import type { BoundedSearch } from './boundedSearch';
import { clockOf } from './fiftyMoves';
import { Interrupted } from './meter';
import { unpackMove, type PackedMove, type SearchBoard } from './searchBoard';
import { getSearchKit, ownKit } from './searchKit';

export interface ExplainLimits {
  /** Nodes of the tree at most. */
  readonly mostNodes: number;
  readonly budgetNodes?: number;
  readonly isBlockless?: boolean;
  /** How the moves after the first are followed below the root; at the root every key is followed in full. */
  readonly duals: 'longest' | 'none';
  readonly areTriesWanted: boolean;
}

export interface MateExplainer {
  /** `mateInMoves` is the proved shortest length of the position. */
  explain(
    position: Position,
    mateInMoves: number,
    limits: ExplainLimits,
    onProgress?: (nodes: number) => 'go' | 'stop',
  ): MateSolution;
}

/** A node whose moves are still to be worked out. */
interface Open {
  readonly index: number;
  /** From the root to here. */
  readonly path: readonly PackedMove[];
  readonly moves: number;
  readonly answers: readonly PackedMove[];
}

interface Draft {
  mateInMoves: number;
  moves: ProofMove[];
}

const textOf = (move: PackedMove) => makeMoveText(unpackMove(move));

export function createMateExplainer(): MateExplainer {
  const { board, meter, bounded } = getSearchKit();

  const explain: MateExplainer['explain'] = (position, mateInMoves, limits, onProgress) => {
    board.load(position);
    bounded.start(
      {
        clock: clockOf(position, mateInMoves),
        isBlockless: limits.isBlockless ?? false,
        isSecondRun: false,
      },
      false,
    );
    meter.start(limits.budgetNodes ?? Infinity, onProgress ?? (() => 'go'));
    const tree = createTree(board, bounded, limits, clockOf(position, mateInMoves) !== undefined);
    let tries: Try[] | undefined;
    let isWhole = false;
    try {
      isWhole = tree.grow(mateInMoves);
      board.load(position);
      if (limits.areTriesWanted) tries = listTries(board, bounded, mateInMoves);
    } catch (error) {
      if (!(error instanceof Interrupted)) throw error;
    }
    return { proof: { mateInMoves, nodes: tree.nodes() }, isWhole, tries };
  };
  return { explain: (...asked) => ownKit({}, () => explain(...asked)) };
}

function createTree(board: SearchBoard, bounded: BoundedSearch, limits: ExplainLimits, hasClock: boolean) {
  const drafts: Draft[] = [];
  const known = new Map<string, number>();
  /** Reached against longest defences so far, and the others. */
  const queues: [Open[], Open[]] = [[], []];

  /** The node of the position on the board; a new one waits in its queue. */
  function enter(
    path: readonly PackedMove[],
    moves: number,
    answers: PackedMove[],
    isLongest: boolean,
  ): number {
    // With the clock at stake the way here matters, so nothing is shared.
    const key = hasClock ? path.join() : `${board.hashLo()} ${board.hashHi()}`;
    const seen = known.get(key);
    if (seen !== undefined) return seen;
    const index = drafts.length;
    known.set(key, index);
    drafts.push({
      mateInMoves: moves,
      moves: answers.map((move) => ({ move: textOf(move), covers: 'none', replies: [] })),
    });
    queues[isLongest ? 0 : 1].push({ index, path, moves, answers });
    return index;
  }

  function listMoves(ply: number): PackedMove[] {
    const count = board.generate(ply);
    return Array.from({ length: count }, (_, index) => board.moveAt(ply, index));
  }

  function expand(open: Open, isLongest: boolean): void {
    for (const [ply, move] of open.path.entries()) bounded.make(move, ply);
    const isRoot = open.path.length === 0;
    const moves = open.answers.map((move, place) => {
      const cover: ProofCover = place === 0 || isRoot ? 'all' : limits.duals;
      return cover === 'none'
        ? { move: textOf(move), covers: cover, replies: [] }
        : follow(open, move, cover, isLongest);
    });
    for (const _ of open.path) board.unmake();
    drafts[open.index]!.moves = moves;
  }

  function follow(open: Open, move: PackedMove, cover: ProofCover, isLongest: boolean): ProofMove {
    const ply = open.path.length;
    bounded.make(move, ply);
    const isMate = bounded.defend(0, ply + 1);
    const replies = isMate ? [] : listReplies(open, move, cover, isLongest);
    board.unmake();
    return { move: textOf(move), covers: isMate ? 'mate' : cover, replies };
  }

  function listReplies(open: Open, move: PackedMove, cover: ProofCover, isLongest: boolean): ProofReply[] {
    const ply = open.path.length + 1;
    const met = listMoves(ply).map((reply) => {
      bounded.make(reply, ply);
      const moves = bounded.findLength(open.moves - 1, ply + 1);
      const isFollowed = cover === 'all' || moves === open.moves - 1;
      const answers = isFollowed ? bounded.listKeys(moves, ply + 1) : [];
      board.unmake();
      return { reply, moves, answers, isFollowed };
    });
    const votes = new Map<PackedMove, number>();
    for (const answer of met.flatMap(({ answers }) => answers))
      votes.set(answer, (votes.get(answer) ?? 0) + 1);
    return met
      .filter(({ isFollowed }) => isFollowed)
      .sort((one, other) => other.moves - one.moves)
      .map(({ reply, moves, answers }) => {
        bounded.make(reply, ply);
        const ordered = answers.toSorted((one, other) => (votes.get(other) ?? 0) - (votes.get(one) ?? 0));
        const isStillLongest = isLongest && moves === open.moves - 1;
        const node = enter([...open.path, move, reply], moves, ordered, isStillLongest);
        board.unmake();
        return { move: textOf(reply), node };
      });
  }

  return {
    /** Returns whether nothing was left out. */
    grow(mateInMoves: number): boolean {
      enter([], mateInMoves, bounded.listKeys(mateInMoves, 0), true);
      for (const [place, queue] of queues.entries()) {
        for (let next = 0; next < queue.length; next += 1) {
          if (drafts.length >= limits.mostNodes) return false;
          expand(queue[next]!, place === 0);
        }
      }
      return true;
    },
    nodes: (): readonly ProofNode[] => drafts,
  };
}

/** First moves that fail to exactly one defence. */
function listTries(board: SearchBoard, bounded: BoundedSearch, mateInMoves: number): Try[] {
  const count = board.generate(0);
  const moves = Array.from({ length: count }, (_, index) => board.moveAt(0, index));
  return moves.flatMap((move) => {
    bounded.make(move, 0);
    const refutations = listRefutations(board, bounded, mateInMoves - 1);
    board.unmake();
    const [refutation, second] = refutations;
    if (refutation === undefined || second !== undefined) return [];
    return [{ move: textOf(move), refutation: textOf(refutation) }];
  });
}

/** Two refutations at most: more need not be told apart. A key has none, and stalemate is refuted by nobody's move. */
function listRefutations(board: SearchBoard, bounded: BoundedSearch, moves: number): PackedMove[] {
  const count = board.generate(1);
  const replies = Array.from({ length: count }, (_, index) => board.moveAt(1, index));
  const refutations: PackedMove[] = [];
  for (const reply of replies) {
    bounded.make(reply, 1);
    const isMet = moves > 0 && bounded.attack(moves, 2);
    board.unmake();
    if (!isMet) refutations.push(reply);
    if (refutations.length === 2) break;
  }
  return refutations;
}
