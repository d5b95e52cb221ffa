/** A reload in the middle of any exercise: what the child had made stands there again. */
import { act, fireEvent, screen } from '@testing-library/react';
import { playByKeys, renderUi } from '../../../tests/support/renderUi';
import { makeSquareName } from '@/core/board';
import { composeExercise } from '@/core/compose';
import { EXERCISE_IDS, listLevels, openExercise, type Exercise, type ExerciseTask } from '@/core/exercises';
import { getMove } from '@/core/notation';
import { dropDraft, openDraft } from '@/ui/device';
import { ExercisePlayer } from './ExercisePlayer';
import { readPlace, writePlace } from './seatPlace';
import { asWritten } from '@/text';

const KEY = 'vorschule-draft-test';

beforeEach(() => {
  window.localStorage.clear();
  jest.useFakeTimers();
});
afterEach(() => jest.useRealTimers());

const settle = () => act(() => jest.advanceTimersByTimeAsync(1000));
const pressSquare = (square: number) => {
  const cell = document.querySelector(`[data-square="${square}"]`);
  if (cell === null) throw new Error(makeSquareName(square));
  fireEvent.keyDown(cell, { key: 'Enter' });
};

function open(task: ExerciseTask) {
  return renderUi(
    <ExercisePlayer
      task={task}
      next={asWritten('Next one')}
      onNext={() => undefined}
      draft={openDraft(window.localStorage, KEY)}
    />,
  );
}

/** A part of an answer, not always a right one. */
function begin({ ask, solution, scene }: Exercise): void {
  if (ask.kind === 'play' && solution.kind === 'play') {
    const [first] = solution.moves;
    if (first === undefined) throw new Error('a solution has a move');
    const { from, to } = getMove(first);
    if (ask.rules === 'line') [from, to].forEach(pressSquare);
    else if (ask.rules === 'way') pressSquare(to);
    // One move is the whole answer: there is no half of it.
    else if (solution.moves.length > 1) playByKeys(makeSquareName(from), makeSquareName(to));
  } else if (ask.kind === 'tap' && solution.kind === 'tap') {
    if (ask.labels.length > 0) fireEvent.click(screen.getAllByRole('radio').at(-1) ?? document.body);
    pressSquare(solution.marks[0]?.square ?? 0);
    pressSquare(63 - (solution.marks[0]?.square ?? 0));
  } else if (ask.kind === 'place') {
    fireEvent.click(screen.getAllByRole('button', { pressed: false })[0] ?? document.body);
    pressSquare(scene.board.findIndex((man) => man === undefined));
    // Nothing is in hand after a reload.
    fireEvent.click(screen.getAllByRole('button', { pressed: true })[0] ?? document.body);
  } else if (ask.kind === 'write') {
    const field = screen.getByLabelText('Your answer');
    fireEvent.change(field, { target: { value: 'Nf3' } });
    // A sheet goes on to its next move.
    if (ask.form === 'sheet') fireEvent.keyDown(field, { key: 'Enter' });
  } else if (ask.kind === 'number') {
    fireEvent.change(screen.getByLabelText('Your number'), { target: { value: String(ask.least + 1) } });
  } else {
    const [first, second] = screen.getAllByRole(
      /radio|checkbox/.exec(document.body.innerHTML)?.[0] ?? 'radio',
    );
    for (const choice of [second, first]) if (choice !== undefined) fireEvent.click(choice);
  }
}

/** What is on the screen, but for names that are made anew each time, the order of attributes, and where the focus was. */
const picture = ({ container }: { readonly container: HTMLElement }) =>
  container.innerHTML
    .replaceAll(/(mantine-)?_r_[a-z0-9]+_|mantine-[a-z0-9]{6,}/g, '')
    .replaceAll(/ (tabindex="-?\d"|data-disabled="true")/g, '')
    .replaceAll(/( [\w-]+="[^"]*")+/g, (attributes) =>
      (attributes.match(/ [\w-]+="[^"]*"/g) ?? []).sort().join(''),
    );

test.each(EXERCISE_IDS)(
  '%s: a half-made answer with open help stands there again after a reload',
  async (family) => {
    const levels = listLevels(family);
    const task = composeExercise(family, levels[Math.floor(levels.length / 2)] ?? 1, 41);
    const exercise = openExercise(task);
    const before = open(task);
    begin(exercise);
    await settle();
    fireEvent.click(screen.queryByRole('button', { name: 'Help' }) ?? document.body);
    const made = picture(before);
    before.unmount();
    expect(picture(open(task))).toBe(made);
  },
);

test.each(EXERCISE_IDS)(
  '%s: the verdict on an answer stands there again, and is no second answer',
  (family) => {
    const task = composeExercise(family, 1, 43);
    const exercise = openExercise(task);
    const before = open(task);
    begin(exercise);
    const done = screen.queryByRole('button', { name: 'Done' });
    // What is played on the board has no button: a wrong end begins again before the wrong move.
    if (done === null || done.hasAttribute('disabled')) return;
    fireEvent.click(done);
    const judged = picture(before);
    before.unmount();
    const heard: unknown[] = [];
    const after = renderUi(
      <ExercisePlayer
        task={task}
        next={asWritten('Next one')}
        onNext={() => undefined}
        onAnswer={(answer) => heard.push(answer)}
        draft={openDraft(window.localStorage, KEY)}
      />,
    );
    expect(picture(after)).toBe(judged);
    expect(heard).toEqual([]);
  },
);

test.each(['not json', '[]', '{"men":"none","marks":[{"square":99}],"help":-1,"judged":{"kind":"x"}}'])(
  'a spoiled store (%s) is nothing to go on with',
  (text) => {
    const task = composeExercise('set-up', 1, 3);
    const fresh = open(task);
    const empty = picture(fresh);
    fresh.unmount();
    window.localStorage.setItem(KEY, text);
    expect(picture(open(task))).toBe(empty);
  },
);

test('what is dropped is gone; a store that takes nothing costs the draft alone', () => {
  const draft = openDraft(window.localStorage, KEY);
  draft.write('text', 'e4');
  expect(openDraft(window.localStorage, KEY).read('text')).toBe('e4');
  dropDraft(window.localStorage, KEY);
  expect(openDraft(window.localStorage, KEY).read('text')).toBeUndefined();
  const refuse = () => {
    throw new Error('QuotaExceededError');
  };
  const full = { getItem: () => null, setItem: refuse, removeItem: refuse };
  const kept = openDraft(full, KEY);
  kept.write('text', 'e4');
  expect(kept.read('text')).toBe('e4');
  expect(() => dropDraft(full, KEY)).not.toThrow();
});

describe('the place in a round', () => {
  test('is read as it was written', () => {
    const place = { taskId: 7, solved: [3], stumbled: [3, 7] };
    writePlace(window.localStorage, KEY, place);
    expect(readPlace(window.localStorage, KEY)).toEqual(place);
  });

  test.each([null, 'not json', '{"taskId":"x"}'])('%s is nothing to go on with', (text) => {
    expect(readPlace({ getItem: () => text }, KEY)).toBeUndefined();
  });
});
