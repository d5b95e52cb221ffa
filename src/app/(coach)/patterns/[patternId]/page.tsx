import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { isPatternId } from '@/core/patterns';
import { PATTERN_NAMES } from '@/text';
import { listOwnPuzzlesOfPattern } from '@/server/services/patterns';
import { PatternPage } from '@/ui/panels/patterns';
import { LinkButton } from '../../../_parts/LinkButton';
import pages from '@/ui/theme/page.module.css';
import { getPageCoach } from '../../_parts/coachPage';
import * as patternsText from '@/text/screens/patterns';

export async function generateMetadata({ params }: PageProps<'/patterns/[patternId]'>): Promise<Metadata> {
  const { patternId } = await params;
  return { title: isPatternId(patternId) ? PATTERN_NAMES[patternId] : patternsText.namedMates };
}

/** One named mate of the pattern book. */
export default async function OnePatternPage({ params }: PageProps<'/patterns/[patternId]'>) {
  const actor = await getPageCoach();
  const { patternId } = await params;
  if (!isPatternId(patternId)) notFound();
  return (
    <>
      <div className={pages.head}>
        <h1>{PATTERN_NAMES[patternId]}</h1>
        <LinkButton href="/patterns" variant="default">
          {patternsText.allNamedMates}
        </LinkButton>
      </div>
      <PatternPage id={patternId} puzzles={await listOwnPuzzlesOfPattern(actor, patternId)} />
    </>
  );
}
