/**
 * Is what a note says true of the board it names? Each code by the meaning of its sentence, in plain code and chess.js. A sentence that
 * is true but speaks for the wrong answer counts as false: `speaksFor` names those.
 */
import type { Answer, ExerciseId, Note, Reason, Verdict } from '@/core/exercises';
import { acceptanceOf, looksLike } from './acceptance';
import {
  exchangeOn,
  findBySan,
  findByText,
  gotBy,
  isInCheck,
  isMate,
  isStale,
  matesIn,
  movesOf,
  open,
  exchangeBy,
  turned,
} from './chessBoard';
import { canMateIn, mustBeMated } from './forcedMates';
import { isStrictly } from './namedMateTasks';
import {
  findKingOf,
  isItsWay,
  kindOf,
  liftOff,
  listAttacked,
  listAttackersOf,
  listBetween,
  listTakersAfter,
  listTargets,
  moveOn,
  nameOf,
  readBoard,
  squareOf,
  type Cells,
  type Kind,
  type PlainBoard,
} from './plainBoard';

/** What a check may look at: the task as stored, and what was answered and said. */
export interface Said {
  readonly id: ExerciseId;
  readonly task: TaskFields;
  readonly answer: Answer;
  readonly verdict: Verdict;
  /** The right options, squares or text as the oracle knows them, where it does. */
  readonly solution: Answer;
}

/** Fields of the tasks, whatever the family. */
export interface TaskFields {
  readonly fen: string;
  readonly square: number;
  readonly target: number;
  readonly targets: readonly number[];
  readonly answering: number;
  readonly side: 'white' | 'black';
  readonly move: string;
  readonly moves: readonly string[];
  readonly sides: readonly ('white' | 'black')[];
  readonly story: { readonly times: number; readonly quietMoves: number; readonly haveAgreed: boolean };
  readonly result: string;
  readonly wing: 'short' | 'long';
  readonly hasMoved: string;
  readonly pawn: number;
  readonly from: number;
  readonly to: number;
  readonly isLate: boolean;
  readonly goal: string;
  readonly asked: string;
  readonly given: readonly string[];
  readonly taken: readonly string[];
  readonly other: number;
  readonly garbled: string;
  readonly after: readonly string[];
  readonly answer: string;
  readonly candidates: readonly number[];
  readonly commit: string;
  readonly mateInMoves: number;
  readonly count: string | undefined;
  readonly asks: string;
  readonly id: string;
  readonly sans: readonly string[];
  readonly ending: string;
  readonly options: readonly string[];
  readonly isNamed: boolean;
}

const VALUE: Readonly<Record<Kind, number>> = { k: 0, q: 9, r: 5, b: 3, n: 3, p: 1 };
const isPiece = (cells: Cells, square: number, role: string | undefined, isWhite?: boolean) => {
  const piece = cells[square];
  return piece?.kind === kindOf(role) && (isWhite === undefined || piece.isWhite === isWhite);
};

/** The board when the wrong move of an answer was made, men wandering or playing by turns. */
function boardBefore({ task, answer, verdict }: Said): PlainBoard {
  const start = readBoard(task.fen);
  if (answer.kind !== 'play') return start;
  const played = answer.moves.slice(0, verdict.wrongPly ?? 0);
  const cells = played.reduce<Cells>(
    (now, move) => moveOn(now, squareOf(move.slice(0, 2)), squareOf(move.slice(2, 4))),
    start.cells,
  );
  return { ...start, cells, passed: played.length > 0 ? undefined : start.passed };
}

/** The man that is asked about, where it stands now. */
function askedFrom({ id, task, answer, verdict }: Said): number {
  if (id === 'attack-men') return task.target;
  if (answer.kind !== 'play') return task.square;
  return answer.moves
    .slice(0, verdict.wrongPly ?? 0)
    .reduce((at, move) => (squareOf(move.slice(0, 2)) === at ? squareOf(move.slice(2, 4)) : at), task.square);
}

/** The squares that attack the piece which has gone from one square to another. */
function attackersAfter(cells: Cells, from: number, to: number): number[] {
  const piece = cells[from];
  return piece === undefined ? [] : listAttackersOf(moveOn(cells, from, to), to, !piece.isWhite);
}

const fenWithout = (fen: string, square: number) => {
  const chess = open(fen);
  chess.remove(nameOf(square) as Parameters<typeof chess.remove>[0]);
  return chess.fen();
};

/** Undefined: true. Else what is false about it. */
export function findFalse(said: Said, note: Note): string | undefined {
  return isTrue(said, note) ? undefined : `${note.code} is not true`;
}

