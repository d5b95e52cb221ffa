/** Which answers are right? Worked out from the task alone, in plain code and chess.js, and for ways by a search of its own. */
import type { ExerciseId } from '@/core/exercises';
import { exactly, number, oneMove, oneOf, options, type Accepts } from './accepts';
import {
  exchangeBy,
  findBySan,
  findByText,
  gotBy,
  isInCheck,
  isMate,
  isStale,
  matesIn,
  movesOf,
  open,
  turned,
} from './chessBoard';
import type { TaskFields } from './notes';
import {
  findKingOf,
  kindOf,
  liftOff,
  listAttacked,
  listAttackersOf,
  listTakersAfter,
  listTargets,
  moveOn,
  nameOf,
  readBoard,
  squareOf,
  type Cells,
  type Kind,
} from './plainBoard';
import { attackAnswersOf } from './attackKinds';
import { acceptSign, type SignFields } from './earnedSigns';
import { acceptHabit, mustBeMated } from './forcedMates';
import { acceptAdded, acceptName, acceptNamedMate } from './namedMateTasks';
import { acceptPawnGame } from './pawnGames';
import { acceptWritten } from './writtenMoves';

const VALUE: Readonly<Record<Kind, number>> = { k: 0, q: 9, r: 5, b: 3, n: 3, p: 1 };

const menOf = (cells: Cells, isWhite: boolean) =>
  cells.flatMap((piece, square) => (piece?.isWhite === isWhite ? [square] : []));

