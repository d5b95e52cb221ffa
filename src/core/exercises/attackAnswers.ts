/**
 * Families of the answers to an attack: one man of the side to move is attacked by one man of theirs, and would be lost in the exchange on
 * its square. Eight kinds of answer (common practice; what each means here is fixed below). `attack-kinds`: which of them exist.
 * `attack-men`: every man that can answer in one of these ways, or every square the attacked man can go to.
 *
 * "Lost" is the exact exchange on one square, both sides free to stop: the second of the three grades of safe. A move belongs to a kind when
 * it does the kind's work and the man that moves is not itself lost where it goes.
 *   take         the attacker is taken, and the exchange there loses nothing
 *   go-away      the attacked man goes where it is not lost
 *   protect      the man that moved now takes back, and the attack wins nothing any more
 *   put-between  the attacker does not see the man any more
 *   open-line    another man takes back, whose line was opened
 *   pin          the attacker still sees the man but may not take it, for its king would be in check
 *   counter      something of at least the same worth can be taken when they take, and could not before
 *   in-between   a check, or, when the move does nothing else, a threat to mate at once that was not there
 * A check that also changes who takes back is hard to name; composers avoid it.
 */
import { z } from 'zod';
import { opponentOf, type Square } from '../board';
import { getPosition, makeSan } from '../notation';
import {
  findCaptured,
  isCheck,
  listAttackers,
  listLegalMoves,
  passTurn,
  playMove,
  type Move,
  type Position,
} from '../rules';
import { squareSchema } from './answer';
import { chooseHints, chooseOptions, compareOptions } from './chooseVerdict';
import { defineFamily } from './family';
import { listMatingMoves, positionTextSchema, sceneOfPosition } from './legalTask';
import { getRole } from './lessonBoard';
import { compareMarks, tapHints, tapSquares } from './tapVerdict';
import { exchangeAfter, scaleSchema, type Scale } from './values';
import type { Note, Reason } from './verdict';

export const ATTACK_ANSWERS = [
  'take',
  'go-away',
  'protect',
  'put-between',
  'open-line',
  'pin',
  'counter',
  'in-between',
] as const;
export type AttackAnswer = (typeof ATTACK_ANSWERS)[number];

const attackedShape = z.object({ fen: positionTextSchema, target: squareSchema, values: scaleSchema });
type AttackedTask = z.infer<typeof attackedShape>;
const isAttack = (task: AttackedTask) => findAttacker(task) !== undefined;

/** A move with the kinds of answer it is; none: it does not save the man. */
interface AnswerMove {
  readonly move: Move;
  readonly san: string;
  readonly kinds: readonly AttackAnswer[];
}

export const attackKindsFamily = defineFamily<AttackedTask, 'choose'>({
  id: 'attack-kinds',
  version: 1,
  stage: 'attack',
  skill: 'answers-to-attack',
  answerMode: 'choose',
  levels: 4,
  taskSchema: attackedShape
    .refine(isAttack, 'nobody is attacked there')
    .refine((task) => listKinds(task).length > 0, 'there is no answer'),
  question: (task) => ({ code: 'attack-kinds', ...aboutAttack(task) }),
  scene: ({ fen, target }) => sceneOfPosition(fen, { asked: [target] }),
  ask: () => ({ kind: 'choose', options: ATTACK_ANSWERS, isMultiple: true }),
  solution: (task) => chooseOptions(listKinds(task)),
  judge(task, answer) {
    const moves = listAttackAnswers(task);
    return compareOptions(listKinds(task), answer, (option) => reasonOfKind(task, moves, option));
  },
  measure(task) {
    const moves = listAttackAnswers(task);
    return moves.length + 8 * new Set(moves.flatMap(({ kinds }) => kinds)).size;
  },
  hints: (task) => chooseHints(ATTACK_ANSWERS, listKinds(task)),
});

const attackMenShape = attackedShape.extend({ answer: z.enum(ATTACK_ANSWERS) });
type AttackMenTask = z.infer<typeof attackMenShape>;

export const attackMenFamily = defineFamily<AttackMenTask, 'tap'>({
  id: 'attack-men',
  version: 1,
  stage: 'attack',
  skill: 'answers-to-attack',
  answerMode: 'tap',
  levels: 4,
  taskSchema: attackMenShape
    .refine(isAttack, 'nobody is attacked there')
    .refine((task) => listAnsweringSquares(task).length > 0, 'there is no such answer'),
  question: (task) => ({ code: 'attack-men', ...aboutAttack(task), answer: task.answer }),
  scene: ({ fen, target }) => sceneOfPosition(fen, { asked: [target] }),
  ask: () => ({ kind: 'tap', isSingle: false, labels: [] }),
  solution: (task) => tapSquares(listAnsweringSquares(task)),
  judge: (task, answer) =>
    compareMarks(
      listAnsweringSquares(task),
      answer,
      (square) => noteSquare(task, square),
      (square) => noteSquare(task, square),
    ),
  /** The kinds that are seen last weigh most (common practice: taking and going away are seen first). */
  measure(task) {
    const { board } = getPosition(task.fen);
    return 12 * ATTACK_ANSWERS.indexOf(task.answer) + board.filter((man) => man !== undefined).length;
  },
  hints: (task) => tapHints(listAnsweringSquares(task)),
});