function isTrue(said: Said, note: Note): boolean {
  const { id, task, answer, verdict } = said;
  const hasBoard = typeof task.fen === 'string';
  const board = hasBoard ? boardBefore(said) : undefined;
  const cells = board?.cells ?? [];
  const own = board?.isWhiteToMove ?? true;
  switch (note.code) {
    // Where men go.
    case 'missed':
      return (
        isPiece(cells, note.from, note.role, own) &&
        board !== undefined &&
        listTargets(board, note.from).includes(note.square)
      );
    case 'own-man':
      return isPiece(cells, note.square, note.role, own);
    case 'behind': {
      const from = askedFrom(said);
      const piece = cells[from];
      return (
        isPiece(cells, from, note.role) &&
        piece !== undefined &&
        isItsWay(piece, from, note.square) &&
        cells[note.by] !== undefined &&
        (listBetween(from, note.square) ?? []).includes(note.by)
      );
    }
    case 'not-its-way': {
      const from = askedFrom(said);
      const piece = cells[from];
      return isPiece(cells, from, note.role) && piece !== undefined && !isItsWay(piece, from, note.square);
    }
    case 'own-square':
      return note.square === askedFrom(said) && isPiece(cells, note.square, note.role);
    case 'pawn-takes-diagonally':
      return (
        cells[note.square] !== undefined &&
        (note.square - askedFrom(said)) % 8 === 0 &&
        isItsWay({ isWhite: own, kind: 'p' }, askedFrom(said), note.square)
      );
    case 'pawn-needs-a-man':
      return (
        cells[note.square] === undefined &&
        listAttacked(cells, askedFrom(said)).includes(note.square) &&
        !(board !== undefined && listTargets(board, askedFrom(said)).includes(note.square))
      );
    case 'passing-is-over': {
      const beside = note.square + (own ? -8 : 8);
      return (
        isPiece(cells, beside, 'pawn', !own) &&
        Math.abs(beside - askedFrom(said)) === 1 &&
        board?.passed !== note.square
      );
    }
    case 'king-steps-into-check': {
      const from = askedFrom(said);
      return (
        cells[from]?.kind === 'k' &&
        isPiece(cells, note.by, note.byRole, !own) &&
        attackersAfter(cells, from, note.square).includes(note.by)
      );
    }
    case 'is-pinned-there': {
      const king = findKingOf(cells, own);
      return (
        king >= 0 &&
        listAttackersOf(moveOn(cells, askedFrom(said), note.square), king, !own).includes(note.by)
      );
    }
    // Men of theirs.
    case 'not-taken':
      return (
        isPiece(cells, note.square, note.role, !own) &&
        board !== undefined &&
        !cells.some((piece, from) => piece?.isWhite === own && listTargets(board, from).includes(note.square))
      );
    case 'takes-here':
      return cells[note.square] !== undefined;
    case 'unprotected':
      return (
        isPiece(cells, note.square, note.role, !own) && listAttackersOf(cells, note.square, !own).length === 0
      );
    case 'not-asked': {
      if (!isPiece(cells, note.square, note.role)) return false;
      if (id === 'trapped') return note.role === 'pawn' || note.role === 'king';
      // Of a mate: the mated side's men, or the mating king, are not asked about.
      return cells[note.square]?.isWhite === own || note.role === 'king';
    }
    case 'king-not-asked':
      return isPiece(cells, note.square, 'king', !own);
    case 'has-no-way':
      return (
        board !== undefined &&
        listTargets(board, note.square).every((to) => listTakersAfter(cells, note.square, to).length > 0)
      );
    case 'has-a-way':
      return (
        board !== undefined &&
        isPiece(cells, note.square, note.role, !own) &&
        listTargets(board, note.square).includes(note.target) &&
        listTakersAfter(cells, note.square, note.target).length === 0
      );
    case 'nobody-there':
      return cells[note.square] === undefined;
    case 'own-side':
      return cells[note.square]?.isWhite === own;
    case 'not-your-man':
      return cells[note.square] !== undefined && cells[note.square]?.isWhite !== own;
    case 'protected':
      return (
        isPiece(cells, note.square, note.role, !own) &&
        isPiece(cells, note.by, note.byRole, !own) &&
        listAttacked(cells, note.by).includes(note.square)
      );
    case 'takes-back':
      return (
        isPiece(cells, note.by, note.byRole, !own) &&
        board !== undefined &&
        cells.some(
          (piece, from) =>
            piece?.isWhite === own &&
            listTargets(board, from).includes(note.square) &&
            listTakersAfter(cells, from, note.square).includes(note.by),
        )
      );
    case 'king-is-never-taken':
      return cells[note.square]?.kind === 'k';
    case 'can-be-taken': {
      const from = askedFrom(said);
      return (
        isPiece(cells, from, note.role) &&
        isPiece(cells, note.by, note.byRole, !own) &&
        listTakersAfter(cells, from, note.square).includes(note.by)
      );
    }
    case 'attacks-not': {
      const after = moveOn(cells, task.square, note.square);
      return (
        isPiece(cells, task.square, note.role) && !listAttacked(after, note.square).includes(note.target)
      );
    }
    case 'would-attack': {
      const after = moveOn(cells, task.square, note.square);
      return (
        board !== undefined &&
        listTargets(board, task.square).includes(note.square) &&
        listAttacked(after, note.square).includes(note.target) &&
        listTakersAfter(cells, task.square, note.square).length === 0
      );
    }
    case 'is-the-target':
      return note.square === task.target;
    // Squares and names.
    case 'rank-before-file':
      return (
        note.square === note.asked ||
        (Math.floor(note.square / 8) === note.asked % 8 && note.square % 8 === Math.floor(note.asked / 8))
      );
    case 'wrong-file':
      return Math.floor(note.square / 8) === Math.floor(note.asked / 8) && note.square !== note.asked;
    case 'wrong-rank':
      return note.square % 8 === note.asked % 8 && note.square !== note.asked;
    case 'another-square':
      return note.asked === task.square;
    case 'no-such-square':
      return !/^[a-h][1-8]$/i.test(note.text.trim());
    // Kings.
    case 'is-free': {
      const king = findKingOf(cells, own);
      return listAttackersOf(liftOff(cells, king), note.square, !own).length === 0;
    }
    case 'is-own-man':
      return cells[note.square]?.isWhite === own;
    case 'not-beside-king': {
      const king = findKingOf(cells, own);
      return !listAttacked(cells, king).includes(note.square);
    }
    case 'is-guarded':
      return isPiece(cells, note.by, note.byRole, !own) && listAttacked(cells, note.by).includes(note.square);
    case 'guarded-through-king': {
      const king = findKingOf(cells, own);
      return (
        isPiece(cells, note.by, note.byRole, !own) &&
        (listBetween(note.by, note.square) ?? []).includes(king) &&
        listAttacked(liftOff(cells, king), note.by).includes(note.square)
      );
    }
    case 'not-marked':
      return !task.candidates.includes(note.square);
    case 'tally':
      return true; // Held against a count of its own in `acceptance`.
    // Set-up: held against the initial position.
    case 'board-turned':
      return answer.kind === 'place' && answer.men.every(({ square }) => [0, 1, 6, 7].includes(square % 8));
    case 'armies-exchanged':
      return (
        answer.kind === 'place' &&
        answer.men.every(({ square, side }) => (side === 'white' ? square > 47 : square < 16))
      );
    case 'belongs-elsewhere':
    case 'is-missing':
    case 'is-extra':
    case 'wrong-side':
      return isTrueOfSetUp(said, note);
    case 'king-queen-exchanged':
    case 'bishop-knight-exchanged': {
      // The square is the one the sentence names: of the queen, of the knight.
      const standing = note.code === 'king-queen-exchanged' ? 'king' : 'bishop';
      return (
        answer.kind === 'place' &&
        answer.men.some(({ square, role }) => square === note.square && role === standing) &&
        (standing === 'king' ? note.square % 8 === 3 : [1, 6].includes(note.square % 8))
      );
    }
    case 'too-many':
      return answer.kind === 'number' && answer.value > note.right;
    case 'too-few':
      return answer.kind === 'number' && answer.value < note.right;
    // Routes.
    case 'goes-round':
      return answer.kind === 'play' && note.moves > note.fewest;
    case 'way-too-short':
      return answer.kind === 'play' && answer.moves.length === note.moves;
    // Moves.
    case 'not-a-legal-move':
      return !isLawful(said);
    case 'move-not-meant':
      return note.move !== note.meant && findBySan(task.fen, note.move) !== undefined;
    case 'mate-not-yet': {
      const move = findBySan(task.fen, note.move);
      if (move === undefined || isMate(move.after)) return false;
      if (note.reason.code === 'no-check') return !isInCheck(move.after);
      return (
        isInCheck(move.after) && note.reason.moves.every((san) => findBySan(move.after, san) !== undefined)
      );
    }
    case 'stalemates': {
      const move = findBySan(task.fen, note.move);
      return move !== undefined && isStale(move.after);
    }
    case 'still-mates': {
      const first = answer.kind === 'play' ? findByText(task.fen, answer.moves[0] ?? '') : undefined;
      return first !== undefined && matesIn(first.after).some(({ san }) => san === note.move);
    }
    case 'writes-another':
      return note.san !== note.asked && findBySan(task.fen, note.san) !== undefined;
    case 'unreadable':
    case 'still-differs':
    case 'usually-written':
      return true; // The reader has tests of its own.
    case 'sheet-differs':
      return note.text !== note.san;
    case 'not-on-the-sheet':
      return findBySan(task.fen, note.san) !== undefined && !looksLike(note.san, task.garbled);
    case 'does-not-go-on': {
      const move = findBySan(task.fen, note.san);
      if (move === undefined || !looksLike(note.san, task.garbled)) return false;
      // Every move before the named one can follow, the named one cannot.
      let fen = move.after;
      for (const san of task.after) {
        const next = findBySan(fen, san);
        const isWritten = next !== undefined && next.san === san;
        if (san === note.next && !isWritten) return true;
        if (!isWritten) return false;
        fen = next.after;
      }
      return false;
    }
    case 'man-not-meant': {
      const meant = movesOf(task.fen).find(({ lan }) => lan === task.move);
      const would = movesOf(task.fen).find(
        (move) => squareOf(move.from) === note.square && move.to === meant?.to,
      );
      return note.square !== squareOf(meant?.from ?? 'a1') && would?.san === note.would;
    }
    case 'man-meant':
      return squareOf(task.move.slice(0, 2)) === note.square;
    // Answers to an attack.
    case 'can-answer': {
      const move = findBySan(task.fen, note.move);
      return move !== undefined && [squareOf(move.from), squareOf(move.to)].includes(note.square);
    }
    case 'cannot-answer':
      return isPiece(cells, note.square, note.role, own);
    case 'answers-otherwise':
      return isPiece(cells, note.square, note.role, own) && findBySan(task.fen, note.move) !== undefined;
    case 'move-is-lost': {
      const move = findBySan(task.fen, note.move);
      return (
        move !== undefined &&
        note.moves.length > 0 &&
        findBySan(move.after, note.moves[0] ?? '') !== undefined &&
        (exchangeOn(move.after, squareOf(move.to)) > gotBy(move) ||
          exchangeOn(move.after, move.from === nameOf(task.target) ? squareOf(move.to) : task.target) >
            gotBy(move))
      );
    }
    // Named mates.
    case 'is-needed':
      return isPiece(cells, note.square, note.role) && !isMate(fenWithout(task.fen, note.square));
    case 'is-spare':
      return isPiece(cells, note.square, note.role) && isMate(fenWithout(task.fen, note.square));
    case 'not-in-the-way':
      return isPiece(cells, note.square, note.role) && !isMate(fenWithout(task.fen, note.square));
    case 'stands-in-the-way':
      return isPiece(cells, note.square, note.role) && isMate(fenWithout(task.fen, note.square));
    case 'other-mate': {
      const first = answer.kind === 'play' ? findByText(task.fen, answer.moves[0] ?? '') : undefined;
      return (
        first !== undefined &&
        isMate(first.after) &&
        squareOf(first.to) === note.square &&
        first.piece === kindOf(note.role)
      );
    }
    case 'pawn-on-last-rank':
      return (
        (note.square < 8 || note.square > 55) &&
        said.answer.kind === 'place' &&
        said.answer.men.some(({ square, role }) => square === note.square && role === 'pawn')
      );
    case 'one-man-only':
    case 'not-this-mate':
    case 'leaves-king-in-check':
    case 'not-mate-yet':
      return isTrueOfGap(said, note);
    // Forcing moves.
    case 'forces-nothing':
      return !isAsked(said, note.square);
    case 'forces': {
      const move = findBySan(task.fen, note.move);
      return (
        move !== undefined && squareOf(move.to) === note.square && isForcedSo(move, note.label, task.fen)
      );
    }
    case 'no-mate-there':
      return !isAsked(said, note.square);
    case 'mates-there':
      return isAsked(said, note.square);
    // Lines.
    case 'line-too-short':
      return answer.kind !== 'play' || (lineOf(said).length === answer.moves.length && !isMate(endOf(said)));
    case 'cannot-yet':
      return (
        answer.kind === 'choose' &&
        cannotFollow(task.fen, answer.options.slice(0, answer.options.indexOf(note.san)), note.san)
      );
    case 'line-breaks':
      return isTrueBreak(said, note);
    case 'lasts-longer':
      return lineOf(said).some(({ before, san }, ply) => {
        const better = findBySan(before, note.better);
        if (ply % 2 === 0 || san !== note.san || better === undefined || note.better === san) return false;
        const left = task.mateInMoves - (ply + 1) / 2;
        const weak = findBySan(before, san);
        return (
          left > 2 ||
          (weak !== undefined && canMateIn(weak.after, left - 1) && !canMateIn(better.after, left - 1))
        );
      });
    // The pawns' game.
    case 'game-lost':
      return isEnded(said, note.why, note.winner);
    case 'game-drawn':
      return isEnded(said, note.why, undefined);
    case 'wrong-option':
      return (
        verdict.outcome === 'wrong' &&
        note.reason !== undefined &&
        isTrueReason(said, note.reason, note.option) &&
        !speaksFor(said, note.option, note.reason)
      );
    case 'right-because':
      return (
        verdict.outcome === 'right' &&
        answer.kind === 'choose' &&
        isTrueReason(said, note.reason, answer.options[0] ?? '')
      );
    case 'missing-option':
      return note.reason === undefined || isTrueReason(said, note.reason, note.option);
  }
}

