import { getMan, kingDistance, type Board, type Square } from '../../board';
import type { AnswerOf } from '../family/answer';

type Men = AnswerOf<'place'>['men'];

/**
 * The square of the one man that landed beside its own, when everything else stands right and the student put it there: the hand may have
 * slipped. Undefined when more is wrong, or when the man stood there from the beginning, for then it is the task.
 */
export function findPlaceSlip(wanted: Men, placed: Men, start: Board): Square | undefined {
  const keyOf = ({ square, side, role }: Men[number]) => `${square} ${side} ${role}`;
  const right = new Set(wanted.map(keyOf));
  const given = new Set(placed.map(keyOf));
  const [extra, ...moreExtra] = placed.filter((man) => !right.has(keyOf(man)));
  const [missing, ...moreMissing] = wanted.filter((man) => !given.has(keyOf(man)));
  if (extra === undefined || missing === undefined || moreExtra.length + moreMissing.length > 0)
    return undefined;
  const isSameMan = extra.side === missing.side && extra.role === missing.role;
  const isBeside = kingDistance(extra.square, missing.square) === 1;
  const stoodThere = start[extra.square] === getMan(extra.side, extra.role);
  return isSameMan && isBeside && !stoodThere ? extra.square : undefined;
}
