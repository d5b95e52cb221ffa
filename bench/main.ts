/**
 * Speeds beside reference libraries, measured side by side in one warm run, so that the ratios hold on any machine. Bundled first,
 * as the product is. Run with: npm run bench, or npm run bench -- perft (refuting, finding, fates, names, staircase, composing, paper, import) for one part;
 * npm run bench -- seat beside a running demo
 */
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { composePatternMate, composePuzzles, createTaskSearches, makeStaircase } from '@/core/compose';
import { getPosition, parseMoveText } from '@/core/notation';
import { namePatterns, PATTERN_IDS } from '@/core/patterns';
import { playMove, type Position } from '@/core/rules';
import { createRandom } from '@/core/shared';
import { createFateSearch, createMateSearch, searchPerft, searchPerftPlayed } from '@/core/search';
import { printJob, type PrintedTask } from '@/print';
import { answerQuestion } from '@/workers/tasks';
import { PERFT, positionOf } from '../tests/fixtures/positions';
import { cpuMs, leastMs, median, medianRatio, tellRatio, tellRatioBelow, tellTime } from './measure';
import { matesByChessJs, openBare } from '../tests/fixtures/referenceProver';
import { openChessops, perftByChessops } from '../tests/fixtures/referencePerft';
import { benchSeat } from './seat';
import { CHECKING, MATES, ORDINARY } from '../tests/fixtures/mates';

const ROUNDS = 9;
/** Four times what a first key of such a mate takes in another study, in milliseconds by length. */
const KEYS_MS: Partial<Record<number, number>> = { 2: 0.5, 3: 1.4, 4: 18, 5: 220 };
const search = createMateSearch();

/** Leaves a CPU millisecond. */
function speedOf(count: () => number): () => number {
  return () => {
    let leaves = 0;
    const spent = cpuMs(() => (leaves = count()));
    return leaves / spent;
  };
}

function benchPerft(): void {
  for (const { fen } of PERFT) {
    searchPerft(positionOf(fen), 4);
    searchPerftPlayed(positionOf(fen), 3);
    openBare(fen).perft(2);
    perftByChessops(openChessops(fen), 2, true);
  }
  const ratios = {
    playedJs: [] as number[],
    playedOps: [] as number[],
    countedJs: [] as number[],
    countedOps: [] as number[],
  };
  for (const { fen } of PERFT) {
    const position = positionOf(fen);
    const js = openBare(fen);
    const ops = openChessops(fen);
    const played = speedOf(() => searchPerftPlayed(position, 4));
    const counted = speedOf(() => searchPerft(position, 5));
    const playedJs = speedOf(() => js.perft(3));
    console.log(
      `  ${fen.slice(0, 34).padEnd(60)} ${(played() / 1000).toFixed(1)} million leaves a second played, ${(counted() / 1000).toFixed(1)} counted`,
    );
    ratios.playedJs.push(medianRatio(ROUNDS, played, playedJs));
    ratios.countedJs.push(medianRatio(ROUNDS, counted, playedJs));
    ratios.playedOps.push(
      medianRatio(
        ROUNDS,
        played,
        speedOf(() => perftByChessops(ops, 3, false)),
      ),
    );
    ratios.countedOps.push(
      medianRatio(
        ROUNDS,
        counted,
        speedOf(() => perftByChessops(ops, 3, true)),
      ),
    );
  }
  tellRatio('perft, every leaf played, beside chess.js', median(ratios.playedJs), 36, 33);
  tellRatio('perft, every leaf played, beside chessops', median(ratios.playedOps), 20, 19);
  tellRatio('perft, last ply counted, beside chess.js', median(ratios.countedJs), 145, 154);
  tellRatio('perft, last ply counted, beside chessops counting too', median(ratios.countedOps), 18, 23);
}

/** The shortest length from 1 upwards, by the plain search. */
function lengthByChessJs(fen: string, most: number): number {
  const game = openBare(fen);
  for (let moves = 1; moves <= most; moves += 1) if (matesByChessJs(game, moves)) return moves;
  return 0;
}

