/**
 * The strict reading of every name told again in plain code (`tests/truth/namedMates`), and compared over composed mates of every name:
 * the matcher says a name exactly when this says it.
 */
import { TOLD, lookAt } from '../../../tests/truth/namedMates';
import { getPosition, makeFen, parseMoveText } from '../notation';
import { namePatterns, PATTERN_IDS } from '../patterns';
import { playMove } from '../rules';
import { createRandom } from '../shared';
import { composePatternMate, createTaskSearches } from '.';

const searches = createTaskSearches();
const SEEDS = 15;

test('over composed mates of every name the matcher and the plain telling agree', () => {
  const fens = PATTERN_IDS.flatMap((id) =>
    Array.from({ length: SEEDS }, (_, seed) => {
      const made = composePatternMate(createRandom(7_000 + seed), searches, id, {
        moves: 1,
        added: seed % 8,
      });
      const move = parseMoveText(made?.proof.nodes[0]?.moves[0]?.move ?? '');
      if (made === undefined || move === undefined) throw new Error(`nothing for ${id}`);
      return makeFen(playMove(getPosition(made.fen), move));
    }),
  );
  const said = new Map<string, number>();
  const differences = fens.flatMap((fen) => {
    const named = namePatterns(getPosition(fen)).filter(({ reading }) => reading === 'strict');
    const view = lookAt(fen);
    return Object.entries(TOLD).flatMap(([id, tells]) => {
      const isNamed = named.some((match) => match.id === id);
      if (isNamed) said.set(id, (said.get(id) ?? 0) + 1);
      return tells(view) === isNamed ? [] : [{ fen, id, isNamed }];
    });
  });
  expect(differences).toEqual([]);
  expect(Object.keys(TOLD).toSorted()).toEqual(PATTERN_IDS.toSorted());
  for (const id of PATTERN_IDS) expect(said.get(id) ?? 0).toBeGreaterThanOrEqual(SEEDS);
});
