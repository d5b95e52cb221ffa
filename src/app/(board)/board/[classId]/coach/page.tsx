import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { classIdSchema } from '@/contracts/ids';
import { parseInput } from '@/server/auth/parseInput';
import { getBoardPage } from '@/server/services/live';
import { CoachWindow } from '@/ui/panels/live/CoachWindow';
import { HouseWordsProvider } from '@/ui/words';
import { getPageCoach } from '../../../../(coach)/_parts/coachPage';
import * as liveText from '@/text/screens/live';

export const metadata: Metadata = { title: liveText.besideBoard };

export default async function CoachWindowPage({ params }: PageProps<'/board/[classId]/coach'>) {
  const actor = await getPageCoach();
  const classId = parseInput(classIdSchema, (await params).classId);
  const page = classId.ok ? await getBoardPage(actor, classId.value) : classId;
  if (!page.ok) notFound();
  return (
    <main>
      <HouseWordsProvider spoken={page.value.spoken}>
        <CoachWindow page={page.value} />
      </HouseWordsProvider>
    </main>
  );
}
