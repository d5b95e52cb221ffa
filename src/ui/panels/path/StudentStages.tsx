'use client';
import { NativeSelect } from '@mantine/core';
import { useState } from 'react';
import type { ServiceFault } from '@/contracts/faults';
import type { ClassPathPage } from '@/contracts/paths';
import { EXERCISE_IDS, EXERCISES, type Stage } from '@/core/exercises';
import type { Result } from '@/core/shared';
import { stageName } from '@/text';
import { useSending } from '@/ui/forms/useSending';
import pages from '@/ui/theme/page.module.css';
import { useHouseVoice } from '@/ui/words';
import * as classesText from '@/text/screens/classes';
import * as commonText from '@/text/screens/common';

type Students = ClassPathPage['students'];
/** As for the class, or open or closed for this child alone. */
type Said = 'class' | 'open' | 'closed';

/** Stages that are open or closed for one child, whatever holds for the others; each choice is saved at once. */
export function StudentStages(props: {
  readonly classId: number;
  readonly stages: ClassPathPage['stages'];
  readonly students: Students;
  readonly onSave: (input: {
    classId: number;
    studentId: number;
    stage: Stage;
    isOpen?: boolean;
  }) => Promise<Result<undefined, ServiceFault>>;
}) {
  const { terms } = useHouseVoice();
  const { classId, stages, onSave } = props;
  const [students, setStudents] = useState(props.students);
  const [chosenId, setChosenId] = useState(String(props.students[0]?.studentId ?? ''));
  const { send, isBusy, status } = useSending();
  const chosen = students.find(({ studentId }) => String(studentId) === chosenId);
  if (chosen === undefined) return null;
  const built = stages.filter(({ stage }) => EXERCISE_IDS.some((id) => EXERCISES[id].stage === stage));
  const saidOf = (stage: Stage): Said => {
    const own = chosen.stages.find((one) => one.stage === stage);
    return own === undefined ? 'class' : own.isOpen ? 'open' : 'closed';
  };

  async function save(stage: Stage, value: Said) {
    const before = students;
    const { studentId } = chosen ?? { studentId: 0 };
    const others = (chosen?.stages ?? []).filter((one) => one.stage !== stage);
    const own = value === 'class' ? others : [...others, { stage, isOpen: value === 'open' }];
    setStudents(students.map((one) => (one === chosen ? { ...one, stages: own } : one)));
    const changed = { classId, studentId, stage };
    const saved = await send(
      () => onSave(value === 'class' ? changed : { ...changed, isOpen: value === 'open' }),
      () => commonText.saved,
    );
    // What is shown is what is stored.
    if (saved === undefined) setStudents(before);
  }

  return (
    <section className={pages.card} style={{ marginTop: '1.5rem' }} aria-label={classesText.oneChild}>
      <h2>{classesText.oneChild}</h2>
      <NativeSelect
        label={classesText.child}
        size="md"
        maw="20rem"
        value={chosenId}
        onChange={(event) => setChosenId(event.currentTarget.value)}
        data={students.map(({ studentId, name, stages: own }) => ({
          value: String(studentId),
          label: own.length === 0 ? name : classesText.different(name, own.length),
        }))}
      />
      <div
        style={{
          display: 'grid',
          gridTemplateColumns: 'repeat(auto-fill, minmax(15rem, 1fr))',
          gap: '0.75rem',
          marginTop: '1rem',
        }}
      >
        {built.map(({ stage, isOpen }) => (
          <NativeSelect
            key={stage}
            label={stageName(stage, terms)}
            size="md"
            disabled={isBusy}
            value={saidOf(stage)}
            onChange={(event) => void save(stage, event.currentTarget.value as Said)}
            data={[
              {
                value: 'class',
                label: classesText.sameAsClass(classesText.STAGE_WORDS[isOpen ? 'open' : 'closed']),
              },
              { value: 'open', label: classesText.openChild },
              { value: 'closed', label: classesText.closedChild },
            ]}
          />
        ))}
      </div>
      <p role="status" style={{ minHeight: '1.5em', margin: '0.5rem 0 0' }}>
        {status}
      </p>
    </section>
  );
}
