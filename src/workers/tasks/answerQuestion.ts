/** Plain calls into the core: the same code behind the browser's worker, the server's pool and the tests. */
import { findLine } from '@/contracts/lessons';
import {
  bringBoard,
  composeExercise,
  composePuzzles,
  createTaskSearches,
  listBoardQuestions,
  makeMateTask,
  makeStaircase,
  type TaskSearches,
} from '@/core/compose';
import {
  findPosition,
  makeFen,
  makeMoveText,
  makeSan,
  parseFen,
  parseMoveText,
  getPosition,
} from '@/core/notation';
import {
  defineClubPattern,
  findSacrifices,
  matchPatterns,
  tagMate,
  tagMateBy,
  type PatternId,
  type MateTag,
} from '@/core/patterns';
import {
  gradePuzzle,
  listMainLine,
  makeExactKey,
  makeIdeaKey,
  makeTwinKey,
  measurePuzzle,
} from '@/core/puzzles';
import { putProofFirst, type MoveFate } from '@/core/proof';
import { isSameMove, passTurn, type Position } from '@/core/rules';
import { judgeWritten } from '@/core/written';
import type {
  AnswerTo,
  BoardQuestionsAnswer,
  BoardQuestionsQuestion,
  ExplainAnswer,
  ExplainQuestion,
  FatesAnswer,
  FatesQuestion,
  JudgeAnswer,
  ImportedPosition,
  JudgeQuestion,
  MakeMateTaskQuestion,
  MateTaskAnswer,
  NameOursAnswer,
  NameOursQuestion,
  CountMovesAnswer,
  CountMovesQuestion,
  Progress,
  ProveAnswer,
  ProveQuestion,
  PuzzlesAnswer,
  PuzzleSketch,
  PuzzlesQuestion,
  Question,
  StaircaseAnswer,
  StaircaseQuestion,
} from '../protocol';
import { harvestGames, listChances } from './harvestGames';
import { importPositions } from './importPositions';
import { readTable } from './readTable';

export type OnAnswerProgress = (progress: Progress) => 'go' | 'stop';

let searches: TaskSearches | undefined;

/** One set of searches a worker: their board and tables are made once. */
function getSearches(): TaskSearches {
  searches ??= createTaskSearches();
  return searches;
}

/** A tree on a screen: what is beyond is told to be. */
const MOST_EXPLAINED_NODES = 6_000;
const EXPLAIN_NODES = 40_000_000;
const JUDGE_NODES = 40_000_000;

/** Answers any question; `onProgress` may end it, and what is proved by then is the answer. */
export function answerQuestion<Q extends Question>(question: Q, onProgress?: OnAnswerProgress): AnswerTo<Q>;
// Each branch answers its own kind, which the compiler cannot follow through the generic.
export function answerQuestion(
  question: Question,
  onProgress: OnAnswerProgress = () => 'go',
): AnswerTo<Question> {
  return answer(question, onProgress);
}

function answer(question: Question, onProgress: OnAnswerProgress): AnswerTo<Question> {
  if (question.kind === 'compose') {
    const { family, level, seed, count, values, ways } = question;
    return {
      kind: 'composed',
      tasks: Array.from({ length: count }, (_, index) =>
        composeExercise(family, level, seed + index, values, ways),
      ),
    };
  }
  if (question.kind === 'board-questions') return answerBoardQuestions(question);
  const startedAt = performance.now();
  const ms = () => performance.now() - startedAt;
  if (question.kind === 'puzzles')
    return answerPuzzles(question, (puzzles) => onProgress({ kind: 'puzzles', puzzles, ms: ms() }));
  if (question.kind === 'import') {
    const onNews = (news: readonly ImportedPosition[]) => onProgress({ kind: 'import', news, ms: ms() });
    return importPositions(getSearches().mate, question, onNews, ms);
  }
  if (question.kind === 'harvest') {
    return harvestGames(getSearches(), question, {
      onGame: (game) => onProgress({ kind: 'harvest', game, ms: ms() }),
      onPly: (number, ply, of) => onProgress({ kind: 'harvesting', number, ply, of, ms: ms() }),
    });
  }
  if (question.kind === 'name-ours') return answerNameOurs(question);
  if (question.kind === 'count-moves') return countMoves(question);
  if (question.kind === 'read-table') return readTable(question);
  const position = findPosition(question.fen);
  if (position === undefined) return { kind: 'not-a-position' };
  switch (question.kind) {
    case 'prove':
      return answerProve(position, question, onProgress, ms);
    case 'explain':
      return answerExplain(position, question, (nodes) => onProgress({ kind: 'nodes', nodes, ms: ms() }));
    case 'fates':
      return answerFates(position, question, onProgress, ms);
    case 'judge':
      return answerJudge(position, question, (nodes) => onProgress({ kind: 'nodes', nodes, ms: ms() }));
    case 'make-mate-task':
      return answerMakeMateTask(position, question);
    case 'chances':
      return listChances(getSearches(), position, question);
    case 'staircase':
      return answerStaircase(position, question, (done) => onProgress({ kind: 'stairs', done, ms: ms() }));
  }
}

