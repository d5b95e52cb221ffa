/**
 * The fate of every legal move. Question: what becomes of each move here, for the side to move? Mates and mated are proved by
 * complete search; where neither is within reach, material is followed to a depth with quiet end-points and told as seen.
 *
 * For each move, in this order: what it does at once (mate, stalemate, dead position, fifty moves); the shortest mate it
 * allows the other side; the shortest mate it forces; else material. The lengths of mate that are looked at grow with the depth,
 * each with its share of positions, so that the same question always has the same answer. A mate that material search runs into
 * is by force too, but longer than those.
 */
import { findBalance, MAN_VALUES, type ValueScale } from '../board';
import { compareFates, type DrawReason, type Fate, type FateTable } from '../proof';
import { findCaptured, findOutcome, listLegalMoves, playMove, type Move, type Position } from '../rules';
import { clockOf, FIFTY_MOVES_PLIES } from './fiftyMoves';
import { MATE } from './materialSearch';
import { Interrupted } from './meter';
import { unpackMove } from './searchBoard';
import { getSearchKit, ownKit } from './searchKit';

export interface FateLimits {
  /** Plies seen, the move itself the first; beyond them only captures, promotions, checks and evasions. */
  readonly plies: number;
  readonly values?: ValueScale;
  /** Positions to visit for the whole question; moves it does not reach keep the depth seen before. Default: no limit. */
  readonly budgetNodes?: number;
  /** What earlier questions have proved may help; where the budget ends, it then depends on them. */
  readonly isContinued?: boolean;
  /** The longest mate to be proved for the mover, this move included, where that is more than the depth asks for. */
  readonly mateInMoves?: number;
}

export interface FateSearch {
  /** All legal moves, best first. `onTable` hears each depth that is finished. */
  listFates(
    position: Position,
    limits: FateLimits,
    onTable?: (table: FateTable) => void,
    onProgress?: (nodes: number) => 'go' | 'stop',
  ): FateTable;
  /** One move's fate. */
  findFate(position: Position, move: Move, limits: FateLimits): Fate;
}

const FIRST_PLIES = 2;
/** Positions one proof may visit at depth 2; doubled with each ply. */
const PROOF_NODES = 4_000;

/** A move on its way through the depths. */
interface Entry {
  readonly move: Move;
  readonly after: Position;
  fate: Fate | undefined;
  /** Proved or ended on the board: no depth changes it. */
  isSettled: boolean;
  /** Score of the depth before, from the other side's view. */
  guess: number | undefined;
}

export function createFateSearch(): FateSearch {
  const { board, meter, bounded, lines, material } = getSearchKit();
  let nodesDone = 0;
  let nodesAllowed = Infinity;
  let tell: (nodes: number) => 'go' | 'stop' = () => 'go';

  /** Runs one part of the work with its share of positions; undefined when the share was not enough. */
  function within<T>(share: number, work: () => T): T | undefined {
    const allowed = Math.min(share, nodesAllowed - nodesDone);
    if (allowed <= 0) return undefined;
    meter.start(allowed, (nodes) => tell(nodesDone + nodes));
    try {
      return work();
    } catch (error) {
      if (!(error instanceof Interrupted) || error.why === 'stopped') throw error;
      return undefined;
    } finally {
      nodesDone += meter.nodes();
    }
  }

  function load(after: Position, mateMoves: number): void {
    board.load(after);
    bounded.start({ clock: clockOf(after, mateMoves), isBlockless: false, isSecondRun: false }, true);
  }

  /** The shortest mate of the other side, or the mover's own, within so many moves each. */
  function findProved(entry: Entry, theirMost: number, ourMost: number, share: number): Fate | undefined {
    const { move, after } = entry;
    const findLengthWithin = (read: () => number) => {
      load(after, Math.max(theirMost, ourMost));
      return within(share, read) ?? 0;
    };
    const theirs = findLengthWithin(() => bounded.findLength(theirMost, 0));
    if (theirs > 0) {
      const line = readLine(after, theirs, () => lines.fromAttacker(theirs, 0));
      return { kind: 'mated', inMoves: theirs, line: [move, ...line] };
    }
    const ours = findLengthWithin(() => {
      for (let moves = 1; moves < ourMost; moves += 1) if (bounded.defend(moves, 0)) return moves;
      return 0;
    });
    if (ours === 0) return undefined;
    const line = readLine(after, ours, () => lines.fromDefender(ours, 0));
    return { kind: 'mates', inMoves: ours + 1, line: [move, ...line] };
  }

  /** The proof is done, so its line is read whatever it costs; Stop is heard on the way. */
  function readLine(after: Position, moves: number, read: () => number[]): Move[] {
    load(after, moves);
    meter.start(Infinity, (nodes) => tell(nodesDone + nodes));
    const line = read().map(unpackMove);
    nodesDone += meter.nodes();
    return line;
  }

  function look(position: Position, entry: Entry, plies: number, limits: FateLimits): void {
    const values = limits.values ?? MAN_VALUES;
    const most = Math.floor(plies / 2) + 1;
    const share = PROOF_NODES << Math.max(0, plies - FIRST_PLIES);
    const proved = findProved(entry, most, Math.max(most, limits.mateInMoves ?? 0), share);
    if (proved !== undefined) {
      entry.fate = proved;
      entry.isSettled = true;
      return;
    }
    board.load(entry.after);
    material.start(values, entry.after.halfmoves);
    const score = within(Infinity, () => material.search(plies - 1, entry.guess));
    if (score === undefined) return;
    const line = [entry.move, ...material.line().map(unpackMove)];
    entry.guess = score;
    entry.fate = toFate(position, -score, values, plies, line);
    entry.isSettled = entry.fate.kind === 'mates' || entry.fate.kind === 'mated';
  }

  function run(
    position: Position,
    entries: Entry[],
    limits: FateLimits,
    onTable?: (table: FateTable) => void,
  ): FateTable {
    nodesDone = 0;
    nodesAllowed = limits.budgetNodes ?? Infinity;
    board.load(position);
    bounded.start({ clock: undefined, isBlockless: false, isSecondRun: false }, limits.isContinued ?? false);
    let table = makeTable(entries, 0, nodesDone);
    try {
      for (let plies = Math.min(FIRST_PLIES, limits.plies); plies <= limits.plies; plies += 1) {
        for (const entry of entries) if (!entry.isSettled) look(position, entry, plies, limits);
        table = makeTable(entries, plies, nodesDone);
        onTable?.(table);
        if (nodesDone >= nodesAllowed || entries.every(({ isSettled }) => isSettled)) break;
      }
    } catch (error) {
      if (!(error instanceof Interrupted)) throw error;
    }
    return table;
  }

  return {
    listFates: (position, limits, onTable, onProgress) =>
      ownKit({}, () => {
        tell = onProgress ?? (() => 'go');
        const entries = listLegalMoves(position).map((move) => enter(position, move, limits));
        return run(position, entries, limits, onTable);
      }),
    findFate: (position, move, limits) =>
      ownKit({}, () => {
        tell = () => 'go';
        const entry = enter(position, move, limits);
        run(position, [entry], limits);
        if (entry.fate === undefined)
          throw new Error('the budget of a fate is too small for its first depth');
        return entry.fate;
      }),
  };
}

