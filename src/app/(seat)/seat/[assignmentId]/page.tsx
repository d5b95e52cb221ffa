import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { assignmentIdSchema } from '@/contracts/ids';
import { parseInput } from '@/server/auth/parseInput';
import { openSeatRound } from '@/server/services/seat';
import { getPageStudent } from '../../_parts/seatPage';
import { FirstLook } from '../../_parts/FirstLook';
import { RoundView } from '../../_parts/RoundView';
import { getSeatTerms } from '@/server/services/houseWords';
import * as seatPagesText from '@/text/screens/seatPages';

export const metadata: Metadata = { title: seatPagesText.puzzles };

export default async function SeatRoundPage({ params }: PageProps<'/seat/[assignmentId]'>) {
  const actor = await getPageStudent();
  const id = parseInput(assignmentIdSchema, (await params).assignmentId);
  const round = id.ok ? await openSeatRound(actor, id.value) : id;
  // What is no longer on the place is not shown as an error to a child: the place itself is.
  if (!round.ok) redirect('/seat');
  return (
    <RoundView
      round={round.value}
      studentId={actor.studentId}
      backTo="/seat"
      waiting={<FirstLook round={round.value} terms={await getSeatTerms(actor)} />}
    />
  );
}
