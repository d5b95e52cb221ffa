/** Whole games and what they held, in words. */
import { opponentOf, type Side } from '@/core/board';
import { getMove, getPosition, makeNumberedLine, makeSan, type GameResult } from '@/core/notation';
import type { Chance } from '@/core/proof';
import { dayText } from './roster';
import { SIDE_WORDS } from './words';

const MOST_TITLE = 200;

/** How a game ended; "*" says nothing to a reader. */
export function resultText(result: GameResult): string {
  return result === '*' ? 'no result' : result.replace('1/2-1/2', '½-½');
}

/** "Pip – Wren, Quillhaven autumn games, 7 November 2026"; what the tags leave open is left out. */
export function gameTitle(tags: ReadonlyMap<string, string>, number: number): string {
  const told = (name: string) => {
    const value = tags.get(name)?.trim() ?? '';
    return /^[?.\s]*$/.test(value) ? undefined : value;
  };
  const [white, black] = [told('White'), told('Black')];
  const players =
    white === undefined && black === undefined ? undefined : `${white ?? '?'} – ${black ?? '?'}`;
  const parts = [players, told('Event'), dateWords(told('Date'))].filter((part) => part !== undefined);
  return (parts.length === 0 ? `Game ${number}` : parts.join(', ')).slice(0, MOST_TITLE);
}

/** A whole date of PGN ("2026.11.07") in words; what is only partly known, as it was written. */
function dateWords(date: string | undefined): string | undefined {
  const day = date?.replaceAll('.', '-') ?? '';
  const at = /^\d{4}-\d\d-\d\d$/.test(day) ? Date.parse(`${day}T00:00:00Z`) : NaN;
  // The 31st of February is read as a day in March.
  const isDay = !Number.isNaN(at) && new Date(at).toISOString().startsWith(day);
  return isDay ? dayText(day) : date;
}

/** Whose move it was, and which: "Move 14, White". Counted from where the game began. */
export function chancePlaceText(chance: Chance, startFen: string): string {
  return `Move ${moveNumberOf(chance, startFen)}, ${SIDE_WORDS[moverOf(chance)]}`;
}

const moverOf = ({ fen }: Chance): Side => getPosition(fen).turn;

/**
 * What was there and what became of it. Where the game was a child's, it is spoken of by name: "Pip had this chance" or "Pip was given this
 * chance" by the other side.
 */
export function chanceText(chance: Chance, played?: { readonly name: string; readonly side: Side }): string {
  const position = getPosition(chance.fen);
  const san = makeSan(position, getMove(chance.played));
  const who = whoWords(chance, played);
  switch (chance.kind) {
    case 'mate':
      return {
        played: `${who.name} saw the mate in ${chance.mateInMoves}: ${san}.`,
        slower: `${who.name} had a mate in ${chance.mateInMoves}. ${san} mates as well, but later.`,
        missed: `${who.name} had a mate in ${chance.mateInMoves} here. They played ${san}.`,
      }[chance.became];
    case 'gain':
      return chance.became === 'played'
        ? `${who.name} won ${pointWords(chance.points)} by ${san}. Seen ${chance.seenPlies} plies deep.`
        : `${who.name} could win ${pointWords(chance.points)} more here. They played ${san}. Seen ${chance.seenPlies} plies deep.`;
    case 'loss':
      return `${who.name} lost ${pointWords(chance.points)} by ${san}. Seen ${chance.seenPlies} plies deep.`;
    case 'mated':
      return `${who.name} let ${who.other} mate in ${chance.inMoves} by ${san}.`;
  }
}

function whoWords(chance: Chance, played: { readonly name: string; readonly side: Side } | undefined) {
  const side = moverOf(chance);
  const nameOf = (one: Side) => (played?.side === one ? played.name : SIDE_WORDS[one]);
  return { name: nameOf(side), other: nameOf(opponentOf(side)) };
}

/** "2 points", "1.5 points". */
function pointWords(points: number): string {
  return `${points} ${points === 1 ? 'point' : 'points'}`;
}

/** The line that shows it, numbered as in the game. */
export function chanceLineText(chance: Chance, startFen: string): string {
  return makeNumberedLine(getPosition(chance.fen), chance.line.map(getMove), moveNumberOf(chance, startFen));
}

function moveNumberOf({ ply }: Chance, startFen: string): number {
  const start = getPosition(startFen);
  return start.fullmoves + Math.floor((ply + (start.turn === 'black' ? 1 : 0)) / 2);
}
