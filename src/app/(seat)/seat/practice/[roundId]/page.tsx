import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { roundIdSchema } from '@/contracts/ids';
import { parseInput } from '@/server/auth/parseInput';
import { openPractice } from '@/server/services/paths';
import { getPageStudent } from '../../../_parts/seatPage';
import { FirstLook } from '../../../_parts/FirstLook';
import { RoundView } from '../../../_parts/RoundView';
import { getSeatTerms } from '@/server/services/houseWords';
import * as seatPagesText from '@/text/screens/seatPages';

export const metadata: Metadata = { title: seatPagesText.practice };

export default async function PracticePage({ params }: PageProps<'/seat/practice/[roundId]'>) {
  const actor = await getPageStudent();
  const id = parseInput(roundIdSchema, (await params).roundId);
  const round = id.ok ? await openPractice(actor, id.value) : id;
  if (!round.ok) redirect('/seat/path');
  return (
    <RoundView
      round={round.value}
      studentId={actor.studentId}
      backTo="/seat/path"
      waiting={<FirstLook round={round.value} terms={await getSeatTerms(actor)} />}
    />
  );
}
