/** What of a club's file other programs can read: its games, and the mates of its sets, as PGN. */
import { z } from 'zod/mini';
import type { OpenRow } from '@/contracts/clubFile';
import { mateTaskSchema } from '@/core/exercises';
import { getMove, getPosition, makePgn, makeSan, RESULTS, type PgnMove } from '@/core/notation';
import { makePuzzleGame, solutionGraphSchema } from '@/core/puzzles';
import { playMove } from '@/core/rules';

type Tables = ReadonlyMap<string, readonly OpenRow[]>;

const gameSchema = z.object({
  title: z.string(),
  result: z.enum(RESULTS),
  start_fen: z.string(),
  moves: z.pipe(
    z.string(),
    z.transform((text) => text.split(' ').filter((move) => move !== '')),
  ),
});

/** Files by name. */
export function listClubPgn(tables: Tables): [file: string, text: string][] {
  return [
    ['games.pgn', (tables.get('games') ?? []).map((row) => writeGame(gameSchema.parse(row))).join('')],
    ['mates.pgn', writeMates(tables)],
  ];
}

function writeGame({ title, result, start_fen: fen, moves }: z.infer<typeof gameSchema>): string {
  const start = getPosition(fen);
  let position = start;
  const line: PgnMove[] = [];
  for (const text of moves) {
    const move = getMove(text);
    line.push({ move, san: makeSan(position, move), glyphs: [], before: [], after: [], variations: [] });
    position = playMove(position, move);
  }
  return makePgn({ tags: new Map([['Event', title]]), start, line, result });
}

/** Every mate of the newest version of each set, with its solution. */
function writeMates(tables: Tables): string {
  const rowsOf = (name: string) => tables.get(name) ?? [];
  const tasks = new Map(rowsOf('tasks').map((row) => [row.id, row]));
  const graphs = new Map(rowsOf('task_solutions').map((row) => [row.task_id, row.graph]));
  return rowsOf('sets')
    .flatMap((set) => {
      const versions = rowsOf('set_versions').filter(({ set_id: setId }) => setId === set.id);
      const newest = versions.toSorted((one, other) => Number(other.version) - Number(one.version))[0];
      const items = rowsOf('set_items')
        .filter(({ set_version_id: versionId }) => versionId === newest?.id)
        .toSorted((one, other) => Number(one.ordinal) - Number(other.ordinal));
      return items.flatMap(({ task_id: taskId }, at) => {
        const task = mateTaskSchema.safeParse(tasks.get(taskId)?.payload);
        const proof = solutionGraphSchema.safeParse(graphs.get(taskId));
        if (!task.success || !proof.success) return [];
        const tags = new Map([
          ['Event', typeof set.name === 'string' ? set.name : '?'],
          ['Round', String(at + 1)],
        ]);
        return makePgn(makePuzzleGame({ ...task.data, proof: proof.data }, tags));
      });
    })
    .join('');
}
