'use client';
import { useMemo } from 'react';
import { openExercise, type ExerciseTask } from '@/core/exercises';
import { AnswerPlayer, type AnswerPlayerProps } from './AnswerPlayer';

export type ExercisePlayerProps = Omit<AnswerPlayerProps, 'family' | 'exercise'> & {
  readonly task: ExerciseTask;
};

/** The player of an exercise of any family. It brings all of them with it: for a coach, who tries one after another. */
export function ExercisePlayer({ task, ...props }: ExercisePlayerProps) {
  const exercise = useMemo(() => openExercise(task), [task]);
  return <AnswerPlayer family={task.family} exercise={exercise} {...props} />;
}
