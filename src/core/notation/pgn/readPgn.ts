/**
 * Reads the games of a PGN text one after another (import format of the PGN standard, section 8, and what else files hold). A faulty
 * game keeps its moves up to the fault and its line and move are told; the rest of the text is read. Moves that are not in the
 * standard's form but can mean only one are read with a warning.
 */
import { checkPosition, INITIAL_POSITION, playMove, type Position, type PositionFault } from '../../rules';
import { failure, success, type Result } from '../../shared';
import { parseFen, type FenFault } from '../fen';
import { readMove } from '../reader';
import { makeSan, parseSan } from '../san';
import {
  RESULTS,
  type GameResult,
  type PgnFault,
  type PgnMove,
  type PgnWarning,
  type ReadGame,
} from './game';
import { listTokens, type PgnToken } from './tokens';

/** Deeper and longer than any game; beyond it somebody means harm. */
const DEEPEST = 64;
const MOST_MOVES = 30_000;
const MOST_TAGS = 100;
/** What is told of one game; the rest of a hostile one is not kept. */
const MOST_WARNINGS = 100;
const LONGEST_TAG = 500;
const LONGEST_COMMENT = 5_000;
/** Signs some programs write between the moves: evaluations, "novelty", "diagram". They say nothing about the moves. */
const DECORATION = /^(?:[^A-Za-z0-9]+|e\.?p\.?|D|N|TN|RR|ep)$/;
/** A null move of an analysis. */
const NOTHING_PLAYED = /^(?:--|Z0|null)$/i;

/** A line being read. */
interface Frame {
  readonly moves: Writable<PgnMove>[];
  /** Before the last move, and now. */
  before: Position;
  now: Position;
  /** Comments that stand before the next move. */
  pending: string[];
  /** The rest of this line is left out. */
  isCut: boolean;
}

type Writable<Item> = {
  -readonly [Key in keyof Item]: Item[Key] extends readonly (infer Part)[] ? Part[] : Item[Key];
};

/** A game being read. */
interface Open {
  readonly number: number;
  readonly line: number;
  readonly tags: Map<string, string>;
  readonly warnings: PgnWarning[];
  /** Undefined until the first token that is no tag; empty when there is no position to begin with. */
  stack: Frame[] | undefined;
  start: Position | undefined;
  fault: PgnFault | undefined;
  /** Brackets that are open while the rest of a faulty game is passed over. */
  skipped: number;
  moveCount: number;
}

/** Every game of the text in order; nothing is read ahead of what is asked for. */
export function* readPgn(text: string): Generator<ReadGame> {
  let number = 0;
  let open: Open | undefined;
  for (const token of listTokens(text)) {
    // Tag pairs after moves begin the next game.
    if (
      token.kind === 'tag' &&
      open !== undefined &&
      (open.stack !== undefined || open.fault !== undefined)
    ) {
      yield close(open, undefined, token.line);
      open = undefined;
    }
    // What is said between two games belongs to neither.
    if (open === undefined && (token.kind === 'comment' || token.kind === 'odd-tag')) continue;
    if (open === undefined && (token.kind === 'result' || token.kind === 'close')) continue;
    open ??= begin((number += 1), token.line);
    const isEnd = take(open, token);
    if (isEnd && token.kind === 'result') {
      yield close(open, token.text, token.line);
      open = undefined;
    }
  }
  if (open !== undefined) yield close(open, undefined, open.line);
}

function begin(number: number, line: number): Open {
  return {
    ...{ number, line, tags: new Map(), warnings: [], stack: undefined, start: undefined },
    ...{ fault: undefined, skipped: 0, moveCount: 0 },
  };
}

/** Takes in one token; true when it ends the game. */
function take(open: Open, token: PgnToken): boolean {
  if (token.kind === 'tag') {
    addTag(open, token);
    return false;
  }
  if (open.fault !== undefined) {
    if (token.kind === 'open') open.skipped += 1;
    if (token.kind === 'close') open.skipped = Math.max(0, open.skipped - 1);
    return token.kind === 'result' && open.skipped === 0;
  }
  if (token.kind === 'odd-tag') {
    warn(open, { code: 'pgn/odd-tag', line: token.line, found: token.text });
    return false;
  }
  const stack = (open.stack ??= startGame(open));
  const frame = stack.at(-1);
  // Without a position to begin with only the end of the game is of interest.
  if (frame === undefined) return token.kind === 'result';
  switch (token.kind) {
    case 'comment':
      addComment(open, frame, token);
      return false;
    case 'glyph':
      frame.moves.at(-1)?.glyphs.push(token.glyph);
      return false;
    case 'open':
      openVariation(open, stack, frame, token.line);
      return false;
    case 'close':
      if (stack.length === 1) warn(open, { code: 'pgn/stray-bracket', line: token.line, found: ')' });
      else closeVariation(stack);
      return false;
    case 'word':
      if (!frame.isCut) addMove(open, stack, frame, token);
      return false;
    case 'result':
      // In a variation it only says that the line ends.
      return stack.length === 1;
  }
}

function warn({ warnings }: Open, warning: PgnWarning): void {
  if (warnings.length < MOST_WARNINGS) warnings.push(warning);
}

