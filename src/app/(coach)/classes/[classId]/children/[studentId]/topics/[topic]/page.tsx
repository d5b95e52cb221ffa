import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { topicQuerySchema } from '@/contracts/progress';
import { parseInput } from '@/server/auth/parseInput';
import { listTopicAnswers } from '@/server/services/progress';
import { getClubTerms } from '@/server/services/houseWords';
import { masteryText, topicText } from '@/text';
import { AnswerList } from '@/ui/panels/progress/AnswerList';
import { LinkButton } from '../../../../../../../_parts/LinkButton';
import pages from '@/ui/theme/page.module.css';
import { getPageCoach } from '../../../../../../_parts/coachPage';
import * as classesText from '@/text/screens/classes';

export const metadata: Metadata = { title: classesText.answersTopic };

export default async function TopicPage({
  params,
}: PageProps<'/classes/[classId]/children/[studentId]/topics/[topic]'>) {
  const actor = await getPageCoach();
  const { classId, studentId, topic } = await params;
  const query = parseInput(topicQuerySchema, { classId, studentId, topic: decodeURIComponent(topic) });
  const page = query.ok ? await listTopicAnswers(actor, query.value) : query;
  if (!page.ok) notFound();
  const { studentName, answers } = page.value;
  const terms = await getClubTerms(actor);
  return (
    <>
      <div className={pages.head}>
        <div>
          <h1>
            {topicText(page.value.topic, terms)}: {studentName}
          </h1>
          <span className={pages.soft}>{classesText.newestWeighMost(masteryText(page.value))}</span>
        </div>
        <LinkButton href={`/classes/${classId}/children/${studentId}`} variant="default">
          {studentName}
        </LinkButton>
      </div>
      <section className={pages.card}>
        <h2>{classesText.answersBehindFigure}</h2>
        <AnswerList answers={answers} />
      </section>
    </>
  );
}
