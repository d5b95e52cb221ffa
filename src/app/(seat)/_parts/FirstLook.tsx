import type { SeatRound, SeatTask } from '@/contracts/attempts';
import { getAskedLength, openExercise } from '@/core/exercises';
import { getPosition } from '@/core/notation';
import type { Diagram } from '@/drawing';
import { familyWords, mateQuestion, questionText, type Spoken, type Terms } from '@/text';
import { RoundWaiting } from '@/ui/answer/RoundWaiting';

/**
 * The first open task of a round, drawn by the server: its question and its board stand there before any script has come. The device may
 * know better where the child was; then that task takes its place.
 */
export function FirstLook({ round, terms }: { readonly round: SeatRound; readonly terms: Terms }) {
  const first = round.tasks.find(({ isSolved, isClimbed }) => !isSolved && !isClimbed);
  return first === undefined ? <RoundWaiting /> : <RoundWaiting {...lookOf(first, terms)} />;
}

interface Look {
  readonly words: Spoken;
  readonly diagram: Diagram | undefined;
  readonly layout: 'played' | 'made';
}

function lookOf(task: SeatTask, terms: Terms): Look {
  if (task.family === 'mate') {
    const { board, turn } = getPosition(task.task.fen);
    const words = mateQuestion(turn, getAskedLength(task.task));
    return { words, diagram: { board, turn, bottom: turn }, layout: 'played' };
  }
  const { ask, scene, question } = openExercise(task);
  const marks = scene.asked.map((square) => ({ square, mark: 'hint' as const }));
  const isMoved = ask.kind === 'play' && ask.rules !== 'line' && ask.rules !== 'way';
  return {
    words: questionText(familyWords(task.family, terms), question),
    diagram: scene.isHidden ? undefined : { ...scene, marks },
    layout: isMoved ? 'played' : 'made',
  };
}
