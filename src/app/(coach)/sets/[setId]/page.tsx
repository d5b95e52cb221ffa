import type { Metadata } from 'next';
import Link from 'next/link';
import { notFound } from 'next/navigation';
import { FILE_FORMATS } from '@/contracts/files';
import { setIdSchema } from '@/contracts/ids';
import { parseInput } from '@/server/auth/parseInput';
import { getSetPage } from '@/server/services/sets';
import { dayText, setProofText, setSummaryText } from '@/text';
import pages from '@/ui/theme/page.module.css';
import { LinkButton } from '../../../_parts/LinkButton';
import { getPageCoach } from '../../_parts/coachPage';
import {
  addHabitAction,
  giveSetAction,
  orderSetAction,
  removePuzzleAction,
  replacePuzzleAction,
} from '../actions';
import { GiveForm } from '@/ui/panels/sets/GiveForm';
import { TaskCards } from '@/ui/panels/sets/TaskCards';
import * as setsText from '@/text/screens/sets';

export const metadata: Metadata = { title: setsText.set };

export default async function SetPage({ params }: PageProps<'/sets/[setId]'>) {
  const actor = await getPageCoach();
  const setId = parseInput(setIdSchema, (await params).setId);
  const page = setId.ok ? await getSetPage(actor, setId.value) : setId;
  if (!page.ok) notFound();
  const { name, items, givenTo, classes, isGiven, version } = page.value;
  return (
    <>
      <div className={pages.head}>
        <div>
          <h1>{name}</h1>
          <span className={pages.soft}>
            {items.length === 0 ? setsText.noTasksYet : `${setSummaryText(items)} ${setProofText(items)}`}
            {isGiven && setsText.versionGiven(version)}
          </span>
        </div>
        <div className={pages.row}>
          <LinkButton href={`/sets/${page.value.setId}/paper`}>{setsText.print}</LinkButton>
          <LinkButton href={`/sets/library?into=${page.value.setId}`} variant="default">
            {setsText.chooseFromLibrary}
          </LinkButton>
          <LinkButton href="/desk" variant="default">
            {setsText.addFromDesk}
          </LinkButton>
          <LinkButton href="/sets/compose" variant="default">
            {setsText.composePuzzles}
          </LinkButton>
          <LinkButton href="/exercises" variant="default">
            {setsText.addExercises}
          </LinkButton>
        </div>
      </div>
      <div className={pages.stack}>
        <section className={pages.card}>
          <h2>{setsText.giveHeading}</h2>
          <GiveForm setId={page.value.setId} classes={classes} items={items} onGive={giveSetAction} />
          {givenTo.length > 0 && (
            <ul className={pages.list} style={{ marginTop: '0.75rem' }}>
              {givenTo.map((given) => (
                <li key={given.assignmentId}>
                  <span>
                    {setsText.version(given.className, given.version)}
                    <time dateTime={given.givenAt}>{dayText(given.givenAt.slice(0, 10))}</time>
                  </span>
                  <Link href={`/answers/${given.assignmentId}`}>{setsText.answers}</Link>
                </li>
              ))}
            </ul>
          )}
        </section>
        {items.length > 0 && (
          <p className={pages.row} style={{ margin: 0 }}>
            {setsText.saveMatesAs}
            {FILE_FORMATS.filter((format) => format !== 'json').map((format) => (
              <a key={format} href={`/files/sets/${page.value.setId}?as=${format}`} download>
                {format.toUpperCase()}
              </a>
            ))}
            {setsText.everyTaskAs}
            <a href={`/files/sets/${page.value.setId}?as=json`} download>
              {setsText.json}
            </a>
          </p>
        )}
        {items.length === 0 ? (
          <p className={pages.card}>{setsText.emptySet}</p>
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