/** Is this one of the squares that are asked for? What is stated is held against a count of its own in `acceptance`. */
const isAsked = ({ solution, task, id }: Said, square: number) =>
  id === 'last-square' && task.mateInMoves <= 2
    ? acceptanceOf(id, task)({ kind: 'tap', marks: [{ square }] }) === true
    : solution.kind === 'tap' && solution.marks.some((mark) => mark.square === square);

/** The moves of an answer as far as they are legal, each with the position before it. */
function lineOf({ task, answer }: Said) {
  const line: { readonly before: string; readonly san: string; readonly after: string }[] = [];
  let before = task.fen;
  for (const text of answer.kind === 'play' ? answer.moves : []) {
    const move = findByText(before, text);
    if (move === undefined) break;
    line.push({ before, san: move.san, after: move.after });
    before = move.after;
  }
  return line;
}

const endOf = (said: Said) => lineOf(said).at(-1)?.after ?? said.task.fen;

/** Is the move that was called wrong allowed all the same? */
function isLawful(said: Said): boolean {
  const { id, answer, verdict } = said;
  if (answer.kind !== 'play') return false;
  const ply = verdict.wrongPly ?? 0;
  const text = answer.moves[ply] ?? '';
  if (LEGAL_FAMILIES.includes(id)) return lineOf(said).length > ply;
  const board = boardBefore(said);
  const from = squareOf(text.slice(0, 2));
  const isOwn =
    id === 'pawn-game'
      ? board.cells[from]?.isWhite === (board.isWhiteToMove === (ply % 2 === 0))
      : from === askedFrom(said);
  return isOwn && listTargets(board, from).includes(squareOf(text.slice(2, 4)));
}