export function acceptanceOf(id: ExerciseId, task: TaskFields): Accepts {
  const board = typeof task.fen === 'string' ? readBoard(task.fen) : readBoard('8/8/8/8/8/8/8/8 w - - 0 1');
  const { cells, isWhiteToMove: own } = board;
  const theirs = menOf(cells, !own);
  const takersOf = (square: number) =>
    menOf(cells, own).filter((from) => listTargets(board, from).includes(square));
  switch (id) {
    case 'find-square':
      return oneOf([task.square]);
    case 'name-square':
      return (answer) => answer.kind === 'write' && answer.text.trim().toLowerCase() === nameOf(task.square);
    case 'square-colour': {
      const isDark = (square: number) => ((square % 8) + Math.floor(square / 8)) % 2 === 0;
      const { other } = task as Partial<TaskFields>;
      if (other === undefined) return options([isDark(task.square) ? 'dark' : 'light']);
      return options([isDark(task.square) === isDark(other) ? 'same-colour' : 'two-colours']);
    }
    case 'reach':
    case 'pawn-moves':
      return exactly([...new Set(reachOf(task))]);
    case 'count-reach':
      return number(new Set(reachOf(task)).size);
    case 'captures':
      return exactly(theirs.filter((square) => takersOf(square).length > 0));
    case 'free-men':
      return exactly(
        theirs.filter((square) =>
          takersOf(square).some((from) => listTakersAfter(cells, from, square).length === 0),
        ),
      );
    case 'unprotected':
      return exactly(
        theirs.filter(
          (square) => cells[square]?.kind !== 'k' && listAttackersOf(cells, square, !own).length === 0,
        ),
      );
    case 'trapped':
      return exactly(
        theirs.filter(
          (square) =>
            cells[square]?.kind !== 'p' &&
            cells[square]?.kind !== 'k' &&
            listTargets(board, square).every((to) => listTakersAfter(cells, square, to).length > 0),
        ),
      );
    case 'attack-from':
      return exactly(
        listTargets(board, task.square).filter(
          (to) =>
            to !== task.target &&
            listAttacked(moveOn(cells, task.square, to), to).includes(task.target) &&
            listTakersAfter(cells, task.square, to).length === 0,
        ),
      );
    case 'best-square':
      return oneOf(bestSquares(task));
    case 'route':
    case 'route-unguarded':
    case 'collect':
      return acceptWay(id, task);
    case 'attack-kinds':
      return options([...new Set(attackAnswersOf(task.fen, task.target).flatMap(({ kinds }) => kinds))]);
    case 'attack-men': {
      const doing = attackAnswersOf(task.fen, task.target).filter(({ kinds }) => kinds.includes(task.answer));
      return exactly([
        ...new Set(doing.map(({ move }) => squareOf(task.answer === 'go-away' ? move.to : move.from))),
      ]);
    }
    case 'who-is-ahead': {
      const sum = cells.reduce(
        (all, piece) => all + (piece === undefined ? 0 : VALUE[piece.kind] * (piece.isWhite ? 1 : -1)),
        0,
      );
      return options([sum === 0 ? 'even' : `${sum > 0 ? 'white' : 'black'}-${Math.abs(sum)}`]);
    }
    case 'trade': {
      const sum = (roles: readonly string[]) => roles.reduce((all, role) => all + VALUE[kindOf(role)], 0);
      const gain = sum(task.taken) - sum(task.given);
      return options([gain > 0 ? 'good' : gain < 0 ? 'bad' : 'even']);
    }
    case 'count-on-square':
      return number(countTakingPart(cells, task.square, task.side === 'white'));
    case 'take-or-leave': {
      const move = findByText(task.fen, task.move);
      const gain = move === undefined ? NaN : exchangeBy(move);
      return options([gain > 0 ? 'wins-men' : gain < 0 ? 'loses-men' : 'comes-out-even']);
    }
    case 'poisoned':
      return options([poisonOf(task)]);
    case 'what-is-it':
      return options([
        isMate(task.fen)
          ? 'mate'
          : isStale(task.fen)
            ? 'stalemate'
            : open(task.fen).isInsufficientMaterial()
              ? 'dead'
              : isInCheck(task.fen)
                ? 'check'
                : 'goes-on',
      ]);
    case 'draw-kind':
      return options([drawOf(task) ?? 'no-draw']);
    case 'why-stopped': {
      if (task.result !== '1/2-1/2') return options([isMate(task.fen) ? 'mate' : 'resignation']);
      return options([drawOf(task) ?? 'agreement']);
    }
    case 'stalemating':
      return options(task.sans.filter((san) => isStale(findBySan(task.fen, san)?.after ?? task.fen)));
    case 'answers-to-check':
      return options(checkAnswers(task.fen));
    case 'king-squares': {
      const king = findKingOf(cells, own);
      const around = listAttacked(cells, king);
      return exactly(
        new Map(
          around.map((square) => [
            square,
            [
              cells[square]?.isWhite === own
                ? 'own-man'
                : listAttackersOf(liftOff(cells, king), square, !own).length > 0
                  ? 'guarded'
                  : 'free',
            ],
          ]),
        ),
      );
    }
    case 'who-takes': {
      const king = findKingOf(cells, own);
      const roles = { k: 'king', q: 'queen', r: 'rook', b: 'bishop', n: 'knight', p: 'pawn' } as const;
      return exactly(
        new Map(
          listAttacked(cells, king).map((square) => [
            square,
            cells[square]?.isWhite === own
              ? ['own-man']
              : listAttackersOf(liftOff(cells, king), square, !own).flatMap((by) => {
                  const piece = cells[by];
                  return piece === undefined ? [] : [roles[piece.kind]];
                }),
          ]),
        ),
      );
    }
    case 'mate-in-one':
      return oneMove(task.fen, ({ san }) => san.endsWith('#'));
    case 'stop-mate':
      return oneMove(task.fen, ({ after }) => matesIn(after).length === 0);
    case 'is-safe-move': {
      const after = findByText(task.fen, task.move)?.after ?? task.fen;
      return options([matesIn(after).length > 0 ? 'allows-mate' : 'allows-none']);
    }
    case 'promote-to': {
      const roles = { q: 'queen', r: 'rook', b: 'bishop', n: 'knight' } as const;
      const right = (['q', 'r', 'b', 'n'] as const).filter((letter) => {
        const move = findByText(task.fen, `${nameOf(task.from)}${nameOf(task.to)}${letter}`);
        if (move === undefined) return false;
        if (task.goal === 'mate') return isMate(move.after);
        if (task.goal === 'no-stalemate') return !isStale(move.after);
        return isFork(move.after, task.to);
      });
      return options(right.map((letter) => roles[letter]));
    }
    case 'play-written':
      return oneMove(task.fen, ({ lan }) => lan === task.move);
    case 'which-man':
      return oneOf([squareOf(task.move.slice(0, 2))]);
    case 'garbled-line': {
      const fitting = movesOf(task.fen).filter(
        ({ san, after }) => looksLike(san, task.garbled) && canFollow(after, task.after),
      );
      return (answer) =>
        answer.kind === 'write' ? fitting.some(({ san }) => san === answer.text.trim()) || undefined : false;
    }
    case 'who-mates': {
      const can = (turn: 'w' | 'b') => {
        const now = open(task.fen).turn() === turn ? task.fen : turned(task.fen);
        return matesIn(now).length > 0;
      };
      const [white, black] = [can('w'), can('b')];
      return options([
        white ? (black ? 'both-mate' : 'white-mates') : black ? 'black-mates' : 'nobody-mates',
      ]);
    }
    case 'spare-men':
    case 'open-line': {
      const mating = menOf(cells, !own).filter((square) => {
        const chess = open(task.fen);
        chess.remove(nameOf(square) as Parameters<typeof chess.remove>[0]);
        return isMate(chess.fen());
      });
      if (id === 'open-line') return oneOf(mating);
      return exactly(mating.filter((square) => cells[square]?.kind !== 'k'));
    }
    case 'forcing-moves':
      return forcingOf(task);
    case 'give-up':
      return oneMove(task.fen, ({ after }) => mustBeMated(after, task.mateInMoves - 1));
    case 'name-line':
      return options([nameOfLine(task)]);
    case 'last-square':
    case 'whole-line':
    case 'right-order':
      return acceptHabit(id, task);
    case 'set-up':
    case 'repair':
      return acceptSetUp(id, task);
    case 'may-pass':
      return options([passingOf(task)]);
    case 'may-castle':
      return options([castlingOf(task)]);
    case 'result':
      return options([resultOf(task)]);
    case 'signs':
      return acceptSign(task as unknown as SignFields);
    case 'name-mate':
      return acceptName(task);
    case 'mate-by-name':
      return acceptNamedMate(task);
    case 'missing-man':
    case 'missing-part':
      return acceptAdded(id, task);
    case 'write-move':
    case 'repair-line':
    case 'keep-score':
      return acceptWritten(id, task);
    case 'pawn-game':
      return acceptPawnGame(task);
    case 'route-answered':
      // It has a check of its own: the answers depend on the replies.
      return () => undefined;
  }
}

