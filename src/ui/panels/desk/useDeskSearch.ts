'use client';
import { useEffect, useMemo, useState } from 'react';
import type { ClubPattern } from '@/contracts/clubPatterns';
import type { MateTag, Sacrifice } from '@/core/patterns';
import type { FateTable, MateSolution, ProofReport } from '@/core/proof';
import { createSearchClient, startSearchWorker, type Asked } from '@/workers/browser';
import type { JudgeAnswer, ProveAnswer, Question } from '@/workers/protocol';

export type ProverState =
  | { readonly kind: 'idle' }
  | { readonly kind: 'running'; readonly report: ProofReport | undefined; readonly ms: number }
  | { readonly kind: 'answer'; readonly answer: ProveAnswer }
  /** What had been proved when Stop came. */
  | { readonly kind: 'stopped'; readonly report: ProofReport | undefined }
  | { readonly kind: 'failed' };

/** The tree behind a proved mate. */
export type SolutionState =
  | { readonly kind: 'none' }
  | { readonly kind: 'running' }
  | {
      readonly kind: 'ready';
      readonly solution: MateSolution;
      /** Undefined when the tree was cut off. */
      readonly tags: readonly MateTag[] | undefined;
      /** By names of the club's own. */
      readonly ourTags: readonly MateTag<string>[] | undefined;
      readonly sacrifices: readonly Sacrifice[];
    }
  | { readonly kind: 'stopped' }
  | { readonly kind: 'failed' };

export type FatesState =
  | { readonly kind: 'none' }
  /** The table of the depths finished so far, while deeper ones are looked at. */
  | { readonly kind: 'running'; readonly table: FateTable | undefined; readonly isPassed: boolean }
  | { readonly kind: 'ready'; readonly table: FateTable; readonly isPassed: boolean }
  | { readonly kind: 'in-check' }
  | { readonly kind: 'failed' };

export type WrittenState =
  | { readonly kind: 'none' }
  | { readonly kind: 'running' }
  | { readonly kind: 'judged'; readonly answer: JudgeAnswer }
  | { readonly kind: 'stopped' }
  | { readonly kind: 'failed' };

interface Findings {
  readonly prover: ProverState;
  readonly solution: SolutionState;
  readonly fates: FatesState;
  readonly written: WrittenState;
}

const NOTHING: Findings = {
  prover: { kind: 'idle' },
  solution: { kind: 'none' },
  fates: { kind: 'none' },
  written: { kind: 'none' },
};

/** Deeper tables come one after another until the coach has seen enough. */
const FATE_PLIES = 7;

/** The Desk's questions to its one worker; they wait for each other, and leaving the page ends them. */
export function useDeskSearch(ours: readonly ClubPattern[]) {
  const [found, setFound] = useState(NOTHING);
  const client = useMemo(() => createSearchClient(startSearchWorker), []);
  const [asked, setAsked] = useState<Partial<Record<keyof Findings, Asked<Question>>>>({});
  useEffect(() => () => client.stopAll(), [client]);

  const note = (part: Partial<Findings>) => setFound((known) => ({ ...known, ...part }));
  const keep = <Q extends Question>(name: keyof Findings, question: Asked<Q>): Asked<Q> => {
    setAsked((known) => ({ ...known, [name]: question as Asked<Question> }));
    return question;
  };

  async function prove(fen: string, maxMoves: number): Promise<void> {
    asked.prover?.stop();
    asked.solution?.stop();
    let last: ProofReport | undefined;
    note({ prover: { kind: 'running', report: undefined, ms: 0 }, solution: { kind: 'none' } });
    const question = client.ask({ kind: 'prove', fen, maxMoves }, (progress) => {
      if (progress.kind !== 'proof') return;
      last = progress.report;
      note({ prover: { kind: 'running', report: last, ms: progress.ms } });
    });
    const outcome = await keep('prover', question).outcome;
    if (outcome.kind === 'stopped') note({ prover: { kind: 'stopped', report: last } });
    else if (outcome.kind === 'failed') note({ prover: { kind: 'failed' } });
    else {
      note({ prover: { kind: 'answer', answer: outcome.answer } });
      if (outcome.answer.kind === 'mate') await explain(fen, outcome.answer.mateInMoves);
    }
  }

  async function explain(fen: string, mateInMoves: number): Promise<void> {
    note({ solution: { kind: 'running' } });
    const outcome = await keep(
      'solution',
      client.ask({
        kind: 'explain',
        fen,
        mateInMoves,
        ours: ours.map(({ name, picture }) => ({ name, picture })),
      }),
    ).outcome;
    if (outcome.kind === 'answer' && outcome.answer.kind === 'solution') {
      const { solution, tags, ourTags, sacrifices } = outcome.answer;
      note({ solution: { kind: 'ready', solution, tags, ourTags, sacrifices } });
    } else note({ solution: { kind: outcome.kind === 'stopped' ? 'stopped' : 'failed' } });
  }

  async function findFates(fen: string, isPassed: boolean): Promise<void> {
    asked.fates?.stop();
    let last: FateTable | undefined;
    note({ fates: { kind: 'running', table: undefined, isPassed } });
    const question = client.ask({ kind: 'fates', fen, plies: FATE_PLIES, isPassed }, (progress) => {
      if (progress.kind !== 'fates') return;
      last = progress.table;
      note({ fates: { kind: 'running', table: last, isPassed } });
    });
    const outcome = await keep('fates', question).outcome;
    const table = outcome.kind === 'answer' && outcome.answer.kind === 'fates' ? outcome.answer.table : last;
    if (outcome.kind === 'answer' && outcome.answer.kind === 'in-check')
      note({ fates: { kind: 'in-check' } });
    else if (table !== undefined) note({ fates: { kind: 'ready', table, isPassed } });
    else note({ fates: { kind: outcome.kind === 'failed' ? 'failed' : 'none' } });
  }

  /** Gives the verdict too, so that the page can show where it breaks. */
  async function judge(
    fen: string,
    line: string,
    claimed: number | undefined,
    isBlockless: boolean,
  ): Promise<JudgeAnswer | undefined> {
    asked.written?.stop();
    note({ written: { kind: 'running' } });
    const question = client.ask({ kind: 'judge', fen, line, claimed, isBlockless });
    const outcome = await keep('written', question).outcome;
    if (outcome.kind === 'answer') {
      note({ written: { kind: 'judged', answer: outcome.answer } });
      return outcome.answer;
    }
    note({ written: { kind: outcome.kind === 'stopped' ? 'stopped' : 'failed' } });
    return undefined;
  }

  /** Forgets everything, for the position has changed; ends what runs. */
  function reset(): void {
    client.stopAll();
    setAsked({});
    setFound(NOTHING);
  }

  return { ...found, prove, findFates, judge, reset, stop: (name: keyof Findings) => asked[name]?.stop() };
}
