'use client';
import { useMemo, useState } from 'react';
import { z } from 'zod/mini';
import { answerSchema, type Answer, type Exercise } from '@/core/exercises';
import type { Answering } from './answering';
import { ChooseAnswer } from './ChooseAnswer';
import type { FamilyWords, Spoken } from '@/text';
import { NO_DRAFT, useDraft, type Draft } from '@/ui/device';
import { LineAnswer } from './LineAnswer';
import { NumberAnswer } from './NumberAnswer';
import { PlaceAnswer } from './PlaceAnswer';
import { PlayAnswer } from './PlayAnswer';
import { SheetAnswer } from './SheetAnswer';
import { TapAnswer } from './TapAnswer';
import { WriteAnswer } from './WriteAnswer';

export interface AnswerPlayerProps {
  readonly exercise: Exercise;
  readonly words: FamilyWords;
  /** Words of the button that goes on. */
  readonly next: Spoken;
  /** Hears each answer once, with the steps of help that were open. */
  readonly onAnswer?: (answer: Answer, isRight: boolean, hints: number) => void;
  /** Hears that the solution was shown. */
  readonly onShown?: () => void;
  readonly onNext: () => void;
  /** Where the answer in the making is kept; nowhere unless this says so. */
  readonly draft?: Draft;
}

/** The player of an opened exercise: one for each answer mode, whatever the family. Key it by its task. */
export function AnswerPlayer(props: AnswerPlayerProps) {
  const { exercise, next, onNext } = props;
  const session = useAnswering(exercise, props);
  const common = { session, next, onNext };
  const { ask } = exercise;
  switch (ask.kind) {
    case 'play':
      return ask.rules === 'line' || ask.rules === 'way' ? (
        <LineAnswer ask={ask} {...common} />
      ) : (
        <PlayAnswer ask={ask} {...common} />
      );
    case 'tap':
      return <TapAnswer ask={ask} {...common} />;
    case 'place':
      return <PlaceAnswer tray={ask.tray} {...common} />;
    case 'write':
      return ask.form === 'sheet' ? (
        <SheetAnswer ask={ask} {...common} />
      ) : (
        <WriteAnswer form={ask.form} {...common} />
      );
    case 'number':
      return <NumberAnswer ask={ask} {...common} />;
    case 'choose':
      return <ChooseAnswer ask={ask} {...common} />;
  }
}

const helpSchema = z.int().check(z.nonnegative());
/** The answer the verdict is on; null: it was changed since. */
const judgedSchema = z.nullable(answerSchema);

function useAnswering(
  exercise: Exercise,
  { words, onAnswer, onShown, draft = NO_DRAFT }: AnswerPlayerProps,
): Answering {
  const [judged, setJudged] = useDraft<Answer | null>(draft, 'judged', judgedSchema, null);
  const [helpCount, setHelpCount] = useDraft(draft, 'help', helpSchema, 0);
  const [isShown, setIsShown] = useState(false);
  const verdict = useMemo(() => (judged === null ? undefined : exercise.judge(judged)), [exercise, judged]);
  return {
    exercise,
    words,
    draft,
    verdict,
    isShown,
    isOver: isShown || verdict?.outcome === 'right',
    helpCount,
    give(answer) {
      const given = exercise.judge(answer);
      setJudged(answer);
      onAnswer?.(answer, given.outcome === 'right', helpCount);
      return given;
    },
    change: () => setJudged(null),
    askHelp: () => setHelpCount(Math.min(helpCount + 1, exercise.hints.length)),
    show() {
      // The solution is the last step of the ladder.
      setHelpCount(exercise.hints.length + 1);
      setIsShown(true);
      onShown?.();
    },
    tellShown: () => onShown?.(),
  };
}
