'use client';
import { Button, NativeSelect, TextInput } from '@mantine/core';
import { useState } from 'react';
import { v4 as makeUuid } from 'uuid';
import { MOST_LETTERS } from '@/contracts/bounds';
import type { PlanItem } from '@/contracts/lessons';
import { EXERCISE_IDS, listLevels } from '@/core/exercises';
import { PATTERN_IDS } from '@/core/patterns';
import { familyName, PATTERN_NAMES } from '@/text';
import { CountField } from '@/ui/forms/CountField';
import type { SetChoice } from '@/ui/forms/chosenSet';
import classes from './Lessons.module.css';
import { readItem } from './planDraft';
import { useHouseVoice } from '@/ui/words';
import * as lessonsText from '@/text/screens/lessons';

const WAYS = ['board', 'pattern', 'round', 'set'] as const;
type Way = (typeof WAYS)[number];
const WAY_WORDS: Readonly<Record<Way, string>> = {
  board: lessonsText.aPositionOrMoves,
  pattern: lessonsText.aNamedMate,
  round: lessonsText.exercises,
  set: lessonsText.aSetOrStaircase,
};
const MOST_TASKS = 20;

/** A fresh number, so that two rounds of one family differ: five hexadecimal digits of a random id. */
const drawSeed = () => 1 + (Number.parseInt(makeUuid().slice(0, 5), 16) % 999_000);

/** One thing more for a segment. */
export function AddItem(props: {
  readonly sets: readonly SetChoice[];
  /** Read aloud: which segment. */
  readonly segmentName: string;
  readonly onAdd: (item: PlanItem) => void;
  readonly onClose: () => void;
}) {
  const { terms } = useHouseVoice();
  const { sets, segmentName, onAdd } = props;
  const [way, setWay] = useState<Way>('board');
  const [text, setText] = useState('');
  const [label, setLabel] = useState('');
  const [pattern, setPattern] = useState<(typeof PATTERN_IDS)[number]>('back-rank');
  const [family, setFamily] = useState<(typeof EXERCISE_IDS)[number]>('find-square');
  const [level, setLevel] = useState(1);
  const [count, setCount] = useState(4);
  const [setId, setSetId] = useState(sets[0]?.setId);
  const [error, setError] = useState('');
  const levels = listLevels(family);

  function makeItem(): PlanItem | undefined {
    switch (way) {
      case 'board':
        return readItem(text, label.trim());
      case 'pattern':
        return { kind: 'pattern', pattern };
      case 'round': {
        const known = levels.find((one) => one === level) ?? 1;
        return { kind: 'round', family, level: known, seed: drawSeed(), count };
      }
      case 'set':
        return setId === undefined ? undefined : { kind: 'set', setId };
    }
  }
  function add() {
    const item = makeItem();
    setError(item === undefined && way === 'board' ? lessonsText.neitherPositionNorMoves : '');
    if (item === undefined) return;
    onAdd(item);
    setText('');
    setLabel('');
  }
  return (
    <div className={classes.fields}>
      <NativeSelect
        label={lessonsText.putInto(segmentName)}
        size="md"
        value={way}
        data={WAYS.filter((one) => one !== 'set' || sets.length > 0).map((one) => ({
          value: one,
          label: WAY_WORDS[one],
        }))}
        onChange={({ currentTarget }) => setWay(WAYS.find((one) => one === currentTarget.value) ?? 'board')}
      />
      {way === 'board' && (
        <>
          <TextInput
            label={lessonsText.fenMoves}
            size="md"
            miw="16rem"
            value={text}
            error={error}
            errorProps={{ role: 'alert' }}
            onChange={({ currentTarget }) => setText(currentTarget.value)}
          />
          <TextInput
            label={lessonsText.itemLabel}
            size="md"
            maxLength={MOST_LETTERS.title}
            value={label}
            onChange={({ currentTarget }) => setLabel(currentTarget.value)}
          />
        </>
      )}
      {way === 'pattern' && (
        <NativeSelect
          label={lessonsText.whichMate}
          size="md"
          value={pattern}
          data={PATTERN_IDS.map((id) => ({ value: id, label: PATTERN_NAMES[id] }))}
          onChange={({ currentTarget }) =>
            setPattern(PATTERN_IDS.find((id) => id === currentTarget.value) ?? pattern)
          }
        />
      )}
      {way === 'round' && (
        <>
          <NativeSelect
            label={lessonsText.whichExercise}
            size="md"
            value={family}
            data={EXERCISE_IDS.map((id) => ({ value: id, label: familyName(id, terms) }))}
            onChange={({ currentTarget }) =>
              setFamily(EXERCISE_IDS.find((id) => id === currentTarget.value) ?? family)
            }
          />
          <NativeSelect
            label={lessonsText.level}
            size="md"
            value={String(level)}
            data={levels.map((one) => ({ value: String(one), label: lessonsText.levelOption(one) }))}
            onChange={({ currentTarget }) => setLevel(Number(currentTarget.value))}
          />
          <CountField
            label={lessonsText.tasks}
            w="6rem"
            min={1}
            max={MOST_TASKS}
            value={count}
            onCount={setCount}
          />
        </>
      )}
      {way === 'set' && (
        <NativeSelect
          label={lessonsText.whichSet}
          size="md"
          value={String(setId ?? '')}
          data={sets.map((one) => ({ value: String(one.setId), label: one.name }))}
          onChange={({ currentTarget }) =>
            setSetId(sets.find((one) => String(one.setId) === currentTarget.value)?.setId)
          }
        />
      )}
      <Button
        size="md"
        mih={44}
        variant="default"
        disabled={way === 'board' && text.trim() === ''}
        onClick={add}
      >
        {lessonsText.addItem}
      </Button>
      <Button size="md" mih={44} variant="subtle" onClick={props.onClose}>
        {lessonsText.enough}
      </Button>
    </div>
  );
}
