/**
 * Makes a mate task from a position. Question: is this a mate in n, beyond doubt, and what has to be stored so that every answer
 * to it can be judged without search?
 *
 * In this order: the shortest mate is proved; its whole tree is worked out; `checkProof`, which knows no search, certifies the
 * mate; a second run certifies that none is shorter and that no key is missing (the slow prover up to three moves, the search with
 * other orders and other places in its table beyond); then the fate of every other move is looked up wherever a student can come
 * to. Only what passed both is a task. The tree is worked out whole for the check and stored up to a limit.
 */
import type { MateTask } from '../exercises';
import { getMove, makeFen, makeMoveText } from '../notation';
import {
  checkProof,
  countsAsMate,
  listMatingMovesSlowly,
  SLOW_PROVER_MOVES,
  type Fate,
  type Proof,
  type ProveResult,
} from '../proof';
import {
  listLongest,
  listSeatNodes,
  toStored,
  toStoredFate,
  type SolutionGraph,
  type SolutionNode,
  type StoredFate,
} from '../puzzles';
import { isSameMove, listLegalMoves, playMove, type Position } from '../rules';
import {
  createFateSearch,
  createMateExplainer,
  createMateSearch,
  type FateSearch,
  type MateExplainer,
  type MateSearch,
} from '../search';

/** The searches of one worker. */
export interface TaskSearches {
  readonly mate: MateSearch;
  readonly explainer: MateExplainer;
  readonly fate: FateSearch;
}

export interface TaskLimits {
  readonly maxMoves: number;
  /** Positions to visit for the proof, and as many for the tree and for the second run. Default: no limit. */
  readonly budgetNodes?: number;
  /**
   * For an exercise that is made in a moment: the checker certifies the mate, one run alone that none is shorter, and the other moves
   * are seen less deep.
   */
  readonly isQuick?: boolean;
}

/** Asked of the certified tree before the other moves are looked at, which takes the most time. */
export type IsWanted = (tree: Pick<SolutionGraph, 'mateInMoves' | 'nodes'>) => boolean;

/** All on the realm's one board: one question at a time. */
export function createTaskSearches(): TaskSearches {
  return { mate: createMateSearch(), explainer: createMateExplainer(), fate: createFateSearch() };
}

export type MateTaskResult =
  | { readonly kind: 'task'; readonly task: MateTask; readonly graph: SolutionGraph }
  /** A mate was found, but its tree is too large or its second run too long to certify it. */
  | { readonly kind: 'uncertified'; readonly mateInMoves: number }
  /** Certified, but its tree was not wanted. */
  | { readonly kind: 'unwanted' }
  | Exclude<ProveResult, { kind: 'mate' }>;

/** Nodes of a tree that is certified: some 20 MB while it is worked on. */
const MOST_CHECKED_NODES = 20_000;
/** Nodes of a tree that is stored; those against longest defences come first. */
const MOST_STORED_NODES = 1_500;
/** Nodes in which every other move has its fate, and what may be visited for one of them. */
const MOST_JUDGED_NODES = 120;
const FATE_PLIES = 4;
const QUICK_FATE_PLIES = 2;
const FATE_NODES = 150_000;

/** Proves a position and builds its task; without a certified mate in the limits it hands on what the prover knows. */
export function makeMateTask(
  searches: TaskSearches,
  position: Position,
  limits: TaskLimits,
  isWanted: IsWanted = () => true,
): MateTaskResult {
  const result = searches.mate.prove(position, { ...limits, isBlocklessWanted: true });
  if (result.kind !== 'mate') return result;
  const { mateInMoves, blockless } = result;
  if (!result.areAllKeys || blockless.kind === 'open') return { kind: 'uncertified', mateInMoves };
  const proof = certify(searches, position, mateInMoves, false, limits);
  if (proof === undefined) return { kind: 'uncertified', mateInMoves };
  const nodes = trimTree(proof);
  if (!isWanted({ mateInMoves, nodes })) return { kind: 'unwanted' };
  const graph: SolutionGraph = {
    formatVersion: 2,
    mateInMoves,
    nodes: judgeNodes(searches, position, nodes, false, limits),
  };
  const task: MateTask = { fen: makeFen(position), mateInMoves };
  if (blockless.kind === 'same') return { kind: 'task', task, graph };
  const shorter = certify(searches, position, blockless.mateInMoves, true, limits);
  if (shorter === undefined) return { kind: 'uncertified', mateInMoves };
  return {
    kind: 'task',
    task: { ...task, mateNoBlocks: blockless.mateInMoves },
    graph: {
      ...graph,
      blockless: {
        mateInMoves: blockless.mateInMoves,
        nodes: judgeNodes(searches, position, trimTree(shorter), true, limits),
      },
    },
  };
}

/** The whole tree once it has passed both checks; undefined when a limit came first. Disagreement is a bug and throws. */
function certify(
  { mate, explainer }: TaskSearches,
  position: Position,
  mateInMoves: number,
  isBlockless: boolean,
  { budgetNodes, isQuick = false }: TaskLimits,
): Proof | undefined {
  const budget = budgetNodes === undefined ? {} : { budgetNodes };
  const { proof, isWhole } = explainer.explain(position, mateInMoves, {
    mostNodes: MOST_CHECKED_NODES,
    duals: 'longest',
    areTriesWanted: false,
    isBlockless,
    ...budget,
  });
  if (!isWhole) return undefined;
  const checked = isBlockless ? checkProof(position, proof, countsAsMate) : checkProof(position, proof);
  if (!checked.ok)
    throw new Error(`proof and checker disagree: ${JSON.stringify(checked.error)} ${makeFen(position)}`);
  if (isQuick) return proof;
  const keys = (proof.nodes[0]?.moves ?? []).map(({ move }) => move).sort();
  const again = confirm(mate, position, mateInMoves, isBlockless, budget);
  if (again === undefined) return undefined;
  if (again.join() !== keys.join()) {
    throw new Error(`two runs disagree: ${keys.join()} and ${again.join()} ${makeFen(position)}`);
  }
  return proof;
}

