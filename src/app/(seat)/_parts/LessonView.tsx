'use client';
import { useRouter } from 'next/navigation';
import type { SeatLesson as SeatLessonData } from '@/contracts/seatLesson';
import { SeatLesson } from '@/ui/panels/live/SeatLesson';

export function LessonView({ lesson }: { readonly lesson: SeatLessonData }) {
  const router = useRouter();
  return (
    <SeatLesson
      lesson={lesson}
      onLeave={() => {
        router.push('/seat');
        router.refresh();
      }}
    />
  );
}
