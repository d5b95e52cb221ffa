/** Plain calls into the core: the same code behind the browser's worker, the server's pool and the tests. */
import { makeMateTask } from '@/core/compose';
import { findPosition, makeMoveText, makeSan } from '@/core/notation';
import { makeExactKey, makeTwinKey } from '@/core/puzzles';
import type { Position } from '@/core/rules';
import { createMateSearch, type MateSearch, type OnProgress } from '@/core/search';
import type { MakeMateTaskQuestion, MateTaskAnswer, ProveAnswer, ProveQuestion } from '../protocol';

let search: MateSearch | undefined;

/** One search a worker: its board and tables are made once. */
function getSearch(): MateSearch {
  search ??= createMateSearch();
  return search;
}

/** The prover's answer with its moves written out. */
export function answerProve(question: ProveQuestion, onProgress?: OnProgress): ProveAnswer {
  const position = findPosition(question.fen);
  if (position === undefined) return { kind: 'not-a-position' };
  const result = getSearch().prove(position, { maxMoves: question.maxMoves }, onProgress);
  if (result.kind !== 'mate') return result;
  return {
    kind: 'mate',
    mateInMoves: result.mateInMoves,
    keys: result.keys.map((move) => makeSan(position, move)),
    line: result.line.map(makeMoveText),
    nodes: result.nodes,
  };
}

/** A mate task ready to be stored; counters of the FEN start at 0, as for every task. */
export function answerMakeMateTask(question: MakeMateTaskQuestion): MateTaskAnswer {
  const read = findPosition(question.fen);
  if (read === undefined) return { kind: 'not-a-position' };
  const position: Position = { ...read, halfmoves: 0, fullmoves: 1 };
  const { maxMoves, budgetNodes } = question;
  const made = makeMateTask(getSearch(), position, { maxMoves, budgetNodes });
  if (made.kind !== 'task') return made;
  return { ...made, exactKey: makeExactKey(position), twinKey: makeTwinKey(position) };
}
