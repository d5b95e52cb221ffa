/** Proves a position in the worker threads and stores it as a mate task. */
import type { ServiceFault } from '@/contracts/faults';
import type { ClubId, ClubPatternId, TaskId } from '@/contracts/ids';
import { mateFamily } from '@/core/exercises';
import { getPosition, parseFen } from '@/core/notation';
import { listKeys, listPuzzleFacts } from '@/core/puzzles';
import { checkPosition } from '@/core/rules';
import { failure, success, type Result } from '@/core/shared';
import { runInPool } from '@/workers/node';
import { listClubPatterns } from '../data/clubPatterns';
import { createMateTask, findMateTask } from '../data/tasks';
import { getDb, type Db } from '../db';
import { getNow } from './clock';
import { nameOurs } from './clubPatterns';

/** The longest mate that is stored. */
const MAX_MATE_MOVES = 8;
/** About half a minute of one thread each for the proof, its tree and the second run; beyond it nothing is claimed. */
const PROOF_BUDGET_NODES = 40_000_000;
const PROVER_VERSION = 2;

type MadeTask = Extract<Awaited<ReturnType<typeof runInPool>>, { kind: 'task' }> & {
  /** Names of the club's own it ends in. */
  readonly ours: readonly ClubPatternId[];
};

/** Names what is wrong with the text or position, else proves it in the pool. */
export async function proveMateTask(clubId: ClubId, fen: string): Promise<Result<MadeTask, ServiceFault>> {
  const draft = parseFen(fen);
  if (!draft.ok) return draft;
  const checked = checkPosition(draft.value);
  if (!checked.ok) return failure(checked.error[0] ?? { code: 'fen/empty' });
  const answer = await runInPool({
    kind: 'make-mate-task',
    fen,
    maxMoves: MAX_MATE_MOVES,
    budgetNodes: PROOF_BUDGET_NODES,
  });
  switch (answer.kind) {
    case 'task': {
      const named = await nameOurs(await listClubPatterns(getDb(), clubId), [
        { fen: answer.task.fen, graph: answer.graph },
      ]);
      return named.ok ? success({ ...answer, ours: named.value[0] ?? [] }) : named;
    }
    case 'none':
      return failure({ code: 'puzzle/no-mate', within: answer.within });
    case 'undecided':
      return failure({ code: 'puzzle/undecided', noMateWithin: answer.noMateWithin });
    case 'uncertified':
      return failure({ code: 'puzzle/uncertified', mateInMoves: answer.mateInMoves });
    case 'busy':
      return failure({ code: 'workers/busy' });
    case 'not-a-position':
      throw new Error('a checked position was refused by the worker');
  }
}

/** The club's task for exactly this position, stored now when it is not there yet. */
export async function findOrCreateMateTask(
  db: Db,
  clubId: ClubId,
  { task, graph, patterns, ours, exactKey, twinKey, ideaKey, grade }: MadeTask,
  source: string | undefined,
): Promise<TaskId> {
  const known = await findMateTask(db, clubId, exactKey);
  if (known !== undefined) return known;
  return createMateTask(db, {
    clubId,
    familyVersion: mateFamily.version,
    skill: mateFamily.skill,
    task,
    exactKey,
    twinKey,
    ideaKey,
    grade,
    facts: listPuzzleFacts(getPosition(task.fen), graph),
    source,
    solution: graph,
    patterns,
    ours,
    keyCount: listKeys(graph).length,
    proverVersion: PROVER_VERSION,
    provedAt: getNow(),
  });
}
