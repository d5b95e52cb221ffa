import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import type { AnswerCell } from '@/contracts/attempts';
import { assignmentIdSchema } from '@/contracts/ids';
import { parseInput } from '@/server/auth/parseInput';
import { getAnswersPage } from '@/server/services/answers';
import { getAnswersNews } from '@/server/services/news';
import { countText, dayText, familyName } from '@/text';
import { AutoRefresh } from '../../../_parts/AutoRefresh';
import pages from '@/ui/theme/page.module.css';
import styles from './answers.module.css';
import { getPageCoach } from '../../_parts/coachPage';
import { getClubTerms } from '@/server/services/houseWords';
import * as answersText from '@/text/screens/answers';

export const metadata: Metadata = { title: answersText.answers };

export default async function AnswersPage({ params }: PageProps<'/answers/[assignmentId]'>) {
  const actor = await getPageCoach();
  const id = parseInput(assignmentIdSchema, (await params).assignmentId);
  // Before the page: what comes in meanwhile is news.
  const news = id.ok ? await getAnswersNews(actor, id.value) : id;
  const page = id.ok ? await getAnswersPage(actor, id.value) : id;
  const terms = await getClubTerms(actor);
  if (!id.ok || !page.ok || !news.ok) notFound();
  const { className, setName, givenAt, puzzles, rows } = page.value;
  return (
    <>
      <AutoRefresh address={`/api/news/answers/${id.value}`} cursor={news.value.cursor} />
      <div className={pages.head}>
        <div>
          <h1>{setName}</h1>
          <span className={pages.soft}>
            {answersText.setAndClass(className, dayText(givenAt.slice(0, 10)))}
          </span>
        </div>
        <span className={pages.soft}>{answersText.howToReadACell}</span>
      </div>
      <div className={pages.tableWrap} tabIndex={0} role="region" aria-label={answersText.tableLabel}>
        <table className={pages.table}>
          <thead>
            <tr>
              <th scope="col">{answersText.child}</th>
              <th scope="col">{answersText.solvedHeading}</th>
              {puzzles.map(({ taskId, family, mateInMoves }, index) => (
                <th scope="col" key={taskId}>
                  {index + 1}
                  <br />
                  <span className={pages.soft} style={{ fontWeight: 400 }}>
                    {mateInMoves === undefined ? familyName(family, terms) : answersText.mateIn(mateInMoves)}
                  </span>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map(({ studentId, studentName, cells }) => (
              <tr key={studentId}>
                <th scope="row">{studentName}</th>
                <td>
                  {answersText.solvedOf(
                    cells.filter((cell) => cell === 'climbed' || cell?.isSolved).length,
                    puzzles.length,
                  )}
                </td>
                {cells.map((cell, index) => (
                  <CellView key={puzzles[index]?.taskId ?? index} cell={cell} />
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {rows.length === 0 && <p>{answersText.noChildren}</p>}
    </>
  );
}

function CellView({ cell }: { cell: AnswerCell | 'climbed' | undefined }) {
  if (cell === 'climbed') return <td className={styles.solved}>{answersText.climbedBefore}</td>;
  if (cell === undefined) return <td className={pages.soft}>{answersText.notTried}</td>;
  return (
    <td className={cell.isSolved ? styles.solved : styles.open}>
      <strong>{cell.isSolved ? answersText.solved : answersText.open}</strong>
      {cell.hints > 0 && `, ${countText(cell.hints, 'hint')}`}
      {cell.wasShown && answersText.solutionShown}
      <br />
      {countText(cell.tries, 'try')}, {timeWords(cell.spentMs)}
      <br />
      {cell.firstWrong !== undefined && answersText.firstWrong(cell.firstWrong)}
    </td>
  );
}

/** "0:45", "12:03". */
function timeWords(spentMs: number): string {
  const seconds = Math.round(spentMs / 1000);
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
}
