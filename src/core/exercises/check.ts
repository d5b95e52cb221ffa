/**
 * Families of check, mate and draws. `what-is-it`: check, mate, stalemate, a dead position or nothing of these (FIDE Laws of Chess,
 * articles 3.9, 5.1.1, 5.2.1, 5.2.2). `answers-to-check`: which of the three answers there are: the king goes away, the checking man
 * is taken (by the king too), something is put between (common practice); none is mate. `mate-in-one`: any mating move.
 * `stop-mate`: any move after which the other side has no mate at once. `is-safe-move`: does this move allow one?
 */
import { z } from 'zod/mini';
import { makeMoveText, makeSan, getPosition } from '../notation';
import {
  findKing,
  findOutcome,
  isCheck,
  isCheckmate,
  listCheckers,
  listLegalMoves,
  playMove,
  type Move,
  type Position,
} from '../rules';
import type { AnswerOf } from './answer';
import { chooseHints, chooseOptions, compareOptions, compareWithReason } from './chooseVerdict';
import { defineFamily } from './family';
import {
  findLegalMove,
  isMatingMove,
  listMatingMoves,
  positionTextSchema,
  sceneOfPosition,
  toSans,
  toTexts,
} from './legalTask';
import type { BoardTask } from './theirMen';
import { tagMiss } from './missGeometry';
import { RIGHT, wrongFor, type Reason, type Verdict } from './verdict';

export const STATE_OPTIONS = ['check', 'mate', 'stalemate', 'dead', 'goes-on'] as const;
export type BoardState = (typeof STATE_OPTIONS)[number];

const PARTS = { version: 1, stage: 'check' } as const;
const boardTaskSchema = z.object({ fen: positionTextSchema });

export const whatIsItFamily = defineFamily<BoardTask, 'choose'>({
  ...PARTS,
  id: 'what-is-it',
  skill: 'ends-of-the-game',
  answerMode: 'choose',
  levels: 4,
  taskSchema: boardTaskSchema,
  question: () => ({ code: 'what-is-it' }),
  scene: ({ fen }) => sceneOfPosition(fen, { bottom: 'white' }),
  ask: () => ({ kind: 'choose', options: STATE_OPTIONS, isMultiple: false }),
  solution: ({ fen }) => chooseOptions([findState(getPosition(fen))]),
  judge({ fen }, answer) {
    const position = getPosition(fen);
    return compareOptions([findState(position)], answer, (option) => reasonOfState(position, option));
  },
  /** Men that have to be looked at for check, and moves for mate and stalemate. */
  measure({ fen }) {
    const { board } = getPosition(fen);
    return board.filter((man) => man !== undefined).length;
  },
  hints: ({ fen }) => chooseHints(STATE_OPTIONS, [findState(getPosition(fen))]),
});

export function findState(position: Position): BoardState {
  return findOutcome(position)?.kind ?? (isCheck(position) ? 'check' : 'goes-on');
}

/** Why the option holds, or why it does not. */
function reasonOfState(position: Position, option: string): Reason {
  const state = findState(position);
  if (option === state) return whyState(position, state);
  const checkers = listCheckers(position);
  switch (option) {
    case 'check':
    case 'mate':
      if (checkers.length === 0) return { code: 'no-check' };
      // In check, yet not merely that, or not mate: the state itself says why.
      return option === 'mate' && state === 'check' ? reasonOfMoves(position) : whyState(position, state);
    case 'stalemate':
      return checkers.length > 0 ? { code: 'gives-check', squares: checkers } : reasonOfMoves(position);
    case 'dead':
      return { code: 'enough-men' };
    default:
      return whyState(position, state);
  }
}

/** What makes it check, mate, stalemate, a dead position or none of these. */
export function whyState(position: Position, state: BoardState): Reason {
  switch (state) {
    case 'check':
      return { code: 'gives-check', squares: listCheckers(position) };
    case 'mate':
      return { code: 'it-is-mate' };
    case 'stalemate':
      return { code: 'is-stalemate' };
    case 'dead':
      return { code: 'too-few-men' };
    case 'goes-on':
      return reasonOfMoves(position);
  }
}

/** The first legal move, against whoever says that there is none. */
export function reasonOfMoves(position: Position): Reason {
  const [first] = listLegalMoves(position);
  return first === undefined ? { code: 'no-move' } : { code: 'can-move', moves: [makeSan(position, first)] };
}

export const CHECK_ANSWERS = ['go-away', 'take', 'put-between', 'none'] as const;

