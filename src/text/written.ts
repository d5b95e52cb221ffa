/** The verdict on a written solution in words. */
import type { BreakReason, LineBreak, WrittenVerdict } from '@/core/written';

/** What the words need of a verdict, whether it came from the core or through a worker. */
export type WrittenWords =
  | Extract<WrittenVerdict, { kind: 'holds' | 'undecided' }>
  | Pick<LineBreak, 'kind' | 'ply' | 'reason' | 'better'>;

const REASON_WORDS: Readonly<Record<BreakReason, string>> = {
  'illegal-move': 'This is no legal move here.',
  'ambiguous-move': 'Two men can make this move. Say which one.',
  'missing-check-sign': 'It gives check; the sign + is missing.',
  'false-check-sign': 'It gives no check; the sign is too much.',
  'mate-sign-for-check': 'It is check, but not mate.',
  'missing-mate-sign': 'It is mate; the sign # is missing.',
  'not-best-defence': 'The other side can hold out longer.',
  'not-forced': 'It is not forced: the other side gets away.',
  'too-slow': 'There is a quicker mate.',
  stalemate: 'It is stalemate: a draw.',
  'no-mate-at-end': 'The line ends before the mate.',
};

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

/** "Breaks at half-move 3. There is a quicker mate. Quicker: Qh7#." */
export function writtenVerdictText(verdict: WrittenWords): string {
  switch (verdict.kind) {
    case 'holds':
      return `The solution holds: mate in ${verdict.mateInMoves}, every move checked.`;
    case 'undecided':
      return 'Not decided: the time was not enough. Nothing is claimed.';
    case 'breaks': {
      const { ply, reason, better } = verdict;
      const label = BETTER_WORDS[reason];
      const shown = label === undefined || better.length === 0 ? '' : ` ${label}: ${better.join(' ')}.`;
      return `Breaks at half-move ${ply}. ${REASON_WORDS[reason]}${shown}`;
    }
  }
}
