'use client';
import { Button, NativeSelect } from '@mantine/core';
import { useEffect, useMemo, useState } from 'react';
import {
  EXERCISE_IDS,
  EXERCISES,
  listLevels,
  STAGES,
  type ExerciseId,
  type ExerciseTask,
  type Level,
  type NotationWays,
  type Scale,
} from '@/core/exercises';
import { familyName, familyWords, stageName, type Terms } from '@/text';
import { ExercisePlayer } from '@/ui/answer';
import { createSearchClient, startSearchWorker } from '@/workers/browser';
import { CountField } from '@/ui/forms/CountField';
import type { SetChoice } from '@/ui/forms/chosenSet';
import { AddRound, type RoundActions } from './AddRound';
import classes from './TryExercises.module.css';
import { useHouseVoice } from '@/ui/words';
import * as exercisesText from '@/text/screens/exercises';

const LARGEST_SEED = 999_999;

/** The families of each stage, the stages in their order. */
const groupFamilies = (terms: Terms) =>
  STAGES.map((stage) => ({
    group: stageName(stage, terms),
    items: EXERCISE_IDS.filter((id) => EXERCISES[id].stage === stage).map((id) => ({
      value: id,
      label: familyName(id, terms),
    })),
  })).filter(({ items }) => items.length > 0);

interface Choice {
  readonly family: ExerciseId;
  readonly level: Level;
  readonly seed: number;
}

/** The coach tries any family at any level, and puts a round of it into a set; the seed makes the same task again. */
export function TryExercises(props: {
  readonly values: Scale;
  readonly ways: NotationWays | undefined;
  readonly sets: readonly SetChoice[];
  readonly actions: RoundActions;
}) {
  const { terms } = useHouseVoice();
  const [choice, setChoice] = useState<Choice>({ family: 'find-square', level: 1, seed: 1 });
  const { family, level, seed } = choice;
  const composed = useComposed(choice, props.values, props.ways);
  // Until the page listens a choice would be lost.
  const isWaiting = composed.kind === 'waiting';
  const levels = listLevels(family);
  const goOn = () => setChoice({ ...choice, seed: (seed % LARGEST_SEED) + 1 });

  return (
    <div className={classes.columns}>
      <section className={classes.choices} aria-label={exercisesText.whichExercise}>
        <NativeSelect
          label={exercisesText.exercise}
          size="md"
          disabled={isWaiting}
          value={family}
          data={groupFamilies(terms)}
          onChange={({ currentTarget }) => {
            const next = EXERCISE_IDS.find((id) => id === currentTarget.value);
            if (next !== undefined) setChoice({ ...choice, family: next, level: 1 });
          }}
        />
        <NativeSelect
          label={exercisesText.level}
          description={familyWords(family, terms).levels[level - 1]}
          inputWrapperOrder={['label', 'input', 'description']}
          size="md"
          disabled={isWaiting}
          value={String(level)}
          data={levels.map((one) => ({
            value: String(one),
            label: exercisesText.levelOf(one, levels.length),
          }))}
          onChange={({ currentTarget }) => {
            const next = levels.find((one) => String(one) === currentTarget.value);
            if (next !== undefined) setChoice({ ...choice, level: next });
          }}
        />
        <CountField
          label={exercisesText.taskNumber}
          description={exercisesText.taskNumberHelp}
          disabled={isWaiting}
          min={1}
          max={LARGEST_SEED}
          value={seed}
          onCount={(next) => setChoice({ ...choice, seed: next })}
        />
        <Button size="md" mih={44} variant="default" disabled={isWaiting} onClick={goOn}>
          {exercisesText.anotherOne}
        </Button>
        <AddRound sets={props.sets} actions={props.actions} {...choice} />
      </section>
      <section className={classes.player} aria-label={exercisesText.task}>
        {composed.kind === 'failed' && <p role="alert">{exercisesText.taskFailed(composed.message)}</p>}
        {composed.kind === 'task' && (
          <ExercisePlayer
            key={composed.key}
            task={composed.task}
            next={exercisesText.nextOne}
            onNext={goOn}
          />
        )}
      </section>
    </div>
  );
}

type Composed =
  | { readonly kind: 'waiting' }
  | { readonly kind: 'task'; readonly key: string; readonly task: ExerciseTask }
  | { readonly kind: 'failed'; readonly message: string };

/** Asks the worker for the chosen task; the one before stays until it comes. */
function useComposed(
  { family, level, seed }: Choice,
  values: Scale,
  ways: NotationWays | undefined,
): Composed {
  const client = useMemo(() => createSearchClient(startSearchWorker), []);
  const [composed, setComposed] = useState<Composed>({ kind: 'waiting' });
  useEffect(() => () => client.stopAll(), [client]);
  useEffect(() => {
    let isAsked = true;
    const asked = client.ask({ kind: 'compose', family, level, seed, count: 1, values, ways });
    void asked.outcome.then((outcome) => {
      if (!isAsked || outcome.kind === 'stopped') return;
      if (outcome.kind === 'failed') {
        setComposed(outcome);
        return;
      }
      const [task] = outcome.answer.tasks;
      if (task !== undefined) setComposed({ kind: 'task', key: `${family} ${level} ${seed}`, task });
    });
    return () => {
      isAsked = false;
      asked.stop();
    };
  }, [client, family, level, seed, values, ways]);
  return composed;
}