/** Where the piece goes; castling where the position is one of a game, as chess.js has it. */
function reachOf({ fen, square }: TaskFields): number[] {
  const board = readBoard(fen);
  const isGame = [true, false].every((isWhite) => findKingOf(board.cells, isWhite) >= 0);
  const castling = isGame
    ? movesOf(fen).filter(
        (move) => (move.isKingsideCastle() || move.isQueensideCastle()) && squareOf(move.from) === square,
      )
    : [];
  return [...listTargets(board, square), ...castling.map(({ to }) => squareOf(to))];
}

/** A file by its letter, a rank by its number, a diagonal by its ends. */
function nameOfLine({ from, to, asks }: TaskFields): string {
  const kind = from % 8 === to % 8 ? 'file' : to - from < 8 ? 'rank' : 'diagonal';
  if (asks === 'kind') return kind;
  if (kind === 'diagonal') return `diagonal-${nameOf(from)}-${nameOf(to)}`;
  return kind === 'file' ? `file-${nameOf(from).charAt(0)}` : `rank-${nameOf(from).charAt(1)}`;
}

const INITIAL = readBoard('rnbqkbnr/pppppppp/8/8/8/8/PPPPPPPP/RNBQKBNR w KQkq - 0 1').cells;

function acceptSetUp(id: ExerciseId, task: TaskFields): Accepts {
  const sides = id === 'repair' ? ['white', 'black'] : task.sides;
  const right = INITIAL.map((piece) =>
    piece !== undefined && sides.includes(piece.isWhite ? 'white' : 'black') ? piece : undefined,
  );
  return (answer) => {
    if (answer.kind !== 'place') return false;
    return right.every((piece, square) => {
      const man = answer.men.find((one) => one.square === square);
      return piece === undefined
        ? man === undefined
        : man !== undefined && kindOf(man.role) === piece.kind && (man.side === 'white') === piece.isWhite;
    });
  };
}

function drawOf({ fen, story }: TaskFields): string | undefined {
  if (isMate(fen)) return undefined;
  if (isStale(fen)) return 'stalemate';
  if (open(fen).isInsufficientMaterial()) return 'dead';
  if (story.times >= 3) return 'repetition';
  if (story.quietMoves >= 50) return 'fifty-moves';
  return story.haveAgreed ? 'agreement' : undefined;
}

function checkAnswers(fen: string): string[] {
  const { cells, isWhiteToMove } = readBoard(fen);
  const king = findKingOf(cells, isWhiteToMove);
  const checkers = listAttackersOf(cells, king, !isWhiteToMove);
  const kinds = movesOf(fen).map((move) => {
    const victim = move.isEnPassant()
      ? squareOf(`${move.to.charAt(0)}${move.from.charAt(1)}`)
      : squareOf(move.to);
    if (move.captured !== undefined && checkers.includes(victim)) return 'take';
    return move.piece === 'k' ? 'go-away' : 'put-between';
  });
  return kinds.length === 0 ? ['none'] : [...new Set(kinds)];
}

