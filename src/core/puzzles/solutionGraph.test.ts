import { positionOf } from '../../../tests/fixtures/positions';
import { createTaskSearches, makeMateTask } from '../compose';
import { getMove, makeMoveText } from '../notation';
import { listLegalMoves, playMove } from '../rules';
import { listKeys, listMainLine, listSideLines } from '.';

test('side lines hold every other defence once, each played on to mate', () => {
  const position = positionOf('6k1/1p3pp1/p2R3p/8/q7/3B3P/PPP2PP1/4R2K w - - 0 1');
  const made = makeMateTask(createTaskSearches(), position, { maxMoves: 2 });
  if (made.kind !== 'task') throw new Error(made.kind);
  const [key] = listKeys(made.graph);
  const main = listMainLine(made.graph);
  if (key === undefined) throw new Error('a mate has a key');
  const after = playMove(position, getMove(key));
  const sides = listSideLines(made.graph);
  const told = [main[1], ...sides.flatMap(({ defences }) => defences)].toSorted();
  expect(told).toEqual(listLegalMoves(after).map(makeMoveText).sort());
  for (const { defences, line } of sides) {
    for (const defence of defences) {
      let at = playMove(after, getMove(defence));
      for (const move of line) {
        expect(listLegalMoves(at).map(makeMoveText)).toContain(move);
        at = playMove(at, getMove(move));
      }
      expect(listLegalMoves(at)).toEqual([]);
    }
  }
});