function aboutAttack(task: AttackedTask) {
  const attacker = findAttacker(task);
  if (attacker === undefined) throw new Error('a parsed task has an attacker');
  const position = getPosition(task.fen);
  const { target } = task;
  return {
    turn: position.turn,
    target,
    targetRole: getRole(position, target),
    attacker,
    attackerRole: getRole(position, attacker),
  };
}

/** The one man that attacks the target, when the target would be lost to it now. */
export function findAttacker({ fen, target, values }: AttackedTask): Square | undefined {
  const position = getPosition(fen);
  const passed = passTurn(position);
  const man = position.board[target];
  if (passed === undefined || man?.side !== position.turn || man.role === 'king') return undefined;
  const attackers = listAttackers(position.board, target, passed.turn);
  const [attacker] = attackers;
  return attackers.length === 1 && lossOn(passed, target, values) > 0 ? attacker : undefined;
}

/** What the side to move wins by taking on a square; 0 when it had better not. */
function lossOn(position: Position, square: Square, values: Scale): number {
  return listLegalMoves(position)
    .filter(({ to, promotion }) => to === square && (promotion === undefined || promotion === 'queen'))
    .reduce((most, move) => Math.max(most, exchangeAfter(position, move, values).gain), 0);
}

/** Answers that have been worked out: judging asks for them several times, and each time some thousand moves are looked at. */
const knownAnswers = new WeakMap<AttackedTask, readonly AnswerMove[]>();

/** Every legal move with its kinds. */
export function listAttackAnswers(task: AttackedTask): readonly AnswerMove[] {
  const known = knownAnswers.get(task) ?? findAttackAnswers(task);
  knownAnswers.set(task, known);
  return known;
}

function findAttackAnswers(task: AttackedTask): AnswerMove[] {
  const position = getPosition(task.fen);
  const { attacker } = aboutAttack(task);
  const ignored = passTurn(position);
  const wasThreatening = listMatingMoves(position).length > 0;
  const before = ignored && bestAfterTaking(ignored, attacker, task);
  return listLegalMoves(position).map((move) => ({
    move,
    san: makeSan(position, move),
    kinds: kindsOf(position, move, task, { attacker, wasThreatening, before: before ?? 0 }),
  }));
}

interface Known {
  readonly attacker: Square;
  /** Mate at once threatens already. */
  readonly wasThreatening: boolean;
  /** What could be taken anyway when they take. */
  readonly before: number;
}

function kindsOf(position: Position, move: Move, task: AttackedTask, known: Known): AttackAnswer[] {
  const { target, values } = task;
  const { attacker } = known;
  const after = playMove(position, move);
  const taken = findCaptured(position, move);
  const gained = taken === undefined ? 0 : values[taken.role];
  if (lossOn(after, move.to, values) > gained) return [];
  const isPassing = taken !== undefined && position.board[move.to] === undefined;
  const isAttackerGone = move.to === attacker || (isPassing && after.board[attacker] === undefined);
  // The man that is attacked may take the attacker itself: then it has gone where it is not lost, too.
  if (isAttackerGone && move.from === target) return ['take', 'go-away'];
  if (isAttackerGone) return lossOn(after, target, values) <= 0 ? ['take'] : [];
  if (move.from === target) return ['go-away'];
  const kinds: AttackAnswer[] = [];
  const theirs = after.turn;
  const own = opponentOf(theirs);
  const isSeen = listAttackers(after.board, target, theirs).includes(attacker);
  const isGivingCheck = isCheck(after);
  if (!isSeen) kinds.push('put-between');
  else if (!isGivingCheck) {
    if (!listLegalMoves(after).some(({ from, to }) => from === attacker && to === target)) kinds.push('pin');
    else if (lossOn(after, target, values) <= 0) {
      const newHelpers = listAttackers(after.board, target, own).filter(
        (square) => square === move.to || !listAttackers(position.board, target, own).includes(square),
      );
      if (newHelpers.includes(move.to)) kinds.push('protect');
      else if (newHelpers.length > 0) kinds.push('open-line');
    } else {
      const most = bestAfterTaking(after, attacker, task);
      if (most >= lossOn(after, target, values) && most > known.before) kinds.push('counter');
    }
  }
  if (isGivingCheck) kinds.push('in-between');
  else if (kinds.length === 0 && !known.wasThreatening && threatensMate(after)) kinds.push('in-between');
  return kinds;
}

