import { MAN_VALUES, SIDES } from '../../../board';
import { earnSign, SIGN_DEPTHS, SIGNS, type ExerciseTaskOf, type Scale, type Sign } from '../../../exercises';
import { makeFen, makeMoveText } from '../../../notation';
import type { FateTable } from '../../../proof';
import { toStoredFate } from '../../../puzzles';
import {
  findCaptured,
  isCheck,
  isSameMove,
  listLegalMoves,
  playMove,
  type Move,
  type Position,
} from '../../../rules';
import { createFateSearch, type FateSearch } from '../../../search';
import { pickOne } from '../../../shared';
import { exchangeAfter } from '../../../tactics';
import { getRecipe, shuffle, drawPosition, sampleUntil, type Composer, type Recipes } from '../../draw';

type SignTask = ExerciseTaskOf<'signs'>;

const SIGN_RECIPES: Recipes<{ options: SignTask['options']; men: number }> = {
  1: { options: ['!', '?', '??', 'none'], men: 3 },
  2: { options: ['!', '?!', '?', '??', 'none'], men: 4 },
  3: { options: [...SIGNS], men: 4 },
};

/** A first look at every move, before the long ones. */
const FIRST_LOOK_PLIES = 3;

/** Positions the long look may visit: beyond them another board is drawn. */
const MOST_LOOKED = 400_000;

/** 1: strong, bad, very bad or none of these. 2: and not quite good. 3: all signs. */
export const composeSigns: Composer<SignTask> = (random, level) => {
  const { options, men } = getRecipe(SIGN_RECIPES, level);
  // A man given up for something is rare: it is asked for less often, and either of the two signs will do.
  const isGift = options.some(isGiftSign) && random() < 0.2;
  const wanted = pickOne(
    random,
    options.filter((sign) => isGiftSign(sign) === isGift),
  );
  const isWanted = (sign: Sign) => sign === wanted || (isGift && isGiftSign(sign));
  return sampleUntil(() => {
    const position = drawPosition(random, pickOne(random, SIDES), new Map(), men, men);
    if (position === undefined || isCheck(position)) return undefined;
    const values = { ...MAN_VALUES, king: 0 } as const;
    const moves = listLegalMoves(position);
    const isGivenUp = (move: Move) => isLeftToBeTaken(position, move, values);
    // Before the long look: can this sign be earned at all?
    const gifts = moves.filter((move) => isGift && isForcing(position, move) && isGivenUp(move));
    if (moves.length < 6 || (isGift && gifts.length === 0)) return undefined;
    fates ??= createFateSearch();
    const first = fates.listFates(position, { plies: FIRST_LOOK_PLIES });
    const asked = shuffle(random, moves).find((move) => isWanted(earnFrom(first, move, isGivenUp(move))));
    if (asked === undefined) return undefined;
    const isLeft = isGivenUp(asked);
    const tables: FateTable[] = [];
    const signs = new Set<Sign>();
    // The long look ends where the sign changes: most boards are gone after its first part.
    const isHopeful = () => signs.size < 2 && [...signs].every(isWanted);
    fates.listFates(
      position,
      { plies: Math.max(...SIGN_DEPTHS), budgetNodes: MOST_LOOKED },
      (table) => {
        if (!SIGN_DEPTHS.some((depth) => depth === table.seenPlies)) return;
        tables.push(table);
        signs.add(earnFrom(table, asked, isLeft));
      },
      () => (isHopeful() ? 'go' : 'stop'),
    );
    const evidence = tables.at(-1);
    if (evidence === undefined || tables.length < SIGN_DEPTHS.length || !isHopeful()) return undefined;
    const { own, other } = findOwnAndOther(evidence, asked);
    return { fen: makeFen(position), own, other, isGivenUp: isLeft, options };
  });
};

/** The sign a move earns by a table of fates. */
function earnFrom(table: FateTable, move: Move, isGivenUp: boolean): Sign {
  return earnSign({ ...findOwnAndOther(table, move), isGivenUp });
}

/** The move and the best of the others, as they are stored. */
function findOwnAndOther({ moves }: FateTable, move: Move): Pick<SignTask, 'own' | 'other'> {
  const own = moves.find((one) => isSameMove(one.move, move));
  const other = moves.find((one) => one !== own);
  if (own === undefined || other === undefined) throw new Error('a table holds every legal move');
  return {
    own: { move: makeMoveText(own.move), fate: toStoredFate(own.fate) },
    other: { move: makeMoveText(other.move), fate: toStoredFate(other.fate) },
  };
}

function isGiftSign(sign: SignTask['options'][number]): boolean {
  return sign === '!!' || sign === '!?';
}

let fates: FateSearch | undefined;

/** Does it take something or give check? */
function isForcing(position: Position, move: Move): boolean {
  return findCaptured(position, move) !== undefined || isCheck(playMove(position, move));
}

/** What a gift costs at least: a pawn left to be taken, or one that becomes something, surprises nobody. */
const LEAST_GIFT = 2;

/** Can the man that moves be taken where it goes, for clearly more than it took? */
function isLeftToBeTaken(position: Position, move: Move, values: Scale): boolean {
  const taken = findCaptured(position, move);
  const after = playMove(position, move);
  const worst = listLegalMoves(after)
    .filter(({ to, promotion }) => to === move.to && promotion === undefined)
    .reduce((most, reply) => Math.max(most, exchangeAfter(after, reply, values).gain), 0);
  const given = worst - (taken === undefined ? 0 : values[taken.role]);
  return move.promotion === undefined && given >= LEAST_GIFT;
}
