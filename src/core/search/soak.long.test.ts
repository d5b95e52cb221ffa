import { setFlagsFromString } from 'node:v8';
import { runInNewContext } from 'node:vm';
import { MATES, ORDINARY } from '../../../tests/fixtures/mates';
import { positionOf } from '../../../tests/fixtures/positions';
import { createFateSearch, createMateExplainer, createMateSearch } from '.';

const MINUTE_MS = 60_000;
const EXPLAINED = { mostNodes: 2_000, budgetNodes: 400_000, duals: 'longest', areTriesWanted: true } as const;

/** What is in use once everything unreachable is gone, in bytes: objects and the memory of typed arrays. */
function usedBytes(collect: () => void): number {
  collect();
  const { heapUsed, arrayBuffers } = process.memoryUsage();
  return heapUsed + arrayBuffers;
}

/** Ten minutes of every question a worker is asked: what is in use must not grow. Only with --long. */
test('ten minutes of questions end with the memory of minute two, within 5 %', () => {
  setFlagsFromString('--expose-gc');
  const collect = runInNewContext('gc') as () => void;
  const search = createMateSearch();
  const explainer = createMateExplainer();
  const fates = createFateSearch();
  const limits = { maxMoves: 5, budgetNodes: 400_000, isBlocklessWanted: true };
  const fens = [...MATES.map(({ fen }) => fen), ...ORDINARY];
  const begin = Date.now();
  let atMinuteTwo: number | undefined;
  let asked = 0;
  while (Date.now() - begin < 10 * MINUTE_MS) {
    const position = positionOf(fens[asked % fens.length]!);
    const proved = search.prove(position, limits);
    if (proved.kind === 'mate') {
      explainer.explain(position, proved.mateInMoves, EXPLAINED);
    }
    fates.listFates(position, { plies: 2 });
    asked += 1;
    if (atMinuteTwo === undefined && Date.now() - begin >= 2 * MINUTE_MS) atMinuteTwo = usedBytes(collect);
  }
  expect(asked).toBeGreaterThan(fens.length);
  expect(usedBytes(collect) / atMinuteTwo!).toBeLessThan(1.05);
}, 900_000);
