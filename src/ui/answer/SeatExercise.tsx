'use client';
import { use, useMemo } from 'react';
import type { ExerciseId, ExerciseTask } from '@/core/exercises';
import { AnswerPlayer } from './AnswerPlayer';
import type { ExercisePlayerProps } from './ExercisePlayer';
import { openFamily } from './openFamily';

/** The player of an exercise on the seat: its family is fetched alone. Suspends until it is there. */
export function SeatExercise({ task, ...props }: ExercisePlayerProps) {
  const family = use(openFamily(task.family));
  const exercise = useMemo(() => family.open((task satisfies ExerciseTask).task), [family, task]);
  return <AnswerPlayer family={task.family} exercise={exercise} {...props} />;
}

/** Fetches families that will be needed. */
export const fetchFamilies = (families: readonly ExerciseId[]) =>
  Promise.allSettled(families.map(openFamily));