function benchRefuting(): void {
  for (const fen of ORDINARY) search.findLength(positionOf(fen), 3);
  const ratiosOf = (moves: number, fens: readonly string[]) =>
    fens.map((fen) => {
      const position = positionOf(fen);
      const ours = leastMs(5, () => search.findLength(position, moves));
      return cpuMs(() => lengthByChessJs(fen, moves)) / ours;
    });
  tellRatio('refuting mate in 2 on ordinary positions, median', median(ratiosOf(2, ORDINARY)), 275, 1166);
  tellRatio('refuting mate in 3, median', median(ratiosOf(3, ORDINARY.slice(0, 5))), 800, 1250);
  for (const [moves, target] of [
    [2, 0.03],
    [3, 0.4],
    [4, 8],
  ] as const) {
    const spent = ORDINARY.map((fen) => leastMs(3, () => search.findLength(positionOf(fen), moves)));
    tellTime(`  refuting mate in ${moves}`, spent, target);
  }
}

function benchFinding(): void {
  const ofLength = (mate: number) => MATES.filter((one) => one.mate === mate).map(({ fen }) => fen);
  const ratiosOf = (moves: number, fens: readonly string[]) =>
    fens.map((fen) => {
      const position = positionOf(fen);
      const ours = leastMs(3, () => search.findLength(position, moves));
      return cpuMs(() => lengthByChessJs(fen, moves)) / ours;
    });
  tellRatio('shortest mate in 2 with its minimality, median', median(ratiosOf(2, ofLength(2))), 50, 550);
  tellRatio('shortest mate in 3, median', median(ratiosOf(3, ofLength(3).slice(0, 7))), 130, 534);
  tellRatio('shortest mate in 4, median', median(ratiosOf(4, ofLength(4).slice(0, 2))), 800, 951);
  const targets: Partial<Record<number, number>> = { 5: 60, 6: 300 };
  const ratios: number[] = [];
  for (const mate of [1, 2, 3, 4, 5, 6, 7, 8]) {
    const first: number[] = [];
    const all: number[] = [];
    for (const fen of ofLength(mate)) {
      const position = positionOf(fen);
      const one = leastMs(mate > 5 ? 1 : 3, () => search.findLength(position, mate));
      first.push(one);
      if (mate < 2 || mate > 5) continue;
      const keys = leastMs(3, () => search.prove(position, { maxMoves: mate }));
      all.push(keys);
      ratios.push(keys / one);
    }
    tellTime(`  shortest mate in ${mate} (${first.length} positions)`, first, targets[mate]);
    if (all.length > 0) tellTime('    the same with all keys and a longest line', all, KEYS_MS[mate]);
  }
  // A key that is found among the first moves makes the ratio large: every other first move has to be refuted all the same. Counted
  // in positions, even a search that knew the cheapest refutation of each beforehand would need 8.5, 6.5 and 4.6 times those of the
  // first key in the median (mates in 2, 3 and 4), so for mates in 2 and 3 no order of moves reaches four (shared tables help beyond).
  tellRatioBelow('all keys and a longest line beside the first key', median(ratios), 4, 6.8);
  const checking = CHECKING.map(({ fen }) =>
    leastMs(3, () => search.findCheckingMate(positionOf(fen), 12, 60_000)),
  );
  tellTime(`first proof of long checking mates (${checking.length} positions)`, checking, 5);
}

function benchFates(): void {
  const fates = createFateSearch();
  const spent = ORDINARY.slice(0, 12).map((fen) =>
    cpuMs(() => fates.listFates(positionOf(fen), { plies: 4 })),
  );
  tellTime('fate of every move at depth 4, ordinary positions', spent, 2000);
}

/** Naming a mate, and composing one that ends in each picture of the book; the targets are those of a library tagged while it is read. */
function benchNames(): void {
  const searches = createTaskSearches();
  const composed = new Map<number, number[]>([
    [1, []],
    [2, []],
  ]);
  const mated: Position[] = [];
  for (const id of PATTERN_IDS) {
    for (let seed = 1; seed <= 6; seed += 1) {
      for (const [moves, spent] of composed) {
        spent.push(
          cpuMs(() => {
            const made = composePatternMate(createRandom(seed), searches, id, { moves, added: 4 });
            const key = moves === 1 ? made?.proof.nodes[0]?.moves[0]?.move : undefined;
            const move = key === undefined ? undefined : parseMoveText(key);
            if (made !== undefined && move !== undefined) mated.push(playMove(getPosition(made.fen), move));
          }),
        );
      }
    }
  }
  const times = mated.map((position) => leastMs(ROUNDS, () => namePatterns(position)));
  tellTime(`naming a mate, ${mated.length} composed ones`, times, 0.2);
  for (const [moves, spent] of composed)
    tellTime(`composing a mate in ${moves} that ends in a picture of the book`, spent, 5000);
}