const LEGAL_FAMILIES: readonly ExerciseId[] = [
  'mate-in-one',
  'stop-mate',
  'mate-by-name',
  'give-up',
  'whole-line',
];

/** Is there a game in which the given moves come in this order, and the next one cannot be played? */
function cannotFollow(fen: string, order: readonly string[], next: string): boolean {
  const [san, ...rest] = order;
  if (san === undefined) return findBySan(fen, next) === undefined;
  const move = findBySan(fen, san);
  return move !== undefined && movesOf(move.after).some((reply) => cannotFollow(reply.after, rest, next));
}

/** The named move was made there, its reply is possible, and, where little is left, there is no mate in time any more. */
function isTrueBreak(
  said: Said,
  note: { readonly number: string; readonly san: string; readonly reply: string | undefined },
): boolean {
  const { task, answer, verdict } = said;
  if (answer.kind === 'choose') return answer.options.includes(note.san);
  const ply = verdict.wrongPly ?? 0;
  const move = lineOf(said)[ply];
  if (move?.san !== note.san) return false;
  const isBlack = open(move.before).turn() === 'b';
  const count = Math.floor((ply + (open(task.fen).turn() === 'b' ? 1 : 0)) / 2) + 1;
  if (note.number !== `${count}${isBlack ? '...' : '.'}`) return false;
  const left = task.mateInMoves - Math.floor(ply / 2) - 1;
  if (note.reply === undefined) return left > 2 || ply % 2 === 1 || !mustBeMated(move.after, left);
  const reply = findBySan(move.after, note.reply);
  if (reply === undefined) return false;
  return left > 2 || ply % 2 === 1 || left === 0 || !canMateIn(reply.after, left);
}