/** They take the target with the attacker: what can then be taken elsewhere? */
function bestAfterTaking(theirTurn: Position, attacker: Square, { target, values }: AttackedTask): number {
  const taking = listLegalMoves(theirTurn).find(({ from, to }) => from === attacker && to === target);
  if (taking === undefined) return 0;
  const place = playMove(theirTurn, taking);
  return listLegalMoves(place)
    .filter((move) => move.to !== target && findCaptured(place, move) !== undefined)
    .reduce((most, move) => Math.max(most, exchangeAfter(place, move, values).gain), 0);
}

/** If they did nothing, would it be mate at once? */
function threatensMate(after: Position): boolean {
  const passed = passTurn(after);
  return passed !== undefined && listMatingMoves(passed).length > 0;
}

function listKinds(task: AttackedTask): AttackAnswer[] {
  const found = new Set(listAttackAnswers(task).flatMap(({ kinds }) => kinds));
  return ATTACK_ANSWERS.filter((kind) => found.has(kind));
}

/** The moves that do it; or a move that looks like it, with what comes of it. */
function reasonOfKind(task: AttackedTask, moves: readonly AnswerMove[], option: string): Reason {
  const doing = moves.filter(({ kinds }) => kinds.some((kind) => kind === option));
  if (doing.length > 0) return { code: 'moves-do', moves: doing.map(({ san }) => san) };
  const tempting = moves.find(({ move, kinds }) => kinds.length === 0 && looksLike(task, move, option));
  if (tempting === undefined) return { code: 'nothing-does' };
  const after = playMove(getPosition(task.fen), tempting.move);
  const worst = findWorst(after, [tempting.move.to, task.target], task.values);
  return worst.length === 0
    ? { code: 'nothing-does' }
    : { code: 'but-then', moves: [tempting.san, ...worst] };
}

/** Would a child take the move for an answer of this kind? */
function looksLike(task: AttackedTask, move: Move, option: string): boolean {
  const { attacker, target } = aboutAttack(task);
  const position = getPosition(task.fen);
  switch (option) {
    case 'take':
      return move.to === attacker;
    case 'go-away':
      return move.from === target;
    case 'protect': {
      const { board } = playMove(position, move);
      return move.from !== target && listAttackers(board, target, position.turn).includes(move.to);
    }
    default:
      return false;
  }
}

/** The dearest exchange on one of these squares, in SAN. */
function findWorst(after: Position, squares: readonly Square[], values: Scale): readonly string[] {
  const exchanges = listLegalMoves(after)
    .filter(({ to, promotion }) => squares.includes(to) && (promotion === undefined || promotion === 'queen'))
    .map((move) => exchangeAfter(after, move, values))
    .sort((one, other) => other.gain - one.gain);
  const [worst] = exchanges;
  return worst !== undefined && worst.gain > 0 ? worst.moves : [];
}

/** The men that can do it; of going away, the squares. */
function listAnsweringSquares(task: AttackMenTask): Square[] {
  const moves = listAttackAnswers(task).filter(({ kinds }) => kinds.includes(task.answer));
  const squares = moves.map(({ move }) => (task.answer === 'go-away' ? move.to : move.from));
  return [...new Set(squares)].sort((one, other) => one - other);
}

function noteSquare(task: AttackMenTask, square: Square): Note {
  const position = getPosition(task.fen);
  const isAway = task.answer === 'go-away';
  const moves = listAttackAnswers(task).filter(({ move }) =>
    isAway ? move.from === task.target && move.to === square : move.from === square,
  );
  const doing = moves.find(({ kinds }) => kinds.includes(task.answer));
  if (doing !== undefined) return { code: 'can-answer', square, move: doing.san };
  if (isAway) {
    const role = getRole(position, task.target);
    const [going] = moves;
    if (going === undefined) return { code: 'not-its-way', square, role };
    const [by = square] = listAttackers(
      playMove(position, going.move).board,
      square,
      opponentOf(position.turn),
    );
    return { code: 'can-be-taken', square, role, by, byRole: getRole(position, by) };
  }
  const man = position.board[square];
  if (man === undefined) return { code: 'nobody-there', square };
  if (man.side !== position.turn) return { code: 'not-your-man', square };
  return { code: 'cannot-answer', square, role: man.role, answer: task.answer };
}
