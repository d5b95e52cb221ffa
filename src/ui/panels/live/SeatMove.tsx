'use client';
import { Button } from '@/ui/controls';
import { useMemo, useState } from 'react';
import { getDraft, getMove, makeMoveText, type MoveText } from '@/core/notation';
import { tryHandMove, type HandFault } from '@/core/rules';
import type { LiveQuestion } from '@/contracts/seatLesson';
import { asWritten, handFaultText, manMoveText, joinSpoken } from '@/text';
import { Board, type Drop } from '@/ui/board';
import { TaskQuestion, useHouseVoice } from '@/ui/words';
import { isPromotion, listHandMarks } from '@/ui/workbench';
import classes from './SeatLesson.module.css';
import * as liveText from '@/text/screens/live';

/** A position that is asked about: one move is made and sent; until the board goes on, it may be another one. */
export function SeatMove(props: {
  readonly question: LiveQuestion;
  /** The move that was sent last. */
  readonly given: MoveText | undefined;
  readonly onSend: (move: MoveText) => void;
}) {
  const { question, given, onSend } = props;
  const { terms } = useHouseVoice();
  const home = useMemo(() => getDraft(question.fen), [question.fen]);
  const [made, setMade] = useState<MoveText>();
  const [fault, setFault] = useState<HandFault>();
  const chosen = made ?? given;
  const isSent = chosen !== undefined && chosen === given;
  const move = chosen === undefined ? undefined : getMove(chosen);

  function drop({ from, to, promotion }: Drop) {
    if (to === undefined || to === from) return;
    const tried = tryHandMove(home, promotion === undefined ? { from, to } : { from, to, promotion });
    setFault(tried.ok ? undefined : tried.error);
    if (tried.ok) setMade(makeMoveText(tried.value.move));
  }

  const said =
    fault !== undefined
      ? handFaultText(home, fault, terms)
      : move === undefined
        ? liveText.whichMove
        : joinSpoken([manMoveText(home, move, terms), isSent ? liveText.sent : liveText.isThatYourMove]);
  return (
    <div className={classes.player}>
      <div className={classes.question}>
        <TaskQuestion text={asWritten(question.words)} said={said} />
      </div>
      <div className={classes.board}>
        <Board
          board={home.board}
          turn={home.turn}
          bottom={home.turn}
          label={liveText.positionOnBoard}
          rules={{
            canHold: (square) => home.board[square]?.side === home.turn,
            dropResult: (from, to) => (isPromotion(home, from, to) ? 'promotion' : 'move'),
          }}
          marksFor={(from) => listHandMarks(home, from)}
          onDrop={drop}
          arrows={move === undefined ? [] : [{ from: move.from, to: move.to, kind: 'idea' }]}
        />
      </div>
      <p className={classes.said} aria-live="polite">
        {said}
      </p>
      <Button
        disabled={chosen === undefined || isSent}
        onClick={() => {
          if (chosen !== undefined) onSend(chosen);
        }}
      >
        {liveText.sendMove}
      </Button>
    </div>
  );
}