function isAttackerOfKing(fen: string, by: number, byRole: string): boolean {
  const { cells, isWhiteToMove } = readBoard(fen);
  return (
    isPiece(cells, by, byRole, !isWhiteToMove) &&
    listAttackersOf(cells, findKingOf(cells, isWhiteToMove), !isWhiteToMove).includes(by)
  );
}

/** Does the pawns' game end so, on the board the answer and its reply lead to or one before it? */
function isEnded(
  { task, answer, verdict }: Said,
  why: string,
  winner: 'white' | 'black' | undefined,
): boolean {
  if (answer.kind !== 'play') return false;
  let { cells, isWhiteToMove } = readBoard(task.fen);
  const boards = [...answer.moves, ...verdict.refutation].map((text) => {
    const [from, to] = [squareOf(text.slice(0, 2)), squareOf(text.slice(2, 4))];
    // Taken in passing, the pawn beside goes.
    const isPassing = cells[from]?.kind === 'p' && (to - from) % 8 !== 0 && cells[to] === undefined;
    cells = moveOn(cells, from, to);
    if (isPassing) cells = liftOff(cells, to + (isWhiteToMove ? -8 : 8));
    isWhiteToMove = !isWhiteToMove;
    return { cells, isWhiteToMove };
  });
  return boards.some((board) => {
    const men = (isWhite: boolean) =>
      board.cells.flatMap((piece, at) => (piece?.isWhite === isWhite ? [at] : []));
    const isWon = winner !== undefined && (winner === 'white') !== board.isWhiteToMove;
    const cannotMove = men(board.isWhiteToMove).every(
      (from) => listTargets({ cells: board.cells, passed: undefined }, from).length === 0,
    );
    switch (why) {
      case 'far-row':
        return isWon && men(winner === 'white').some((at) => (winner === 'white' ? at > 55 : at < 8));
      case 'no-men-left':
        return isWon && !men(board.isWhiteToMove).some((at) => board.cells[at]?.kind !== 'k');
      case 'no-move':
        return cannotMove && (winner === undefined || isWon);
      case 'mate':
        return (
          isWon &&
          cannotMove &&
          listAttackersOf(board.cells, findKingOf(board.cells, board.isWhiteToMove), !board.isWhiteToMove)
            .length > 0
        );
      default:
        return winner === undefined;
    }
  });
}

