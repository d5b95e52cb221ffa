/**
 * Speeds beside a reference library, interleaved in one warm run, so that the ratios hold on any machine.
 * Run with: npm run bench
 */
import { Chess } from 'chess.js';
import { makeFen } from '@/core/notation';
import type { Position } from '@/core/rules';
import { createMateSearch, searchPerft } from '@/core/search';
import { PERFT, positionOf, randomPositions } from '../tests/fixtures/positions';

const ROUNDS = 5;

/** What this project set itself, as multiples of the reference library; the bench prints how far it is from there. */
const TARGETS = { perft: 145, refuteIn2: 275, refuteIn3: 800 } as const;

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

function tell(name: string, ratio: number, target: number): void {
  const reached = Math.round((100 * ratio) / target);
  console.log(
    `${name.padEnd(52)} ${ratio.toFixed(0).padStart(6)} times chess.js, target ${target}: ${reached} %`,
  );
}

/** Leaves a millisecond, ours against theirs, by turns; the last ply is counted, not played, on our side. */
function benchPerft(): void {
  for (const { fen } of PERFT) searchPerft(positionOf(fen), 4);
  const ratios = PERFT.map(({ fen }) => {
    const position = positionOf(fen);
    const game = new Chess(fen);
    const ours: number[] = [];
    const theirs: number[] = [];
    for (let round = 0; round < ROUNDS; round += 1) {
      ours.push(searchPerft(position, 4) / cpuMs(() => searchPerft(position, 4)));
      let leaves = 0;
      const spent = cpuMs(() => (leaves = game.perft(3)));
      theirs.push(leaves / spent);
    }
    const speed = median(ours);
    console.log(`  ${fen.slice(0, 30).padEnd(50)} ${(speed / 1000).toFixed(1)} million leaves a second`);
    return speed / median(theirs);
  });
  tell('perft, last ply counted, median of six positions', median(ratios), TARGETS.perft);
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

/** Positions of random play without a mate in three: every one has to be refuted. */
function listQuietPositions(count: number): Position[] {
  const search = createMateSearch();
  const quiet = [...randomPositions(2026, 2000)].filter(
    (position, index) => index % 25 === 10 && search.prove(position, { maxMoves: 3 }).kind === 'none',
  );
  return quiet.slice(0, count);
}

function benchRefuting(): void {
  const search = createMateSearch();
  const positions = listQuietPositions(24);
  const ratiosOf = (moves: number, some: readonly Position[]) =>
    some.map((position) => {
      const theirs = cpuMs(() => oracleMates(new Chess(makeFen(position)), moves));
      const ours = median(
        Array.from({ length: ROUNDS }, () => cpuMs(() => search.prove(position, { maxMoves: moves }))),
      );
      return theirs / ours;
    });
  tell('refuting mate in 2, median', median(ratiosOf(2, positions)), TARGETS.refuteIn2);
  tell('refuting mate in 3, median', median(ratiosOf(3, positions.slice(0, 5))), TARGETS.refuteIn3);
  for (const moves of [2, 3, 4]) {
    const spent = positions.map((position) => cpuMs(() => search.prove(position, { maxMoves: moves })));
    console.log(
      `  refuting mate in ${moves}: median ${median(spent).toFixed(2)} ms, most ${Math.max(...spent).toFixed(2)} ms`,
    );
  }
}

benchPerft();
benchRefuting();
