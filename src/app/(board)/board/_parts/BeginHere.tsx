'use client';
import { useRouter } from 'next/navigation';
import { BeginLesson } from '@/ui/panels/live/BeginLesson';
import { LinkButton } from '../../../_parts/LinkButton';
import pages from '@/ui/theme/page.module.css';
import { beginLiveAction } from '../actions';
import * as liveText from '@/text/screens/live';

/** The board of a class at which nothing runs. */
export function BeginHere(props: {
  readonly classId: number;
  readonly className: string;
  readonly mayTeach: boolean;
}) {
  const { classId, className, mayTeach } = props;
  const router = useRouter();
  return (
    <main className={pages.page}>
      <h1>{liveText.noLessonOf(className)}</h1>
      <div className={pages.row}>
        {mayTeach && (
          <BeginLesson
            classId={classId}
            label={liveText.beginWithEmptyBoard}
            onBegin={beginLiveAction}
            onBegun={() => router.refresh()}
          />
        )}
        <LinkButton href={`/classes/${classId}/lessons`} variant="default">
          {liveText.chooseLesson}
        </LinkButton>
      </div>
    </main>
  );
}
