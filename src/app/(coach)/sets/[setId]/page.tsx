import type { Metadata } from 'next';
import Link from 'next/link';
import { notFound } from 'next/navigation';
import { FILE_FORMATS } from '@/contracts/files';
import { setIdSchema } from '@/contracts/ids';
import { parseInput } from '@/server/auth/parseInput';
import { getSetPage } from '@/server/services/sets';
import { setProofText, setSummaryText } from '@/text';
import styles from '../../../_parts/pages.module.css';
import { LinkButton } from '../../../_parts/LinkButton';
import { getPageCoach } from '../../_parts/coachPage';
import {
  addHabitAction,
  giveSetAction,
  orderSetAction,
  removePuzzleAction,
  replacePuzzleAction,
} from '../actions';
import { GiveForm } from './_parts/GiveForm';
import { TaskCards } from './_parts/TaskCards';

export const metadata: Metadata = { title: 'Set' };

export default async function SetPage({ params }: PageProps<'/sets/[setId]'>) {
  const actor = await getPageCoach();
  const setId = parseInput(setIdSchema, (await params).setId);
  const page = setId.ok ? await getSetPage(actor, setId.value) : setId;
  if (!page.ok) notFound();
  const { name, items, givenTo, classes, isGiven, version } = page.value;
  return (
    <>
      <div className={styles.head}>
        <div>
          <h1>{name}</h1>
          <span className={styles.soft}>
            {items.length === 0 ? 'No tasks yet.' : `${setSummaryText(items)} ${setProofText(items)}`}
            {isGiven && ` Version ${version} has been given; a change starts version ${version + 1}.`}
          </span>
        </div>
        <div className={styles.row}>
          <LinkButton href={`/sets/${page.value.setId}/paper`}>Print</LinkButton>
          <LinkButton href={`/sets/library?into=${page.value.setId}`} variant="default">
            Choose from the library
          </LinkButton>
          <LinkButton href="/desk" variant="default">
            Add from the Desk
          </LinkButton>
          <LinkButton href="/sets/compose" variant="default">
            Compose puzzles
          </LinkButton>
          <LinkButton href="/exercises" variant="default">
            Add exercises
          </LinkButton>
        </div>
      </div>
      <div className={styles.stack}>
        <section className={styles.card}>
          <h2>Give to a class</h2>
          <GiveForm setId={page.value.setId} classes={classes} items={items} onGive={giveSetAction} />
          {givenTo.length > 0 && (
            <ul className={styles.list} style={{ marginTop: '0.75rem' }}>
              {givenTo.map((given) => (
                <li key={given.assignmentId}>
                  <span>
                    {given.className}, version {given.version},{' '}
                    <time dateTime={given.givenAt}>{given.givenAt.slice(0, 10)}</time>
                  </span>
                  <Link href={`/answers/${given.assignmentId}`}>Answers</Link>
                </li>
              ))}
            </ul>
          )}
        </section>
        {items.length > 0 && (
          <p className={styles.row} style={{ margin: 0 }}>
            Save the mates as
            {FILE_FORMATS.filter((format) => format !== 'json').map((format) => (
              <a key={format} href={`/files/sets/${page.value.setId}?as=${format}`} download>
                {format.toUpperCase()}
              </a>
            ))}
            or every task as
            <a href={`/files/sets/${page.value.setId}?as=json`} download>
              JSON
            </a>
          </p>
        )}
        {items.length === 0 ? (
          <p className={styles.card}>
            This set is empty. Prove a mate on the Desk or choose an exercise, and add it here.
          </p>
        ) : (
          <TaskCards
            setId={page.value.setId}
            items={items}
            onRemove={removePuzzleAction}
            onOrder={orderSetAction}
            onHabit={addHabitAction}
            onReplace={replacePuzzleAction}
          />
        )}
      </div>
    </>
  );
}
