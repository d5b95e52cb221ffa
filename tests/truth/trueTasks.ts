/** Holds composed tasks against the oracles: the solution right, every answer judged as the oracle judges it, every reason true. */
import {
  isChoiceNote,
  openExercise,
  type Answer,
  type ExerciseId,
  type ExerciseTask,
  type Level,
} from '@/core/exercises';
import { composeExercise } from '@/core/compose';
import { noteText } from '@/text';
import { acceptanceOf } from './acceptance';
import { listAnswers } from './answers';
import { listDuelFaults } from './duel';
import { findFalse, type TaskFields } from './notes';
import { listLongSentences, listWordingFaults } from './wording';
import { plainWords } from '../support/plainWords';

export interface Fault {
  readonly at: string;
  readonly task: unknown;
  readonly answer: Answer;
  readonly fault: string;
}

export function listFaults(id: ExerciseId, level: Level, seed: number): Fault[] {
  return listTaskFaults(composeExercise(id, level, seed), `${id} ${level} ${seed}`, seed);
}

/** The same of any task; `at` says where it comes from. */
export function listTaskFaults(given: ExerciseTask, at: string, seed: number): Fault[] {
  const id = given.family;
  const exercise = openExercise(given);
  const task = given.task as TaskFields;
  const accepts = acceptanceOf(id, task);
  const { solution, scene } = exercise;
  const wording = listWordingFaults(id, exercise).map((fault) => ({ at, task, answer: solution, fault }));
  if (wording.length > 0) return wording;
  if (id === 'route-answered')
    return listDuelFaults(exercise, task, seed).map((fault) => ({ at, task, answer: solution, fault }));
  return listAnswers(id, exercise, task, seed).flatMap((answer): Fault[] => {
    const verdict = exercise.judge(answer);
    const found: string[] = [];
    const isRight = accepts(answer);
    if (isRight !== undefined && isRight !== (verdict.outcome === 'right'))
      found.push(isRight ? 'a right answer is refused' : 'a wrong answer is accepted');
    if (answer === solution && verdict.outcome !== 'right') found.push('the solution is refused');
    const said = verdict.notes.map((note) => ({
      note,
      text: noteText(plainWords(id), note, scene),
    }));
    for (const { note, text } of said) {
      const fault = findFalse({ id, task, answer, verdict, solution }, note);
      found.push(...listLongSentences(text));
      if (text === '' && !isChoiceNote(note)) found.push(`nothing is said of ${note.code}`);
      if (fault !== undefined) found.push(`${fault}: ${text} ${JSON.stringify(note)}`);
    }
    if (verdict.outcome === 'wrong' && said.every(({ text }) => text.trim() === ''))
      found.push('no reason is given');
    return found.map((fault) => ({ at, task, answer, fault }));
  });
}