/** Attackers, then those behind them; a pinned man only along its line. */
function countTakingPart(cells: Cells, square: number, isWhite: boolean): number {
  const king = findKingOf(cells, isWhite);
  const mayGo = (from: number) => {
    if (king < 0 || from === king) return true;
    const before = listAttackersOf(cells, king, !isWhite).length;
    return listAttackersOf(moveOn(cells, from, square), king, !isWhite).length <= before;
  };
  let left = cells;
  let count = 0;
  for (;;) {
    const next = listAttackersOf(left, square, isWhite).filter(mayGo);
    if (next.length === 0) return count;
    count += next.length;
    left = liftOff(left, ...next);
  }
}

function poisonOf({ fen, move: text }: TaskFields): string {
  const move = findByText(fen, text);
  if (move === undefined) return 'no such move';
  if (matesIn(move.after).length > 0) return 'allows-mate';
  const elsewhere = movesOf(move.after)
    .filter((reply) => reply.captured !== undefined && reply.to !== move.to)
    .reduce((most, reply) => Math.max(most, exchangeBy(reply)), 0);
  return elsewhere > gotBy(move) ? 'loses-more' : 'take-it';
}

/** FIDE Laws of Chess, article 3.8: the first condition that fails, the king's own squares seen with the king off its own. */
function castlingOf({ fen, wing, hasMoved }: TaskFields): string {
  const { cells, isWhiteToMove: own } = readBoard(fen);
  const king = own ? 4 : 60;
  const step = wing === 'short' ? 1 : -1;
  const between = [1, 2, ...(wing === 'short' ? [] : [3])].map((steps) => king + steps * step);
  const isAttacked = (square: number) => listAttackersOf(liftOff(cells, king), square, !own).length > 0;
  if (hasMoved === 'king' || hasMoved === 'rook') return 'has-moved';
  if (between.some((square) => cells[square] !== undefined)) return 'in-the-way';
  if (isAttacked(king)) return 'in-check';
  if (isAttacked(king + step)) return 'passes-attack';
  return isAttacked(king + 2 * step) ? 'lands-in-check' : 'may-castle';
}

/** PGN standard, section 8.2.6; time against a bare king draws (FIDE Laws of Chess, article 6.9). */
function resultOf({ ending, side }: TaskFields): string {
  if (ending === 'still-playing') return '*';
  const isWon = ending === 'mates';
  const isLost = ending === 'resigns' || ending === 'time-runs-out';
  if (!isWon && !isLost) return '1/2-1/2';
  return (side === 'white') === isWon ? '1-0' : '0-1';
}

function isFork(fen: string, at: number): boolean {
  const { cells } = readBoard(fen);
  const man = cells[at];
  if (man === undefined || movesOf(fen).some(({ to }) => squareOf(to) === at)) return false;
  const targets = listAttacked(cells, at).filter((square) => {
    const piece = cells[square];
    return (
      piece !== undefined &&
      piece.isWhite !== man.isWhite &&
      (piece.kind === 'k' || VALUE[piece.kind] > VALUE[man.kind])
    );
  });
  return targets.length > 1;
}

function canFollow(fen: string, sans: readonly string[]): boolean {
  const [san, ...rest] = sans;
  if (san === undefined) return true;
  const move = movesOf(fen).find((one) => one.san === san);
  return move !== undefined && canFollow(move.after, rest);
}

function forcingOf({ fen, asked }: TaskFields): Accepts {
  const label = (move: ReturnType<typeof movesOf>[number]): string | undefined => {
    if (isInCheck(move.after)) return 'checks';
    if (move.captured !== undefined) return 'captures';
    return matesIn(turned(move.after)).length > 0 && matesIn(fen).length === 0 ? 'threats' : undefined;
  };
  const gain = (move: ReturnType<typeof movesOf>[number]) => {
    if (isMate(move.after)) return 'it-mates';
    const points = exchangeBy(move);
    return points > 0 ? 'wins-men' : points < 0 ? 'loses-men' : 'comes-out-even';
  };
  const found = new Map<number, readonly string[]>();
  for (const move of movesOf(fen)) {
    const kind = label(move);
    if (kind === undefined || (asked === 'checks' && kind !== 'checks')) continue;
    if (asked === 'gains' && kind === 'threats') continue;
    const square = squareOf(move.to);
    found.set(square, [...(found.get(square) ?? []), asked === 'gains' ? gain(move) : kind]);
  }
  return asked === 'checks' ? exactly([...found.keys()]) : exactly(found);
}

