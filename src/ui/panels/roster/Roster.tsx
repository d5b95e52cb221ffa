'use client';
import { Button, Modal } from '@mantine/core';
import Link from 'next/link';
import { useState } from 'react';
import { MOST_LETTERS } from '@/contracts/bounds';
import type { ServiceFault } from '@/contracts/faults';
import type { ClassId, StudentId } from '@/contracts/ids';
import type { KeyPicture, NameCard } from '@/contracts/people';
import type { Result } from '@/core/shared';
import { NAMES_FILE_CAUTION } from '@/text';
import { KeyCard } from '@/ui/forms/KeyCard';
import { NameForm } from '@/ui/forms/NameForm';
import { useSending } from '@/ui/forms/useSending';
import { MoveChildren } from './MoveChildren';
import type { ChangeRoster } from './TermTurnPanel';
import type { UndoRosterChange } from './UndoChange';
import pages from '@/ui/theme/page.module.css';
import * as classesText from '@/text/screens/classes';
import * as commonText from '@/text/screens/common';

export interface RosterActions {
  readonly add: (input: {
    requestId: string;
    classId: number;
    name: string;
  }) => Promise<Result<{ name: string; key: readonly KeyPicture[] }, ServiceFault>>;
  readonly rename: (input: {
    classId: number;
    studentId: number;
    name: string;
  }) => Promise<Result<undefined, ServiceFault>>;
  readonly remove: (input: {
    classId: number;
    studentId: number;
  }) => Promise<Result<undefined, ServiceFault>>;
  readonly change: ChangeRoster;
  readonly undo: UndoRosterChange;
  readonly unlock: (input: {
    classId: number;
    studentId: number;
  }) => Promise<Result<undefined, ServiceFault>>;
  readonly newKey: (input: {
    classId: number;
    studentId: number;
  }) => Promise<Result<readonly KeyPicture[], ServiceFault>>;
}

/** What the one dialog of the roster shows. */
type Dialog =
  | { readonly kind: 'move' }
  | { readonly kind: 'key'; readonly name: string; readonly key: readonly KeyPicture[] }
  | { readonly kind: 'rename' | 'remove' | 'new-key'; readonly student: NameCard };