const INITIAL = readBoard('rnbqkbnr/pppppppp/8/8/8/8/PPPPPPPP/RNBQKBNR w KQkq - 0 1').cells;

function isTrueOfSetUp(
  { task, answer, id }: Said,
  note: { code: string; square: number; role: string },
): boolean {
  if (answer.kind !== 'place') return false;
  const sides = id === 'repair' ? ['white', 'black'] : task.sides;
  const initial = INITIAL[note.square];
  const belongs =
    initial !== undefined && sides.includes(initial.isWhite ? 'white' : 'black') ? initial : undefined;
  const stands = answer.men.find(({ square }) => square === note.square);
  switch (note.code) {
    case 'is-missing':
      return stands === undefined && belongs?.kind === kindOf(note.role);
    case 'is-extra':
      return belongs === undefined && stands?.role === note.role;
    case 'wrong-side':
      return belongs?.kind === kindOf(note.role) && (stands?.side === 'white') !== belongs.isWhite;
    default:
      return stands?.role === note.role && belongs !== undefined && belongs.kind !== kindOf(note.role);
  }
}

function isTrueOfGap({ task, answer }: Said, note: Note): boolean {
  if (answer.kind !== 'place') return false;
  const before = readBoard(task.fen).cells;
  const added = answer.men.filter(({ square }) => before[square] === undefined);
  const stays = before.every(
    (piece, square) =>
      piece === undefined ||
      answer.men.some(
        (man) =>
          man.square === square &&
          kindOf(man.role) === piece.kind &&
          (man.side === 'white') === piece.isWhite,
      ),
  );
  if (note.code === 'one-man-only') return !stays || added.length !== 1;
  const [man] = added;
  if (!stays || man === undefined) return false;
  const chess = open(task.fen);
  chess.put(
    { type: kindOf(man.role), color: man.side === 'white' ? 'w' : 'b' },
    nameOf(man.square) as Parameters<typeof chess.remove>[0],
  );
  const kings = chess
    .board()
    .flat()
    .filter((piece) => piece?.type === 'k').length;
  // Without both kings it is no position, let alone mate.
  const isStanding = man.role !== 'pawn' || (man.square > 7 && man.square < 56);
  const mates = kings === 2 && isStanding && isMate(chess.fen());
  const isKingLeft = kings === 2 && isInCheck(turned(chess.fen()));
  switch (note.code) {
    case 'leaves-king-in-check':
      return isKingLeft && isAttackerOfKing(turned(chess.fen()), note.by, note.byRole);
    case 'not-mate-yet':
      return !mates && !isKingLeft;
    default:
      return mates && !isKingLeft && !isStrictly(chess.fen(), task.id);
  }
}

function isForcedSo(move: ReturnType<typeof movesOf>[number], label: string, fen: string): boolean {
  switch (label) {
    case 'checks':
      return isInCheck(move.after);
    case 'captures':
      return move.captured !== undefined && !isInCheck(move.after);
    case 'threats':
      return matesIn(turned(move.after)).length > 0 && !isInCheck(move.after) && move.captured === undefined;
    case 'it-mates':
      return isMate(move.after);
    default: {
      const gain = exchangeBy(findByText(fen, move.lan) ?? move);
      return label === (gain > 0 ? 'wins-men' : gain < 0 ? 'loses-men' : 'comes-out-even');
    }
  }
}

