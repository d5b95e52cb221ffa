'use client';
import { Button, NativeSelect, TextInput } from '@mantine/core';
import type { Route } from 'next';
import Link from 'next/link';
import { useState, type ReactNode } from 'react';
import type { ServiceFault } from '@/contracts/faults';
import type { EmailId } from '@/contracts/ids';
import type { NewEmail, ReportsPage } from '@/contracts/reports';
import type { Result } from '@/core/shared';
import { listWords, stageName } from '@/text';
import { NamesCaution } from '@/ui/forms/NamesCaution';
import { useSending } from '@/ui/forms/useSending';
import { useRequestId } from '@/ui/forms/useRequestId';
import { PaperSelect } from '@/ui/panels/paper/PaperFields';
import { useHouseVoice } from '@/ui/words';
import classes from './Reports.module.css';
import * as reportsText from '@/text/screens/reports';

type WriteMail = (input: NewEmail) => Promise<Result<EmailId, ServiceFault>>;

/** Reports and certificates of a class, as PDF or into the outbox; all of it waits for the caution to be read. */
export function ReportsPanel({ page, onEmail }: { readonly page: ReportsPage; readonly onEmail: WriteMail }) {
  const [isRead, setIsRead] = useState(false);
  const { classId, className, students } = page;
  if (students.length === 0) return <p className={classes.soft}>{reportsText.noChildNow(className)}</p>;
  return (
    <div className={classes.parts}>
      <NamesCaution isRead={isRead} onRead={setIsRead} />
      <div className={classes.pair}>
        <Sheet
          title={reportsText.reportsChildren}
          text={reportsText.childReportsHelp}
          what="children"
          classId={classId}
          isReady={isRead}
        >
          <StudentSelect students={students} all={reportsText.allChildren} />
        </Sheet>
        <Sheet
          title={reportsText.reportClass}
          text={reportsText.classReportHelp}
          what="class"
          classId={classId}
          isReady={isRead}
        />
        <Certificates page={page} isReady={isRead} />
        <EmailForm page={page} isReady={isRead} onEmail={onEmail} />
      </div>
    </div>
  );
}

function StudentSelect(props: { readonly students: ReportsPage['students']; readonly all: string }) {
  return (
    <NativeSelect
      label={reportsText.forLabel}
      name="studentId"
      size="md"
      data={[
        { value: '', label: props.all },
        ...props.students.map(({ studentId, name }) => ({ value: String(studentId), label: name })),
      ]}
    />
  );
}

/** The form's address is the PDF, so that the browser can show, save and print it. */
function Sheet(props: {
  readonly title: string;
  readonly text: string;
  readonly what: string;
  readonly classId: number;
  readonly isReady: boolean;
  readonly children?: ReactNode;
}) {
  return (
    <form className={classes.part} action="/print/reports" target="_blank">
      <h2>{props.title}</h2>
      <p className={classes.soft}>{props.text}</p>
      <input type="hidden" name="what" value={props.what} />
      <input type="hidden" name="classId" value={props.classId} />
      {props.children}
      <PaperSelect />
      <Button type="submit" size="md" mih={44} disabled={!props.isReady}>
        {reportsText.makePdf}
      </Button>
    </form>
  );
}

function Certificates({
  page: { classId, stages },
  isReady,
}: {
  readonly page: ReportsPage;
  readonly isReady: boolean;
}) {
  const { terms } = useHouseVoice();
  const [chosen, setChosen] = useState<string>(stages[0]?.stage ?? '');
  const named = stages.find(({ stage }) => stage === chosen)?.names ?? [];
  if (stages.length === 0)
    return (
      <section className={classes.part}>
        <h2>{reportsText.certificates}</h2>
        <p className={classes.soft}>{reportsText.noneMastered}</p>
      </section>
    );
  return (
    <Sheet
      title={reportsText.certificates}
      text={reportsText.certificatesHelp}
      what="certificates"
      classId={classId}
      isReady={isReady}
    >
      <NativeSelect
        label={reportsText.stage}
        name="stage"
        size="md"
        value={chosen}
        data={stages.map(({ stage }) => ({ value: stage, label: stageName(stage, terms) }))}
        onChange={({ currentTarget }) => setChosen(currentTarget.value)}
      />
      <p>{reportsText.forList(listWords(named))}</p>
    </Sheet>
  );
}

function EmailForm(props: {
  readonly page: ReportsPage;
  readonly isReady: boolean;
  readonly onEmail: WriteMail;
}) {
  const { classId, students } = props.page;
  const { send, isBusy, error } = useSending();
  const [to, setTo] = useState('');
  const [studentId, setStudentId] = useState('');
  const request = useRequestId();
  const [written, setWritten] = useState<EmailId>();

  async function write(): Promise<void> {
    const student = students.find((one) => String(one.studentId) === studentId);
    const asked = { classId, studentId: student?.studentId, to };
    const sent = await send(() => props.onEmail({ requestId: request.idFor(asked), ...asked }));
    if (sent === undefined) return;
    setWritten(sent.value);
    request.done();
  }
  return (
    <form
      className={classes.part}
      onSubmit={(event) => {
        event.preventDefault();
        void write();
      }}
    >
      <h2>{reportsText.intoOutbox}</h2>
      <p className={classes.soft}>{reportsText.emailHelp}</p>
      <NativeSelect
        label={reportsText.report}
        size="md"
        value={studentId}
        data={[
          { value: '', label: reportsText.ofClassToCoach },
          ...students.map((one) => ({ value: String(one.studentId), label: reportsText.ofChild(one.name) })),
        ]}
        onChange={({ currentTarget }) => setStudentId(currentTarget.value)}
      />
      <TextInput
        label={reportsText.toLabel}
        type="email"
        size="md"
        required
        value={to}
        error={error === '' ? undefined : error}
        errorProps={{ role: 'alert' }}
        onChange={({ currentTarget }) => setTo(currentTarget.value)}
      />
      <Button type="submit" size="md" mih={44} loading={isBusy} disabled={!props.isReady}>
        {reportsText.writeEmail}
      </Button>
      <p role="status">
        {written !== undefined && (
          <>
            {reportsText.outbox}
            <Link href={`/club/outbox/${written}` as Route}>{reportsText.lookAt}</Link>.
          </>
        )}
      </p>
    </form>
  );
}
