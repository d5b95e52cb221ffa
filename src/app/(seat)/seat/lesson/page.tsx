import type { Metadata } from 'next';
import { getSeatLesson } from '@/server/services/live';
import { getPageStudent } from '../../_parts/seatPage';
import { LessonView } from '../../_parts/LessonView';

export const metadata: Metadata = { title: 'At the board' };

export default async function SeatLessonPage() {
  return <LessonView lesson={await getSeatLesson(await getPageStudent())} />;
}
