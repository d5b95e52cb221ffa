/**
 * Answers to an attack on one man: the side to move U, its man T that is attacked, and the one man X of the other side that may take T
 * and wins something by the exact exchange there. Each legal move is given every kind whose work it does; a kind says what the move
 * does, not that it works. The kinds are common practice, what each means is fixed here:
 *   take         captures X, en passant included
 *   go-away      T itself moves; when it captures X, the move is both
 * The others are moves of another man while X stays:
 *   put-between  X does not attack T any more, because the moved man stands between them
 *   pin          X still attacks T and may not take it, and the move gives no check
 *   protect      X may take T, and then the moved man may take back, which it could not if U had passed
 *   open-line    another man may take back then, which did not attack T's square when U passed
 *   free-guard   the same of a man that attacked it but might not take, being pinned
 *   counter      X may take T and wins something by it, the move gives no check, and U then wins on another square at least as much,
 *                and more than if it had passed
 *   in-between   a check; or a threat to mate at once that was not there
 * Whether it works is told in grades; S is where the attacked man stands after the move:
 *   isUntouched  (first grade) nobody may take on S or where the moved man went
 *   isSound      (second grade) the exchange loses nothing where the moved man went, nor on S, unless the move is a counter
 * Both speak of the very next move: after a check or a threat in between the man may fall later. The third grade is a fate's.
 */
import type { Square, ValueScale } from '../board';
import {
  findCaptured,
  isCheck,
  isCheckmate,
  listAttackers,
  listBetween,
  listLegalMoves,
  passTurn,
  playMove,
  type Move,
  type Position,
} from '../rules';
import { exchangeAfter, exchangeOn, findTaken } from './exchange';

export const ATTACK_ANSWERS = [
  'take',
  'go-away',
  'protect',
  'put-between',
  'open-line',
  'free-guard',
  'pin',
  'counter',
  'in-between',
] as const;
export type AttackAnswer = (typeof ATTACK_ANSWERS)[number];

/** A legal move and what it does against the attack; no kinds: nothing. */
export interface AnsweringMove {
  readonly move: Move;
  readonly kinds: readonly AttackAnswer[];
  /** How it comes in between. */
  readonly by: 'check' | 'mate' | undefined;
  readonly isUntouched: boolean;
  readonly isSound: boolean;
}

/** An attack that is to be answered. */
export interface Attack {
  readonly target: Square;
  readonly attacker: Square;
}

/** The one man that may take the target and wins something by it; undefined when there is none, or more than one, or a check. */
export function findAttack(position: Position, target: Square, values: ValueScale): Attack | undefined {
  const passed = passTurn(position);
  const man = position.board[target];
  if (passed === undefined || man?.side !== position.turn || man.role === 'king') return undefined;
  const takers = new Set(listTaking(passed, target).map(({ from }) => from));
  const [attacker] = takers;
  return takers.size === 1 && attacker !== undefined && exchangeOn(passed, target, values).gain > 0
    ? { target, attacker }
    : undefined;
}

/** Every legal move, with the kinds of answer that it is. */
export function listAttackAnswers(
  position: Position,
  { target, attacker }: Attack,
  values: ValueScale,
): AnsweringMove[] {
  const passed = passTurn(position);
  if (passed === undefined) return [];
  const taken = playTaking(passed, attacker, target);
  const before: Before = {
    backs: new Set(taken === undefined ? [] : listTaking(taken, target).map(({ from }) => from)),
    seers: new Set(taken === undefined ? [] : listAttackers(taken.board, target, position.turn)),
    elsewhere: taken === undefined ? 0 : bestElsewhere(taken, target, values),
    canMate: hasMate(position),
  };
  const answering = { position, attack: { target, attacker }, values, before };
  return listLegalMoves(position).map((move) => describe(answering, move));
}

/** What would be if the side to move passed and the attacker took. */
interface Before {
  /** Men that might take back, and men that would attack the square. */
  readonly backs: ReadonlySet<Square>;
  readonly seers: ReadonlySet<Square>;
  readonly elsewhere: number;
  /** Could the side to move mate at once, as things stand? */
  readonly canMate: boolean;
}

