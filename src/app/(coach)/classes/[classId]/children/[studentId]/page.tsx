import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { childSchema } from '@/contracts/records';
import { parseInput } from '@/server/auth/parseInput';
import { getChildPage } from '@/server/services/records';
import { countText, dayText } from '@/text';
import { ChildStoryPanel } from '@/ui/panels/progress/ChildStoryPanel';
import { ProgressPanel } from '@/ui/panels/progress/ProgressPanel';
import { LinkButton } from '../../../../../_parts/LinkButton';
import pages from '@/ui/theme/page.module.css';
import { getPageCoach } from '../../../../_parts/coachPage';
import { eraseStudentAction } from '../../../actions';
import { EraseHere } from './_parts/EraseHere';
import * as classesText from '@/text/screens/classes';

export const metadata: Metadata = { title: classesText.child };

export default async function ChildPage({ params }: PageProps<'/classes/[classId]/children/[studentId]'>) {
  const actor = await getPageCoach();
  const child = parseInput(childSchema, await params);
  const page = child.ok ? await getChildPage(actor, child.value) : child;
  if (!page.ok) notFound();
  const { studentId, name, classId, className, enrolments, mayErase } = page.value;
  return (
    <>
      <div className={pages.head}>
        <div>
          <h1>{name}</h1>
          <span className={pages.soft}>{className}</span>
        </div>
        <LinkButton href={`/classes/${classId}`} variant="default">
          {classesText.theClass}
        </LinkButton>
      </div>
      <div className={pages.columns}>
        <div className={pages.stack}>
          <section className={pages.card}>
            <h2>{classesText.whatCanDo(name)}</h2>
            <ProgressPanel
              name={name}
              progress={page.value.progress}
              topicsAt={`/classes/${classId}/children/${studentId}/topics`}
            />
          </section>
          <ChildStoryPanel
            name={name}
            story={page.value.story}
            answersAt={`/classes/${classId}/children/${studentId}/answers`}
          />
        </div>
        <div className={pages.stack}>
          <section className={pages.card}>
            <h2>{classesText.classesSoFar}</h2>
            <ul className={pages.list}>
              {enrolments.map((one) => (
                <li key={`${one.classId} ${one.startsOn}`}>
                  <span>
                    <strong>{one.className}</strong>, {one.termName}
                  </span>
                  <span className={pages.soft}>
                    {classesText.fromUntil(
                      dayText(one.startsOn),
                      one.endsOn === undefined ? 'now' : dayText(one.endsOn),
                    )}
                  </span>
                </li>
              ))}
            </ul>
          </section>
          <section className={pages.card}>
            <h2>{classesText.storedData}</h2>
            <ul className={pages.list}>
              {listStored(page.value).map((line) => (
                <li key={line}>{line}</li>
              ))}
            </ul>
          </section>
          <section className={pages.card}>
            <h2>{classesText.record}</h2>
            <p className={pages.soft} style={{ marginTop: 0 }}>
              {classesText.recordHelp(name)}
            </p>
            <div className={pages.row}>
              <a href={`/files/records?classId=${classId}&studentId=${studentId}`} download>
                {classesText.saveRecordAsJson}
              </a>
              <a
                href={`/print/reports?what=record&classId=${classId}&studentId=${studentId}`}
                target="_blank"
                rel="noreferrer"
              >
                {classesText.openRecordAsPdf}
              </a>
            </div>
          </section>
          {mayErase && (
            <section className={pages.card}>
              <h2>{classesText.erase}</h2>
              <EraseHere studentId={studentId} name={name} classId={classId} onErase={eraseStudentAction} />
            </section>
          )}
        </div>
      </div>
    </>
  );
}

function listStored(child: {
  readonly answerCount: number;
  readonly firstAnswerAt: string | undefined;
  readonly hereCount: number;
  readonly awayCount: number;
  readonly gameCount: number;
}): string[] {
  const { answerCount, firstAnswerAt, hereCount, awayCount, gameCount } = child;
  return [
    firstAnswerAt === undefined
      ? classesText.noAnswerYet
      : classesText.since(countText(answerCount, 'answer'), dayText(firstAnswerAt.slice(0, 10))),
    classesText.hereAway(countText(hereCount, 'lesson'), awayCount),
    countText(gameCount, 'game'),
  ];
}
