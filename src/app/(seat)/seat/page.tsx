import type { Metadata, Route } from 'next';
import type { SeatHome } from '@/contracts/attempts';
import { SEAT_ROUTES } from '@/contracts/seatRoutes';
import { getSeatTerms } from '@/server/services/houseWords';
import { getSeatNews } from '@/server/services/live';
import { getPlaceNews } from '@/server/services/news';
import { getSeatHome } from '@/server/services/seat';
import { LeaveButton, UnsentCard } from '@/ui/offline';
import { SchemeButton } from '@/ui/theme/SchemeButton';
import { leaveSeat } from '../../(public)/join/actions';
import { AutoRefresh } from '../../_parts/AutoRefresh';
import { SeatLink } from '../_parts/SeatLink';
import pages from '@/ui/theme/page.module.css';
import { getPageStudent } from '../_parts/seatPage';
import styles from './home.module.css';
import * as seatPagesText from '@/text/screens/seatPages';

export const metadata: Metadata = { title: seatPagesText.myPlace };

type SeatAssignment = SeatHome['assignments'][number];

/** The child's home: one next thing, the rest below it in order. */
export default async function SeatHomePage() {
  const actor = await getPageStudent();
  // Before the page: what comes meanwhile is news.
  const { cursor } = await getPlaceNews(actor);
  const [home, { isLive }, terms] = await Promise.all([
    getSeatHome(actor),
    getSeatNews(actor),
    getSeatTerms(actor),
  ]);
  const open = home.assignments.filter(({ solvedCount, puzzleCount }) => solvedCount < puzzleCount);
  const done = home.assignments.filter(({ solvedCount, puzzleCount }) => solvedCount >= puzzleCount);
  const first = isLive ? undefined : open[0];
  return (
    <div className={pages.seatPage}>
      <div className={pages.head}>
        <h1>{seatPagesText.hello(home.studentName)}</h1>
        <div className={pages.row}>
          <SchemeButton />
          <LeaveButton studentId={actor.studentId} leave={leaveSeat} />
        </div>
      </div>
      <AutoRefresh address={SEAT_ROUTES.place.path} cursor={cursor} />
      <UnsentCard studentId={actor.studentId} />
      <section className={styles.next} aria-label={seatPagesText.yourNextThing}>
        {isLive ? (
          <NextThing
            title={seatPagesText.classAtBoard}
            href="/seat/lesson"
            action={seatPagesText.goToTheBoard}
          />
        ) : first !== undefined ? (
          <NextThing
            title={first.setName}
            note={solvedText(first)}
            href={`/seat/${first.assignmentId}`}
            action={first.solvedCount === 0 ? seatPagesText.start : seatPagesText.goOn}
          />
        ) : (
          <NextThing
            title={done.length > 0 ? seatPagesText.allYourTasksDone : seatPagesText.noTasksFromYour}
            note={seatPagesText.keepGoingYourPath}
            href="/seat/path"
            action={seatPagesText.myPath}
          />
        )}
      </section>
      <ul className={styles.rest}>
        {(isLive || first !== undefined) && (
          <Row title={seatPagesText.myPath} href="/seat/path" action={seatPagesText.openAction} />
        )}
        {open
          .filter((assignment) => assignment !== first)
          .map((assignment) => (
            <AssignmentRow
              key={assignment.assignmentId}
              assignment={assignment}
              action={seatPagesText.openAction}
            />
          ))}
        <Row
          title={seatPagesText.pawnsOnly(terms)}
          note={seatPagesText.pawnsOnlyHelp(terms)}
          href="/seat/pawns"
          action={seatPagesText.playAction}
        />
        {done.map((assignment) => (
          <AssignmentRow
            key={assignment.assignmentId}
            assignment={assignment}
            action={seatPagesText.lookAgain}
          />
        ))}
      </ul>
    </div>
  );
}

const solvedText = ({ solvedCount, puzzleCount }: SeatAssignment) =>
  seatPagesText.solvedOf(solvedCount, puzzleCount);

interface Thing<Path extends string> {
  readonly title: string;
  readonly note?: string;
  readonly href: Route<Path>;
  readonly action: string;
}

function NextThing<Path extends string>({ title, note, href, action }: Thing<Path>) {
  return (
    <>
      <div role="status">
        <h2>{title}</h2>
      </div>
      {note !== undefined && <p className={pages.soft}>{note}</p>}
      <SeatLink href={href} size="huge" says={seatPagesText.actionOf(action, title)}>
        {action}
      </SeatLink>
    </>
  );
}

function Row<Path extends string>({ title, note, href, action }: Thing<Path>) {
  return (
    <li className={styles.row}>
      <span>
        <strong>{title}</strong>
        {note !== undefined && <span className={pages.soft}>{note}</span>}
      </span>
      <SeatLink href={href} variant="default" says={seatPagesText.actionOf(action, title)}>
        {action}
      </SeatLink>
    </li>
  );
}

function AssignmentRow({
  assignment,
  action,
}: {
  readonly assignment: SeatAssignment;
  readonly action: string;
}) {
  return (
    <Row
      title={assignment.setName}
      note={solvedText(assignment)}
      href={`/seat/${assignment.assignmentId}`}
      action={action}
    />
  );
}
