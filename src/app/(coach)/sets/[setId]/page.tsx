import type { Metadata } from 'next';
import Link from 'next/link';
import { notFound } from 'next/navigation';
import { setIdSchema } from '@/contracts/ids';
import { parseInput } from '@/server/auth/access';
import { getSetPage } from '@/server/services/sets';
import { countWords } from '@/text';
import styles from '../../../_parts/pages.module.css';
import { LinkButton } from '../../../_parts/LinkButton';
import { getPageCoach } from '../../_parts/coachPage';
import { giveSetAction, removePuzzleAction } from '../actions';
import { GiveForm } from './_parts/GiveForm';
import { PuzzleCards } from './_parts/PuzzleCards';

export const metadata: Metadata = { title: 'Set' };

export default async function SetPage({ params }: PageProps<'/sets/[setId]'>) {
  const actor = await getPageCoach();
  const setId = parseInput(setIdSchema, (await params).setId);
  const page = setId.ok ? await getSetPage(actor, setId.value) : setId;
  if (!page.ok) notFound();
  const { name, puzzles, givenTo, classes, isGiven, version } = page.value;
  return (
    <>
      <div className={styles.head}>
        <div>
          <h1>{name}</h1>
          <span className={styles.soft}>
            {countWords(puzzles.length, 'puzzle')}, every mate proved.
            {isGiven && ` Version ${version} has been given; a change starts version ${version + 1}.`}
          </span>
        </div>
        <LinkButton href="/desk" variant="default">
          Add from the Desk
        </LinkButton>
      </div>
      <div className={styles.stack}>
        <section className={styles.card}>
          <h2>Give to a class</h2>
          <GiveForm
            setId={page.value.setId}
            classes={classes}
            isEmpty={puzzles.length === 0}
            onGive={giveSetAction}
          />
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
        {puzzles.length === 0 ? (
          <p className={styles.card}>
            This set is empty. Set up a position on the Desk, prove its mate, and add it here.
          </p>
        ) : (
          <PuzzleCards setId={page.value.setId} puzzles={puzzles} onRemove={removePuzzleAction} />
        )}
      </div>
    </>
  );
}
