import { makeMoveText, makeSan } from '../../../notation';
import { isCheck, listLegalMoves, playMove, type Move, type Position } from '../../../rules';
import { toSans } from '../../family/legalTask';
import type { MovesReason, PlainReason } from '../../family/note';
import { wrongFor, type Verdict } from '../../family/verdict';

export type NoMateNote =
  | { readonly code: 'stalemates'; readonly move: string }
  | {
      readonly code: 'mate-not-yet';
      readonly move: string;
      readonly reason: MovesReason<'moves-do'> | PlainReason<'no-check'>;
    };

/** No check, or a check that can be answered: how. Stalemate by its own name. */
export function whyNoMate(position: Position, move: Move): Verdict<NoMateNote> {
  const after = playMove(position, move);
  const san = makeSan(position, move);
  const replies = listLegalMoves(after);
  const isChecked = isCheck(after);
  if (!isChecked && replies.length === 0) return wrongFor([{ code: 'stalemates', move: san }]);
  const [reply] = replies;
  return {
    ...wrongFor([
      {
        code: 'mate-not-yet',
        move: san,
        reason: isChecked
          ? { code: 'moves-do', moves: toSans(after, replies.slice(0, 1)) }
          : { code: 'no-check' },
      },
    ]),
    refutation: isChecked && reply !== undefined ? [makeMoveText(reply)] : [],
  };
}
