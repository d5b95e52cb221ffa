import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { answersQuerySchema } from '@/contracts/progress';
import { parseInput } from '@/server/auth/parseInput';
import { listAnswerLines } from '@/server/services/answerLines';
import { AnswerList } from '@/ui/panels/progress/AnswerList';
import { LinkButton } from '../../../../../../_parts/LinkButton';
import pages from '@/ui/theme/page.module.css';
import { getPageCoach } from '../../../../../_parts/coachPage';
import * as classesText from '@/text/screens/classes';

export const metadata: Metadata = { title: classesText.answersChild };

export default async function AnswersOfChildPage({
  params,
  searchParams,
}: PageProps<'/classes/[classId]/children/[studentId]/answers'>) {
  const actor = await getPageCoach();
  const { classId, studentId } = await params;
  const { of: kind, value } = await searchParams;
  const query = parseInput(answersQuerySchema, { classId, studentId, of: { kind, value } });
  const page = query.ok ? await listAnswerLines(actor, query.value) : query;
  if (!page.ok) notFound();
  const { studentName, title, answers, most } = page.value;
  return (
    <>
      <div className={pages.head}>
        <div>
          <h1>{classesText.answersOf(studentName)}</h1>
          <span className={pages.soft}>
            {title}, {answers.length === most ? classesText.newest(most) : classesText.inAll(answers.length)}
          </span>
        </div>
        <LinkButton href={`/classes/${classId}/children/${studentId}`} variant="default">
          {studentName}
        </LinkButton>
      </div>
      <section className={pages.card}>
        <h2>{classesText.newestFirst}</h2>
        <AnswerList answers={answers} />
      </section>
    </>
  );
}
