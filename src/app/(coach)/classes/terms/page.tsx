import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { listGone } from '@/server/services/records';
import { listOwnRosterChanges } from '@/server/services/rosterChanges';
import { listOwnTerms } from '@/server/services/terms';
import { countText, dayText, rosterChangeText } from '@/text';
import { EraseChild } from '@/ui/panels/roster/EraseChild';
import { TermForm } from '@/ui/panels/roster/TermForm';
import { TermRow } from '@/ui/panels/roster/TermRow';
import { UndoChange } from '@/ui/panels/roster/UndoChange';
import { LinkButton } from '../../../_parts/LinkButton';
import pages from '@/ui/theme/page.module.css';
import { getPageCoach } from '../../_parts/coachPage';
import { addTermAction, eraseStudentAction, saveTermAction, undoRosterChangeAction } from '../actions';
import * as classesText from '@/text/screens/classes';

export const metadata: Metadata = { title: classesText.terms };

export default async function TermsPage() {
  const actor = await getPageCoach();
  if (!actor.isLead) notFound();
  const [terms, changes, gone] = await Promise.all([
    listOwnTerms(actor),
    listOwnRosterChanges(actor),
    listGone(actor),
  ]);
  return (
    <>
      <div className={pages.head}>
        <div>
          <h1>{classesText.terms}</h1>
          <span className={pages.soft}>{classesText.turnHelp}</span>
        </div>
        <LinkButton href="/classes" variant="default">
          {classesText.classes}
        </LinkButton>
      </div>
      <div className={pages.stack}>
        <section className={pages.card}>
          <ul className={pages.list}>
            {terms.map(({ isCurrent, isOpen, classes, ...term }) => (
              <li key={term.termId}>
                <TermRow term={term} onSave={saveTermAction}>
                  <span style={{ flex: 1 }}>
                    <strong>{term.name}</strong> {isCurrent && classesText.currentTerm}
                    <br />
                    <span className={pages.soft}>
                      {classesText.termSpan(
                        dayText(term.startsOn),
                        dayText(term.endsOn),
                        countText(classes.length, 'class'),
                      )}
                    </span>
                  </span>
                  {isOpen && (
                    <LinkButton href={`/classes/terms/${term.termId}`} variant="default">
                      {classesText.moveClassesInto}
                    </LinkButton>
                  )}
                </TermRow>
              </li>
            ))}
          </ul>
        </section>
        <section className={pages.card}>
          <h2>{classesText.newTerm}</h2>
          <TermForm button={classesText.addTerm} onSend={addTermAction} />
        </section>
        {gone.length > 0 && (
          <section className={pages.card}>
            <h2>{classesText.awayTwoTerms}</h2>
            <p className={pages.soft} style={{ marginTop: 0 }}>
              {classesText.awayTwoTermsHelp}
            </p>
            <ul className={pages.list}>
              {gone.map(({ studentId, name, lastDay }) => (
                <li key={studentId}>
                  <span>
                    <strong>{name}</strong>
                    <br />
                    <span className={pages.soft}>{classesText.wasHereUntil(dayText(lastDay))}</span>
                  </span>
                  <EraseChild studentId={studentId} name={name} onErase={eraseStudentAction} />
                </li>
              ))}
            </ul>
          </section>
        )}
        <section className={pages.card}>
          <h2>{classesText.recentMoves}</h2>
          {changes.length === 0 && (
            <p className={pages.soft} style={{ margin: 0 }}>
              {classesText.nobodyYet}
            </p>
          )}
          <ul className={pages.list}>
            {changes.map((change) => (
              <li key={change.changeId}>
                <span>
                  {rosterChangeText(change)}
                  <br />
                  <span className={pages.soft}>
                    {dayText(change.madeAt.slice(0, 10))}, {change.coachName}
                  </span>
                </span>
                <span className={pages.row}>
                  {change.mayUndo ? (
                    <UndoChange changeId={change.changeId} onUndo={undoRosterChangeAction} />
                  ) : (
                    <span className={pages.soft}>{classesText.usedSince}</span>
                  )}
                </span>
              </li>
            ))}
          </ul>
        </section>
      </div>
    </>
  );
}
