/** The verdict on a written solution in words. */
import type { BreakReason, LineBreak, WrittenVerdict } from '@/core/written';
import type { Terms } from './terms';

/** What the words need of a verdict, whether it came from the core or through a worker. */
export type WrittenWords =
  | Extract<WrittenVerdict, { kind: 'holds' | 'undecided' }>
  | Pick<LineBreak, 'kind' | 'ply' | 'reason' | 'better'>;

const reasonTexts = (terms: Terms): Readonly<Record<BreakReason, string>> => ({
  'illegal-move': 'this is no legal move here.',
  'ambiguous-move': 'two pieces can make this move. Say which one.',
  'missing-check-sign': 'it gives check. The sign + is missing.',
  'false-check-sign': 'it gives no check. Leave the sign out.',
  'mate-sign-for-check': 'it is check, but not mate.',
  'missing-mate-sign': 'it is mate. The sign # is missing.',
  'not-best-defence': 'the other side can hold out longer.',
  'not-forced': 'it is not forced. The other side gets away.',
  'too-slow': 'it is forced, but not the shortest mate.',
  stalemate: `it is ${terms.one('stalemate')}, a draw.`,
  'no-mate-at-end': 'the line ends before the mate.',
});

const BETTER_WORDS: Partial<Record<BreakReason, string>> = {
  'ambiguous-move': 'It may mean',
  'missing-check-sign': 'Write',
  'false-check-sign': 'Write',
  'mate-sign-for-check': 'Write',
  'missing-mate-sign': 'Write',
  'not-best-defence': 'Longer',
  'not-forced': 'The way out',
  'too-slow': 'Quicker',
  stalemate: 'Instead',
  'no-mate-at-end': 'Still to come',
};

/**
 * "Ply 3: it is not forced ...". A mate that is forced but not the shortest, and a defence that is not the longest, are said as what
 * they are: remarks on a line that mates.
 */
export function writtenVerdictText(verdict: WrittenWords, terms: Terms): string {
  switch (verdict.kind) {
    case 'holds':
      return `The solution is right: mate in ${verdict.mateInMoves}, every move checked.`;
    case 'undecided':
      return 'Not decided: the time was not enough. Nothing is claimed.';
    case 'breaks': {
      const { ply, reason, better } = verdict;
      const label = BETTER_WORDS[reason];
      const shown = label === undefined || better.length === 0 ? '' : ` ${label}: ${better.join(' ')}.`;
      return `${headText(reason, ply)} ${reasonTexts(terms)[reason]}${shown}`;
    }
  }
}

function headText(reason: BreakReason, ply: number): string {
  return reason === 'not-best-defence' || reason === 'too-slow' ? `A remark on ply ${ply}:` : `Ply ${ply}:`;
}
