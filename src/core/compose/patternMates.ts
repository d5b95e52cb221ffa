/**
 * Composes forced mates that end in a named picture: from the bare picture, men are added that leave it as it is, and moves are taken
 * back one by one, both sides'. The prover decides: the mate has exactly this length, one key, and every longest defence ends in the
 * picture, strictly.
 */
import { getMan, isDarkSquare, kingDistance, opponentOf, SIDES, type Role, type Side } from '../board';
import { getPosition, makeFen } from '../notation';
import { BARE_PICTURES, namePatterns, tagMate, type MateTag, type PatternId } from '../patterns';
import type { Proof } from '../proof';
import { wingOf, type Wing } from '../puzzles';
import {
  findKing,
  isCheck,
  isCheckmate,
  listCheckers,
  mirrorFiles,
  swapColours,
  type Position,
  type PositionDraft,
} from '../rules';
import { pickOne, randomBelow, type Random } from '../shared';
import { findLegal, place } from './draw';
import type { TaskSearches } from './mateTask';
import { retractAtRandom } from './retract';
import { drawSkeleton, takeOff } from './skeleton';

export interface PatternMate {
  readonly id: PatternId;
  readonly fen: string;
  readonly mateInMoves: number;
  readonly proof: Proof;
  /** The names it ends in, this one among them. */
  readonly tags: readonly MateTag[];
}

/** A board that looks like the middle of a game, put round the picture. */
export interface Dress {
  /** Who is to move. */
  readonly dressedFor: Side;
  /** Where the mated king stands; either by default. */
  readonly wing?: Wing;
  /** So many men at most, kings included; the picture stays whole. */
  readonly mostMen?: number;
}

export interface PatternRecipe {
  /** 1 to 3. */
  readonly moves: number;
  /** Men added to the bare picture at random, both sides together; or a natural board for this side to move. */
  readonly added: number | Dress;
  /** The move before each defence gives a man up: what the defence takes. */
  readonly isGiven?: boolean;
}

const ADDED: readonly Role[] = ['pawn', 'pawn', 'pawn', 'pawn', 'knight', 'bishop', 'rook', 'queen'];
/** What a sacrifice may have been. */
const GIVEN: readonly Role[] = ['queen', 'rook', 'knight', 'bishop'];
const PERHAPS_GIVEN: readonly (Role | 'nobody')[] = ['nobody', 'nobody', ...GIVEN];
/** Draws before another final picture is tried, and of such pictures. */
const DRAWS = 60;
const MOST_PICTURES = 20_000;

/** The mated position with some men more, in either colour, perhaps left and right exchanged; undefined when it lost its name. */
export function sampleNamedMate(random: Random, id: PatternId, added: number): Position | undefined {
  let draft = turnPicture(random, id, pickOne(random, SIDES));
  for (let count = 0; count < added; count += 1)
    draft = place(random, draft, pickOne(random, SIDES), [pickOne(random, ADDED)]);
  if (!isCheckmate(draft)) return undefined;
  const position = findLegal(draft);
  return position !== undefined && isOfOneSet(position) && isStrictly(id, position) ? position : undefined;
}

/** The bare picture, given by this side, perhaps left and right exchanged. */
function turnPicture(random: Random, id: PatternId, side: Side, wing?: Wing): PositionDraft {
  const bare = getPosition(BARE_PICTURES[id]);
  const isMirrored = wing === undefined ? randomBelow(random, 2) === 1 : wingOfMated(bare) !== wing;
  const turned = isMirrored ? mirrorFiles(bare) : bare;
  return turned.turn === opponentOf(side) ? turned : swapColours(turned);
}

/** In a picture the mated side is to move. */
const wingOfMated = ({ board, turn }: PositionDraft): Wing => wingOf({ board, turn: opponentOf(turn) });

/** Men that may come onto the board while moves are taken back. */
const MEN_COMING = 2;
/** Round the mated king only the picture stands. */
const PICTURE_REACH = 2;

/**
 * The picture on a board that looks like the middle of a game: beyond the squares round the mated king stand the men of a skeleton.
 * Undefined when what was drawn is no mate of this name.
 */
function dressNamedMate(random: Random, id: PatternId, dress: Dress): Position | undefined {
  const { dressedFor: side, wing, mostMen } = dress;
  const picture = turnPicture(random, id, side, wing);
  const king = findKing(picture.board, picture.turn);
  const skeleton = drawSkeleton(random, {
    attacker: side,
    nearness: 0,
    hasRunner: false,
  });
  if (king === undefined) return undefined;
  // The mating side's king may be part of the picture; else it stands where the skeleton has it.
  const isOwnKingNear = kingDistance(findKing(picture.board, side) ?? king, king) <= PICTURE_REACH + 1;
  const board = picture.board.map((man, square) => {
    const other = skeleton.board[square];
    if (man !== undefined && (man.role !== 'king' || man.side !== side || isOwnKingNear)) return man;
    if (other === undefined || (kingDistance(square, king) <= PICTURE_REACH && other.role !== 'king'))
      return undefined;
    if (other.role === 'king' && (other.side !== side || isOwnKingNear)) return undefined;
    return other;
  });
  const kept = picture.board.flatMap((man, square) => (man === undefined ? [] : [square]));
  if (mostMen !== undefined) takeOff(random, board, mostMen - MEN_COMING, kept);
  const draft = { ...picture, board };
  if (!isCheckmate(draft)) return undefined;
  const position = findLegal(draft);
  return position !== undefined && isOfOneSet(position) && isStrictly(id, position) ? position : undefined;
}

