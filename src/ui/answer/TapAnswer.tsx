'use client';
import { useMemo } from 'react';
import { z } from 'zod/mini';
import type { Square } from '@/core/board';
import { squareSchema, type AnswerForm } from '@/core/exercises';
import { drawSign, SCREEN_PAINT, type DiagramMark, type SquareMark } from '@/drawing';
import { optionText, questionText, type Spoken } from '@/text';
import { Board, type HandRules } from '@/ui/board';
import { AnswerFrame, findHelpSquare } from './AnswerFrame';
import classes from './AnswerFrame.module.css';
import { useDraft } from '@/ui/device';
import type { Answering } from './answering';
import { arrowsOf } from './noteArrows';
import * as seatPagesText from '@/text/screens/seatPages';

/** Nothing is carried: a tap marks a square or takes its mark away. */
const STILL: HandRules = { canHold: () => false, dropResult: () => 'back' };
/** The sign of a label on the board; the others are told apart by their number. */
const LABEL_MARKS: Readonly<Record<string, SquareMark>> = {
  free: 'goes',
  'own-man': 'blocked',
  guarded: 'guarded',
};

const marksSchema = z.array(z.object({ square: squareSchema, label: z.optional(z.string()) }));
type TapMark = z.infer<typeof marksSchema>[number];

/** Answered by tapping squares; with labels, one is chosen first and each tap gives it. */
export function TapAnswer(props: {
  readonly ask: Extract<AnswerForm, { kind: 'tap' }>;
  readonly session: Answering;
  readonly next: Spoken;
  readonly onNext: () => void;
}) {
  const { ask, session, ...rest } = props;
  const { scene, solution, question } = session.exercise;
  const [marked, setMarked] = useDraft<readonly TapMark[]>(session.draft, 'marks', marksSchema, []);
  const marks = useMemo(() => new Map(marked.map((mark) => [mark.square, mark.label])), [marked]);
  const [label, setLabel] = useDraft<string | undefined>(
    session.draft,
    'label',
    z.enum(ask.labels),
    ask.labels[0],
  );
  const helpSquare = findHelpSquare(session);
  // Where all that are right are asked for there may be none, and to say so is an answer.
  const canBeNone = !ask.isSingle && ask.labels.length === 0;

  function press(square: Square): boolean {
    if (session.isOver) return true;
    session.change();
    setMarked((before) => {
      const others = ask.isSingle ? [] : before.filter((mark) => mark.square !== square);
      const isSame = before.some((mark) => mark.square === square && mark.label === label);
      return isSame ? others : [...others, toMark(square, label)];
    });
    return true;
  }

  const shown =
    session.isShown && solution.kind === 'tap'
      ? new Map(solution.marks.map((mark) => [mark.square, mark.label]))
      : marks;
  return (
    <AnswerFrame
      session={session}
      begin={begin(ask, marks.size)}
      onDone={
        marks.size === 0 && !canBeNone ? undefined : () => session.give({ kind: 'tap', marks: [...marked] })
      }
      done={marks.size === 0 && canBeNone ? seatPagesText.none : seatPagesText.done}
      board={
        <Board
          board={scene.board}
          turn={scene.turn}
          bottom={scene.bottom}
          hasCoordinates={scene.hasCoordinates}
          areNamesAsked={scene.areNamesAsked}
          label={questionText(session.words, question)}
          rules={STILL}
          onDrop={() => undefined}
          onPress={press}
          trace={scene.trace}
          arrows={arrowsOf(session)}
          marks={[
            ...scene.asked.map((square) => ({ square, mark: 'hint' as const })),
            ...(helpSquare === undefined ? [] : [{ square: helpSquare, mark: 'hint' as const }]),
            ...[...shown].map(([square, one]) => ({
              square,
              ...signOf(ask.labels, one),
            })),
            ...(session.isShown ? [] : (session.verdict?.extra ?? [])).map((square) => ({
              square,
              mark: 'fault' as const,
            })),
          ]}
        />
      }
      {...rest}
    >
      {ask.labels.length > 0 && (
        <div className={classes.choices} role="radiogroup" aria-label={seatPagesText.labelNextTap}>
          {ask.labels.map((one) => (
            <button
              key={one}
              type="button"
              role="radio"
              aria-checked={one === label}
              className={classes.choice}
              disabled={session.isOver}
              onClick={() => setLabel(one)}
            >
              <span
                className={classes.sign}
                dangerouslySetInnerHTML={{ __html: drawLabel(ask.labels, one) }}
              />
              {optionText(session.words, one)}
            </button>
          ))}
        </div>
      )}
    </AnswerFrame>
  );
}

function signOf(labels: readonly string[], label: string | undefined): Omit<DiagramMark, 'square'> {
  const mark = LABEL_MARKS[label ?? ''];
  if (mark !== undefined) return { mark };
  return label === undefined
    ? { mark: 'chosen' }
    : { mark: 'chosen', tag: String(labels.indexOf(label) + 1) };
}

function drawLabel(labels: readonly string[], label: string): string {
  const { mark, tag } = signOf(labels, label);
  return drawSign(mark, SCREEN_PAINT, tag);
}

function toMark(square: Square, label: string | undefined): TapMark {
  return label === undefined ? { square } : { square, label };
}

function begin({ labels, isSingle }: Extract<AnswerForm, { kind: 'tap' }>, count: number): Spoken {
  if (count > 0) return isSingle ? seatPagesText.doneOrMore : seatPagesText.marked(count);
  return labels.length > 0 ? seatPagesText.pickLabelThenTap : seatPagesText.tapTheBoard;
}
