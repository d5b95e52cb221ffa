import type { Metadata } from 'next';
import { getSeatLesson } from '@/server/services/live';
import { getPageStudent } from '../../_parts/seatPage';
import { LessonView } from '../../_parts/LessonView';
import * as seatPagesText from '@/text/screens/seatPages';

export const metadata: Metadata = { title: seatPagesText.atBoard };

export default async function SeatLessonPage() {
  return <LessonView lesson={await getSeatLesson(await getPageStudent())} />;
}
