'use client';
import { useMemo, useState } from 'react';
import type { Ask } from '@/core/exercises';
import { getDraft, getPosition } from '@/core/notation';
import type { PositionDraft } from '@/core/rules';
import { hintText, noteText, questionText } from '@/text';
import type { Answering } from './ExercisePlayer';
import { GAME, PAWNS, WANDERING, type Ground } from './ground';
import { PlayPlayer, type PlayWords } from './PlayPlayer';
import { answerMoves, FRESH_PLAY, reducePlay, type PlayAction, type PlayJudge } from './playState';

interface PlayAnswerProps {
  readonly session: Answering;
  readonly next: string;
  readonly onNext: () => void;
}

/** Answered by moves on the board, of a game or of one man alone. */
export function PlayAnswer({
  ask,
  ...props
}: PlayAnswerProps & { readonly ask: Exclude<Extract<Ask, { kind: 'play' }>, { rules: 'line' | 'way' }> }) {
  const { fen, rules } = ask;
  const draft = useMemo(() => getDraft(fen), [fen]);
  const position = useMemo(() => (rules === 'legal' ? getPosition(fen) : undefined), [fen, rules]);
  const man = ask.rules === 'wander' ? ask.man : undefined;
  const wandering = useMemo(() => (man === undefined ? undefined : { ...draft, at: man }), [draft, man]);
  if (position !== undefined) return <Played home={position} ground={GAME} {...props} />;
  if (wandering !== undefined) return <Played home={wandering} ground={WANDERING} {...props} />;
  return <Played home={draft} ground={PAWNS} {...props} />;
}

function Played<Place extends PositionDraft>(
  props: PlayAnswerProps & { readonly home: Place; readonly ground: Ground<Place> },
) {
  const { session, home, ground, next, onNext } = props;
  const { exercise, family, helpCount } = session;
  const [play, setPlay] = useState(FRESH_PLAY);
  const judge: PlayJudge = {
    respond: (moves) => exercise.respond(moves),
    hint: (moves) => {
      const square = exercise.findNextMan(moves);
      return square === undefined ? undefined : { square };
    },
  };

  function act(action: PlayAction) {
    const after = reducePlay(play, action, judge);
    setPlay(after);
    if (after.phase.kind !== 'ended' || play.phase.kind === 'ended') return;
    session.give({ kind: 'play', moves: [...answerMoves(after)], slips: after.slips });
  }

  // The rule and the family's own steps first, then the man.
  const { hints } = exercise;
  const isThinking = play.phase.kind === 'thinking';
  const hint = hints[helpCount - 1];
  const isManShown = play.hintSquare !== undefined;
  const canShowMan = judge.hint(play.moves) !== undefined && !isManShown;
  const hasNextStep = helpCount < hints.length;
  const words: PlayWords<Place> = {
    question: questionText(exercise.question),
    begin: 'Play your move on the board.',
    next,
    right: () => 'Yes, that is right.',
    wrong: (verdict, { reply }) =>
      [reply, ...verdict.notes.map((note) => noteText(family, note, exercise.scene))]
        .filter((text) => text !== undefined && text !== '')
        .join(' '),
  };
  return (
    <PlayPlayer
      home={home}
      ground={ground}
      play={play}
      words={words}
      bottom={exercise.scene.bottom}
      asked={exercise.scene.asked}
      help={{
        text: !isThinking ? undefined : isManShown ? 'Look at this man.' : hint && hintText(family, hint),
        square: play.hintSquare,
        label: hasNextStep || canShowMan ? 'Help' : undefined,
        onAsk() {
          if (hasNextStep) session.askHelp();
          else act({ kind: 'hint' });
        },
      }}
      solution={() => (exercise.solution.kind === 'play' ? exercise.solution.moves : [])}
      onAction={act}
      onNext={onNext}
    />
  );
}
