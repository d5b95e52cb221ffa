'use client';
import { useMemo, useState } from 'react';
import type { SeatPuzzle } from '@/contracts/attempts';
import type { NamedPicture } from '@/contracts/clubPatterns';
import { makeSquareName, opponentOf } from '@/core/board';
import { getAskedLength, mateFamily, type Answer } from '@/core/exercises';
import { getPosition, parseMoveText } from '@/core/notation';
import { defineClubPattern, matchPatterns, namePatterns } from '@/core/patterns';
import { isCheckmate, type Position } from '@/core/rules';
import { mateQuestion, rightSentence, ROLE_WORDS, takenText, wrongSentence } from '@/text';
import { GAME } from './ground';
import { PlayPlayer, type PlayWords } from './PlayPlayer';
import { answerMoves, reducePlay, type PlayAction, type PlayJudge, type PlayState } from './playState';

/** A mate puzzle on the seat. What is played is kept by the round, so that a reload loses nothing. */
export function MateSeat(props: {
  readonly puzzle: SeatPuzzle;
  /** Mates with a name of the club's own. */
  readonly ours: readonly NamedPicture[];
  readonly start: PlayState;
  readonly next: string;
  /** Hears every change, so that it can be kept; `hasBegunAgain`: the time starts anew. */
  readonly onPlay: (play: PlayState, hasBegunAgain: boolean) => void;
  readonly onAnswer: (answer: Answer, isRight: boolean, hints: number) => void;
  readonly onNext: () => void;
}) {
  const { puzzle, onPlay, onAnswer } = props;
  const { task, solution } = puzzle;
  const [play, setPlay] = useState(props.start);
  const home = useMemo(() => getPosition(task.fen), [task.fen]);
  const judge: PlayJudge = {
    respond: (moves) => mateFamily.respond(task, solution, moves),
    hint: (moves) => mateFamily.hint(task, solution, moves),
  };

  function act(action: PlayAction) {
    const next = reducePlay(play, action, judge);
    setPlay(next);
    onPlay(next, action.kind === 'again' || action.kind === 'home');
    if (next.phase.kind !== 'ended' || play.phase.kind === 'ended') return;
    onAnswer(
      { kind: 'play', moves: [...answerMoves(next)], slips: next.slips },
      next.phase.verdict.outcome === 'right',
      next.hints,
    );
  }

  const { hintSquare } = play;
  const isShown = hintSquare !== undefined && play.phase.kind === 'thinking';
  return (
    <PlayPlayer
      home={home}
      ground={GAME}
      play={play}
      words={wordsOf(puzzle, home, props.next, props.ours)}
      help={{
        text: isShown ? lookAtText(home, play, hintSquare) : undefined,
        square: hintSquare,
        label: isShown ? undefined : 'Help: which man?',
        onAsk: () => act({ kind: 'hint' }),
      }}
      solution={() => mateFamily.solution(task, solution)}
      onAction={act}
      onNext={props.onNext}
    />
  );
}

function wordsOf(
  { task }: SeatPuzzle,
  home: Position,
  next: string,
  ours: readonly NamedPicture[],
): PlayWords<Position> {
  const own = ours.map(({ name, picture }) => defineClubPattern(name, picture));
  const asked = getAskedLength(task);
  return {
    question: mateQuestion(home.turn, asked),
    begin: 'Play your move on the board.',
    next,
    right: (movesPlayed, place) =>
      rightSentence(
        movesPlayed,
        isCheckmate(place),
        namePatterns(place),
        matchPatterns(place, own).map(({ id }) => id),
      ),
    wrong: (verdict, { before, line, reply }) =>
      wrongSentence({
        diagnosis: verdict.diagnoses[0],
        fate: verdict.fate,
        defender: opponentOf(home.turn),
        mateInMoves: asked,
        reply,
        taken: takenText(before, line),
      }),
  };
}

/** The man that stands there after the moves so far. */
function lookAtText(home: Position, { moves }: PlayState, square: number): string {
  const place = moves.reduce((one, text) => {
    const move = parseMoveText(text);
    return move === undefined ? one : GAME.play(one, move);
  }, home);
  const man = place.board[square];
  return `Look at the ${man === undefined ? 'man' : ROLE_WORDS[man.role]} on ${makeSquareName(square)}.`;
}
