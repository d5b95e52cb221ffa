import type { Metadata } from 'next';
import { listOwnClubPatterns } from '@/server/services/clubPatterns';
import { ClubMates, PatternWall } from '@/ui/panels/patterns';
import pages from '@/ui/theme/page.module.css';
import { getPageCoach } from '../_parts/coachPage';
import { removeClubPatternAction } from './actions';
import * as patternsText from '@/text/screens/patterns';

export const metadata: Metadata = { title: patternsText.namedMates };

export default async function PatternsPage() {
  const ours = await listOwnClubPatterns(await getPageCoach());
  return (
    <>
      <div className={pages.head}>
        <div>
          <h1>{patternsText.namedMates}</h1>
          <span className={pages.soft}>{patternsText.mateHelp}</span>
        </div>
      </div>
      <PatternWall />
      <ClubMates patterns={ours} onRemove={removeClubPatternAction} />
    </>
  );
}