/** What the move does at once on the board. */
function enter(position: Position, move: Move, { values = MAN_VALUES }: FateLimits): Entry {
  const after = playMove(position, move);
  const outcome = findOutcome(after);
  const why = outcome?.kind ?? (after.halfmoves >= FIFTY_MOVES_PLIES ? 'fifty' : undefined);
  const fate: Fate | undefined =
    why === undefined
      ? undefined
      : why === 'mate'
        ? { kind: 'mates', inMoves: 1, line: [move] }
        : {
            kind: 'draw',
            why,
            gain: 0 - findBalance(position.board, position.turn, values),
            seenPlies: undefined,
            line: [move],
          };
  return { move, after, fate, isSettled: fate !== undefined, guess: undefined };
}

/** A score of material search, from the mover's view, as a fate. */
function toFate(
  position: Position,
  score: number,
  values: ValueScale,
  seenPlies: number,
  line: Move[],
): Fate {
  const balance = findBalance(position.board, position.turn, values);
  if (Math.abs(score) > MATE - 1_000) {
    // Every reply was tried on the way: this too is proved.
    return score > 0
      ? { kind: 'mates', inMoves: Math.ceil(line.length / 2), line }
      : { kind: 'mated', inMoves: Math.floor(line.length / 2), line };
  }
  // Adding 0 turns the minus zero of an even score into a plain one.
  const gain = Math.round(score - balance * 100) / 100 + 0;
  const why = score === 0 ? findDraw(position, line, values) : undefined;
  // Men moved to and fro in an even game: nothing is won or lost by it, so the move holds.
  if (why === undefined || (why === 'threefold' && gain === 0)) {
    return { kind: 'material', gain, seenPlies, line: cutQuietEnd(position, line) };
  }
  return { kind: 'draw', why, gain, seenPlies, line };
}

/** The line as far as it changes material, one reply at least: what follows is only there to be quiet. */
function cutQuietEnd(position: Position, line: readonly Move[]): Move[] {
  let current = position;
  let length = 2;
  for (const [ply, move] of line.entries()) {
    if (findCaptured(current, move) !== undefined || move.promotion !== undefined)
      length = Math.max(length, ply + 1);
    current = playMove(current, move);
  }
  return line.slice(0, length);
}

/** How the line ends, when it ends in a draw; it repeats when it is neither stalemate, dead nor out of moves. */
function findDraw(position: Position, line: readonly Move[], values: ValueScale): DrawReason | undefined {
  const end = line.reduce(playMove, position);
  const outcome = findOutcome(end);
  if (outcome !== undefined) return outcome.kind === 'mate' ? undefined : outcome.kind;
  if (end.halfmoves >= FIFTY_MOVES_PLIES) return 'fifty';
  return findBalance(end.board, end.turn, values) === 0 ? undefined : 'threefold';
}

function makeTable(entries: readonly Entry[], seenPlies: number, nodes: number): FateTable {
  const moves = entries.flatMap(({ move, fate }) => (fate === undefined ? [] : [{ move, fate }]));
  return { moves: moves.sort((one, other) => compareFates(one.fate, other.fate)), seenPlies, nodes };
}