/** The keys as a second, different run finds them, having found no shorter mate; undefined when its limit came first. */
function confirm(
  mate: MateSearch,
  position: Position,
  mateInMoves: number,
  isBlockless: boolean,
  budget: { readonly budgetNodes?: number },
): string[] | undefined {
  if (!isBlockless && mateInMoves <= SLOW_PROVER_MOVES) {
    if (mateInMoves > 1 && listMatingMovesSlowly(position, mateInMoves - 1).length > 0) return [];
    return listMatingMovesSlowly(position, mateInMoves).map(makeMoveText).sort();
  }
  const again = mate.prove(position, { maxMoves: mateInMoves, isBlockless, isSecondRun: true, ...budget });
  if (again.kind === 'none') return [];
  if (again.kind !== 'mate' || !again.areAllKeys) return undefined;
  return again.mateInMoves === mateInMoves ? again.keys.map(makeMoveText).sort() : [];
}

/** The nodes a student can come to and as many others as the limit allows, numbered anew; what is cut off is told as not followed. */
function trimTree({ nodes }: Proof): SolutionNode[] {
  const seat = listSeatNodes({ nodes });
  const isSeat = new Set(seat);
  const others = nodes.flatMap((_, index) => (isSeat.has(index) ? [] : [index]));
  const kept = [...seat, ...others.slice(0, Math.max(0, MOST_STORED_NODES - seat.length))];
  const numbers = new Map(kept.map((index, place) => [index, place]));
  return kept.map((index) => {
    const { mateInMoves, moves } = getNode(nodes, index);
    const trimmed = moves.map(({ move, covers, replies }) => {
      const known = replies.flatMap((reply) => {
        const node = numbers.get(reply.node);
        return node === undefined ? [] : [{ move: reply.move, node }];
      });
      if (known.length === replies.length) return toStored({ move, covers, replies: known });
      return toStored(
        isSeat.has(index)
          ? { move, covers: 'longest', replies: known }
          : { move, covers: 'none', replies: [] },
      );
    });
    return { mateInMoves, moves: trimmed, others: {} };
  });
}

function getNode<Node>(nodes: readonly Node[], index: number): Node {
  const node = nodes[index];
  if (node === undefined) throw new Error(`a tree leads to its own nodes only, not to ${index}`);
  return node;
}

/** Adds the fate of every other move where a student can come to, nearest first. */
function judgeNodes(
  { fate, mate }: TaskSearches,
  home: Position,
  nodes: SolutionNode[],
  isBlockless: boolean,
  { isQuick = false }: TaskLimits,
): SolutionNode[] {
  for (const [index, position] of listSeatPositions(home, nodes).slice(0, MOST_JUDGED_NODES)) {
    const node = getNode(nodes, index);
    const table = fate.listFates(position, {
      plies: isQuick ? QUICK_FATE_PLIES : FATE_PLIES,
      budgetNodes: FATE_NODES,
      mateInMoves: node.mateInMoves + 1,
      // The bounds of the tree and of the nodes before answer most of it.
      isContinued: true,
    });
    const kept = new Set(node.moves.map(({ move }) => move));
    for (const move of listLegalMoves(position)) {
      const text = makeMoveText(move);
      if (kept.has(text)) continue;
      const found = table.moves.find((other) => isSameMove(other.move, move))?.fate;
      node.others[text] = storeFate(
        mate,
        playMove(position, move),
        { moves: node.mateInMoves - 1, isBlockless },
        found,
      );
    }
  }
  return nodes;
}

/** Seen lines must show what was asked: that the mate is gone after their first reply. Else another reply shows that much. */
function storeFate(
  mate: MateSearch,
  after: Position,
  gone: { readonly moves: number; readonly isBlockless: boolean },
  fate: Fate | undefined,
): StoredFate {
  const isSeen = fate?.kind === 'material' || (fate?.kind === 'draw' && fate.seenPlies !== undefined);
  if (fate !== undefined && !isSeen) return toStoredFate(fate);
  const reply = fate?.line[1];
  const escape = mate.findEscape(after, gone.moves, reply, {
    isBlockless: gone.isBlockless,
    isContinued: true,
  });
  if (fate !== undefined && escape !== undefined && reply !== undefined && isSameMove(escape, reply)) {
    return toStoredFate(fate);
  }
  return { kind: 'open', line: escape === undefined ? '' : makeMoveText(escape) };
}

/** Every node a student can come to, with its position. */
function listSeatPositions(home: Position, nodes: readonly SolutionNode[]): [number, Position][] {
  const positions = new Map([[0, home]]);
  for (const [index, position] of positions) {
    const node = getNode(nodes, index);
    for (const move of node.moves) {
      const after = playMove(position, getMove(move.move));
      for (const reply of listLongest(nodes, node, move)) {
        if (!positions.has(reply.node)) positions.set(reply.node, playMove(after, getMove(reply.move)));
      }
    }
  }
  return [...positions];
}
