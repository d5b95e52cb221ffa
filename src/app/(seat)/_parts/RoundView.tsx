'use client';
import { useRouter } from 'next/navigation';
import type { ReactNode } from 'react';
import type { SeatRound as SeatRoundData } from '@/contracts/attempts';
import type { StudentId } from '@/contracts/ids';
import { SeatRound } from '@/ui/answer';

export function RoundView(props: {
  readonly round: SeatRoundData;
  readonly studentId: StudentId;
  readonly backTo: '/seat' | '/seat/path';
  /** The first task as the server draws it. */
  readonly waiting: ReactNode;
}) {
  const router = useRouter();
  return (
    <SeatRound
      round={props.round}
      studentId={props.studentId}
      waiting={props.waiting}
      back={props.backTo === '/seat' ? 'place' : 'path'}
      onLeave={() => {
        router.push(props.backTo);
        router.refresh();
      }}
    />
  );
}