function passingOf(task: TaskFields): string {
  if (Math.abs(task.to - task.from) !== 16) return 'single-step';
  if (task.isLate) return 'too-late';
  const isBeside =
    Math.floor(task.pawn / 8) === Math.floor(task.to / 8) && Math.abs(task.pawn - task.to) === 1;
  if (!isBeside) return 'not-beside';
  const passed = nameOf((task.from + task.to) / 2);
  const fields = task.fen.split(' ');
  const fen = [fields[0], fields[1], '-', passed, '0', '1'].join(' ');
  return movesOf(fen).some((move) => move.isEnPassant() && squareOf(move.from) === task.pawn)
    ? 'may-take'
    : 'king-in-check';
}

/** Every square with the most points: middle squares seen or stood on, men attacked, less own men shortened, less moves spent. */
function bestSquares(task: TaskFields): number[] {
  const { cells, isWhiteToMove: own } = readBoard(task.fen);
  const place = (board: Cells) => ({ cells: board, passed: undefined });
  const distance = new Map([[task.square, 0]]);
  const queue = [task.square];
  for (let at = queue.shift(); at !== undefined; at = queue.shift()) {
    const moved = at === task.square ? cells : moveOn(cells, task.square, at);
    for (const to of listTargets(place(moved), at)) {
      if (cells[to] !== undefined || distance.has(to)) continue;
      distance.set(to, (distance.get(at) ?? 0) + 1);
      queue.push(to);
    }
  }
  const points = task.candidates.map((square) => {
    const after = moveOn(cells, task.square, square);
    const reach = listTargets(place(after), square);
    const middle = [27, 28, 35, 36].filter((at) => at === square || reach.includes(at)).length;
    const attacked = reach.filter((at) => after[at]?.isWhite === !own).length;
    const lifted = liftOff(cells, task.square);
    const shortened = menOf(after, own).filter(
      (at) => at !== square && listTargets(place(after), at).length < listTargets(place(lifted), at).length,
    ).length;
    return middle + attacked - shortened - (distance.get(square) ?? Infinity);
  });
  return task.candidates.filter((_, index) => points[index] === Math.max(...points));
}

/** A walk over a board with one man; which squares it may go to depends on the exercise. */
export function stepsOf(id: ExerciseId, cells: Cells, at: number): number[] {
  const targets = listTargets({ cells, passed: undefined }, at);
  if (id === 'route') return targets.filter((to) => cells[to] === undefined);
  if (id === 'route-unguarded') return targets.filter((to) => listTakersAfter(cells, at, to).length === 0);
  return targets;
}

interface Walk {
  readonly cells: Cells;
  readonly at: number;
  readonly left: readonly number[];
}

const startOf = (task: TaskFields): Walk => ({
  cells: readBoard(task.fen).cells,
  at: task.square,
  left: task.targets,
});

const stepTo = ({ cells, at, left }: Walk, to: number): Walk => ({
  cells: moveOn(cells, at, to),
  at: to,
  left: left.filter((target) => target !== to),
});

/** The fewest moves to the end of a walk, by trying every way breadth first. */
export function countFewest(id: ExerciseId, task: TaskFields): number {
  const key = ({ cells, at, left }: Walk) =>
    `${at} ${left.join()} ${cells.map((piece) => (piece === undefined ? '.' : '#')).join('')}`;
  let edge = [startOf(task)];
  const seen = new Set(edge.map(key));
  for (let moves = 0; edge.length > 0; moves += 1) {
    if (edge.some(({ left }) => left.length === 0)) return moves;
    edge = edge.flatMap((walk) =>
      stepsOf(id, walk.cells, walk.at).flatMap((to) => {
        const next = stepTo(walk, to);
        if (seen.has(key(next))) return [];
        seen.add(key(next));
        return [next];
      }),
    );
  }
  return Infinity;
}

function acceptWay(id: ExerciseId, task: TaskFields): Accepts {
  const fewest = countFewest(id, task);
  return (answer) => {
    if (answer.kind !== 'play') return false;
    let walk = startOf(task);
    for (const [ply, move] of answer.moves.entries()) {
      const [from, to] = [squareOf(move.slice(0, 2)), squareOf(move.slice(2, 4))];
      if (from !== walk.at || !stepsOf(id, walk.cells, walk.at).includes(to)) return false;
      walk = stepTo(walk, to);
      if (walk.left.length > 0) continue;
      // Step by step the board is at its end there, and what comes after is of no account; a way that is told has to stop there.
      const isEnd = task.commit !== 'line' || ply + 1 === answer.moves.length;
      return ply + 1 === fewest && isEnd;
    }
    // Neither right nor wrong while it goes on.
    return task.commit === 'line' ? false : undefined;
  };
}

export function looksLike(san: string, garbled: string): boolean {
  return (
    san.length === garbled.length &&
    Array.from(garbled).every((sign, index) => sign === '_' || sign === san.charAt(index))
  );
}
