'use client';
import { useRouter } from 'next/navigation';
import { BeginLesson } from '@/ui/panels/live/BeginLesson';
import { beginLiveAction } from '../../../../../../(board)/board/actions';
import * as classesText from '@/text/screens/classes';

/** From the lesson to the big board. */
export function TeachLesson({ classId, lessonId }: { readonly classId: number; readonly lessonId: number }) {
  const router = useRouter();
  return (
    <BeginLesson
      classId={classId}
      lessonId={lessonId}
      label={classesText.teachAtBigBoard}
      onBegin={beginLiveAction}
      onBegun={() => router.push(`/board/${classId}`)}
    />
  );
}