export const answersToCheckFamily = defineFamily<BoardTask, 'choose'>({
  ...PARTS,
  id: 'answers-to-check',
  skill: 'answers-to-check',
  answerMode: 'choose',
  levels: 4,
  taskSchema: boardTaskSchema.check(z.refine(({ fen }) => isCheck(getPosition(fen)), 'not in check')),
  question: () => ({ code: 'answers-to-check' }),
  scene: ({ fen }) => sceneOfPosition(fen),
  ask: () => ({ kind: 'choose', options: CHECK_ANSWERS, isMultiple: true }),
  solution: ({ fen }) => chooseOptions(listCheckAnswers(getPosition(fen))),
  judge({ fen }, answer) {
    const position = getPosition(fen);
    return compareOptions(listCheckAnswers(position), answer, (option) => {
      if (option === 'none') return isCheckmate(position) ? { code: 'it-is-mate' } : reasonOfMoves(position);
      const moves = listAnswers(position, option);
      return moves.length === 0
        ? { code: 'nothing-does' }
        : { code: 'moves-do', moves: toSans(position, moves) };
    });
  },
  measure({ fen }) {
    const position = getPosition(fen);
    return position.board.filter((man) => man !== undefined).length + listLegalMoves(position).length;
  },
  hints: ({ fen }) => chooseHints(CHECK_ANSWERS, listCheckAnswers(getPosition(fen))),
});

/** The legal answers of one kind. */
function listAnswers(position: Position, kind: string): Move[] {
  const checkers = listCheckers(position);
  const king = findKing(position.board, position.turn);
  const takes = ({ to, from }: Move) =>
    checkers.includes(to) || (to === position.enPassant && position.board[from]?.role === 'pawn');
  return listLegalMoves(position).filter((move) => {
    if (takes(move)) return kind === 'take';
    return kind === (move.from === king ? 'go-away' : 'put-between');
  });
}

function listCheckAnswers(position: Position): string[] {
  const kinds = ['go-away', 'take', 'put-between'].filter((kind) => listAnswers(position, kind).length > 0);
  return kinds.length === 0 ? ['none'] : kinds;
}

export const mateInOneFamily = defineFamily<BoardTask, 'play'>({
  ...PARTS,
  id: 'mate-in-one',
  skill: 'mate-in-one',
  answerMode: 'play',
  levels: 4,
  taskSchema: boardTaskSchema.check(
    z.refine(({ fen }) => listMatingMoves(getPosition(fen)).length > 0, 'no mate'),
  ),
  question: ({ fen }) => ({ code: 'mate-in-one', turn: getPosition(fen).turn }),
  scene: ({ fen }) => sceneOfPosition(fen),
  ask: ({ fen }) => ({ kind: 'play', rules: 'legal', fen }),
  solution: ({ fen }) => firstMove(listMatingMoves(getPosition(fen))),
  judge: ({ fen }, answer) =>
    judgeFirstMove(getPosition(fen), answer, (position, move) =>
      isMatingMove(position, move)
        ? RIGHT
        : tagMiss(whyNoMate(position, move), position, listMatingMoves(position)),
    ),
  /** Moves to choose among, checks above all. */
  measure({ fen }) {
    const position = getPosition(fen);
    const moves = listLegalMoves(position);
    return moves.length + 5 * moves.filter((move) => isCheck(playMove(position, move))).length;
  },
  hints: () => [],
  listRightMoves: ({ fen }, moves) => (moves.length > 0 ? [] : toTexts(listMatingMoves(getPosition(fen)))),
});

/** No check, or a check that can be answered: how. Stalemate by its own name. */
export function whyNoMate(position: Position, move: Move): Verdict {
  const after = playMove(position, move);
  const san = makeSan(position, move);
  const replies = listLegalMoves(after);
  const isChecked = isCheck(after);
  if (!isChecked && replies.length === 0) return wrongFor([{ code: 'stalemates', move: san }]);
  const [reply] = replies;
  return {
    ...wrongFor([
      {
        code: 'mate-not-yet',
        move: san,
        reason: isChecked
          ? { code: 'moves-do', moves: toSans(after, replies.slice(0, 1)) }
          : { code: 'no-check' },
      },
    ]),
    refutation: isChecked && reply !== undefined ? [makeMoveText(reply)] : [],
  };
}

/** What the side to move could be mated by: the other side's mates at once after a move. */
function listMatesAfter(position: Position, move: Move): Move[] {
  return listMatingMoves(playMove(position, move));
}