function answerBoardQuestions({
  fen,
  chosen,
  line,
  values,
  ways,
}: BoardQuestionsQuestion): BoardQuestionsAnswer {
  const draft = parseFen(fen);
  if (!draft.ok) return { kind: 'not-a-position' };
  const brought = bringBoard(draft.value, values, { chosen, line });
  return { kind: 'board-questions', families: listBoardQuestions(brought, ways) };
}

function answerProve(
  position: Position,
  { maxMoves }: ProveQuestion,
  onProgress: OnAnswerProgress,
  ms: () => number,
): ProveAnswer {
  const result = getSearches().mate.prove(position, { maxMoves, isBlocklessWanted: true }, (report) =>
    onProgress({ kind: 'proof', report, ms: ms() }),
  );
  switch (result.kind) {
    case 'mate': {
      const { blockless, keys, line, ...rest } = result;
      return {
        ...rest,
        keys: keys.map((move) => makeSan(position, move)),
        line: line.map(makeMoveText),
        mateNoBlocks: blockless.kind === 'shorter' ? blockless.mateInMoves : undefined,
      };
    }
    case 'mate-at-most': {
      const { key, line, ...rest } = result;
      return { ...rest, key: makeSan(position, key), line: line.map(makeMoveText) };
    }
    default:
      return result;
  }
}

function answerExplain(
  position: Position,
  { mateInMoves, ours }: ExplainQuestion,
  onNodes: (nodes: number) => 'go' | 'stop',
): ExplainAnswer {
  const solution = getSearches().explainer.explain(
    position,
    mateInMoves,
    { mostNodes: MOST_EXPLAINED_NODES, budgetNodes: EXPLAIN_NODES, duals: 'none', areTriesWanted: true },
    onNodes,
  );
  const { proof } = solution;
  const own = ours.map(({ name, picture }) => defineClubPattern(name, picture));
  return {
    kind: 'solution',
    solution,
    tags: tagMate(position, proof),
    ourTags: tagMateBy((mated) => matchPatterns(mated, own), position, proof),
    sacrifices: findSacrifices(
      position,
      listMainLine(proof).flatMap((text) => parseMoveText(text) ?? []),
    ),
  };
}

/** Most positions for one staircase: some ten seconds. */
const STAIRCASE_NODES = 20_000_000;

function answerStaircase(
  position: Position,
  { maxMoves, ours }: StaircaseQuestion,
  onStair: (done: number) => 'go' | 'stop',
): StaircaseAnswer {
  const limits = {
    maxMoves,
    budgetNodes: STAIRCASE_NODES,
    ours: ours.map(({ name, picture }) => defineClubPattern(name, picture)),
  };
  const made = makeStaircase(getSearches(), position, limits, onStair);
  return made.kind === 'staircase' ? made : { kind: 'no-staircase' };
}

function answerPuzzles(
  { recipe, count, seed }: PuzzlesQuestion,
  onPuzzles: (puzzles: readonly PuzzleSketch[]) => 'go' | 'stop',
): PuzzlesAnswer {
  const puzzles: PuzzleSketch[] = [];
  for (const { proof, ...sketch } of composePuzzles(getSearches(), recipe, { count, seed })) {
    const position = getPosition(sketch.fen);
    puzzles.push({
      ...sketch,
      twinKey: makeTwinKey(position),
      ideaKey: makeIdeaKey(position, listMainLine(proof)),
    });
    if (onPuzzles([...puzzles]) === 'stop') break;
  }
  return { kind: 'puzzles', puzzles };
}

