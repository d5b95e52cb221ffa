/**
 * Composes fresh mate puzzles: by length, by named mate, by kind of key, by side. Boards that look like the middle of a game are drawn,
 * or the picture of the named mate is put on one and moves are taken back from it; the prover decides. Every puzzle has one key, no
 * shorter mate, nobody in check, and nothing else to be won for nothing by the side to move.
 */
import { MAN_VALUES, opponentOf, SIDES, type Side } from '../board';
import { getMove, getPosition, makeFen, makeMoveText, type MoveText } from '../notation';
import { tagMate, type MateTag, type PatternId } from '../patterns';
import { findExchange, type Proof } from '../proof';
import {
  gradePuzzle,
  listKeyKinds,
  measurePuzzle,
  wingOf,
  type Grade,
  type KeyKind,
  type Wing,
} from '../puzzles';
import { findCaptured, findKing, isCheck, listLegalMoves, type Move, type Position } from '../rules';
import { createRandom, pickOne, randomBelow, type Random } from '../shared';
import { findLegal } from './draw';
import type { MateSearch } from '../search';
import type { TaskSearches } from './mateTask';
import { composePatternMate, isOfOneSet } from './patternMates';
import { drawSkeleton } from './skeleton';

export interface PuzzleRecipe {
  /** 1 to 5. */
  readonly moves: number;
  /** Every longest defence ends in one of these mates, strictly, each in its turn; any end by default. */
  readonly patterns?: readonly PatternId[];
  readonly key?: KeyKind;
  /** As graded from its features. */
  readonly level?: Grade['level'];
  /** To move; either by default. */
  readonly side?: Side;
  /** Where the king stands that is to be mated; either by default. */
  readonly wing?: Wing;
  /** So many men at most, kings included. */
  readonly mostMen?: number;
}

export interface ComposedPuzzle {
  readonly fen: string;
  readonly mateInMoves: number;
  readonly key: MoveText;
  readonly keyKinds: readonly KeyKind[];
  readonly proof: Proof;
  /** The names it ends in. */
  readonly tags: readonly MateTag[];
  readonly grade: Grade;
}

/** Boards drawn in a row without a puzzle before a composer gives up; from a picture each board is many draws already. */
const MOST_BARREN = { drawn: 60_000, grown: 60 } as const;
/** Positions visited to find a mate on one board: most boards have none, and the few long ones are found sooner. */
const BOARD_NODES: Readonly<Record<number, number>> = {
  1: 20_000,
  2: 50_000,
  3: 60_000,
  4: 400_000,
  5: 1_500_000,
};
/** From this length on the first look is at checks alone, with so many positions visited. */
const CHECKING_FROM = 4;
const CHECKING_NODES = 2_000;
/** What may stand to be taken for nothing beside the mate: a pawn or two, no piece. */
const MOST_HANGING = 2;
const MOST_NODES = 4_000;

/**
 * Puzzles one after another, no two alike; the same seed gives the same ones. It ends when `count` are made, or when none was found for
 * long.
 */
export function* composePuzzles(
  searches: TaskSearches,
  recipe: PuzzleRecipe,
  { count, seed }: { readonly count: number; readonly seed: number },
): Generator<ComposedPuzzle> {
  const seen = new Set<string>();
  const { patterns = [] } = recipe;
  const most = patterns.length === 0 ? MOST_BARREN.drawn : MOST_BARREN.grown * patterns.length;
  let made = 0;
  let barren = 0;
  // Each board has its own random numbers: a longer batch begins like a shorter one.
  for (let number = 1; made < count && barren < most; number += 1) {
    barren += 1;
    const random = createRandom(Math.imul(seed, 0x9e3779b1) ^ Math.imul(number, 0x85ebca6b));
    const pattern = patterns[number % patterns.length];
    const puzzle =
      pattern === undefined
        ? drawPuzzle(random, searches, recipe)
        : growPuzzle(random, searches, pattern, recipe);
    if (puzzle === undefined || !isWanted(puzzle, recipe)) continue;
    const shape = shapeOf(puzzle);
    if (seen.has(shape)) continue;
    seen.add(shape);
    made += 1;
    barren = 0;
    yield puzzle;
  }
}

function isWanted({ fen, keyKinds, grade }: ComposedPuzzle, recipe: PuzzleRecipe): boolean {
  const { key, level, wing, mostMen = 32 } = recipe;
  const position = getPosition(fen);
  return (
    (key === undefined || keyKinds.includes(key)) &&
    (level === undefined || grade.level === level) &&
    (wing === undefined || wingOf(position) === wing) &&
    position.board.filter((man) => man !== undefined).length <= mostMen
  );
}

