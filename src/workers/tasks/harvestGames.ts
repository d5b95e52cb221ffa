/** Reads whole games and looks, move by move, for what they held. */
import { MOST_PLIES } from '@/contracts/games';
import { findChance, listPlayed, type TaskSearches } from '@/core/compose';
import {
  decodePgn,
  getMove,
  makeFen,
  makeMoveText,
  readPgn,
  type PgnGame,
  type ReadGame,
} from '@/core/notation';
import type { Chance } from '@/core/proof';
import { isSameMove, listLegalMoves, type Position } from '@/core/rules';
import { encodingFaultText, gameTitle, pgnFaultText, PLAIN_TERMS } from '@/text';
import type {
  ChancesAnswer,
  ChancesQuestion,
  HarvestAnswer,
  HarvestedGame,
  HarvestQuestion,
} from '../protocol';

/** More games are not read at once: each takes some seconds. */
const MOST_GAMES = 200;

export interface HarvestNews {
  readonly onGame: (game: HarvestedGame) => 'go' | 'stop';
  readonly onPly: (number: number, ply: number, of: number) => 'go' | 'stop';
}

/** Every game of the text; a faulty one with what stands before its fault. Stopped inside a game, that game is left out. */
export function harvestGames(
  searches: TaskSearches,
  { bytes, maxMoves }: HarvestQuestion,
  { onGame, onPly }: HarvestNews,
): HarvestAnswer {
  const decoded = decodePgn(bytes);
  if (!decoded.ok) return { kind: 'unreadable', why: encodingFaultText(decoded.error) };
  let count = 0;
  for (const read of readPgn(decoded.value)) {
    if (count === MOST_GAMES) return { kind: 'harvested', count, isCut: true };
    const { number, game } = read;
    const chances: Chance[] = [];
    const moves = game === undefined ? [] : listMoves(game);
    const played = game === undefined ? [] : listPlayed(game.start, moves);
    for (const one of played) {
      if (onPly(number, one.ply, moves.length) === 'stop') return { kind: 'harvested', count, isCut: false };
      const chance = findChance(searches, one, { maxMoves });
      if (chance !== undefined) chances.push(chance);
    }
    count += 1;
    if (onGame(toHarvested(read, chances)) === 'stop') return { kind: 'harvested', count, isCut: false };
  }
  return count === 0
    ? { kind: 'unreadable', why: 'There is no game in it.' }
    : { kind: 'harvested', count, isCut: false };
}

function toHarvested({ number, tags, game, fault }: ReadGame, chances: readonly Chance[]): HarvestedGame {
  return {
    number,
    title: gameTitle(tags, number),
    result: game?.result ?? '*',
    fen: game === undefined ? '' : makeFen(game.start),
    moves: game === undefined ? [] : listMoves(game).map(makeMoveText),
    chances,
    fault: fault && pgnFaultText(fault, PLAIN_TERMS),
  };
}

const listMoves = ({ line }: PgnGame) => line.slice(0, MOST_PLIES).map(({ move }) => move);

/** The chances at the places asked for, found anew whatever the browser found. */
export function listChances(
  searches: TaskSearches,
  start: Position,
  { moves, plies, maxMoves }: ChancesQuestion,
): ChancesAnswer {
  const chances: Chance[] = [];
  for (const one of listPlayed(start, moves.map(getMove))) {
    const { ply, position, move } = one;
    if (!listLegalMoves(position).some((legal) => isSameMove(legal, move)))
      return { kind: 'not-a-game', ply };
    const chance = plies.includes(ply) ? findChance(searches, one, { maxMoves }) : undefined;
    if (chance !== undefined) chances.push(chance);
  }
  return { kind: 'chances', chances };
}
