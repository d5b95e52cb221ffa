'use client';
import { Button, TextInput } from '@mantine/core';
import { useMemo, useState } from 'react';
import { findStage, openExercise, STAGES, type ExerciseTask, type Stage } from '@/core/exercises';
import type { FamilyFit } from '@/core/compose';
import { familyName, familyWords, questionText, stageName, type Terms } from '@/text';
import * as questionsText from '@/text/screens/questions';
import { useHouseVoice } from '@/ui/words';
import classes from './QuestionPicker.module.css';
import type { BoardQuestions } from './useBoardQuestions';

/** A question of the board in words. */
interface Asked {
  readonly stage: Stage;
  readonly exercise: ExerciseTask;
  readonly text: string;
}

/** Everything that can be asked of the board, grouped by stage; and of the rest, why not. */
export function QuestionPicker(props: {
  readonly questions: BoardQuestions;
  readonly onPick: (exercise: ExerciseTask) => void;
}) {
  const { questions, onPick } = props;
  const { found, chosen } = questions;
  const { terms } = useHouseVoice();
  const [wanted, setWanted] = useState('');
  const families = found.kind === 'found' ? found.families : NO_FAMILIES;
  const asked = useMemo(() => listAsked(families, terms), [families, terms]);
  const shown = asked.filter(({ text }) => text.toLowerCase().includes(wanted.trim().toLowerCase()));
  return (
    <div className={classes.picker}>
      <div className={classes.choice}>
        <Button variant="default" aria-pressed={questions.isChoosing} onClick={questions.toggleChoosing}>
          {questionsText.chooseOnBoard}
        </Button>
        <Button variant="default" disabled={chosen.length === 0} onClick={questions.clear}>
          {questionsText.clearChoice}
        </Button>
        <span role="status">{questionsText.chosenSquares(chosen)}</span>
      </div>
      <TextInput
        aria-label={questionsText.findQuestion}
        placeholder={questionsText.findQuestion}
        value={wanted}
        onChange={({ currentTarget }) => setWanted(currentTarget.value)}
      />
      <div className={classes.lists}>
        {found.kind === 'working' && <p>{questionsText.workingOut}</p>}
        {found.kind === 'failed' && <p role="alert">{questionsText.notWorkedOut}</p>}
        {found.kind === 'found' && shown.length === 0 && <p>{questionsText.noneFound}</p>}
        {STAGES.map((stage) => {
          const here = shown.filter((one) => one.stage === stage);
          return here.length === 0 ? null : (
            <section key={stage}>
              <h3>{stageName(stage, terms)}</h3>
              <ul className={classes.list}>
                {here.map(({ exercise, text }) => (
                  <li key={`${exercise.family} ${JSON.stringify(exercise.task)}`}>
                    <Button
                      variant="default"
                      fullWidth
                      classNames={{
                        root: classes.question ?? '',
                        inner: classes.inner ?? '',
                        label: classes.words ?? '',
                      }}
                      onClick={() => onPick(exercise)}
                    >
                      {text}
                    </Button>
                  </li>
                ))}
              </ul>
            </section>
          );
        })}
        {found.kind === 'found' && (
          <details>
            <summary className={classes.summary}>{questionsText.notHere}</summary>
            <dl className={classes.misfits}>
              {families.map(({ family, fit }) =>
                fit.kind === 'fits' ? null : (
                  <div key={family}>
                    <dt>{familyName(family, terms)}</dt>
                    <dd>{questionsText.misfitText(fit.why, terms)}</dd>
                  </div>
                ),
              )}
            </dl>
          </details>
        )}
      </div>
    </div>
  );
}

const NO_FAMILIES: readonly FamilyFit[] = [];

function listAsked(families: readonly FamilyFit[], terms: Terms): Asked[] {
  return families.flatMap(({ family, fit }) => {
    if (fit.kind === 'misfit') return [];
    const words = familyWords(family, terms);
    return fit.tasks.map((exercise) => ({
      stage: findStage(family),
      exercise,
      text: questionText(words, openExercise(exercise).question),
    }));
  });
}
