'use client';
import { Button } from '@mantine/core';
import { useEffect, useMemo, useState } from 'react';
import { makeSquareName } from '@/core/board';
import type { Verdict } from '@/core/exercises';
import { makeMoveText, parseMoveText, type MoveText } from '@/core/notation';
import {
  findCaptured,
  findOutcome,
  listLegalMovesFrom,
  playMove,
  type Move,
  type Position,
} from '@/core/rules';
import { moveSentence, ROLE_WORDS, takenText } from '@/text';
import { Board, type Drop, type HandRules } from '@/ui/board';
import classes from './PlayPlayer.module.css';
import type { PlayAction, PlayState } from './playState';

/** Time a move stays on the board before the next one of a reply is shown. */
const REPLY_MS = 650;

/** What is said when the play ended; the page knows the task, the player only its moves. */
export interface PlayWords {
  readonly question: string;
  /** In how many moves of the student, and whether the board shows mate or what counts as mate. */
  readonly right: (movesPlayed: number, isMate: boolean) => string;
  /** Said when the line that refutes the move has been played: its first reply, and what is lost along it. */
  readonly wrong: (
    verdict: Verdict,
    shown: { readonly reply: string | undefined; readonly taken: string },
  ) => string;
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
          {isSettled ? <Said {...props} steps={steps} position={position} /> : steps[shown - 1]?.sentence}
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
 * How many of the moves are on the board: the student's own at once, what answers it one by one. What was there when the player
 * opened is shown whole, and so is what is left after taking back.
 */
function useShownPlies(moves: readonly MoveText[]): number {
  const [state, setState] = useState({ moves, shown: moves.length });
  const isNew = state.moves !== moves;
  const shown = isNew ? pliesAtOnce(state.moves.slice(0, state.shown), moves) : state.shown;
  if (isNew) setState({ moves, shown });
  const isWaiting = shown < moves.length;
  useEffect(() => {
    if (!isWaiting) return undefined;
    const timer = setTimeout(() => setState({ moves, shown: shown + 1 }), REPLY_MS);
    return () => clearTimeout(timer);
  }, [isWaiting, moves, shown]);
  return shown;
}

/** What is on the board already stays, and one more move is shown with it. */
function pliesAtOnce(before: readonly MoveText[], moves: readonly MoveText[]): number {
  const isContinued = before.every((move, ply) => moves[ply] === move);
  return isContinued ? Math.min(moves.length, before.length + 1) : moves.length;
}

/** The first reply of the refutation in words, and what the line takes, the student's own move included. */
function tellRefutation(home: Position, steps: readonly Step[], plies: number) {
  const first = steps.length - plies;
  const before = steps[first - 2]?.after ?? home;
  const line = steps.slice(Math.max(0, first - 1)).map(({ move }) => makeMoveText(move));
  return { reply: plies === 0 ? undefined : steps[first]?.sentence, taken: takenText(before, line) };
}

function Said(props: {
  readonly home: Position;
  readonly play: PlayState;
  readonly words: PlayWords;
  readonly steps: readonly Step[];
  readonly position: Position;
}) {
  const { home, play, words, steps, position } = props;
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
      if (play.phase.verdict.outcome === 'right')
        return (
          <strong>
            {words.right(Math.ceil(play.moves.length / 2), findOutcome(position)?.kind === 'mate')}
          </strong>
        );
      return words.wrong(
        play.phase.verdict,
        tellRefutation(home, steps, play.phase.verdict.refutation.length),
      );
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
