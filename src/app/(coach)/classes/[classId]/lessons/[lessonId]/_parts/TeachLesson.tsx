'use client';
import { useRouter } from 'next/navigation';
import { BeginLesson } from '@/ui/panels/live/BeginLesson';
import { beginLiveAction } from '../../../../../../(board)/board/actions';

/** From the lesson to the big board. */
export function TeachLesson({ classId, lessonId }: { readonly classId: number; readonly lessonId: number }) {
  const router = useRouter();
  return (
    <BeginLesson
      classId={classId}
      lessonId={lessonId}
      label="Teach at the big board"
      onBegin={beginLiveAction}
      onBegun={() => router.push(`/board/${classId}`)}
    />
  );
}