function addTag(open: Open, { line, name, value }: Extract<PgnToken, { kind: 'tag' }>): void {
  if (open.tags.has(name)) {
    warn(open, { code: 'pgn/tag-twice', line, name });
    return;
  }
  if (open.tags.size >= MOST_TAGS) {
    warn(open, { code: 'pgn/tag-left-out', line, name, most: MOST_TAGS });
    return;
  }
  if (value.length > LONGEST_TAG) warn(open, { code: 'pgn/tag-cut', line, most: LONGEST_TAG });
  open.tags.set(name, value.slice(0, LONGEST_TAG));
}

/** The first line, from the position of the FEN tag (section 9.7.2) or from the start of a game; none without a position. */
function startGame(open: Open): Frame[] {
  const fen = open.tags.get('FEN');
  const start = fen === undefined ? success(INITIAL_POSITION) : readStart(fen);
  if (start.ok) {
    open.start = start.value;
    return [frameAt(start.value)];
  }
  open.fault = { code: 'pgn/bad-start', line: open.line, fault: start.error };
  return [];
}

function readStart(fen: string): Result<Position, FenFault | PositionFault> {
  const draft = parseFen(fen);
  if (!draft.ok) return draft;
  const checked = checkPosition(draft.value);
  return checked.ok ? checked : failure(checked.error[0] ?? { code: 'fen/empty' });
}

function frameAt(position: Position): Frame {
  return { moves: [], before: position, now: position, pending: [], isCut: false };
}

function addComment(
  open: Open,
  frame: Frame,
  { line, text, isOpen }: Extract<PgnToken, { kind: 'comment' }>,
) {
  const said = text.slice(0, LONGEST_COMMENT);
  if (said.length < text.length) warn(open, { code: 'pgn/comment-cut', line, most: LONGEST_COMMENT });
  const last = frame.moves.at(-1);
  if (said !== '') (last === undefined ? frame.pending : last.after).push(said);
  // Whatever it has swallowed is lost.
  if (isOpen) open.fault = { code: 'pgn/open-comment', line };
}

function openVariation(open: Open, stack: Frame[], frame: Frame, line: number): void {
  if (stack.length > DEEPEST) {
    open.fault = { code: 'pgn/too-deep', line };
    return;
  }
  const isStray = frame.moves.length === 0;
  if (isStray && !frame.isCut) warn(open, { code: 'pgn/stray-bracket', line, found: '(' });
  stack.push({ ...frameAt(frame.before), isCut: isStray || frame.isCut });
}

function closeVariation(stack: Frame[]): void {
  const done = stack.pop();
  const owner = stack.at(-1)?.moves.at(-1);
  if (done !== undefined && done.moves.length > 0) owner?.variations.push(done.moves);
}

function addMove(
  open: Open,
  stack: readonly Frame[],
  frame: Frame,
  { line, text }: Extract<PgnToken, { kind: 'word' }>,
): void {
  if (DECORATION.test(text) && !NOTHING_PLAYED.test(text)) {
    warn(open, { code: 'pgn/odd-token', line, found: text.slice(0, 40) });
    return;
  }
  const { now } = frame;
  const read = readPgnMove(now, text);
  if (read.kind === 'wrong') {
    const { reason } = read;
    const move = text.slice(0, 40);
    frame.isCut = true;
    if (stack.length > 1) warn(open, { code: 'pgn/variation-cut', line, move, reason });
    else open.fault = { code: 'pgn/bad-move', line, move, number: numberOf(now), reason, at: now };
    return;
  }
  if (read.kind === 'tolerable')
    warn(open, {
      ...{ code: 'pgn/written-otherwise', line, text: text.slice(0, 40) },
      ...{ san: read.san, remarks: read.diagnoses },
    });
  open.moveCount += 1;
  if (open.moveCount > MOST_MOVES) {
    open.fault = { code: 'pgn/too-long', line };
    return;
  }
  frame.moves.push({
    ...{ move: read.move, san: read.san, glyphs: [], before: frame.pending, after: [], variations: [] },
  });
  frame.pending = [];
  frame.before = now;
  frame.now = playMove(now, read.move);
}

/** Most moves are written in the standard's form; only the others need the reader that makes remarks. */
function readPgnMove(position: Position, text: string): ReturnType<typeof readMove> {
  const plain = parseSan(position, text);
  const san = plain.ok ? makeSan(position, plain.value) : undefined;
  return plain.ok && san === text
    ? { kind: 'exact', move: plain.value, san, diagnoses: [] }
    : readMove(position, text);
}

/** "14." or "14...". */
function numberOf({ fullmoves, turn }: Position): string {
  return `${fullmoves}${turn === 'white' ? '.' : '...'}`;
}

function close(open: Open, ended: GameResult | undefined, line: number): ReadGame {
  // Tags alone are a game without moves.
  const stack = (open.stack ??= startGame(open));
  const { number, tags, warnings, fault } = open;
  while (stack.length > 1) {
    if (fault === undefined) warn(open, { code: 'pgn/stray-bracket', line, found: '(' });
    closeVariation(stack);
  }
  const tag = tags.get('Result');
  const told = RESULTS.find((one) => one === tag);
  if (ended === undefined && fault === undefined) warn(open, { code: 'pgn/no-result', line });
  if (ended !== undefined && tag !== undefined && tag !== ended)
    warn(open, { code: 'pgn/result-differs', line, tag: tag.slice(0, 40), result: ended });
  const [main] = stack;
  const result = ended ?? told ?? '*';
  const { start } = open;
  const game =
    main === undefined || start === undefined ? undefined : { tags, start, line: main.moves, result };
  return { number, line: open.line, tags, warnings, fault: open.fault, game };
}
