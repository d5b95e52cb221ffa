'use client';
import { useEffect, useMemo, useState } from 'react';
import type { ExerciseTask, NotationWays, Scale } from '@/core/exercises';
import type { FateTable } from '@/core/proof';
import type { BoardStop, RoundRecipe } from '@/contracts/live';
import { createSearchClient, startSearchWorker } from '@/workers/browser';

/** Seen deep enough in front of a class that waits; what is deeper is asked at the Desk. */
const FATE_PLIES = 5;

const keyOf = ({ family, level, seed, count }: RoundRecipe) => `${family} ${level} ${seed} ${count}`;

/** The exercises of the rounds that were reached, composed in a worker; undefined while they are made. */
export function useComposed(
  stop: BoardStop | undefined,
  { values, ways }: { readonly values: Scale; readonly ways: NotationWays | undefined },
): ExerciseTask | undefined {
  const client = useMemo(() => createSearchClient(startSearchWorker), []);
  const [made, setMade] = useState<Readonly<Record<string, readonly ExerciseTask[]>>>({});
  useEffect(() => () => client.stopAll(), [client]);
  const round = stop?.kind === 'exercise' ? stop.round : undefined;
  const key = round && keyOf(round);
  const isMade = key !== undefined && made[key] !== undefined;
  useEffect(() => {
    if (round === undefined || key === undefined || isMade) return undefined;
    const asked = client.ask({ kind: 'compose', ...round, values, ways });
    void asked.outcome.then((outcome) => {
      if (outcome.kind === 'answer') {
        const { tasks } = outcome.answer;
        setMade((known) => ({ ...known, [key]: tasks }));
      }
    });
    return () => asked.stop();
  }, [client, round, key, isMade, values, ways]);
  return stop?.kind === 'exercise' && key !== undefined ? made[key]?.[stop.index] : undefined;
}

/** What is known of a position's moves, and whether more is coming. */
export interface FatesRead {
  readonly table: FateTable | undefined;
  readonly state: 'working' | 'done' | 'failed';
}

const NOTHING_READ: FatesRead = { table: undefined, state: 'working' };

/** What becomes of every move of a position, deeper while one looks; without a position nothing is worked out. */
export function useFates(fen: string | undefined): FatesRead {
  const client = useMemo(() => createSearchClient(startSearchWorker), []);
  const [read, setRead] = useState<Readonly<Record<string, FatesRead>>>({});
  useEffect(() => () => client.stopAll(), [client]);
  useEffect(() => {
    if (fen === undefined) return undefined;
    const keep = (next: Partial<FatesRead>) =>
      setRead((known) => ({ ...known, [fen]: { ...(known[fen] ?? NOTHING_READ), ...next } }));
    const asked = client.ask({ kind: 'fates', fen, plies: FATE_PLIES, isPassed: false }, (progress) => {
      if (progress.kind === 'fates') keep({ table: progress.table });
    });
    void asked.outcome.then((outcome) => {
      if (outcome.kind === 'answer' && outcome.answer.kind === 'fates')
        keep({ table: outcome.answer.table, state: 'done' });
      else if (outcome.kind !== 'stopped') keep({ state: 'failed' });
    });
    return () => asked.stop();
  }, [client, fen]);
  return (fen === undefined ? undefined : read[fen]) ?? NOTHING_READ;
}
