'use client';
import { Button } from '@mantine/core';
import { useState } from 'react';
import { PROMOTION_ROLES, type PromotionRole, type Square } from '@/core/board';
import type { Ask } from '@/core/exercises';
import { getPosition, listNumberedMoves, makeMoveText, parseMoveText } from '@/core/notation';
import { findOutcome, listLegalMoves, playMove, type Move, type Position } from '@/core/rules';
import { moveSentence, questionText, ROLE_WORDS } from '@/text';
import { Board, type HandRules } from '@/ui/board';
import { useHouseVoice } from '@/ui/words';
import { AnswerFrame, findHelpSquare } from './AnswerFrame';
import classes from './AnswerFrame.module.css';
import type { Answering } from './ExercisePlayer';

/** Nothing is carried: the men stay where they are. */
const STILL: HandRules = { canHold: () => false, dropResult: () => 'back' };

/** A whole line told before a man moves: from-square and to-square are tapped, an arrow shows what was said. */
export function LineAnswer(props: {
  readonly ask: Extract<Ask, { rules: 'line' }>;
  readonly session: Answering;
  readonly next: string;
  readonly onNext: () => void;
}) {
  const { ask, session, ...rest } = props;
  const { exercise } = session;
  const { say } = useHouseVoice();
  const [told, setTold] = useState<readonly Move[]>([]);
  const [from, setFrom] = useState<Square>();
  const [promoting, setPromoting] = useState<readonly Move[]>([]);
  const [refusal, setRefusal] = useState<string>();
  const home = getPosition(ask.fen);
  const { solution } = exercise;
  const line =
    session.isShown && solution.kind === 'play'
      ? solution.moves.flatMap((text) => parseMoveText(text) ?? [])
      : told;
  const places = listPlaces(home, line);
  const place = places.at(-1) ?? home;
  const helpSquare = findHelpSquare(session);
  const isOver = findOutcome(place) !== undefined;

  function change(next: readonly Move[]) {
    session.change();
    setTold(next);
    setFrom(undefined);
    setPromoting([]);
    setRefusal(undefined);
  }

  function press(square: Square): boolean {
    if (session.isOver || isOver) return true;
    if (from === undefined || place.board[square]?.side === place.turn) {
      const isOwn = place.board[square]?.side === place.turn;
      setFrom(isOwn ? square : undefined);
      setRefusal(
        isOwn ? undefined : 'Tap the man first, where it stands in your head. Then the square it goes to.',
      );
      return true;
    }
    const moves = listLegalMoves(place).filter((move) => move.from === from && move.to === square);
    const [only] = moves;
    if (only === undefined) {
      setRefusal('That cannot be played then.');
      setFrom(undefined);
    } else if (moves.length > 1) setPromoting(moves);
    else change([...told, only]);
    return true;
  }

  return (
    <AnswerFrame
      session={session}
      begin={beginText(told.length, from)}
      notice={refusal}
      onDone={
        told.length === 0 || session.verdict !== undefined
          ? undefined
          : () => session.give({ kind: 'play', moves: told.map(makeMoveText), slips: 0 })
      }
      board={
        <Board
          board={home.board}
          turn={place.turn}
          bottom={exercise.scene.bottom}
          label={questionText(exercise.question)}
          rules={STILL}
          onDrop={() => undefined}
          onPress={press}
          marks={[
            ...(helpSquare === undefined ? [] : [{ square: helpSquare, mark: 'hint' as const }]),
            ...(from === undefined ? [] : [{ square: from, mark: 'chosen' as const }]),
          ]}
          arrows={line.map((move, ply) => ({ ...move, kind: 'idea' as const, label: String(ply + 1) }))}
        />
      }
      {...rest}
    >
      <div className={classes.toldRow}>
        <ol className={classes.told} aria-label="The line so far">
          {listNumberedMoves(home, line).map((words, ply) => {
            const move = line[ply];
            const before = places[ply - 1] ?? home;
            return (
              <li key={ply}>
                <strong>{words}</strong>{' '}
                <span className={classes.toldSentence}>
                  {move !== undefined && say(moveSentence(before, move))}
                </span>
              </li>
            );
          })}
        </ol>
        <Button
          variant="default"
          mih={48}
          disabled={told.length === 0 || session.isOver}
          onClick={() => change(told.slice(0, -1))}
        >
          Take the last one back
        </Button>
      </div>
      {promoting.length > 0 && (
        <div className={classes.turns} role="group" aria-label="What does the pawn become?">
          {PROMOTION_ROLES.map((role: PromotionRole) => {
            const move = promoting.find(({ promotion }) => promotion === role);
            return (
              <Button
                key={role}
                variant="default"
                mih={48}
                onClick={() => move !== undefined && change([...told, move])}
              >
                {say(ROLE_WORDS[role])}
              </Button>
            );
          })}
        </div>
      )}
    </AnswerFrame>
  );
}

function beginText(count: number, from: Square | undefined): string {
  if (from !== undefined) return 'Now tap the square it goes to. The man stays where it is.';
  return count === 0
    ? 'Tap a man and the square it goes to. Then the answer of the other side, and so on.'
    : 'Whose turn is it now? Go on to the mate, then Done.';
}

/** The position after each move. */
function listPlaces(home: Position, line: readonly Move[]): Position[] {
  let place = home;
  return line.map((move) => (place = playMove(place, move)));
}
