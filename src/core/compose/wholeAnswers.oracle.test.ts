/** chess.js as the judge's cross-check for the families that are answered as a whole, and for captures that are poisoned. */
import { Chess } from 'chess.js';
import { makeSquareName } from '../board';
import { listLevels, openExercise, SMUDGE, type ExerciseId } from '../exercises';
import { composeExercise } from '.';

const SEEDS = Array.from({ length: 6 }, (_, seed) => seed);

/** What the tasks of these families hold. */
interface Given {
  readonly task: {
    readonly fen: string;
    readonly move: string;
    readonly moves: readonly string[];
    readonly garbled: string;
    readonly after: readonly string[];
    readonly target: number;
    readonly answer: string;
    readonly own: Fated;
    readonly other: Fated;
    readonly graph: { readonly nodes: readonly { readonly moves: readonly { readonly move: string }[] }[] };
  };
  readonly exercise: ReturnType<typeof openExercise>;
  readonly at: string;
}
interface Fated {
  readonly move: string;
  readonly fate: { readonly kind: string; readonly inMoves?: number };
}

/** Every task of a family at its levels, with what chess.js needs. */
function* tasksOf(id: ExerciseId): Generator<Given> {
  for (const level of listLevels(id)) {
    for (const seed of SEEDS) {
      const composed = composeExercise(id, level, seed);
      yield {
        task: composed.task as Given['task'],
        exercise: openExercise(composed),
        at: `${id} ${level} ${seed}`,
      };
    }
  }
}

test('keep-score: chess.js writes the same score sheet', () => {
  for (const { task, exercise, at } of tasksOf('keep-score')) {
    const chess = new Chess(task.fen);
    for (const move of task.moves) chess.move(move);
    expect([at, exercise.solution]).toEqual([at, { kind: 'write', text: chess.history().join('\n') }]);
  }
});

test('garbled-line: of the moves of chess.js just one has the signs and lets the line go on', () => {
  for (const { task, exercise, at } of tasksOf('garbled-line')) {
    const chess = new Chess(task.fen);
    const fits = chess.moves().filter((san) => {
      const isLike =
        san.length === task.garbled.length &&
        Array.from(san).every(
          (sign, index) => task.garbled.charAt(index) === SMUDGE || task.garbled.charAt(index) === sign,
        );
      return isLike && canPlay(task.fen, [san, ...task.after]);
    });
    expect([at, fits]).toEqual([at, [exercise.solution.kind === 'write' ? exercise.solution.text : '']]);
  }
});

function canPlay(fen: string, sans: readonly string[]): boolean {
  const chess = new Chess(fen);
  try {
    for (const san of sans) chess.move(san);
    return true;
  } catch {
    // chess.js throws on a move that is not legal.
    return false;
  }
}

test('poisoned: chess.js finds a mate after the capture just where it is said', () => {
  for (const { task, exercise, at } of tasksOf('poisoned')) {
    const chess = new Chess(task.fen);
    chess.move(task.move);
    const hasMate = chess.moves().some((san) => san.endsWith('#'));
    const { solution } = exercise;
    expect([at, solution.kind === 'choose' && solution.options.includes('allows-mate')]).toEqual([
      at,
      hasMate,
    ]);
  }
});

test.each(['whole-line', 'right-order', 'last-square'] as const)(
  '%s: the moves of the solution mate on the board of chess.js',
  (id) => {
    for (const { task, exercise, at } of tasksOf(id)) {
      const { solution } = exercise;
      if (solution.kind === 'play') {
        const chess = new Chess(task.fen);
        for (const move of solution.moves) chess.move(move);
        expect([at, chess.isCheckmate()]).toEqual([at, true]);
      }
      if (solution.kind === 'choose') {
        // The first move of the order is the key of the stored proof.
        const chess = new Chess(task.fen);
        const first = chess.move(solution.options[0] ?? '');
        expect([at, `${first.from}${first.to}${first.promotion ?? ''}`]).toEqual([
          at,
          task.graph.nodes[0]?.moves[0]?.move,
        ]);
      }
      if (solution.kind === 'tap') {
        // The line of the stored proof ends on the square, and in mate.
        const line = openExercise({ family: 'whole-line', task }).solution;
        const chess = new Chess(task.fen);
        const moves = line.kind === 'play' ? line.moves.map((move) => chess.move(move)) : [];
        expect([at, chess.isCheckmate(), moves.at(-1)?.to]).toEqual([
          at,
          true,
          makeSquareName(solution.marks[0]?.square ?? -1),
        ]);
      }
    }
  },
);

test('promote-to, a fork: the new man attacks both and cannot be taken, by chess.js', () => {
  for (const seed of SEEDS) {
    const exercise = composeExercise('promote-to', 4, seed);
    const { solution } = openExercise(exercise);
    const promotion = solution.kind === 'choose' && solution.options.includes('bishop') ? 'b' : 'n';
    const { fen, from, to } = exercise.task as { fen: string; from: number; to: number };
    const chess = new Chess(fen);
    const them = chess.turn() === 'w' ? 'b' : 'w';
    chess.move({ from: makeSquareName(from), to: makeSquareName(to), promotion });
    expect(chess.moves({ verbose: true }).some((move) => move.to === makeSquareName(to))).toBe(false);
    const us = them === 'w' ? 'b' : 'w';
    const forked = chess
      .board()
      .flat()
      .filter(
        (man) =>
          man !== null &&
          man.color === them &&
          ['k', 'q', 'r'].includes(man.type) &&
          chess.attackers(man.square, us).some((square) => square === makeSquareName(to)),
      );
    expect([seed, forked.length >= 2]).toEqual([seed, true]);
  }
});

test('attack-men: a move in between gives check or is quiet, and every answering man has a legal move, by chess.js', () => {
  let answers = 0;
  for (const { task, exercise, at } of tasksOf('attack-men')) {
    const { solution } = exercise;
    if (solution.kind !== 'tap') throw new Error(at);
    const chess = new Chess(task.fen);
    const moves = chess.moves({ verbose: true });
    for (const { square } of solution.marks) {
      const name = makeSquareName(square);
      const own = moves.filter((move) =>
        task.answer === 'go-away'
          ? move.from === makeSquareName(task.target) && move.to === name
          : move.from === name,
      );
      expect([at, own.length > 0]).toEqual([at, true]);
      answers += 1;
    }
  }
  expect(answers).toBeGreaterThan(24);
});

test('signs: the evidence of a mate at once, given or allowed, is that of chess.js', () => {
  let tested = 0;
  for (const { task, at } of tasksOf('signs')) {
    const isMateAtOnce = ({ fate }: Fated) => fate.kind === 'mates' && fate.inMoves === 1;
    const chess = new Chess(task.fen);
    const hasMate = chess.moves().some((san) => san.endsWith('#'));
    expect([at, isMateAtOnce(task.own) || isMateAtOnce(task.other)]).toEqual([at, hasMate]);
    chess.move(task.own.move);
    const isMatedAtOnce = chess.moves().some((san) => san.endsWith('#'));
    expect([at, task.own.fate.kind === 'mated' && task.own.fate.inMoves === 1]).toEqual([at, isMatedAtOnce]);
    tested += 1;
  }
  expect(tested).toBe(3 * SEEDS.length);
});
