import { Chess, type Square as ChessSquare } from 'chess.js';
import { makeSquareName, parseSquareName, type Square } from '../board';
import { listLevels, openExercise, type ExerciseId, type Level } from '../exercises';
import { getDraft, getPosition } from '../notation';
import { composeExercise } from '.';

const SEEDS = Array.from({ length: 20 }, (_, seed) => seed);

const squareOf = (text: string): Square => {
  const square = parseSquareName(text);
  if (square === undefined) throw new Error(text);
  return square;
};

/** chess.js moves men on a board without kings when it is told not to check the board. */
function openLoose(fen: string): Chess {
  return new Chess(fen, { skipValidation: true });
}

/** The squares of a tapped solution. */
function tapped(
  id: ExerciseId,
  level: Level,
  seed: number,
): { squares: Square[]; task: { fen: string; square: Square } } {
  const composed = composeExercise(id, level, seed);
  const { solution } = openExercise(composed);
  if (solution.kind !== 'tap') throw new Error(id);
  return {
    squares: solution.marks.map(({ square }) => square),
    task: composed.task as { fen: string; square: Square },
  };
}

const ascending = (squares: Iterable<Square>) => [...new Set(squares)].sort((one, other) => one - other);

test.each(['reach', 'pawn-moves'] as const)('%s agrees with chess.js', (id) => {
  for (const level of listLevels(id)) {
    for (const seed of SEEDS) {
      const { squares, task } = tapped(id, level, seed);
      const targets = openLoose(task.fen)
        .moves({ verbose: true })
        .filter(({ from }) => from === makeSquareName(task.square))
        .map(({ to }) => squareOf(to));
      expect([task.fen, squares]).toEqual([task.fen, ascending(targets)]);
    }
  }
});

test('captures agree with chess.js, and what is for nothing cannot be taken back there', () => {
  for (const level of [1, 2, 3, 4] as const) {
    for (const seed of SEEDS) {
      const captures = tapped('captures', level, seed);
      const taken = openLoose(captures.task.fen)
        .moves({ verbose: true })
        .flatMap(({ to, captured }) => (captured === undefined ? [] : [squareOf(to)]));
      expect(captures.squares).toEqual(ascending(taken));
      const free = tapped('free-men', level, seed);
      const loose = openLoose(free.task.fen);
      const forNothing = loose.moves({ verbose: true }).flatMap((move) => {
        if (move.captured === undefined) return [];
        const after = openLoose(move.after);
        return after.isAttacked(move.to, after.turn()) ? [] : [squareOf(move.to)];
      });
      expect(free.squares).toEqual(ascending(forNothing));
    }
  }
});

test('who stands alone agrees with the attacks of chess.js', () => {
  for (const level of [1, 2, 3, 4] as const) {
    for (const seed of SEEDS) {
      const { squares, task } = tapped('unprotected', level, seed);
      const loose = openLoose(task.fen);
      const other = loose.turn() === 'w' ? 'b' : 'w';
      const alone = loose
        .board()
        .flat()
        .flatMap((man) =>
          man?.color === other && !loose.isAttacked(man.square, other) ? [squareOf(man.square)] : [],
        );
      expect(squares).toEqual(ascending(alone));
    }
  }
});

test('mate in one, stopping it and what is on the board agree with chess.js', () => {
  const matesOf = (fen: string) => new Chess(fen).moves().filter((san) => san.endsWith('#'));
  for (const level of [1, 2, 3] as const) {
    for (const seed of SEEDS.slice(0, 8)) {
      const fenOf = (id: ExerciseId) => (composeExercise(id, level, seed).task as { fen: string }).fen;
      const fen = fenOf('mate-in-one');
      const mate = openExercise(composeExercise('mate-in-one', level, seed));
      for (const move of new Chess(fen).moves({ verbose: true })) {
        const verdict = mate.respond([move.lan]);
        expect([fen, move.san, verdict.kind === 'verdict' && verdict.verdict.outcome]).toEqual([
          fen,
          move.san,
          move.san.endsWith('#') ? 'right' : 'wrong',
        ]);
      }
      const threatened = fenOf('stop-mate');
      const stop = openExercise(composeExercise('stop-mate', level, seed));
      for (const move of new Chess(threatened).moves({ verbose: true })) {
        const { outcome } = stop.judge({ kind: 'play', moves: [move.lan], slips: 0 });
        expect([threatened, move.san, outcome]).toEqual([
          threatened,
          move.san,
          matesOf(move.after).length === 0 ? 'right' : 'wrong',
        ]);
      }
      const state = new Chess(fenOf('what-is-it'));
      const { solution } = openExercise(composeExercise('what-is-it', level, seed));
      const expected = state.isCheckmate()
        ? 'mate'
        : state.isStalemate()
          ? 'stalemate'
          : state.isInsufficientMaterial()
            ? 'dead'
            : state.isCheck()
              ? 'check'
              : 'goes-on';
      expect(solution).toMatchObject({ options: [expected] });
    }
  }
});

