'use client';
import { z } from 'zod/mini';
import type { AnswerForm } from '@/core/exercises';
import { optionText, questionText, type Spoken } from '@/text';
import { AnswerFrame, findHelpSquare } from './AnswerFrame';
import classes from './AnswerFrame.module.css';
import { useDraft } from '@/ui/device';
import type { Answering } from './answering';
import { arrowsOf } from './noteArrows';
import { SceneBoard } from './SceneBoard';
import * as seatPagesText from '@/text/screens/seatPages';

const chosenSchema = z.array(z.string());

/** Answered by choosing: one, or all that are right. */
export function ChooseAnswer(props: {
  readonly ask: Extract<AnswerForm, { kind: 'choose' }>;
  readonly session: Answering;
  readonly next: Spoken;
  readonly onNext: () => void;
}) {
  const { ask, session, ...rest } = props;
  const { exercise } = session;
  const [chosen, setChosen] = useDraft<readonly string[]>(session.draft, 'chosen', chosenSchema, []);
  const isOrdered = ask.isOrdered === true;
  const shown = session.isShown && exercise.solution.kind === 'choose' ? exercise.solution.options : chosen;

  function choose(option: string) {
    session.change();
    setChosen((before) => {
      if (!ask.isMultiple) return [option];
      return before.includes(option) ? before.filter((other) => other !== option) : [...before, option];
    });
  }

  return (
    <AnswerFrame
      session={session}
      begin={beginText(ask)}
      onDone={
        chosen.length === 0 || (isOrdered && chosen.length < ask.options.length)
          ? undefined
          : () => session.give({ kind: 'choose', options: [...chosen], ordered: isOrdered })
      }
      {...(exercise.scene.isHidden
        ? {}
        : {
            board: (
              <SceneBoard
                scene={exercise.scene}
                helpSquare={findHelpSquare(session)}
                title={questionText(session.words, exercise.question)}
                arrows={arrowsOf(session)}
              />
            ),
          })}
      {...rest}
    >
      <div
        className={ask.options.length > 5 ? classes.choiceList : classes.choices}
        role={ask.isMultiple ? 'group' : 'radiogroup'}
        aria-label={seatPagesText.yourAnswer}
      >
        {ask.options.map((option) => (
          <button
            key={option}
            type="button"
            role={ask.isMultiple ? 'checkbox' : 'radio'}
            aria-checked={shown.includes(option)}
            className={classes.choice}
            disabled={session.isOver}
            onClick={() => choose(option)}
          >
            {isOrdered ? (
              <span className={classes.place}>{shown.includes(option) ? shown.indexOf(option) + 1 : ''}</span>
            ) : (
              <span className={ask.isMultiple ? classes.box : classes.dot} aria-hidden />
            )}
            {optionText(session.words, option)}
          </button>
        ))}
      </div>
    </AnswerFrame>
  );
}

function beginText({ isOrdered = false, isMultiple }: Extract<AnswerForm, { kind: 'choose' }>): Spoken {
  if (isOrdered) return seatPagesText.tapInOrder;
  return isMultiple ? seatPagesText.chooseAllRight : seatPagesText.chooseOne;
}