interface Answering {
  readonly position: Position;
  readonly attack: Attack;
  readonly values: ValueScale;
  readonly before: Before;
}

function describe(answering: Answering, move: Move): AnsweringMove {
  const { position, attack, values, before } = answering;
  const { target, attacker } = attack;
  const after = playMove(position, move);
  const isTaking = findCaptured(position, move) !== undefined && capturedSquare(position, move) === attacker;
  const by = isCheck(after) ? 'check' : !before.canMate && threatensMate(after) ? 'mate' : undefined;
  const kinds = new Set<AttackAnswer>();
  if (isTaking) kinds.add('take');
  if (move.from === target) kinds.add('go-away');
  if (!isTaking && move.from !== target) {
    for (const kind of listQuietKinds(answering, move, after)) kinds.add(kind);
  }
  if (by !== undefined) kinds.add('in-between');
  const stands = move.from === target ? move.to : target;
  const got = findTaken(position, move, values);
  const loss = (square: Square) => exchangeOn(after, square, values).gain;
  const squares = [...new Set([move.to, stands])];
  return {
    move,
    kinds: ATTACK_ANSWERS.filter((kind) => kinds.has(kind)),
    by,
    isUntouched: squares.every((square) => listTaking(after, square).length === 0),
    isSound: got >= loss(move.to) && (got >= loss(stands) || kinds.has('counter')),
  };
}

/** Kinds of a move after which target and attacker stand where they stood. */
function listQuietKinds(
  { attack: { target, attacker }, values, before }: Answering,
  move: Move,
  after: Position,
): AttackAnswer[] {
  const isSeen = listAttackers(after.board, target, after.turn).includes(attacker);
  if (!isSeen) return listBetween(attacker, target).includes(move.to) ? ['put-between'] : [];
  const taken = playTaking(after, attacker, target);
  if (taken === undefined) return isCheck(after) ? [] : ['pin'];
  const kinds: AttackAnswer[] = [];
  const backs = new Set(listTaking(taken, target).map(({ from }) => from));
  if (backs.has(move.to) && !before.backs.has(move.from)) kinds.push('protect');
  const others = [...backs].filter((square) => square !== move.to && !before.backs.has(square));
  if (others.some((square) => !before.seers.has(square))) kinds.push('open-line');
  if (others.some((square) => before.seers.has(square))) kinds.push('free-guard');
  const lost = exchangeOn(after, target, values).gain;
  if (!isCheck(after) && lost > 0) {
    const elsewhere = bestElsewhere(taken, target, values);
    if (elsewhere >= lost && elsewhere > before.elsewhere) kinds.push('counter');
  }
  return kinds;
}

/** Captures of what stands on a square. */
function listTaking(position: Position, square: Square): Move[] {
  if (position.board[square] === undefined) return [];
  return listLegalMoves(position).filter(({ to }) => to === square);
}

/** The attacker takes the target, a pawn becoming a queen by it; undefined when it may not. */
function playTaking(position: Position, attacker: Square, target: Square): Position | undefined {
  const move = listTaking(position, target).find(
    ({ from, promotion }) => from === attacker && (promotion === undefined || promotion === 'queen'),
  );
  return move && playMove(position, move);
}

function capturedSquare(position: Position, { from, to }: Move): Square {
  // En passant: the captured pawn stands on the rank the capturer comes from.
  return position.board[to] === undefined ? Math.floor(from / 8) * 8 + (to % 8) : to;
}

/** The best exchange on any other square. */
function bestElsewhere(position: Position, target: Square, values: ValueScale): number {
  return listLegalMoves(position)
    .filter(({ to }) => to !== target && position.board[to] !== undefined)
    .reduce((most, move) => Math.max(most, exchangeAfter(position, move, values).gain), 0);
}

function hasMate(position: Position): boolean {
  return listLegalMoves(position).some((move) => isCheckmate(playMove(position, move)));
}

/** If the other side did nothing, would it be mate at once? */
function threatensMate(after: Position): boolean {
  const passed = passTurn(after);
  return passed !== undefined && hasMate(passed);
}
