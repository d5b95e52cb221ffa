import type { Metadata } from 'next';
import { TryExercises } from '@/ui/panels/exercises/TryExercises';
import styles from '../../_parts/pages.module.css';
import { getPageCoach } from '../_parts/coachPage';

export const metadata: Metadata = { title: 'Exercises' };

export default async function ExercisesPage() {
  await getPageCoach();
  return (
    <>
      <div className={styles.head}>
        <div>
          <h1>Exercises</h1>
          <span className={styles.soft}>
            Try any exercise as a child sees it. Every task is made fresh and judged by the rules.
          </span>
        </div>
      </div>
      <TryExercises />
    </>
  );
}
