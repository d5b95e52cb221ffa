import type { Metadata } from 'next';
import { Stationery } from '@/ui/panels/paper/Stationery';
import { LinkButton } from '../../../_parts/LinkButton';
import pages from '@/ui/theme/page.module.css';
import { getPageCoach } from '../../_parts/coachPage';
import * as setsText from '@/text/screens/sets';

export const metadata: Metadata = { title: setsText.boardsCards };

export default async function StationeryPage() {
  await getPageCoach();
  return (
    <>
      <div className={pages.head}>
        <div>
          <h1>{setsText.boardsCards}</h1>
          <span className={pages.soft}>{setsText.paperHelp}</span>
        </div>
        <LinkButton href="/sets" variant="default">
          {setsText.allSets}
        </LinkButton>
      </div>
      <Stationery />
    </>
  );
}