/** Is the evidence true of the board? */
function isTrueReason(said: Said, reason: Reason, option: string): boolean {
  const { id, task } = said;
  const { fen } = task;
  const place = placeOfReason(said, option);
  switch (reason.code) {
    case 'colours':
      return (
        reason.squares.length > 0 &&
        reason.squares.every(
          ({ square, isDark }) => isDark === ((square % 8) + Math.floor(square / 8)) % 2 < 1,
        )
      );
    case 'lies-on':
      return reason.squares[0] === task.from && reason.squares.at(-1) === task.to;
    case 'worth': {
      const sum = (isWhite: boolean) =>
        readBoard(fen).cells.reduce(
          (all, piece) => all + (piece?.isWhite === isWhite ? VALUE[piece.kind] : 0),
          0,
        );
      return reason.white === sum(true) && reason.black === sum(false);
    }
    case 'given-and-taken': {
      const sum = (roles: readonly string[]) => roles.reduce((all, role) => all + VALUE[kindOf(role)], 0);
      return reason.given === sum(task.given) && reason.taken === sum(task.taken);
    }
    case 'gives-check': {
      const { cells, isWhiteToMove } = readBoard(place);
      const checkers = listAttackersOf(cells, findKingOf(cells, isWhiteToMove), !isWhiteToMove);
      return checkers.length > 0 && reason.squares.every((square) => checkers.includes(square));
    }
    case 'no-check':
      return !isInCheck(place);
    case 'no-move':
      return movesOf(place).length === 0;
    case 'it-is-mate':
      return isMate(place);
    case 'is-stalemate':
      return isStale(place);
    case 'can-move':
      return (
        reason.moves.length > 0 &&
        reason.moves.every((san) => movesOf(place).some((move) => move.san === san))
      );
    case 'moves-do':
      return (
        reason.moves.length > 0 && reason.moves.every((san) => movesOf(fen).some((move) => move.san === san))
      );
    case 'mates': {
      if (id === 'who-mates')
        return (
          reason.moves.length > 0 &&
          reason.moves.every((san) =>
            [fen, turned(fen)].some((one) => matesIn(one).some((move) => move.san === san)),
          )
        );
      return (
        reason.moves.length > 0 &&
        reason.moves.every((san) => matesIn(place).some((move) => move.san === san))
      );
    }
    case 'nothing-does':
      if (id === 'is-safe-move' || id === 'poisoned') return matesIn(place).length === 0;
      if (id === 'who-mates') return matesIn(fen).length === 0 && matesIn(turned(fen)).length === 0;
      return true; // Held against the kinds by `acceptance`.
    case 'too-few-men':
      return open(fen).isInsufficientMaterial();
    case 'enough-men':
      return !open(fen).isInsufficientMaterial();
    case 'times':
      return reason.times === task.story.times;
    case 'quiet-moves':
      return reason.moves === task.story.quietMoves;
    case 'not-agreed':
      return !task.story.haveAgreed;
    case 'have-agreed':
      return task.story.haveAgreed;
    case 'has-a-winner':
      return task.result !== '1/2-1/2';
    case 'is-a-draw':
      return task.result === '1/2-1/2';
    case 'nothing-else-ends-it':
      return (
        movesOf(fen).length > 0 &&
        !open(fen).isInsufficientMaterial() &&
        task.story.times < 3 &&
        task.story.quietMoves < 50
      );
    case 'result-is':
      return said.solution.kind === 'choose' && said.solution.options[0] === reason.result;
    case 'exchange':
      return isTrueExchange(said, reason);
    case 'but-then': {
      const [first = '', ...rest] = reason.moves;
      const move = findBySan(fen, first);
      if (move === undefined || rest.length === 0) return false;
      const squares = [squareOf(move.to), task.target];
      return squares.some((square) => exchangeOn(move.after, square) > gotBy(move));
    }
    case 'nothing-against':
      return matesIn(place).length === 0;
    case 'fates':
      return true; // Held against a deeper look by the oracle of signs.
    case 'is-called':
      return isMate(fen) && isPiece(readBoard(fen).cells, reason.square, reason.role);
    case 'guards':
      return isTrueOfCastling(task, option, reason);
    case 'in-the-way': {
      const king = readBoard(fen).isWhiteToMove ? 4 : 60;
      const between = task.wing === 'short' ? [king + 1, king + 2] : [king - 1, king - 2, king - 3];
      const standing = between.filter((square) => readBoard(fen).cells[square] !== undefined);
      return reason.squares.join() === standing.join() && standing.length > 0;
    }
    case 'has-moved':
      return task.hasMoved === 'king' || task.hasMoved === 'rook';
    case 'does-not-matter':
      return option === 'has-moved' && (task.hasMoved === 'nobody' || task.hasMoved === 'other-rook');
    case 'all-conditions-hold':
      return (
        said.solution.kind === 'choose' && ['may-castle', 'may-take'].includes(said.solution.options[0] ?? '')
      );
    case 'only-at-once':
      return task.isLate;
    case 'one-step':
      return Math.abs(task.to - task.from) === 8;
    case 'two-steps':
      return Math.abs(task.to - task.from) === 16;
    case 'just-now':
      return !task.isLate;
    case 'is-beside':
      return Math.abs(task.pawn - task.to) === 1 && Math.floor(task.pawn / 8) === Math.floor(task.to / 8);
    case 'is-not-beside':
      return Math.abs(task.pawn - task.to) !== 1 || Math.floor(task.pawn / 8) !== Math.floor(task.to / 8);
    case 'king-would-be-attacked':
      return isAttackedAfterPassing(task, reason.by);
    case 'king-is-safe':
      return isAttackedAfterPassing(task, undefined);
    case 'is-taken-by':
      return (
        reason.moves.length > 0 &&
        reason.moves.every((san) =>
          movesOf(place).some((move) => move.san === san && move.to === nameOf(task.to)),
        )
      );
    case 'attacks': {
      const { cells } = readBoard(place);
      const forked = listAttacked(cells, task.to).filter((square) => {
        const piece = cells[square];
        const newMan = cells[task.to];
        return (
          piece !== undefined &&
          newMan !== undefined &&
          piece.isWhite !== newMan.isWhite &&
          (piece.kind === 'k' || VALUE[piece.kind] > VALUE[newMan.kind])
        );
      });
      return [...reason.squares].sort().join() === forked.sort().join();
    }
  }
}

