/** What the families of attack and defence ask of a board that is brought. */
import { opponentOf } from '../../../board';
import { isAttack, listSound, type AttackedTask, type ExerciseTaskOf } from '../../../exercises';
import { ATTACK_ANSWERS } from '../../../tactics';
import { findChosenMan, fitting, misfit, type BroughtBoard, type Fit, type Fits } from '../../brought';

/** The chosen piece, and the man of theirs chosen after it. */
export const fitsAttackFrom: Fits<ExerciseTaskOf<'attack-from'>> = (brought) => {
  const chosen = findChosenMan(brought);
  if (chosen === undefined) return misfit('needs-piece');
  const [, target] = brought.chosen;
  const { board, turn } = brought.draft;
  return target === undefined || board[target]?.side !== opponentOf(turn)
    ? misfit('needs-target')
    : fitting({ fen: brought.fen, square: chosen.square, target });
};

export const fitsAttackKinds: Fits<ExerciseTaskOf<'attack-kinds'>> = (brought) =>
  fitsAttacks(brought, (task) => [task]);

export const fitsAttackMen: Fits<ExerciseTaskOf<'attack-men'>> = (brought) =>
  fitsAttacks(brought, (task) => {
    const found = new Set(listSound(task).flatMap(({ kinds }) => kinds));
    return ATTACK_ANSWERS.filter((answer) => found.has(answer)).map((answer) => ({ ...task, answer }));
  });

/** Every attack that can be answered: on the chosen man, or on any where none is chosen. */
function fitsAttacks<Task>(
  { fen, position, chosen, values }: BroughtBoard,
  makeTasks: (task: AttackedTask) => readonly Task[],
): Fit<Task> {
  if (position === undefined) return misfit('needs-game');
  const targets = position.board.flatMap((man, square) =>
    man?.side === position.turn && (chosen.length === 0 || square === chosen[0]) ? [square] : [],
  );
  const attacked = targets.map((target) => ({ fen, target, values })).filter(isAttack);
  return attacked.length === 0 ? misfit('nothing-here') : fitting(...attacked.flatMap(makeTasks));
}
