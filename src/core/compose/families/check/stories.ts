/** What is told of the games that the questions about their end are made of. */
import type { ExerciseTaskOf, Level } from '../../../exercises';
import { findOutcome, type Position } from '../../../rules';
import { pickOne, type Random } from '../../../shared';
import { sampleState } from './states';

export type DrawTask = ExerciseTaskOf<'draw-kind'>;

type Story = DrawTask['story'];

const PLAIN_STORY: Story = { times: 1, quietMoves: 0, haveAgreed: false };

/** What is told for a kind of end; from the second level on with things that come near it but do not count. */
export function tellStory(random: Random, kind: string, level: Level): Story {
  const near: Story =
    level === 1
      ? PLAIN_STORY
      : {
          times: level === 3 || random() < 0.5 ? 2 : 1,
          quietMoves: level === 3 || random() < 0.5 ? pickOne(random, [12, 30, 44, 49]) : 0,
          haveAgreed: false,
        };
  switch (kind) {
    case 'repetition':
      return { ...near, times: level === 3 ? pickOne(random, [3, 4, 5]) : 3 };
    case 'fifty-moves':
      return { ...near, quietMoves: level === 3 ? pickOne(random, [50, 51, 60, 74]) : 50 };
    case 'agreement':
      return { ...near, haveAgreed: true };
    default:
      return near;
  }
}

const MEN: Readonly<Partial<Record<Level, readonly [number, number]>>> = { 1: [1, 3], 2: [2, 4], 3: [4, 5] };

export function sampleEnd(random: Random, kind: string, level: Level): Position | undefined {
  const [own, others] = MEN[level] ?? [1, 3];
  const isOnBoard = kind === 'stalemate' || kind === 'dead' || kind === 'mate';
  const position = sampleState(random, isOnBoard ? kind : 'goes-on', own, others);
  return position !== undefined && (isOnBoard || findOutcome(position) === undefined) ? position : undefined;
}