/** The position a reason speaks of: after the move in question, where there is one. */
function placeOfReason({ id, task }: Said, option: string): string {
  switch (id) {
    case 'stalemating':
      return findBySan(task.fen, option)?.after ?? task.fen;
    case 'promote-to': {
      const text = `${nameOf(task.from)}${nameOf(task.to)}${kindOf(option)}`;
      return findByText(task.fen, text)?.after ?? task.fen;
    }
    case 'is-safe-move':
    case 'poisoned':
      return findByText(task.fen, task.move)?.after ?? task.fen;
    default:
      return task.fen;
  }
}

function isTrueExchange(
  { id, task }: Said,
  { moves, gain }: { moves: readonly string[]; gain: number },
): boolean {
  const first = findByText(task.fen, task.move);
  if (first === undefined) return false;
  const start = id === 'poisoned' ? first.after : task.fen;
  let fen = start;
  let sum = 0;
  for (const [ply, san] of moves.entries()) {
    const move = movesOf(fen).find((one) => one.san === san);
    if (move === undefined) return false;
    sum += (ply % 2 === 0 ? 1 : -1) * gotBy(move);
    fen = move.after;
  }
  return sum === gain;
}

function isTrueOfCastling(
  task: TaskFields,
  option: string,
  { square, squares }: { readonly square: number; readonly squares: readonly number[] },
): boolean {
  const { cells, isWhiteToMove } = readBoard(task.fen);
  const king = isWhiteToMove ? 4 : 60;
  const step = task.wing === 'short' ? 1 : -1;
  const way = { 'in-check': king, 'passes-attack': king + step, 'lands-in-check': king + 2 * step };
  // Of "it may" any of the three may be named, but only one that fails.
  const isNamed =
    option === 'may-castle'
      ? squares.length > 0 && Object.values(way).includes(square)
      : way[option as keyof typeof way] === square;
  const guards = listAttackersOf(liftOff(cells, king), square, !isWhiteToMove);
  return isNamed && [...guards].sort().join() === [...squares].sort().join();
}

/** Both pawns gone from where they stood: is the king attacked then, by this man? Undefined: by nobody. */
function isAttackedAfterPassing(task: TaskFields, by: number | undefined): boolean {
  const { cells, isWhiteToMove } = readBoard(task.fen);
  const after = liftOff(moveOn(cells, task.pawn, (task.from + task.to) / 2), task.to);
  const attackers = listAttackersOf(after, findKingOf(after, isWhiteToMove), !isWhiteToMove);
  return by === undefined ? attackers.length === 0 : attackers.includes(by);
}

/** True of the board, but an argument for the wrong answer it is to refute. */
function speaksFor({ id, task }: Said, option: string, reason: Reason): boolean {
  switch (id) {
    case 'what-is-it':
      return (
        (option === 'check' && reason.code === 'gives-check') ||
        (option === 'mate' && ['gives-check', 'no-move', 'it-is-mate'].includes(reason.code)) ||
        (option === 'stalemate' && ['no-move', 'no-check', 'is-stalemate'].includes(reason.code)) ||
        (option === 'goes-on' && ['can-move', 'no-check', 'enough-men'].includes(reason.code))
      );
    case 'why-stopped':
    case 'draw-kind':
      return (
        (option === 'mate' && ['no-move', 'gives-check', 'it-is-mate'].includes(reason.code)) ||
        (option === 'stalemate' && ['no-move', 'no-check', 'is-stalemate'].includes(reason.code)) ||
        (option === 'resignation' &&
          ['can-move', 'has-a-winner', 'nothing-else-ends-it'].includes(reason.code)) ||
        (option === 'agreement' &&
          ['is-a-draw', 'have-agreed', 'nothing-else-ends-it'].includes(reason.code)) ||
        (option === 'repetition' && reason.code === 'times' && task.story.times >= 3) ||
        (option === 'fifty-moves' && reason.code === 'quiet-moves' && task.story.quietMoves >= 50)
      );
    case 'stalemating':
      return reason.code === 'is-stalemate' || reason.code === 'no-move';
    case 'answers-to-check':
      return option === 'none' ? reason.code !== 'can-move' : reason.code !== 'nothing-does';
    case 'attack-kinds':
      return reason.code === 'moves-do';
    case 'may-castle':
      return (
        option !== 'may-castle' &&
        (['in-the-way', 'has-moved'].includes(reason.code) ||
          (reason.code === 'guards' && reason.squares.length > 0))
      );
    default:
      return false;
  }
}
