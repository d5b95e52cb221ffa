'use client';
import { useRouter } from 'next/navigation';
import { BigBoard } from '@/ui/panels/live/BigBoard';
import {
  addCalledMoveAction,
  askQuestionAction,
  closeQuestionAction,
  endLiveAction,
  saveLivePlaceAction,
} from '../actions';

export function BoardView({ page }: { readonly page: Parameters<typeof BigBoard>[0]['page'] }) {
  const router = useRouter();
  const { lessonId } = page.live;
  return (
    <BigBoard
      page={page}
      actions={{
        savePlace: saveLivePlaceAction,
        ask: askQuestionAction,
        close: closeQuestionAction,
        addCalled: addCalledMoveAction,
        end: endLiveAction,
      }}
      onEnded={() =>
        router.push(
          lessonId === undefined
            ? `/classes/${page.classId}`
            : `/classes/${page.classId}/lessons/${lessonId}`,
        )
      }
    />
  );
}