/** What a board is drawn by of the filters for it. */
const boardFilters = ({ wing, mostMen }: PuzzleRecipe) => ({
  ...(wing === undefined ? {} : { wing }),
  ...(mostMen === undefined ? {} : { mostMen }),
});

/** One board by chance, when it is a puzzle of this recipe. */
function drawPuzzle(
  random: Random,
  searches: TaskSearches,
  recipe: PuzzleRecipe,
): ComposedPuzzle | undefined {
  const { moves, side, key } = recipe;
  const { mate } = searches;
  const attacker = side ?? pickOne(random, SIDES);
  const hasRunner = key === 'promotion';
  const position = findLegal(
    drawSkeleton(random, {
      attacker,
      nearness: 3 + randomBelow(random, 5),
      hasRunner,
      ...boardFilters(recipe),
    }),
  );
  if (position === undefined || isCheck(position)) return undefined;
  if (moves >= CHECKING_FROM && key !== 'quiet' && !hasCheckingMate(mate, position, moves)) return undefined;
  const keys = mate.within(
    BOARD_NODES[moves] ?? 0,
    () => 'go',
    () => {
      if (mate.canMate(position, moves - 1) || !mate.canMate(position, moves)) return [];
      return mate.listMatingMoves(position, moves);
    },
  );
  const [first, ...others] = keys ?? [];
  if (first === undefined || others.length > 0 || !isOfOneSet(position)) return undefined;
  if (isSomethingHanging(position, first)) return undefined;
  const { proof, isWhole } = searches.explainer.explain(position, moves, {
    mostNodes: MOST_NODES,
    duals: 'none',
    areTriesWanted: false,
  });
  const tags = isWhole ? tagMate(position, proof) : undefined;
  return tags && toPuzzle(position, moves, proof, tags);
}

/** A long mate is sought by checks alone first: that is soon done, and most boards have none. */
function hasCheckingMate(mate: MateSearch, position: Position, moves: number): boolean {
  const line = mate.findCheckingMate(position, moves, CHECKING_NODES);
  return line !== undefined && (line.length + 1) / 2 >= moves;
}

/** From the picture of a named mate. */
function growPuzzle(
  random: Random,
  searches: TaskSearches,
  id: PatternId,
  recipe: PuzzleRecipe,
): ComposedPuzzle | undefined {
  const { moves, side } = recipe;
  const dressedFor = side ?? pickOne(random, SIDES);
  const made = composePatternMate(random, searches, id, {
    moves,
    added: { dressedFor, ...boardFilters(recipe) },
  });
  if (made === undefined) return undefined;
  const { fen, proof, tags } = made;
  const puzzle = toPuzzle(getPosition(fen), moves, proof, tags);
  return isSomethingHanging(getPosition(fen), getMove(puzzle.key)) ? undefined : puzzle;
}

function toPuzzle(
  position: Position,
  mateInMoves: number,
  proof: Proof,
  tags: readonly MateTag[],
): ComposedPuzzle {
  const text = proof.nodes[0]?.moves[0]?.move;
  if (text === undefined) throw new Error('a proof has a first move');
  const key = getMove(text);
  return {
    fen: makeFen(position),
    mateInMoves,
    key: makeMoveText(key),
    keyKinds: listKeyKinds(position, key),
    grade: gradePuzzle(measurePuzzle(position, proof, tags)),
    proof,
    tags,
  };
}

/** Could the side to move win a piece for nothing instead of mating? What the key takes does not count. */
function isSomethingHanging(position: Position, key: Move): boolean {
  const taken = listLegalMoves(position).flatMap((move) => {
    const man = findCaptured(position, move);
    return man === undefined || man.role === 'pawn' || move.to === key.to ? [] : [move.to];
  });
  return [...new Set(taken)].some((square) => findExchange(position, square, MAN_VALUES) > MOST_HANGING);
}

/** Two puzzles of one shape look alike at the first move: the same man goes from the same square to the same against a king on the same square. */
function shapeOf({ fen, key }: ComposedPuzzle): string {
  const position = getPosition(fen);
  const move = getMove(key);
  const king = findKing(position.board, opponentOf(position.turn));
  // Left and right, and the colours, make no other shape.
  const flip = position.turn === 'black' ? 56 : 0;
  const mirror = ((king ?? 0) & 7) < 4 ? 7 : 0;
  const at = (square: number) => square ^ flip ^ mirror;
  return [position.board[move.from]?.role, at(move.from), at(move.to), at(king ?? 0)].join(' ');
}
