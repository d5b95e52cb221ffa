import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { termIdSchema } from '@/contracts/ids';
import { parseInput } from '@/server/auth/parseInput';
import { getTermTurn } from '@/server/services/terms';
import { TermTurnPanel } from '@/ui/panels/roster/TermTurnPanel';
import { LinkButton } from '../../../../_parts/LinkButton';
import pages from '@/ui/theme/page.module.css';
import { getPageCoach } from '../../../_parts/coachPage';
import { changeRosterAction, undoRosterChangeAction } from '../../actions';
import * as classesText from '@/text/screens/classes';

export const metadata: Metadata = { title: classesText.intoNextTerm };

export default async function TermTurnPage({ params }: PageProps<'/classes/terms/[termId]'>) {
  const actor = await getPageCoach();
  const termId = parseInput(termIdSchema, (await params).termId);
  const turn = termId.ok ? await getTermTurn(actor, termId.value) : termId;
  if (!turn.ok) notFound();
  return (
    <>
      <div className={pages.head}>
        <div>
          <h1>{classesText.into(turn.value.term.name)}</h1>
          <span className={pages.soft}>{classesText.nothingMovesYet}</span>
        </div>
        <LinkButton href="/classes/terms" variant="default">
          {classesText.terms}
        </LinkButton>
      </div>
      <TermTurnPanel turn={turn.value} onChange={changeRosterAction} onUndo={undoRosterChangeAction} />
    </>
  );
}
