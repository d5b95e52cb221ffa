'use client';
import { Button, Checkbox, NativeSelect } from '@mantine/core';
import { useState } from 'react';
import type { ClassId, StudentId } from '@/contracts/ids';
import type { NameCard } from '@/contracts/people';
import type { MadeRosterChange } from '@/contracts/terms';
import { rosterChangeText } from '@/text';
import { useSending } from '@/ui/forms/useSending';
import { useRequestId } from '@/ui/forms/useRequestId';
import classes from './Roster.module.css';
import type { ChangeRoster } from './TermTurnPanel';
import { UndoChange, type UndoRosterChange } from './UndoChange';
import * as rosterText from '@/text/screens/roster';

/** Some children of a class go into another one, now. */
export function MoveChildren(props: {
  readonly classId: ClassId;
  readonly students: readonly NameCard[];
  /** Classes they may go to. */
  readonly others: readonly { readonly classId: ClassId; readonly name: string }[];
  readonly onChange: ChangeRoster;
  readonly onUndo: UndoRosterChange;
}) {
  // Those who have gone stay on the list until the dialog is closed, so that taking back finds them.
  const [students] = useState(props.students);
  const [chosen, setChosen] = useState<ReadonlySet<StudentId>>(new Set());
  const [to, setTo] = useState<ClassId | undefined>(props.others[0]?.classId);
  const request = useRequestId();
  const [done, setDone] = useState<MadeRosterChange>();
  const { send, isBusy, error } = useSending();

  async function move() {
    if (to === undefined) return;
    const moves = [...chosen].map((studentId) => ({
      studentId,
      fromClassId: props.classId,
      to: { kind: 'class' as const, classId: to },
    }));
    const sent = await send(() => props.onChange({ requestId: request.idFor(moves), classes: [], moves }));
    if (sent === undefined) return;
    request.done();
    setDone(sent.value);
  }

  if (done !== undefined) {
    return (
      <>
        <p role="status">{rosterText.answersStay(rosterChangeText(done))}</p>
        <UndoChange changeId={done.changeId} onUndo={props.onUndo} onDone={() => setDone(undefined)} />
      </>
    );
  }
  return (
    <>
      <div className={classes.marks}>
        {students.map(({ studentId, name }) => (
          <Checkbox
            key={studentId}
            size="md"
            label={name}
            py={10}
            checked={chosen.has(studentId)}
            onChange={({ currentTarget }) => {
              const next = new Set(chosen);
              if (currentTarget.checked) next.add(studentId);
              else next.delete(studentId);
              setChosen(next);
            }}
          />
        ))}
      </div>
      <div className={classes.fields}>
        <NativeSelect
          label={rosterText.into}
          size="md"
          value={String(to ?? '')}
          data={props.others.map(({ classId, name }) => ({ value: String(classId), label: name }))}
          onChange={({ currentTarget }) => setTo(Number(currentTarget.value) as ClassId)}
        />
        <Button
          size="md"
          mih={44}
          loading={isBusy}
          disabled={chosen.size === 0 || to === undefined}
          onClick={() => void move()}
        >
          {rosterText.move}
        </Button>
      </div>
      <p role="alert" className={classes.said}>
        {error}
      </p>
    </>
  );
}