function answerFates(
  position: Position,
  { plies, isPassed }: FatesQuestion,
  onProgress: OnAnswerProgress,
  ms: () => number,
): FatesAnswer {
  const asked = isPassed ? passTurn(position) : position;
  if (asked === undefined) return { kind: 'in-check' };
  const proved = listProved(asked);
  const table = getSearches().fate.listFates(
    asked,
    { plies },
    (deeper) => onProgress({ kind: 'fates', table: putProofFirst(deeper, proved), ms: ms() }),
    (nodes) => onProgress({ kind: 'nodes', nodes, ms: ms() }),
  );
  return { kind: 'fates', table: putProofFirst(table, proved) };
}

/** A mate of this length is looked for before the fates: half a second at most, so that Desk and big board say of a move what a proof says. */
const PROVED_FIRST = { maxMoves: 6, budgetNodes: 200_000 } as const;

/** First moves of a mate that the prover finds quickly. */
function listProved(position: Position): MoveFate[] {
  const found = getSearches().mate.prove(position, PROVED_FIRST);
  if (found.kind !== 'mate' && found.kind !== 'mate-at-most') return [];
  const { mateInMoves: inMoves, line } = found;
  const keys = found.kind === 'mate' ? found.keys : [found.key];
  const [main] = line;
  return keys.map((move) => ({
    move,
    fate: { kind: 'mates', inMoves, line: main !== undefined && isSameMove(move, main) ? line : [move] },
  }));
}

function answerJudge(
  position: Position,
  { line, claimed, isBlockless }: JudgeQuestion,
  onNodes: (nodes: number) => 'go' | 'stop',
): JudgeAnswer {
  const limits = { isBlockless, budgetNodes: JUDGE_NODES, ...(claimed === undefined ? {} : { claimed }) };
  const verdict = judgeWritten(getSearches().mate, position, line, limits, onNodes);
  if (verdict.kind !== 'breaks') return verdict;
  const { position: at, move, ...rest } = verdict;
  return { ...rest, fen: makeFen(at), move: move === undefined ? undefined : makeMoveText(move) };
}

function countMoves({ pgns }: CountMovesQuestion): CountMovesAnswer {
  return { kind: 'counted', plies: pgns.map((pgn) => findLine(pgn)?.line.length ?? 0) };
}

function answerNameOurs({ ours, puzzles }: NameOursQuestion): NameOursAnswer {
  // Known by their place: two names may be alike but for signs the matcher does not keep apart.
  const own = ours.map(({ picture }, index) => defineClubPattern(String(index), picture));
  const named = puzzles.map(({ fen, graph }) =>
    (tagMateBy((mated) => matchPatterns(mated, own), getPosition(fen), graph) ?? [])
      .filter(({ how }) => how === 'the')
      .map(({ id }) => Number(id)),
  );
  return { kind: 'named-ours', named };
}

function listPatterns(tags: readonly MateTag[]): PatternId[] {
  return tags.filter(({ how, reading }) => how === 'the' && reading === 'strict').map(({ id }) => id);
}

/** A mate task ready to be stored; counters of the FEN start at 0, as for every task. */
function answerMakeMateTask(read: Position, question: MakeMateTaskQuestion): MateTaskAnswer {
  const position: Position = { ...read, halfmoves: 0, fullmoves: 1 };
  const { maxMoves, budgetNodes } = question;
  const made = makeMateTask(getSearches(), position, { maxMoves, budgetNodes });
  switch (made.kind) {
    case 'task': {
      // Of a tree that was cut off no name is told.
      const tags = tagMate(position, made.graph) ?? [];
      return {
        ...made,
        patterns: listPatterns(tags),
        grade: gradePuzzle(measurePuzzle(position, made.graph, tags)),
        exactKey: makeExactKey(position),
        twinKey: makeTwinKey(position),
        ideaKey: makeIdeaKey(position, listMainLine(made.graph)),
      };
    }
    case 'mate-at-most':
      return { kind: 'uncertified', mateInMoves: made.mateInMoves };
    case 'unwanted':
      throw new Error('every mate is wanted here');
    default:
      return made;
  }
}
