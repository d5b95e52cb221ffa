/**
 * The answers to an attack by chess.js alone, kind by kind: capture, go away, protect, put between, open a line, free a guard, pin,
 * counter-attack, a check or a threat of mate in between. What each means is written in `src/core/tactics/attackAnswers.ts`; here it
 * is programmed a second time.
 */
import type { Move } from 'chess.js';
import { exchangeBy, exchangeOn, gotBy, isInCheck, matesIn, movesOf, passed } from './chessBoard';
import { listAttacked, listAttackersOf, listBetween, readBoard, squareOf } from './plainBoard';

export interface PlainAnswer {
  readonly move: Move;
  readonly kinds: readonly string[];
  readonly g1: boolean;
  readonly g2: boolean;
}

const capturesOn = (fen: string, square: number) =>
  movesOf(fen).filter((move) => squareOf(move.to) === square && move.captured !== undefined);

/** Every legal move that does something against the attack, whether or not it works. */
export function listDeeds(fen: string, target: number): PlainAnswer[] {
  const pass = passed(fen);
  if (pass === undefined) return [];
  const takers = [...new Set(capturesOn(pass, target).map(({ from }) => from))];
  const [attackerName] = takers;
  if (takers.length !== 1 || attackerName === undefined || exchangeOn(pass, target) <= 0) return [];
  const attacker = squareOf(attackerName);
  const takeNow = capturesOn(pass, target).find(
    ({ promotion }) => promotion === undefined || promotion === 'q',
  );
  if (takeNow === undefined) return [];
  const backBefore = new Set(capturesOn(takeNow.after, target).map(({ from }) => squareOf(from)));
  const attackersBefore = listAttackersOf(
    readBoard(takeNow.after).cells,
    target,
    readBoard(fen).isWhiteToMove,
  );
  const bestElsewhere = (place: string) =>
    movesOf(place)
      .filter((move) => move.captured !== undefined && !move.isEnPassant() && squareOf(move.to) !== target)
      .reduce((most, move) => Math.max(most, exchangeBy(move)), 0);
  const elsewhereBefore = bestElsewhere(takeNow.after);
  const hadMate = matesIn(fen).length > 0;
  return movesOf(fen).flatMap((move): PlainAnswer[] => {
    const kinds: string[] = [];
    const from = squareOf(move.from);
    const to = squareOf(move.to);
    const after = readBoard(move.after);
    const victim = move.isEnPassant() ? squareOf(`${move.to.charAt(0)}${move.from.charAt(1)}`) : to;
    const takesIt = move.captured !== undefined && victim === attacker;
    if (takesIt) kinds.push('take');
    if (from === target) kinds.push('go-away');
    const isCheck = isInCheck(move.after);
    if (from !== target && !takesIt) {
      const sees = listAttacked(after.cells, attacker).includes(target);
      const takes = capturesOn(move.after, target).filter(
        (one) => squareOf(one.from) === attacker && (one.promotion === undefined || one.promotion === 'q'),
      );
      if (!sees && (listBetween(attacker, target) ?? []).includes(to)) kinds.push('put-between');
      if (sees && !isCheck && takes.length === 0) kinds.push('pin');
      const [take] = takes;
      if (take !== undefined) {
        const back = capturesOn(take.after, target).map((one) => squareOf(one.from));
        if (back.includes(to) && !backBefore.has(from)) kinds.push('protect');
        const others = back.filter((square) => square !== to && !backBefore.has(square));
        if (others.some((square) => !attackersBefore.includes(square))) kinds.push('open-line');
        if (others.some((square) => attackersBefore.includes(square))) kinds.push('free-guard');
        const lost = exchangeOn(move.after, target);
        const best = bestElsewhere(take.after);
        if (!isCheck && lost > 0 && best >= lost && best > elsewhereBefore) kinds.push('counter');
      }
    }
    const again = isCheck ? undefined : passed(move.after);
    if (isCheck || (again !== undefined && matesIn(again).length > 0 && !hadMate)) kinds.push('in-between');
    if (kinds.length === 0) return [];
    const stands = from === target ? to : target;
    const replies = movesOf(move.after).filter((reply) => reply.captured !== undefined);
    const g1 = !replies.some((reply) => [to, stands].includes(squareOf(reply.to)));
    const got = gotBy(move);
    const g2 =
      got >= exchangeOn(move.after, to) &&
      (got >= exchangeOn(move.after, stands) || kinds.includes('counter'));
    return [{ move, kinds, g1, g2 }];
  });
}

/** Those that work: nothing is lost where the man went, nor where the attacked man stands. */
export function attackAnswersOf(fen: string, target: number): PlainAnswer[] {
  return listDeeds(fen, target).filter(({ g2 }) => g2);
}