export const stopMateFamily = defineFamily<BoardTask, 'play'>({
  ...PARTS,
  id: 'stop-mate',
  skill: 'stopping-mate',
  answerMode: 'play',
  levels: 3,
  taskSchema: boardTaskSchema,
  question: ({ fen }) => ({ code: 'stop-mate', turn: getPosition(fen).turn }),
  scene: ({ fen }) => sceneOfPosition(fen),
  ask: ({ fen }) => ({ kind: 'play', rules: 'legal', fen }),
  solution: ({ fen }) => firstMove(listSafeMoves(getPosition(fen))),
  judge: ({ fen }, answer) =>
    judgeFirstMove(getPosition(fen), answer, (position, move) => {
      const [mate] = listMatesAfter(position, move);
      if (mate === undefined) return RIGHT;
      return {
        ...wrongFor([{ code: 'still-mates', move: makeSan(playMove(position, move), mate) }]),
        refutation: [makeMoveText(mate)],
      };
    }),
  /** The fewer moves help, the harder. */
  measure({ fen }) {
    const position = getPosition(fen);
    return Math.round((100 * listLegalMoves(position).length) / listSafeMoves(position).length);
  },
  hints: () => [],
  listRightMoves: ({ fen }, moves) => (moves.length > 0 ? [] : toTexts(listSafeMoves(getPosition(fen)))),
});

function listSafeMoves(position: Position): Move[] {
  return listLegalMoves(position).filter((move) => listMatesAfter(position, move).length === 0);
}

export const safeMoveTaskSchema = z
  .object({ fen: positionTextSchema, move: z.string() })
  .check(z.refine(({ fen, move }) => findLegalMove(getPosition(fen), move) !== undefined, 'not a move'));
export type SafeMoveTask = z.infer<typeof safeMoveTaskSchema>;
export const SAFE_OPTIONS = ['allows-mate', 'allows-none'] as const;

export const isSafeMoveFamily = defineFamily<SafeMoveTask, 'choose'>({
  ...PARTS,
  id: 'is-safe-move',
  skill: 'seeing-mate',
  answerMode: 'choose',
  levels: 3,
  taskSchema: safeMoveTaskSchema,
  question({ fen, move }) {
    const position = getPosition(fen);
    return {
      code: 'is-safe-move',
      turn: position.turn,
      move: makeSan(position, getLegalMove(position, move)),
    };
  },
  scene: ({ fen, move }) => sceneOfPosition(fen, { trace: getLegalMove(getPosition(fen), move) }),
  ask: () => ({ kind: 'choose', options: SAFE_OPTIONS, isMultiple: false }),
  solution: (task) => chooseOptions([listMates(task).length > 0 ? 'allows-mate' : 'allows-none']),
  judge(task, answer) {
    const mates = listMates(task);
    return compareWithReason(mates.length > 0 ? 'allows-mate' : 'allows-none', answer, () =>
      mates.length > 0 ? { code: 'mates', moves: mates } : { code: 'nothing-does' },
    );
  },
  /** Checks the other side has, for each has to be looked at. */
  measure({ fen, move }) {
    const position = getPosition(fen);
    const after = playMove(position, getLegalMove(position, move));
    const replies = listLegalMoves(after);
    return replies.length + 5 * replies.filter((reply) => isCheck(playMove(after, reply))).length;
  },
  hints: () => [],
});

function listMates({ fen, move }: SafeMoveTask): string[] {
  const position = getPosition(fen);
  const after = playMove(position, getLegalMove(position, move));
  return toSans(after, listMatingMoves(after));
}

function getLegalMove(position: Position, text: string): Move {
  const move = findLegalMove(position, text);
  if (move === undefined) throw new Error('a parsed task has a legal move');
  return move;
}

function firstMove(moves: readonly Move[]): AnswerOf<'play'> {
  return { kind: 'play', moves: toTexts(moves.slice(0, 1)), slips: 0 };
}

/** Judges an answer of one legal move. */
export function judgeFirstMove(
  position: Position,
  { moves }: AnswerOf<'play'>,
  judge: (position: Position, move: Move) => Verdict,
): Verdict {
  const move = findLegalMove(position, moves[0] ?? '');
  if (move === undefined) return { ...wrongFor([{ code: 'not-a-legal-move' }]), wrongPly: 0 };
  const verdict = judge(position, move);
  return verdict.outcome === 'wrong' ? { ...verdict, wrongPly: 0 } : verdict;
}
