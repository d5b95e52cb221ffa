/**
 * The recipe of CONTRIBUTING holds: a family is its three files. One that is in no registry is composed, asked in the words of a house,
 * helped with, judged and shown, and no screen had to hear of it.
 */
import { fireEvent, screen } from '@testing-library/react';
import { composeCountPawns } from '../../../tests/support/newFamily/composer';
import { countPawnsFamily } from '../../../tests/support/newFamily/family';
import { words } from '../../../tests/support/newFamily/words';
import { renderUi } from '../../../tests/support/renderUi';
import { EXERCISE_IDS } from '@/core/exercises';
import { createRandom } from '@/core/shared';
import { asWritten, makeTerms, noteText } from '@/text';
import { AnswerPlayer } from './AnswerPlayer';

const terms = makeTerms([
  { term: 'pawn', one: 'footman', many: 'footmen' },
  { term: 'rank', one: 'row' },
]);
const VALUES = { pawn: 1, knight: 3, bishop: 3, rook: 5, queen: 9, king: 0 } as const;

test('a family of three files is asked, answered and judged', () => {
  expect(EXERCISE_IDS).not.toContain(countPawnsFamily.id);
  const task = composeCountPawns(createRandom(7), 1, VALUES);
  const exercise = countPawnsFamily.open(task);
  const right = countPawnsFamily.solution(task).value;
  const heard: boolean[] = [];
  renderUi(
    <AnswerPlayer
      exercise={exercise}
      words={words(terms)}
      next={asWritten('Next one')}
      onAnswer={(_, isRight) => heard.push(isRight)}
      onNext={() => undefined}
    />,
  );
  expect(screen.getByRole('heading')).toHaveTextContent('How many footmen are on the board?');
  fireEvent.click(screen.getByRole('button', { name: 'Help' }));
  expect(screen.getByRole('status')).toHaveTextContent('Go along each row and count.');
  const answer = (value: number) => {
    fireEvent.change(screen.getByLabelText('Your number'), { target: { value: String(value) } });
    fireEvent.click(screen.getByRole('button', { name: 'Done' }));
  };
  answer(right + 1);
  expect(screen.getByRole('status')).toHaveTextContent('Not yet.That is too many.');
  answer(right);
  expect(screen.getByRole('status')).toHaveTextContent('Yes, that is right.');
  expect(heard).toEqual([false, true]);
});

test('it says a note that no other family has', () => {
  const task = { fen: '4k3/8/8/8/8/8/PPP5/R3K3 w - - 0 1' };
  const { notes } = countPawnsFamily.judge(task, { kind: 'number', value: 6 });
  expect(notes.map((note) => noteText(words(terms), note, countPawnsFamily.scene(task)))).toEqual([
    'Count the footmen only. 3 others are on the board.',
  ]);
});
