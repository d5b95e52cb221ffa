import type { Metadata } from 'next';
import Link from 'next/link';
import { MOST_LETTERS } from '@/contracts/bounds';
import type { TermSummary } from '@/contracts/terms';
import { listOwnTerms } from '@/server/services/terms';
import { countText, dayText, NAMES_FILE_CAUTION } from '@/text';
import { NameForm } from '@/ui/forms/NameForm';
import { LinkButton } from '../../_parts/LinkButton';
import pages from '@/ui/theme/page.module.css';
import { getPageCoach } from '../_parts/coachPage';
import { addClassAction } from './actions';
import * as classesText from '@/text/screens/classes';

export const metadata: Metadata = { title: classesText.classes };

export default async function ClassesPage() {
  const actor = await getPageCoach();
  const terms = await listOwnTerms(actor);
  const current = terms.find(({ isCurrent }) => isCurrent);
  const others = terms.filter((term) => term !== current && term.classes.length > 0);
  return (
    <>
      <div className={pages.head}>
        <div>
          <h1>{classesText.classes}</h1>
          {current !== undefined && <span className={pages.soft}>{tellTerm(current)}</span>}
        </div>
        <NameForm
          label={classesText.nameNewClass}
          button={classesText.makeClass}
          maxLength={MOST_LETTERS.name}
          onName={addClassAction}
        />
      </div>
      {current?.classes.length === 0 && <p className={pages.card}>{classesText.noClassThisTerm}</p>}
      {current !== undefined && <ClassCards term={current} />}
      <div className={pages.row} style={{ margin: '1rem 0' }}>
        {actor.isLead && (
          <LinkButton href="/classes/terms" variant="default">
            {classesText.terms}
          </LinkButton>
        )}
        <a href="/files/roster" download>
          {classesText.saveRosterAsCsv}
        </a>
        <span className={pages.soft}>{NAMES_FILE_CAUTION}</span>
      </div>
      {others.map((term) => (
        <section key={term.termId} style={{ marginTop: '1.5rem' }}>
          <h2 style={{ margin: '0 0 0.25rem' }}>{term.name}</h2>
          <p className={pages.soft} style={{ margin: '0 0 0.5rem' }}>
            {tellDays(term)}
          </p>
          <ClassCards term={term} />
        </section>
      ))}
    </>
  );
}

const tellDays = ({ startsOn, endsOn }: TermSummary) =>
  classesText.fromTo(dayText(startsOn), dayText(endsOn));
const tellTerm = (term: TermSummary) => `${term.name}, ${tellDays(term)}`;

function ClassCards({ term }: { readonly term: TermSummary }) {
  return (
    <ul className={pages.cards}>
      {term.classes.map(({ classId, name, level, studentCount, everCount, joinCode }) => (
        <li key={classId}>
          <Link href={`/classes/${classId}`} className={`${pages.card} ${pages.cardLink}`}>
            <h2>{name}</h2>
            <span className={pages.soft}>
              {term.isCurrent || studentCount > 0
                ? countText(studentCount, 'child')
                : classesText.childrenWereHere(everCount)}
              {level !== undefined && classesText.level(level)}
            </span>
            {(term.isCurrent || studentCount > 0) && (
              <>
                <br />
                {classesText.classCode}
                <strong>{joinCode}</strong>
              </>
            )}
          </Link>
        </li>
      ))}
    </ul>
  );
}
