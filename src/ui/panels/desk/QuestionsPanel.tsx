'use client';
import { Button } from '@mantine/core';
import { useMemo } from 'react';
import type { Square } from '@/core/board';
import { openExercise, type Answer, type ExerciseTask } from '@/core/exercises';
import { answerText, familyWords, questionText } from '@/text';
import * as questionsText from '@/text/screens/questions';
import type { SetChoice } from '@/ui/forms/chosenSet';
import { QuestionPicker, type BoardQuestions } from '@/ui/workbench';
import { useHouseVoice } from '@/ui/words';
import { AddToSet, type DeskActions } from './AddToSet';
import classes from './Desk.module.css';

/** A question that was picked, and how many of the squares of its answer are shown; `all`: the whole answer. */
export interface PickedQuestion {
  readonly fen: string;
  readonly exercise: ExerciseTask;
  readonly shown: number | 'all';
}

/** Questions of the board: a list to pick from, then one of them with its answer, hidden until it is told. */
export function QuestionsPanel(props: {
  readonly questions: BoardQuestions;
  readonly picked: PickedQuestion | undefined;
  readonly sets: readonly SetChoice[];
  readonly actions: DeskActions;
  readonly onPick: (picked: PickedQuestion | undefined) => void;
}) {
  const { questions, picked, onPick } = props;
  if (picked === undefined)
    return (
      <QuestionPicker
        questions={questions}
        onPick={(exercise) => onPick({ fen: questions.fen, exercise, shown: 0 })}
      />
    );
  return <Picked {...props} picked={picked} />;
}

function Picked(props: {
  readonly picked: PickedQuestion;
  readonly sets: readonly SetChoice[];
  readonly actions: DeskActions;
  readonly onPick: (picked: PickedQuestion | undefined) => void;
}) {
  const { picked, actions, onPick } = props;
  const { exercise } = picked;
  const { terms } = useHouseVoice();
  const words = useMemo(() => familyWords(exercise.family, terms), [exercise, terms]);
  const { question, solution } = useMemo(() => openExercise(exercise), [exercise]);
  const text = questionText(words, question);
  const squares = squaresOf(solution);
  const shown = listShown(picked, squares);
  const isWhole = picked.shown === 'all';
  const canGoOn = !isWhole && squares.length > 1 && shown.length < squares.length;
  return (
    <div className={classes.picked}>
      <p className={classes.pickedWords}>{text}</p>
      <p aria-live="polite">
        {isWhole
          ? squares.length === 0 && solution.kind === 'tap'
            ? questionsText.noneIsRight
            : questionsText.answerIs(answerText(words, solution))
          : shown.length > 0
            ? questionsText.shownSoFar(shown, squares.length)
            : questionsText.answerHidden}
      </p>
      <div className={classes.row}>
        <Button onClick={() => onPick({ ...picked, shown: isWhole ? 0 : 'all' })}>
          {isWhole ? questionsText.hideAnswer : questionsText.showAnswer}
        </Button>
        <Button
          variant="default"
          disabled={!canGoOn}
          onClick={() => onPick({ ...picked, shown: shown.length + 1 })}
        >
          {questionsText.showOneMore}
        </Button>
        <Button variant="default" onClick={() => onPick(undefined)}>
          {questionsText.otherQuestion}
        </Button>
      </div>
      <AddToSet
        key={JSON.stringify(exercise)}
        what={{
          label: questionsText.addQuestion,
          isReady: true,
          waitsFor: questionsText.chooseQuestionFirst,
          add: (setId) => actions.addQuestion({ setId, exercise }),
        }}
        sets={props.sets}
        addSet={actions.addSet}
      />
    </div>
  );
}

const squaresOf = (solution: Answer): readonly Square[] =>
  solution.kind === 'tap' ? solution.marks.map(({ square }) => square) : [];

function listShown({ shown }: PickedQuestion, squares: readonly Square[]): readonly Square[] {
  return shown === 'all' ? squares : squares.slice(0, shown);
}

/** What the board shows of a picked question: what it is about, and what has been told of its answer. */
export function listPickedMarks(picked: PickedQuestion) {
  const { scene, solution } = openExercise(picked.exercise);
  return [
    ...scene.asked.map((square) => ({ square, mark: 'hint' as const })),
    ...listShown(picked, squaresOf(solution)).map((square) => ({ square, mark: 'goes' as const })),
  ];
}
