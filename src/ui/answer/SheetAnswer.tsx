'use client';
import { Button } from '@/ui/controls';
import { useMemo } from 'react';
import { z } from 'zod/mini';
import type { AnswerForm, Scene } from '@/core/exercises';
import { getPosition, parseMoveText } from '@/core/notation';
import { playMove, type Position } from '@/core/rules';
import { questionText, type Spoken } from '@/text';
import { AnswerFrame } from './AnswerFrame';
import classes from './AnswerFrame.module.css';
import { useDraft } from '@/ui/device';
import type { Answering } from './answering';
import { SceneBoard } from './SceneBoard';
import { MOVE_KEYS, WriteField } from './WriteField';
import * as seatPagesText from '@/text/screens/seatPages';

interface SheetAnswerProps {
  readonly ask: Extract<AnswerForm, { form: 'sheet' }>;
  readonly session: Answering;
  readonly next: Spoken;
  readonly onNext: () => void;
}

/** A score sheet is kept: the moves are played one after another, each is written, then the next is shown. */
export function SheetAnswer({ ask, session, ...rest }: SheetAnswerProps) {
  const { exercise, verdict, isShown } = session;
  const steps = useMemo(() => listSteps(ask, exercise.scene), [ask, exercise.scene]);
  const [texts, setTexts] = useDraft<readonly string[]>(
    session.draft,
    'texts',
    z.array(z.string()).check(z.length(steps.length)),
    () => steps.map(() => ''),
  );
  const [at, setAt] = useDraft(
    session.draft,
    'at',
    z.number().check(z.int(), z.minimum(0), z.maximum(steps.length - 1)),
    0,
  );
  const isLast = at === steps.length - 1;
  const solution = exercise.solution.kind === 'write' ? exercise.solution.text.split('\n') : [];
  const shown = isShown ? solution : texts;
  const isWritten = (shown[at] ?? '').trim() !== '';
  const done =
    isLast && isWritten && verdict === undefined
      ? () => session.give({ kind: 'write', text: texts.join('\n') })
      : undefined;

  function write(text: string) {
    session.change();
    setTexts(texts.map((old, ply) => (ply === at ? text.replace('\n', ' ') : old)));
  }

  const step = steps[at];
  return (
    <AnswerFrame
      session={session}
      isBoardSmall
      begin={seatPagesText.lookAtMoveBoard}
      onDone={done}
      board={step && <SceneBoard scene={step.scene} title={questionText(session.words, exercise.question)} />}
      {...rest}
    >
      <ol className={classes.sheet} aria-label={seatPagesText.scoreSheet}>
        {steps.map(({ number }, ply) => (
          <li key={ply} className={sheetClass(ply - at)}>
            <span>{number}</span> {shown[ply]}
          </li>
        ))}
      </ol>
      <WriteField
        value={shown[at] ?? ''}
        keys={MOVE_KEYS}
        isClosed={session.isOver}
        onChange={write}
        onEnter={() => {
          if (done !== undefined) done();
          else if (isWritten && !isLast) setAt(at + 1);
        }}
      />
      <div className={classes.turns}>
        <Button variant="default" size="small" disabled={at === 0} onClick={() => setAt(at - 1)}>
          {seatPagesText.moveBefore}
        </Button>
        <Button variant="default" size="small" disabled={isLast || !isWritten} onClick={() => setAt(at + 1)}>
          {seatPagesText.nextMove}
        </Button>
      </div>
    </AnswerFrame>
  );
}

/** The move that is written now; on a phone only its neighbours stand beside it. */
function sheetClass(distance: number): string | undefined {
  if (distance === 0) return classes.sheetNow;
  return Math.abs(distance) > 1 ? classes.sheetFar : undefined;
}

interface SheetStep {
  /** "3." or "3...". */
  readonly number: string;
  /** The board after the move, which is traced. */
  readonly scene: Scene;
}

function listSteps({ fen, moves }: SheetAnswerProps['ask'], scene: Scene): SheetStep[] {
  const steps: SheetStep[] = [];
  let position: Position = getPosition(fen);
  for (const text of moves) {
    const move = parseMoveText(text);
    if (move === undefined) break;
    const number = `${position.fullmoves}${position.turn === 'white' ? '.' : '...'}`;
    position = playMove(position, move);
    steps.push({ number, scene: { ...scene, board: position.board, turn: position.turn, trace: move } });
  }
  return steps;
}