/** No more men than a set has, and no two bishops of one side on one colour: nobody has promoted. */
export function isOfOneSet({ board }: Position): boolean {
  return SIDES.every((side) => {
    const squares = (role: Role) =>
      board.flatMap((man, square) => (man === getMan(side, role) ? [square] : []));
    const [one, other] = squares('bishop');
    return (
      squares('queen').length <= 1 &&
      (['rook', 'knight', 'bishop'] as const).every((role) => squares(role).length <= 2) &&
      (one === undefined || other === undefined || isDarkSquare(one) !== isDarkSquare(other))
    );
  });
}

function isStrictly(id: PatternId, mated: Position): boolean {
  return namePatterns(mated).some((match) => match.id === id && match.reading === 'strict');
}

/** A mate of this recipe; undefined when so many draws gave none. */
export function composePatternMate(
  random: Random,
  searches: TaskSearches,
  id: PatternId,
  { moves, added, isGiven = false }: PatternRecipe,
): PatternMate | undefined {
  for (let count = 0; count < MOST_PICTURES; count += 1) {
    const picture =
      typeof added === 'number' ? sampleNamedMate(random, id, added) : dressNamedMate(random, id, added);
    if (picture === undefined) continue;
    const one = sampleLastMove(random, searches, picture);
    const made = one && growBack(random, searches, id, one, moves, isGiven);
    if (made !== undefined) return made;
  }
  return undefined;
}

/** The position before the mating move, when that is the only mate. */
function sampleLastMove(random: Random, { mate }: TaskSearches, picture: Position): Position | undefined {
  const [checker] = listCheckers(picture);
  const back = retractAtRandom(random, picture, checker === undefined ? {} : { square: checker });
  if (back === undefined || isCheck(back.position)) return undefined;
  if (!isOfOneSet(back.position)) return undefined;
  return mate.listMatingMoves(back.position, 1).length === 1 ? back.position : undefined;
}

/** Adds full moves before a mate until it is as long as asked, each length certified on the way. */
function growBack(
  random: Random,
  searches: TaskSearches,
  id: PatternId,
  start: Position,
  moves: number,
  isGiven: boolean,
): PatternMate | undefined {
  let made = certify(searches, id, start, 1);
  for (let length = 2; length <= moves && made !== undefined; length += 1)
    made = sampleLonger(random, searches, id, getPosition(made.fen), length, isGiven);
  return made;
}

function sampleLonger(
  random: Random,
  searches: TaskSearches,
  id: PatternId,
  shorter: Position,
  moves: number,
  isGiven: boolean,
): PatternMate | undefined {
  const { mate } = searches;
  for (let count = 0; count < DRAWS; count += 1) {
    // The defence is taken back; what it took was perhaps given up on that square by the move before.
    const defence = retractAtRandom(random, shorter, { taken: isGiven ? GIVEN : PERHAPS_GIVEN });
    if (defence === undefined) continue;
    const square = defence.taken === 'nobody' ? {} : { square: defence.to };
    const before = retractAtRandom(random, defence.position, square);
    if (before === undefined || isCheck(before.position)) continue;
    const { position } = before;
    if (!isOfOneSet(position) || mate.canMate(position, moves - 1) || !mate.canMate(position, moves))
      continue;
    if (mate.listMatingMoves(position, moves).length !== 1) continue;
    const made = certify(searches, id, position, moves);
    if (made !== undefined) return made;
  }
  return undefined;
}

/** The mate with its tree, when every longest defence ends in the picture. */
function certify(
  { mate, explainer }: TaskSearches,
  id: PatternId,
  position: Position,
  moves: number,
): PatternMate | undefined {
  if (mate.findLength(position, moves) !== moves) return undefined;
  const { proof, isWhole } = explainer.explain(position, moves, {
    mostNodes: 2_000,
    duals: 'none',
    areTriesWanted: false,
    isBlockless: false,
  });
  if (!isWhole) return undefined;
  const tags = tagMate(position, proof) ?? [];
  const isThe = tags.some((tag) => tag.id === id && tag.how === 'the' && tag.reading === 'strict');
  return isThe ? { id, fen: makeFen(position), mateInMoves: moves, proof, tags } : undefined;
}
