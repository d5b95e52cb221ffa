'use client';
import { useRouter } from 'next/navigation';
import type { SeatRound as SeatRoundData } from '@/contracts/attempts';
import { SeatRound } from '@/ui/answer';

export function RoundView({ round, studentId }: { round: SeatRoundData; studentId: number }) {
  const router = useRouter();
  return (
    <SeatRound
      round={round}
      studentId={studentId}
      onLeave={() => {
        router.push('/seat');
        router.refresh();
      }}
    />
  );
}
