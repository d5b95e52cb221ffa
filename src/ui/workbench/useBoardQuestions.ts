'use client';
import { useEffect, useMemo, useState } from 'react';
import type { Square } from '@/core/board';
import type { FamilyFit } from '@/core/compose';
import type { NotationWays, Scale } from '@/core/exercises';
import { makeFen, makeMoveText } from '@/core/notation';
import { createSearchClient, startSearchWorker } from '@/workers/browser';
import type { BenchView } from './bench';

/** What can be asked of the board that is shown. */
export type QuestionsFound =
  | { readonly kind: 'working' }
  | { readonly kind: 'found'; readonly families: readonly FamilyFit[] }
  | { readonly kind: 'failed' };

const WORKING: QuestionsFound = { kind: 'working' };

/**
 * The questions of the board that is shown and of the moves made from it, found in a worker while `isOpen`; with the squares that are chosen
 * for them. A board that was asked about before is not asked about again.
 */
export function useBoardQuestions(
  { shown, steps, ply }: Pick<BenchView, 'shown' | 'steps' | 'ply'>,
  isOpen: boolean,
  { values, ways }: { readonly values: Scale; readonly ways: NotationWays | undefined },
) {
  const client = useMemo(() => createSearchClient(startSearchWorker), []);
  useEffect(() => () => client.stopAll(), [client]);
  const [chosen, setChosen] = useState<readonly Square[]>([]);
  const [isChoosing, setIsChoosing] = useState(false);
  const [known, setKnown] = useState<Readonly<Record<string, QuestionsFound>>>({});
  const fen = useMemo(() => makeFen(shown), [shown]);
  const line = useMemo(() => steps.slice(ply).map(({ move }) => makeMoveText(move)), [steps, ply]);
  const key = `${fen} | ${chosen.join(' ')} | ${line.join(' ')}`;
  const isKnown = known[key] !== undefined;
  useEffect(() => {
    if (!isOpen || isKnown) return undefined;
    const keep = (found: QuestionsFound) => setKnown((before) => ({ ...before, [key]: found }));
    const asked = client.ask({ kind: 'board-questions', fen, chosen, line, values, ways });
    void asked.outcome.then((outcome) => {
      if (outcome.kind === 'answer' && outcome.answer.kind === 'board-questions')
        keep({ kind: 'found', families: outcome.answer.families });
      else if (outcome.kind !== 'stopped') keep({ kind: 'failed' });
    });
    return () => asked.stop();
  }, [client, isOpen, isKnown, key, fen, chosen, line, values, ways]);
  return {
    fen,
    found: known[key] ?? WORKING,
    chosen,
    isChoosing: isOpen && isChoosing,
    toggleChoosing: () => setIsChoosing(!isChoosing),
    clear: () => setChosen([]),
    /** A question was picked: the board is the hand's again. */
    stopChoosing: () => setIsChoosing(false),
    /** A square more, or one less. */
    choose: (square: Square) =>
      setChosen(chosen.includes(square) ? chosen.filter((other) => other !== square) : [...chosen, square]),
  };
}

export type BoardQuestions = ReturnType<typeof useBoardQuestions>;
