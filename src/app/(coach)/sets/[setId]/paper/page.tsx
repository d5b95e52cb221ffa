import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { setIdSchema } from '@/contracts/ids';
import { parseInput } from '@/server/auth/parseInput';
import { listOwnClasses } from '@/server/services/classes';
import { getSetPage } from '@/server/services/sets';
import { countText } from '@/text';
import { SetPaper } from '@/ui/panels/paper/SetPaper';
import { LinkButton } from '../../../../_parts/LinkButton';
import pages from '@/ui/theme/page.module.css';
import { getPageCoach } from '../../../_parts/coachPage';
import * as setsText from '@/text/screens/sets';

export const metadata: Metadata = { title: setsText.paperTitle };

export default async function SetPaperPage({ params }: PageProps<'/sets/[setId]/paper'>) {
  const actor = await getPageCoach();
  const setId = parseInput(setIdSchema, (await params).setId);
  const page = setId.ok ? await getSetPage(actor, setId.value) : setId;
  if (!page.ok) notFound();
  const { name, items } = page.value;
  const groups = await listOwnClasses(actor);
  const date = new Date().toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric' });
  return (
    <>
      <div className={pages.head}>
        <div>
          <h1>{setsText.paper(name)}</h1>
          <span className={pages.soft}>{setsText.paperSummary(countText(items.length, 'task'))}</span>
        </div>
        <LinkButton href={`/sets/${page.value.setId}`} variant="default">
          {setsText.backSet}
        </LinkButton>
      </div>
      {items.length === 0 ? (
        <p className={pages.card}>{setsText.nothingToPrint}</p>
      ) : (
        <SetPaper
          setId={page.value.setId}
          taskCount={items.length}
          hasWords={items.some(({ family }) => family !== 'mate')}
          groups={groups}
          date={date}
        />
      )}
    </>
  );
}
