/** The prover's answers in words: each kind of claim has its own sentence, and none says more than was proved. */
import type { Side } from '@/core/board';
import type { ProofReport } from '@/core/proof';
import { listWords, SIDE_WORDS } from './words';
import type { Spoken } from './terms';

/** "White mates in 3; one key: 1 Qg6". Keys in SAN, as from the prover. */
export function mateText(turn: Side, mateInMoves: number, keys: readonly string[]): string {
  const dots = turn === 'black' ? '1...' : '1';
  const named = keys.map((key) => `${dots} ${key}`);
  const keyWords = keys.length === 1 ? 'one key' : `${keys.length} keys`;
  return `${SIDE_WORDS[turn]} mates in ${mateInMoves}; ${keyWords}: ${listWords(named)}`;
}

/** Without pointless blocks it is shorter: both lengths are said. */
export function blocklessText(mateInMoves: number): string {
  return `Without pointless blocks: mate in ${mateInMoves}.`;
}

/** A mate that is proved while shorter ones are still open. */
export function atMostText(
  turn: Side,
  mateInMoves: number,
  noMateWithin: number,
  key: string | undefined,
): string {
  const by = key === undefined ? '' : `, by ${turn === 'black' ? '1...' : '1'} ${key}`;
  // Nothing lies between: it is the shortest.
  if (noMateWithin === mateInMoves - 1) return `Proved: ${SIDE_WORDS[turn]} mates in ${mateInMoves}${by}.`;
  const excluded =
    noMateWithin === 0 ? 'Shorter ones are open' : `None in ${noMateWithin} or fewer; between, it is open`;
  return `Proved: ${SIDE_WORDS[turn]} mates in at most ${mateInMoves}${by}. ${excluded}.`;
}

export function noMateText(turn: Side, within: number): string {
  return `Proved: ${SIDE_WORDS[turn]} has no forced mate in ${within} or fewer.`;
}

/** For a proof that was stopped or ran out of its limits; `noMateWithin` 0 = nothing was proved. */
export function undecidedText(turn: Side, noMateWithin: number): string {
  return noMateWithin === 0
    ? 'Stopped before anything was proved.'
    : `Stopped. Proved so far: ${SIDE_WORDS[turn]} has no forced mate in ${noMateWithin} or fewer. Longer ones are open.`;
}

export function progressText({ noMateWithin, examining, atMost, nodes }: ProofReport, ms: number): string {
  const excluded = noMateWithin === 0 ? '' : `No mate in ${noMateWithin}. `;
  const found = atMost === undefined ? '' : `Mate in at most ${atMost} is proved. `;
  const spent = `${nodes.toLocaleString('en-GB')} positions in ${(ms / 1000).toFixed(1)} s`;
  // Minimal already: what is left are the other keys and the other count.
  if (atMost === examining) return `${excluded}Mate in ${atMost} is proved. Looking for every key: ${spent}.`;
  return `${excluded}${found}Looking for mate in ${examining}: ${spent}.`;
}

/** "White mates in 2": a puzzle in a list. */
export function mateLabel(turn: Side, mateInMoves: number): string {
  return `${SIDE_WORDS[turn]} mates in ${mateInMoves}`;
}

/** The question above a puzzle. */
export function mateQuestion(turn: Side, mateInMoves: number): Spoken {
  return `${SIDE_WORDS[turn]} to move. Mate in ${mateInMoves}.` as Spoken;
}