export function Roster(props: {
  readonly classId: ClassId;
  readonly students: readonly NameCard[];
  /** Children whose pictures are refused for a while. */
  readonly lockedIds: readonly StudentId[];
  /** An assistant gives keys, unlocks a child and changes nothing else. */
  readonly mayChange: boolean;
  /** Classes of the same term to which children may be moved. */
  readonly others: readonly { readonly classId: ClassId; readonly name: string }[];
  readonly actions: RosterActions;
}) {
  const { classId, students, lockedIds, mayChange, others, actions } = props;
  const unlocking = useSending();
  const [dialog, setDialog] = useState<Dialog | undefined>();
  const close = () => setDialog(undefined);
  return (
    <>
      {mayChange && (
        <>
          <NameForm
            label={classesText.addChildHelp}
            button={commonText.add}
            maxLength={MOST_LETTERS.nickname}
            onName={(input) => actions.add({ ...input, classId })}
            onDone={({ name, key }) => setDialog({ kind: 'key', name, key })}
          />
          <div className={pages.row} style={{ marginTop: '0.6rem' }}>
            <Link href={`/classes/${classId}/import`}>{classesText.childrenFromList}</Link>
            <a href={`/files/roster?classId=${classId}`} download>
              {classesText.saveRoster}
            </a>
            {students.length > 0 && others.length > 0 && (
              <Button variant="default" size="md" mih={44} onClick={() => setDialog({ kind: 'move' })}>
                {classesText.moveChildren}
              </Button>
            )}
          </div>
          <p className={pages.soft} style={{ margin: '0.25rem 0 0' }}>
            {NAMES_FILE_CAUTION}
          </p>
        </>
      )}
      {students.length === 0 && <p className={pages.soft}>{classesText.noChildrenYet}</p>}
      <ul className={pages.list} style={{ marginTop: '0.75rem' }}>
        {students.map((student) => (
          <li key={student.studentId}>
            <span>
              <Link href={`/classes/${classId}/children/${student.studentId}`}>
                <strong style={{ fontSize: '1.0625rem' }}>{student.name}</strong>
              </Link>
              {lockedIds.includes(student.studentId) && (
                <>
                  <br />
                  <span className={pages.soft}>{classesText.locked}</span>
                </>
              )}
            </span>
            <span className={pages.row} style={{ gap: 0 }}>
              {lockedIds.includes(student.studentId) && (
                <RowButton
                  text={classesText.unlock}
                  student={student}
                  onPress={() =>
                    void unlocking.send(() => actions.unlock(rosterKey(classId, student.studentId)))
                  }
                />
              )}
              {mayChange && (
                <RowButton
                  text={classesText.rename}
                  student={student}
                  onPress={() => setDialog({ kind: 'rename', student })}
                />
              )}
              <RowButton
                text={classesText.newKey}
                student={student}
                onPress={() => setDialog({ kind: 'new-key', student })}
              />
              {mayChange && (
                <RowButton
                  text={classesText.remove}
                  student={student}
                  onPress={() => setDialog({ kind: 'remove', student })}
                />
              )}
            </span>
          </li>
        ))}
      </ul>
      <p role="alert" style={{ margin: 0 }}>
        {unlocking.error}
      </p>
      <Modal
        opened={dialog !== undefined}
        onClose={close}
        title={dialog && titleOf(dialog)}
        size="md"
        closeButtonProps={{ 'aria-label': commonText.close, size: 44 }}
      >
        {dialog?.kind === 'key' && (
          <>
            <KeyCard pictures={dialog.key} />
            <p>{classesText.writePicturesDown(dialog.name)}</p>
            <Button onClick={close}>{classesText.done}</Button>
          </>
        )}
        {dialog?.kind === 'move' && (
          <MoveChildren
            classId={classId}
            students={students}
            others={others}
            onChange={actions.change}
            onUndo={actions.undo}
          />
        )}
        {dialog?.kind === 'rename' && (
          <NameForm
            label={classesText.newNickname}
            button={commonText.rename}
            maxLength={MOST_LETTERS.nickname}
            initial={dialog.student.name}
            onName={({ name }) => actions.rename({ classId, studentId: dialog.student.studentId, name })}
            onDone={close}
          />
        )}
        {dialog?.kind === 'remove' && (
          <Confirm
            text={classesText.removeWarning(dialog.student.name)}
            button={classesText.removeFromClass}
            run={() => actions.remove(rosterKey(classId, dialog.student.studentId))}
            onDone={close}
            onBack={close}
          />
        )}
        {dialog?.kind === 'new-key' && (
          <Confirm
            text={classesText.newKeyWarning(dialog.student.name)}
            button={classesText.makeNewKey}
            run={() => actions.newKey(rosterKey(classId, dialog.student.studentId))}
            onDone={(key) => setDialog({ kind: 'key', name: dialog.student.name, key })}
            onBack={close}
          />
        )}
      </Modal>
    </>
  );
}

function rosterKey(classId: ClassId, studentId: StudentId) {
  return { classId, studentId };
}

function titleOf(dialog: Dialog): string {
  switch (dialog.kind) {
    case 'move':
      return classesText.moveChildren;
    case 'key':
      return classesText.keyHeading(dialog.name);
    case 'rename':
      return classesText.renameHeading(dialog.student.name);
    case 'remove':
      return classesText.removeHeading(dialog.student.name);
    case 'new-key':
      return classesText.newKeyHeading(dialog.student.name);
  }
}

function RowButton(props: {
  readonly text: string;
  readonly student: NameCard;
  readonly onPress: () => void;
}) {
  return (
    <Button
      variant="subtle"
      color={props.text === 'Remove' ? 'clay' : 'pine'}
      px="xs"
      aria-label={classesText.deedFor(props.text, props.student.name)}
      onClick={props.onPress}
    >
      {props.text}
    </Button>
  );
}

function Confirm<Value>(props: {
  readonly text: string;
  readonly button: string;
  readonly run: () => Promise<Result<Value, ServiceFault>>;
  readonly onDone: (value: Value) => void;
  readonly onBack: () => void;
}) {
  const { text, button, run, onDone, onBack } = props;
  const { send, isBusy, error } = useSending();

  async function press() {
    const done = await send(run);
    if (done !== undefined) onDone(done.value);
  }

  return (
    <>
      <p style={{ marginTop: 0 }}>{text}</p>
      <p role="alert">{error}</p>
      <div className={pages.row}>
        <Button loading={isBusy} onClick={() => void press()}>
          {button}
        </Button>
        <Button variant="default" onClick={onBack}>
          {commonText.cancel}
        </Button>
      </div>
    </>
  );
}