test('castling agrees with chess.js where nobody has moved', () => {
  let seen = 0;
  for (const level of listLevels('may-castle')) {
    for (const seed of SEEDS) {
      const composed = composeExercise('may-castle', level, seed);
      const { fen, wing, hasMoved } = composed.task as { fen: string; wing: string; hasMoved: string };
      if (hasMoved === 'king' || hasMoved === 'rook') continue;
      const { turn } = getPosition(fen);
      const rights = wing === 'short' ? 'K' : 'Q';
      const text = fen.replace(/ - - /, ` ${turn === 'white' ? rights : rights.toLowerCase()} - `);
      const may = new Chess(text)
        .moves()
        .some((san) => san.replace(/[+#]$/, '') === (wing === 'short' ? 'O-O' : 'O-O-O'));
      const { solution } = openExercise(composed);
      expect([text, solution]).toMatchObject([text, may ? { options: ['may-castle'] } : {}]);
      if (!may) expect(solution).not.toMatchObject({ options: ['may-castle'] });
      seen += 1;
    }
  }
  expect(seen).toBeGreaterThan(30);
});

test('in passing agrees with chess.js', () => {
  for (const level of listLevels('may-pass')) {
    for (const seed of SEEDS) {
      const composed = composeExercise('may-pass', level, seed);
      const { fen, pawn, from, to, isLate } = composed.task as {
        fen: string;
        pawn: Square;
        from: Square;
        to: Square;
        isLate: boolean;
      };
      const isDouble = Math.abs(to - from) === 16 && !isLate;
      const passed = isDouble ? makeSquareName((from + to) / 2) : '-';
      const may = new Chess(fen.replace(/ - - /, ` - ${passed} `), { skipValidation: true })
        .moves({ verbose: true, square: makeSquareName(pawn) as ChessSquare })
        .some((move) => move.isEnPassant());
      const { solution } = openExercise(composed);
      expect([fen, solution.kind === 'choose' && solution.options[0] === 'may-take']).toEqual([fen, may]);
    }
  }
});

test('what is written is what chess.js writes', () => {
  for (const level of listLevels('write-move')) {
    for (const seed of SEEDS.slice(0, 8)) {
      const composed = composeExercise('write-move', level, seed);
      const { fen, move } = composed.task as { fen: string; move: string };
      const san = new Chess(fen).moves({ verbose: true }).find(({ lan }) => lan === move)?.san;
      expect(openExercise(composed).solution).toEqual({ kind: 'write', text: san });
    }
  }
});

test('the fewest moves agree with distances counted from the target backwards', () => {
  for (const level of listLevels('route')) {
    for (const seed of SEEDS.slice(0, 8)) {
      const composed = composeExercise('route', level, seed);
      const { fen, square, targets } = composed.task as { fen: string; square: Square; targets: Square[] };
      const { solution } = openExercise(composed);
      if (solution.kind !== 'play') throw new Error('a way is made of moves');
      expect(solution.moves).toHaveLength(countBackwards(fen, square, targets[0] ?? 0));
    }
  }
});

/** Squares one move from the target, two moves and so on; men but pawns go back the way they came. By chess.js. */
function countBackwards(fen: string, from: Square, target: Square): number {
  const draft = getDraft(fen);
  const man = draft.board[from];
  if (man === undefined) throw new Error(fen);
  const letter = { knight: 'n', bishop: 'b', rook: 'r', queen: 'q', king: 'k', pawn: 'p' }[man.role] as 'n';
  const color = man.side === 'white' ? 'w' : 'b';
  const loose = openLoose(fen);
  loose.remove(makeSquareName(from) as ChessSquare);
  const seen = new Set([target]);
  let edge = [target];
  for (let moves = 1; edge.length > 0; moves += 1) {
    const next: Square[] = [];
    for (const square of edge) {
      const name = makeSquareName(square) as ChessSquare;
      loose.put({ type: letter, color }, name);
      for (const { to, captured } of loose.moves({ verbose: true, square: name })) {
        const reached = squareOf(to);
        if (captured !== undefined || seen.has(reached)) continue;
        if (reached === from) return moves;
        seen.add(reached);
        next.push(reached);
      }
      loose.remove(name);
    }
    edge = next;
  }
  throw new Error(`no way in ${fen}`);
}

test('who could mate, and every check, capture and threat to mate, agree with chess.js', () => {
  const mates = (chess: Chess) =>
    chess.moves({ verbose: true }).filter((move) => new Chess(move.after).isCheckmate());
  const withTurn = (fen: string, turn: 'w' | 'b') => fen.replace(/ [wb] .*$/, ` ${turn} - - 0 1`);
  for (const level of listLevels('who-mates')) {
    for (const seed of SEEDS) {
      const composed = composeExercise('who-mates', level, seed);
      const { fen } = composed.task as { fen: string };
      const [white, black] = (['w', 'b'] as const).map(
        (turn) => mates(openLoose(withTurn(fen, turn))).length > 0,
      );
      const who = white ? (black ? 'both-mate' : 'white-mates') : black ? 'black-mates' : 'nobody-mates';
      expect([fen, openExercise(composed).solution]).toEqual([
        fen,
        { kind: 'choose', options: [who], ordered: false },
      ]);
    }
  }
  for (const seed of SEEDS) {
    const composed = composeExercise('forcing-moves', 3, seed);
    const { fen, asked } = composed.task as { fen: string; asked: string };
    expect(asked).toBe('kinds');
    const chess = new Chess(fen);
    const marks = chess.moves({ verbose: true }).flatMap((move) => {
      const after = new Chess(move.after);
      if (after.isCheck()) return [{ square: squareOf(move.to), label: 'checks' }];
      if (move.captured !== undefined) return [{ square: squareOf(move.to), label: 'captures' }];
      // A threat: the same side could mate at once if it were to move again.
      const again = openLoose(withTurn(move.after, chess.turn()));
      return mates(again).length > 0 ? [{ square: squareOf(move.to), label: 'threats' }] : [];
    });
    const { solution } = openExercise(composed);
    expect([fen, solution]).toEqual([
      fen,
      { kind: 'tap', marks: marks.sort((one, other) => one.square - other.square) },
    ]);
  }
});