/** A mate in 8 with 20 men, found among random boards with eight pairs of blocked pawns: the way into a full position. */
const MATE_IN_8 = 'K7/2p2p2/2Pp1Pk1/p2Pp2p/Pp2P2P/1P4p1/6P1/2N4R w - - 0 1';

/** Proving a long mate and building all its stairs, as the staircase page asks its worker. */
function benchStaircase(): void {
  const searches = createTaskSearches();
  const spent = cpuMs(() => {
    const made = makeStaircase(searches, getPosition(MATE_IN_8), { maxMoves: 8 });
    if (made.kind !== 'staircase' || made.mateInMoves !== 8) throw new Error('a mate in 8');
  });
  tellTime('the staircase of a mate in 8 with 20 men, its proof included', [spent], 10_000);
}

/** Composing puzzles from natural boards, on one thread; a machine with two cores makes twice as many. */
function benchComposing(): void {
  const searches = createTaskSearches();
  for (const [moves, count, target] of [
    [1, 200, 25],
    [2, 100, 5],
    [3, 20, 0.5],
  ] as const) {
    let made = 0;
    const ms = cpuMs(() => {
      for (const _ of composePuzzles(searches, { moves }, { count, seed: 7 })) made += 1;
    });
    console.log(
      `composing mates in ${moves}: ${made} made, ${((1000 * made) / ms).toFixed(1)} a second (target ${target} on one core)`,
    );
  }
  for (const moves of [1, 2]) {
    const spent = PATTERN_IDS.map((pattern) =>
      cpuMs(() => {
        for (const _ of composePuzzles(searches, { moves, patterns: [pattern] }, { count: 2, seed: 7 }))
          continue;
      }),
    );
    tellTime(`composing two natural mates in ${moves} that end in a picture of the book`, spent, 10_000);
  }
}

/** A hundred sheets with six boards of ordinary positions each: what a class takes home for a term. */
async function benchPaper(): Promise<void> {
  const face = (name: string) =>
    readFileSync(createRequire(import.meta.url).resolve(`@expo-google-fonts/andika/Andika_${name}.ttf`));
  const fonts = { regular: face('400Regular'), bold: face('700Bold') };
  const tasks = Array.from({ length: 600 }, (_, index): PrintedTask => {
    const fen = ORDINARY[index % ORDINARY.length] ?? '';
    const { turn } = getPosition(fen);
    return { heading: 'Mate', fen, turn, bottom: turn, asked: [], text: '', key: 'Qg7#', solution: [] };
  });
  const job = {
    kind: 'worksheet',
    title: 'Bench',
    className: '',
    date: '',
    names: [],
    paper: 'a4',
    perSheet: 6,
    hasCoordinates: true,
    hasLines: true,
    isLarge: false,
    parts: 'sheets',
    tasks,
  } as const;
  const startedAt = performance.now();
  const bytes = await printJob(job, fonts);
  const seconds = (performance.now() - startedAt) / 1000;
  console.log(
    `paper: 100 sheets of six boards in ${seconds.toFixed(1)} s, ${Math.round(bytes.length / 1024)} kB (target 20 s)`,
  );
}

/** Ten thousand positions read and decided, half of them without a mate in three. */
function benchImport(): void {
  const lines = Array.from({ length: 10_000 }, (_, index) => {
    const bits = index.toString(2).padStart(14, '0').replaceAll('0', '-').replaceAll('1', 'P');
    const pawns = bits.replaceAll('-', '1');
    return `6k1/5ppp/8/8/8/${pawns.slice(0, 7)}1/${pawns.slice(7)}1/R5K1 w - - 0 1`;
  });
  const bytes = new TextEncoder().encode(lines.join('\n'));
  const ms = cpuMs(() => answerQuestion({ kind: 'import', bytes, maxMoves: 3 }));
  console.log(`import: 10,000 positions read and proved up to three moves in ${(ms / 1000).toFixed(1)} s`);
}

/** One part alone when it is named. */
const parts = {
  perft: benchPerft,
  refuting: benchRefuting,
  finding: benchFinding,
  fates: benchFates,
  names: benchNames,
  staircase: benchStaircase,
  composing: benchComposing,
  paper: benchPaper,
  import: benchImport,
};
const [asked] = process.argv.slice(2);
// It needs a demo, so it runs when it is asked for alone.
if (asked === 'seat') await benchSeat();
for (const [name, bench] of Object.entries(parts)) {
  if (asked === undefined || asked === name) await bench();
}
