'use client';
import { Button } from '@mantine/core';
import { useEffect, useMemo, useState } from 'react';
import { makeSquareName } from '@/core/board';
import { makeMoveText, parseMoveText, type MoveText } from '@/core/notation';
import { findCaptured, listLegalMovesFrom, playMove, type Move, type Position } from '@/core/rules';
import { moveSentence, ROLE_WORDS } from '@/text';
import { Board, type Drop, type HandRules } from '@/ui/board';
import classes from './PlayPlayer.module.css';
import type { PlayAction, PlayState } from './playState';

/** Time a move stays on the board before the next one of a reply is shown. */
const REPLY_MS = 650;

/** What is said when the play ended; the page knows the task, the player only its moves. */
export interface PlayWords {
  readonly question: string;
  readonly right: string;
  /** `reply` is the refutation in words. */
  readonly wrong: (reply: string | undefined) => string;
}

/** The player of every task that is answered by moves: board, replies, take-back, hint, try again. */
export function PlayPlayer(props: {
  readonly home: Position;
  readonly play: PlayState;
  readonly words: PlayWords;
  readonly isLast: boolean;
  readonly onAction: (action: PlayAction) => void;
  readonly onNext: () => void;
}) {
  const { home, play, words, onAction } = props;
  const steps = useMemo(() => listSteps(home, play.moves), [home, play.moves]);
  const shown = useShownPlies(play.moves);
  const position = steps[shown - 1]?.after ?? home;
  const isSettled = shown === play.moves.length;
  const isThinking = play.phase.kind === 'thinking' && isSettled;

  const rules: HandRules = {
    canHold: (square) => isThinking && position.board[square]?.side === position.turn,
    dropResult(from, to) {
      const moves = listLegalMovesFrom(position, from).filter((move) => move.to === to);
      if (moves.length === 0) return 'back';
      return moves.some(({ promotion }) => promotion !== undefined) ? 'promotion' : 'move';
    },
  };

  function drop({ from, to, promotion }: Drop) {
    if (to === undefined) return;
    onAction({
      kind: 'play',
      move: makeMoveText(promotion === undefined ? { from, to } : { from, to, promotion }),
    });
  }

  return (
    <div className={classes.player}>
      <h1 className={classes.question}>{words.question}</h1>
      <div className={classes.boardPlace}>
        <Board
          board={position.board}
          turn={position.turn}
          bottom={home.turn}
          label={words.question}
          rules={rules}
          onDrop={drop}
          marksFor={(from) =>
            listLegalMovesFrom(position, from).map((move) => ({
              square: move.to,
              mark: findCaptured(position, move) === undefined ? 'goes' : 'takes',
            }))
          }
          marks={
            play.hintSquare === undefined || !isThinking ? [] : [{ square: play.hintSquare, mark: 'hint' }]
          }
          trace={steps[shown - 1]?.move}
        />
      </div>
      <div className={classes.answer}>
        <div className={classes.said} aria-live="polite">
          {isSettled && <Said {...props} steps={steps} position={position} />}
        </div>
        <div className={classes.buttons}>
          <PlayButtons {...props} isSettled={isSettled} />
        </div>
      </div>
    </div>
  );
}

interface Step {
  readonly move: Move;
  readonly sentence: string;
  readonly after: Position;
}

function listSteps(home: Position, moves: readonly MoveText[]): Step[] {
  const steps: Step[] = [];
  let position = home;
  for (const text of moves) {
    const move = parseMoveText(text);
    if (move === undefined) break;
    const after = playMove(position, move);
    steps.push({ move, sentence: moveSentence(position, move), after });
    position = after;
  }
  return steps;
}

/**
 * How many of the moves are on the board: the student's own at once, the answer to it a moment later. What was there when
 * the player opened is shown whole.
 */
function useShownPlies(moves: readonly MoveText[]): number {
  const [settled, setSettled] = useState(moves);
  const isAnswered = moves.length > 0 && moves.length % 2 === 0;
  const isWaiting = isAnswered && settled !== moves;
  useEffect(() => {
    if (!isWaiting) return undefined;
    const timer = setTimeout(() => setSettled(moves), REPLY_MS);
    return () => clearTimeout(timer);
  }, [isWaiting, moves]);
  return isWaiting ? moves.length - 1 : moves.length;
}

function Said(props: {
  readonly play: PlayState;
  readonly words: PlayWords;
  readonly steps: readonly Step[];
  readonly position: Position;
}) {
  const { play, words, steps, position } = props;
  const last = steps.at(-1)?.sentence;
  switch (play.phase.kind) {
    case 'thinking': {
      if (play.hintSquare !== undefined) {
        const man = position.board[play.hintSquare];
        return `Look at the ${man === undefined ? 'man' : ROLE_WORDS[man.role]} on ${makeSquareName(play.hintSquare)}.`;
      }
      return last === undefined ? 'Play your move on the board.' : `${last} Now you.`;
    }
    case 'slipped':
      return 'Did your hand slip? You may take this move back once.';
    case 'ended':
      if (play.phase.verdict.outcome === 'right') return <strong>{words.right}</strong>;
      return words.wrong(play.phase.verdict.refutation === undefined ? undefined : last);
  }
}

function PlayButtons(props: {
  readonly play: PlayState;
  readonly isLast: boolean;
  readonly isSettled: boolean;
  readonly onAction: (action: PlayAction) => void;
  readonly onNext: () => void;
}) {
  const { play, isLast, isSettled, onAction, onNext } = props;
  const big = { size: 'lg' as const, mih: 56 };
  switch (play.phase.kind) {
    case 'thinking':
      return (
        <>
          <Button
            {...big}
            variant="default"
            disabled={!isSettled || play.hintSquare !== undefined}
            onClick={() => onAction({ kind: 'hint' })}
          >
            Help: which man?
          </Button>
          {play.moves.length > 0 && (
            <Button {...big} variant="default" onClick={() => onAction({ kind: 'home' })}>
              From the start
            </Button>
          )}
        </>
      );
    case 'slipped':
      return (
        <>
          <Button {...big} onClick={() => onAction({ kind: 'takeBack' })}>
            Take it back
          </Button>
          <Button {...big} variant="default" onClick={() => onAction({ kind: 'keep' })}>
            I mean it
          </Button>
        </>
      );
    case 'ended':
      return play.phase.verdict.outcome === 'right' ? (
        <Button {...big} autoFocus onClick={onNext}>
          {isLast ? 'Done' : 'Next puzzle'}
        </Button>
      ) : (
        <Button {...big} disabled={!isSettled} onClick={() => onAction({ kind: 'again' })}>
          Try again
        </Button>
      );
  }
}
