import type { AnswerLine } from '@/contracts/progress';
import { countText, dayText } from '@/text';
import classes from './Progress.module.css';
import * as progressText from '@/text/screens/progress';

/** Stored answers, one a line. */
export function AnswerList({ answers }: { readonly answers: readonly AnswerLine[] }) {
  if (answers.length === 0) return <p className={classes.soft}>{progressText.noSuchAnswer}</p>;
  return (
    <ul className={classes.lines}>
      {answers.map(({ attemptId, answeredAt, className, tryNumber, isRight, hints, text }) => (
        <li key={attemptId}>
          <span>
            <strong>{isRight ? progressText.right : progressText.notRight}</strong>
            {tryNumber > 1 && progressText.tryOf(tryNumber)}
            {hints > 0 && progressText.withHelp(countText(hints, 'step'))}: {text}
          </span>
          <span className={classes.soft}>
            {dayText(answeredAt.slice(0, 10))}, {className}
          </span>
        </li>
      ))}
    </ul>
  );
}
