'use client';
import { arrayMove, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { Button, NativeSelect, Switch } from '@mantine/core';
import { useState } from 'react';
import type { ServiceFault } from '@/contracts/faults';
import { EXERCISE_IDS, EXERCISES, PATH_PRESETS, type PathPreset, type Stage } from '@/core/exercises';
import type { Result } from '@/core/shared';
import { familyName, PRESET_WORDS, stageName } from '@/text';
import { Sorting, useSortedRow } from '@/ui/forms/Sorting';
import { useSending } from '@/ui/forms/useSending';
import styles from './PathOrder.module.css';
import { useHouseVoice } from '@/ui/words';
import * as classesText from '@/text/screens/classes';
import * as commonText from '@/text/screens/common';

interface ClassStage {
  readonly stage: Stage;
  readonly isOpen: boolean;
}

const PRESETS = Object.keys(PATH_PRESETS) as PathPreset[];

/** The coach's order: from a preset, by drag, or with the two buttons of each row; every change is saved at once. */
export function PathOrder(props: {
  readonly classId: number;
  readonly stages: readonly ClassStage[];
  readonly onSave: (input: {
    classId: number;
    stages: readonly ClassStage[];
  }) => Promise<Result<undefined, ServiceFault>>;
}) {
  const { terms } = useHouseVoice();
  const { classId, onSave } = props;
  const [stages, setStages] = useState(props.stages);
  const { send, isBusy: isSaving, status } = useSending({ away: commonText.noAnswerNothingChanged });

  async function store(next: readonly ClassStage[]) {
    const before = stages;
    setStages(next);
    const stored = await send(
      () => onSave({ classId, stages: next }),
      () => commonText.saved,
    );
    if (stored === undefined) setStages(before);
  }
  const save = (next: readonly ClassStage[]) => void store(next);
  function move(from: number, to: number) {
    if (to >= 0 && to < stages.length && from !== to) save(arrayMove([...stages], from, to));
  }

  return (
    <section className={styles.order}>
      <NativeSelect
        label={classesText.startFromOrder}
        size="md"
        value=""
        data={[
          { value: '', label: classesText.choose },
          ...PRESETS.map((preset) => ({ value: preset, label: PRESET_WORDS[preset] })),
        ]}
        onChange={({ currentTarget }) => {
          const preset = PRESETS.find((one) => one === currentTarget.value);
          if (preset === undefined) return;
          save(
            PATH_PRESETS[preset].map((stage) => ({
              stage,
              isOpen: stages.find((one) => one.stage === stage)?.isOpen ?? true,
            })),
          );
        }}
      />
      <p className={styles.said} role="status">
        {isSaving ? commonText.saving : status}
      </p>
      <Sorting
        rows={stages.map(({ stage }) => ({ id: stage, name: stageName(stage, terms) }))}
        noun={commonText.nouns.stage}
        strategy={verticalListSortingStrategy}
        onMove={move}
      >
        <ol className={styles.list}>
          {stages.map((one, index) => (
            <Row
              key={one.stage}
              {...one}
              index={index}
              isLast={index === stages.length - 1}
              onMove={(by) => move(index, index + by)}
              onOpen={(isOpen) =>
                save(stages.map((other) => (other.stage === one.stage ? { ...other, isOpen } : other)))
              }
            />
          ))}
        </ol>
      </Sorting>
    </section>
  );
}

function Row(
  props: ClassStage & {
    readonly index: number;
    readonly isLast: boolean;
    readonly onMove: (by: -1 | 1) => void;
    readonly onOpen: (isOpen: boolean) => void;
  },
) {
  const { terms } = useHouseVoice();
  const { stage, isOpen, index, isLast, onMove, onOpen } = props;
  const families = EXERCISE_IDS.filter((id) => EXERCISES[id].stage === stage).map((id) =>
    familyName(id, terms),
  );
  const name = stageName(stage, terms);
  const { ref, style, grip } = useSortedRow({ id: stage, name });
  return (
    <li ref={ref} className={styles.row} style={style}>
      {grip}
      <span className={styles.words}>
        <strong>
          {index + 1}. {name}
        </strong>
        <span className={styles.soft}>
          {families.length > 0
            ? families.join(' · ')
            : stage === 'forced-mates'
              ? classesText.puzzlesYourSets
              : classesText.notBuiltYet}
        </span>
      </span>
      <Switch
        size="md"
        label={classesText.open}
        aria-label={classesText.isOpen(name)}
        checked={isOpen}
        onChange={({ currentTarget }) => onOpen(currentTarget.checked)}
      />
      <span className={styles.buttons}>
        <Button
          variant="default"
          mih={44}
          disabled={index === 0}
          aria-label={classesText.moveEarlier(name)}
          onClick={() => onMove(-1)}
        >
          {classesText.earlier}
        </Button>
        <Button
          variant="default"
          mih={44}
          disabled={isLast}
          aria-label={classesText.moveLater(name)}
          onClick={() => onMove(1)}
        >
          {classesText.later}
        </Button>
      </span>
    </li>
  );
}
