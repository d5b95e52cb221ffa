'use client';
import { useRouter } from 'next/navigation';
import type { SeatRound as SeatRoundData } from '@/contracts/attempts';
import type { StudentId } from '@/contracts/ids';
import { SeatRound } from '@/ui/answer';

export function RoundView(props: {
  readonly round: SeatRoundData;
  readonly studentId: StudentId;
  readonly backTo: '/seat' | '/seat/path';
}) {
  const router = useRouter();
  return (
    <SeatRound
      round={props.round}
      studentId={props.studentId}
      back={props.backTo === '/seat' ? 'My place' : 'My path'}
      onLeave={() => {
        router.push(props.backTo);
        router.refresh();
      }}
    />
  );
}
