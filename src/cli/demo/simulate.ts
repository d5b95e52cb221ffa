/** A simulated child's tries at one task: seeded, so that the demo is the same at every seed. */
import type { SeatTask } from '@/contracts/attempts';
import { mateFamily, openExercise, type Answer, type ExerciseTask } from '@/core/exercises';
import { getDraft, makeMoveText } from '@/core/notation';
import { listReach } from '@/core/rules';
import { pickOne, type Random } from '@/core/shared';

export interface SimulatedTry {
  readonly answer: Answer;
  readonly hints: number;
  readonly spentMs: number;
}

const MOST_TRIES = 3;

/** One to three tries; the last one is right unless the child gave up. Longer mates and higher levels lower the chance. */
export function simulateTries(random: Random, strength: number, task: SeatTask): SimulatedTry[] {
  const weight = task.family === 'mate' ? task.task.mateInMoves : 1 + task.level / 4;
  const tries: SimulatedTry[] = [];
  for (let number = 1; number <= MOST_TRIES; number += 1) {
    const chance = Math.min(0.95, strength ** weight + 0.25 * (number - 1));
    const wrong = random() < chance ? undefined : answerWrong(random, task);
    tries.push({
      answer: wrong ?? answerRight(task),
      hints: number > 1 && random() < 0.5 ? 1 : 0,
      spentMs: Math.round((8 + 40 * random() * weight) * 1000),
    });
    if (wrong === undefined) break;
  }
  return tries;
}

function answerRight(task: SeatTask): Answer {
  if (task.family !== 'mate') return openExercise(task).solution;
  return { kind: 'play', moves: mateFamily.solution(task.task, task.solution), slips: 0 };
}

/** Undefined when nothing wrong comes to mind. */
function answerWrong(random: Random, task: SeatTask): Answer | undefined {
  if (task.family === 'mate') {
    const others = Object.keys(task.solution.nodes[0]?.others ?? {});
    return { kind: 'play', moves: [pickOne(random, others)], slips: 0 };
  }
  return makeWrongAnswer(random, task);
}

/** An answer of the right mode that the judge refuses, near the right one. */
function makeWrongAnswer(random: Random, task: ExerciseTask): Answer | undefined {
  const exercise = openExercise(task);
  const { ask, solution } = exercise;
  const candidates = Array.from({ length: 20 }, () => vary(random, ask, solution));
  return candidates.find((answer) => answer !== undefined && exercise.judge(answer).outcome === 'wrong');
}

function vary(
  random: Random,
  ask: ReturnType<typeof openExercise>['ask'],
  solution: Answer,
): Answer | undefined {
  switch (solution.kind) {
    case 'tap': {
      const { marks } = solution;
      const isShort = marks.length > 1 && random() < 0.5;
      return isShort
        ? { kind: 'tap', marks: marks.slice(1) }
        : { kind: 'tap', marks: [...marks.slice(1), { square: Math.floor(random() * 64) }] };
    }
    case 'place': {
      const exchanged = { king: 'queen', queen: 'king' } as const;
      return {
        ...solution,
        men: solution.men.map((man) =>
          man.role === 'king' || man.role === 'queen' ? { ...man, role: exchanged[man.role] } : man,
        ),
      };
    }
    case 'write':
      return { kind: 'write', text: turnRound(solution.text) };
    case 'number':
      return { kind: 'number', value: Math.max(0, solution.value + (random() < 0.5 ? 1 : -1)) };
    case 'choose':
      return ask.kind === 'choose'
        ? { kind: 'choose', options: [pickOne(random, ask.options)], ordered: false }
        : undefined;
    case 'play': {
      if (ask.kind !== 'play') return undefined;
      const draft = getDraft(ask.fen);
      const moves = draft.board.flatMap((man, square) =>
        man?.side === draft.turn ? listReach(draft, square) : [],
      );
      return moves.length === 0
        ? undefined
        : { kind: 'play', moves: [makeMoveText(pickOne(random, moves))], slips: 0 };
    }
  }
}

/** "4e" for "e4". */
function turnRound(text: string): string {
  return Array.from(text).reverse().join('');
}
