import type { HarvestedGame, Progress } from '../protocol';
import { createNewsFilter } from './newsFilter';

const game: HarvestedGame = {
  number: 1,
  title: 'Game 1',
  result: '*',
  fen: '',
  moves: [],
  chances: [],
  fault: undefined,
};

test('what no later news would say again is passed on however soon it comes; the rest waits its time', () => {
  const news: readonly (readonly [Progress, boolean])[] = [
    [{ kind: 'harvesting', number: 1, ply: 0, of: 2, ms: 0 }, true],
    [{ kind: 'harvesting', number: 1, ply: 1, of: 2, ms: 20 }, false],
    [{ kind: 'harvest', game, ms: 25 }, true],
    [{ kind: 'import', news: [], ms: 26 }, true],
    [{ kind: 'fates', table: { moves: [], seenPlies: 1, nodes: 1 }, ms: 27 }, true],
    [{ kind: 'nodes', nodes: 9, ms: 50 }, false],
    [{ kind: 'nodes', nodes: 9, ms: 87 }, true],
  ];
  const isPassedOn = createNewsFilter();
  expect(news.map(([progress]) => isPassedOn(progress))).toEqual(news.map(([, passed]) => passed));
});
