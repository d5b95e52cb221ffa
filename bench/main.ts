/**
 * Speeds beside a reference library, all in one warm run, so that the ratios hold on any machine.
 * Run with: npm run bench
 */
import { Chess } from 'chess.js';
import { makeFen } from '@/core/notation';
import { createMateSearch, searchPerft } from '@/core/search';
import { PERFT, positionOf, randomPositions } from '../tests/fixtures/positions';

/** CPU milliseconds of the work. */
function cpuMs(work: () => void): number {
  const start = process.cpuUsage();
  work();
  const { user, system } = process.cpuUsage(start);
  return (user + system) / 1000;
}

function median(values: readonly number[]): number {
  return values.toSorted((one, other) => one - other)[Math.floor(values.length / 2)] ?? 0;
}

function oraclePerft(game: Chess, plies: number): number {
  const moves = game.moves();
  if (plies <= 1) return moves.length;
  let sum = 0;
  for (const move of moves) {
    game.move(move);
    sum += oraclePerft(game, plies - 1);
    game.undo();
  }
  return sum;
}

function line(name: string, ours: number, theirs: number, unit: string): void {
  const ratio = theirs / ours;
  console.log(
    `${name.padEnd(46)} ours ${ours.toFixed(2)} ${unit}, chess.js ${theirs.toFixed(2)} ${unit}: ${ratio.toFixed(0)} times`,
  );
}

function benchPerft(): void {
  for (const { fen } of PERFT) searchPerft(positionOf(fen), 4);
  for (const { fen } of PERFT) {
    const position = positionOf(fen);
    const ours = cpuMs(() => searchPerft(position, 4));
    const theirs = cpuMs(() => oraclePerft(new Chess(fen), 3));
    const nodes = [searchPerft(position, 4), searchPerft(position, 3)] as const;
    line(`perft, ns a leaf: ${fen.slice(0, 24)}`, (ours * 1e6) / nodes[0], (theirs * 1e6) / nodes[1], 'ns');
  }
}

/** Is there a mate within `moves`? The plainest complete search on the reference library. */
function oracleMates(game: Chess, moves: number): boolean {
  return game.moves().some((move) => {
    game.move(move);
    const isLost =
      game.isCheckmate() ||
      (moves > 1 &&
        !game.isGameOver() &&
        game.moves().every((reply) => {
          game.move(reply);
          const isMated = oracleMates(game, moves - 1);
          game.undo();
          return isMated;
        }));
    game.undo();
    return isLost;
  });
}

function benchRefuting(): void {
  const search = createMateSearch();
  const positions = [...randomPositions(2026, 400)].filter((_, index) => index % 20 === 10);
  for (const position of positions) search.prove(position, { maxMoves: 3 });
  const ours = [2, 3].map((moves) =>
    median(positions.map((position) => cpuMs(() => search.prove(position, { maxMoves: moves })))),
  );
  const theirs = median(
    positions.slice(0, 8).map((position) => cpuMs(() => oracleMates(new Chess(makeFen(position)), 2))),
  );
  line('deciding mate in 2, random positions, median', ours[0] ?? 0, theirs, 'ms');
  console.log(`deciding mate in 3, the same positions, median      ours ${(ours[1] ?? 0).toFixed(2)} ms`);
}

benchPerft();
benchRefuting();
