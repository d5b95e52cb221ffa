'use client';
import { use, useMemo } from 'react';
import type { ExerciseId, ExerciseTask } from '@/core/exercises';
import { useHouseVoice } from '@/ui/words';
import { AnswerPlayer } from './AnswerPlayer';
import type { ExercisePlayerProps } from './ExercisePlayer';
import { openFamily } from './openFamily';

/** The player of an exercise on the seat: its family is fetched alone. Suspends until it is there. */
export function SeatExercise({ task, ...props }: ExercisePlayerProps) {
  const { family, makeWords } = use(openFamily(task.family));
  const { terms } = useHouseVoice();
  const exercise = useMemo(() => family.open((task satisfies ExerciseTask).task), [family, task]);
  const words = useMemo(() => makeWords(terms), [makeWords, terms]);
  return <AnswerPlayer exercise={exercise} words={words} {...props} />;
}

/** Fetches families that will be needed. */
export const fetchFamilies = (families: readonly ExerciseId[]) =>
  Promise.allSettled(families.map(openFamily));
