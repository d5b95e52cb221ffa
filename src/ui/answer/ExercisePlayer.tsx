'use client';
import { useMemo } from 'react';
import { openExercise, type ExerciseTask } from '@/core/exercises';
import { familyWords } from '@/text';
import { useHouseVoice } from '@/ui/words';
import { AnswerPlayer, type AnswerPlayerProps } from './AnswerPlayer';

export type ExercisePlayerProps = Omit<AnswerPlayerProps, 'exercise' | 'words'> & {
  readonly task: ExerciseTask;
};

/** The player of an exercise of any family. It brings all of them with it: for a coach, who tries one after another. */
export function ExercisePlayer({ task, ...props }: ExercisePlayerProps) {
  const exercise = useMemo(() => openExercise(task), [task]);
  const { terms } = useHouseVoice();
  const words = useMemo(() => familyWords(task.family, terms), [task, terms]);
  return <AnswerPlayer exercise={exercise} words={words} {...props} />;
}
