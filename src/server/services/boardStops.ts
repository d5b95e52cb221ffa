/** What the big board shows of a plan: each thing of it as one stop after another. */
import { findLine, type PlanItem, type Segment } from '@/contracts/lessons';
import type { BoardSegment, BoardStop } from '@/contracts/live';
import { getDraft, makeFen, makeMoveText } from '@/core/notation';
import { BARE_PICTURES, BOOK_STEPS } from '@/core/patterns';
import { listMainLine } from '@/core/puzzles';
import { mateQuestion, PATTERN_NAMES, planItemText, type Terms } from '@/text';
import { findSet, getLatestVersion } from '../data/sets';
import { listTasksOfVersion } from '../data/tasks';
import type { Db } from '../db';
import * as liveText from '@/text/screens/live';

/** A segment with its stops; a set that is not there any more has none. */
export async function toBoardSegment(
  db: Db,
  { kind, title, minutes, notes, items }: Segment,
  terms: Terms,
): Promise<BoardSegment> {
  const stops = await Promise.all(items.map((item) => listStops(db, item, terms)));
  return { kind, title, minutes, notes, stops: stops.flat() };
}

/** What a thing of a plan shows, one stop after another. */
async function listStops(db: Db, item: PlanItem, terms: Terms): Promise<BoardStop[]> {
  const label = planItemText(item, () => undefined, terms);
  switch (item.kind) {
    case 'position':
      return [{ kind: 'position', label, fen: item.fen }];
    case 'line': {
      const game = findLine(item.pgn);
      if (game === undefined) return [];
      const moves = game.line.map(({ move }) => makeMoveText(move));
      // The moves are what the class is to find: they do not stand in the heading.
      const heading = item.label === '' ? liveText.aLine : item.label;
      return [{ kind: 'line', label: heading, fen: makeFen(game.start), moves }];
    }
    case 'pattern': {
      const name = PATTERN_NAMES[item.pattern];
      return [
        { kind: 'position', label: liveText.barePicture(name), fen: BARE_PICTURES[item.pattern] },
        ...BOOK_STEPS[item.pattern].map(({ fen, mateInMoves }): BoardStop => {
          const { turn } = getDraft(fen);
          return { kind: 'position', label: mateQuestion(turn, mateInMoves), fen };
        }),
      ];
    }
    case 'round': {
      const { kind: _, ...round } = item;
      return Array.from({ length: round.count }, (_unused, index) => ({
        kind: 'exercise',
        label: liveText.numbered(label, index + 1),
        round,
        index,
      }));
    }
    case 'set':
      return listStopsOfSet(db, item.setId);
  }
}

async function listStopsOfSet(
  db: Db,
  setId: Extract<PlanItem, { kind: 'set' }>['setId'],
): Promise<BoardStop[]> {
  const found = await findSet(db, setId);
  if (found === undefined) return [];
  const { setVersionId } = await getLatestVersion(db, setId, 'read');
  const tasks = await listTasksOfVersion(db, setVersionId);
  return tasks.map((stored, index): BoardStop => {
    const label = liveText.numbered(found.name, index + 1);
    if (stored.family !== 'mate') {
      const { taskId, ...exercise } = stored;
      return { kind: 'stored', label, taskId, exercise };
    }
    const { taskId, task, solution } = stored;
    return { kind: 'mate', label, taskId, task, moves: listMainLine(solution) };
  });
}
