import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { classIdSchema } from '@/contracts/ids';
import { parseInput } from '@/server/auth/parseInput';
import { getBoardPage } from '@/server/services/live';
import { HouseWordsProvider } from '@/ui/words';
import { getPageCoach } from '../../../(coach)/_parts/coachPage';
import { BoardView } from '../_parts/BoardView';
import { BeginHere } from '../_parts/BeginHere';
import * as liveText from '@/text/screens/live';

export const metadata: Metadata = { title: liveText.pageTitle };

export default async function BigBoardPage({ params }: PageProps<'/board/[classId]'>) {
  const actor = await getPageCoach();
  const classId = parseInput(classIdSchema, (await params).classId);
  const page = classId.ok ? await getBoardPage(actor, classId.value) : classId;
  if (!page.ok) notFound();
  const { live, mayTeach } = page.value;
  return live !== undefined && mayTeach ? (
    <HouseWordsProvider spoken={page.value.spoken}>
      <BoardView page={{ ...page.value, live }} />
    </HouseWordsProvider>
  ) : (
    <BeginHere classId={page.value.classId} className={page.value.className} mayTeach={mayTeach} />
  );
}
