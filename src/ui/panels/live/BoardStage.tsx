'use client';
import type { Side } from '@/core/board';
import { makeMoveText } from '@/core/notation';
import { findBoardState, tryHandMove, type PositionDraft } from '@/core/rules';
import type { DiagramMark } from '@/drawing';
import { boardStateText, handFaultText, SIDE_WORDS, workedAnswerText, type Terms } from '@/text';
import * as liveText from '@/text/screens/live';
import { Board, type Drop } from '@/ui/board';
import { useHouseVoice } from '@/ui/words';
import { marksInHand, squaresOfRefusal, type BoardQuestions, type SightLook } from '@/ui/workbench';
import classes from './BigBoard.module.css';
import type { Asking } from './useAsking';
import type { BoardState } from './useBoard';
import type { useSigns } from './useSigns';

/** The board in front of the class, and the line below it. */
export function BoardStage(props: {
  readonly board: BoardState;
  readonly signs: ReturnType<typeof useSigns>;
  readonly look: SightLook;
  readonly asking: Asking;
  readonly bottom: Side;
  /** Squares may be chosen for the questions of the board. */
  readonly questions: BoardQuestions;
  /** Moves that are made on the board are noted as called out. */
  readonly isNoting: boolean;
}) {
  const { board, signs, asking } = props;
  const { terms } = useHouseVoice();
  const { shown, home, shownStop, hand, isHome, steps, ply } = board;
  const { look } = props;
  const sight = signs.isPlain ? undefined : look.seen;
  const isAnswerHere = board.isAnswerShown && isHome;
  const refused = board.refusal === undefined ? [] : squaresOfRefusal(board.refusal);
  const marks: DiagramMark[] = [
    ...(isHome ? shownStop.marks : []),
    ...(isAnswerHere ? (shownStop.answer?.marks ?? []) : []),
    ...signs.listMarks(shown, home.turn),
    ...(sight?.marks ?? []),
    ...(props.questions.isChoosing
      ? props.questions.chosen.map((square) => ({ square, mark: 'chosen' as const }))
      : []),
    ...refused.map((square) => ({ square, mark: 'fault' as const })),
  ];

  function drop(made: Drop) {
    const called = props.isNoting && hand !== 'sets-up' ? findCalled(shown, made) : undefined;
    if (called === undefined) board.forBoard.onDrop(made);
    else void asking.note(called);
  }

  return (
    <div className={classes.board}>
      {shownStop.isHidden && isHome ? (
        <p className={classes.hidden}>{liveText.inYourHead}</p>
      ) : (
        <Board
          {...board.forBoard}
          board={shown.board}
          turn={shown.turn}
          bottom={props.bottom}
          label={liveText.bigBoard}
          onDrop={drop}
          onPress={(square) => {
            if (props.questions.isChoosing) {
              props.questions.choose(square);
              return true;
            }
            if (look.isWaiting) {
              look.tap(square);
              return true;
            }
            if (hand !== 'draws') return board.forBoard.onPress(square);
            signs.draw(square);
            return true;
          }}
          marks={marks}
          {...(signs.isPlain ? {} : marksInHand(board.state, board))}
          arrows={[...signs.arrows, ...(sight?.arrows ?? [])]}
          trace={steps[ply - 1]?.move}
        />
      )}
      <p className={classes.below} aria-live="polite">
        {sight?.text ?? (look.isWaiting ? liveText.tapToSee : textBelow(board, terms))}
      </p>
    </div>
  );
}

/** A move of the side to move that the rules allow. */
function findCalled(shown: PositionDraft, { from, to, promotion }: Drop) {
  if (to === undefined || to === from || shown.board[from]?.side !== shown.turn) return undefined;
  const tried = tryHandMove(shown, promotion === undefined ? { from, to } : { from, to, promotion });
  return tried.ok ? makeMoveText(tried.value.move) : undefined;
}

/** Why a move is refused; else the answer that is wanted; else the move that is shown; else what the hand does. */
function textBelow(board: BoardState, terms: Terms): string {
  const { refusal, shownStop, isHome, shown, home, hand, worked } = board;
  if (refusal !== undefined) return handFaultText(refusal.place, refusal.fault, terms);
  if (board.isAnswerShown && isHome) {
    if (shownStop.answer !== undefined) return liveText.answerIs(shownStop.answer.text);
    if (worked !== undefined) return workedAnswerText(board.position, worked, terms);
  }
  const step = board.steps[board.ply - 1];
  if (step !== undefined) return `${step.words} ${boardStateText(findBoardState(shown), terms)}`.trim();
  if (hand === 'sets-up') return liveText.sideToMoveSentence(SIDE_WORDS[home.turn]);
  if (hand === 'draws') return liveText.drawHelp;
  return shownStop.isTurnSaid ? '' : liveText.sideToMoveSentence(SIDE_WORDS[shown.turn]);
}
