/** Lists that are read in, children that move, terms that begin: what happens stands there before it does, and a lost answer does nothing twice. */
import { act, fireEvent, screen, within } from '@testing-library/react';
import { renderUi } from '../../../../tests/support/renderUi';
import type { ServiceFault } from '@/contracts/faults';
import type { ClassId, CoachId, RosterChangeId, StudentId, TermId } from '@/contracts/ids';
import type { ClassCoach, NewCoach } from '@/contracts/people';
import type { ReadRoster } from '@/contracts/roster';
import type { MadeRosterChange, RosterChange, TermTurn } from '@/contracts/terms';
import { failure, success, type Result } from '@/core/shared';
import { ClassCoaches } from './ClassCoaches';
import { CoachList } from './CoachList';
import { EraseChild } from './EraseChild';
import { MoveChildren } from './MoveChildren';
import { RosterImport } from './RosterImport';
import { TermForm } from './TermForm';
import { TermTurnPanel } from './TermTurnPanel';

type Answer<Value> = Result<Value, ServiceFault> | 'away';

/** Gives its answers in their order, the last one again and again. */
function makeServer<Input, Value>(...answers: readonly Answer<Value>[]) {
  const asked: Input[] = [];
  const call = (input: Input): Promise<Result<Value, ServiceFault>> => {
    const answer = answers[Math.min(asked.length, answers.length - 1)];
    asked.push(input);
    return answer === undefined || answer === 'away'
      ? Promise.reject(new Error('away'))
      : Promise.resolve(answer);
  };
  return { asked, call };
}

const press = (name: string | RegExp) =>
  act(() => Promise.resolve(fireEvent.click(screen.getByRole('button', { name }))));
const write = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });

const READ: ReadRoster = {
  rows: [
    { line: 2, name: 'Moss', fault: undefined },
    { line: 3, name: 'Tansy', fault: undefined },
    { line: 4, name: 'Pip', fault: 'in-class' },
    { line: 5, name: '', fault: 'no-name' },
  ],
  leftOut: ['birthday', 'phone'],
};

const never = () => Promise.reject(new Error('nobody asked for this'));

describe('a list of children', () => {
  const open = (...added: readonly Answer<readonly { name: string; key: readonly 'sun'[] }[]>[]) => {
    const read = makeServer<{ classId: number; text: string }, ReadRoster>(success(READ));
    const add = makeServer<
      { requestId: string; classId: number; names: readonly string[] },
      readonly { name: string; key: readonly 'sun'[] }[]
    >(...added);
    renderUi(<RosterImport classId={4 as ClassId} actions={{ read: read.call, add: add.call }} />);
    return { read, add };
  };
  const readList = async () => {
    write('Paste a list, one child per line', 'name\nMoss\nTansy\nPip\n,');
    await press('Read the list');
  };

  test('bad rows are told with their line and reason, the rest is offered', async () => {
    const { read } = open(success([]));
    expect(screen.getByRole('button', { name: 'Read the list' })).toBeDisabled();
    await readList();
    expect(read.asked).toEqual([{ classId: 4, text: 'name\nMoss\nTansy\nPip\n,' }]);
    expect(screen.getByRole('status')).toHaveTextContent(
      '4 rows read, 2 not offered. Left out: birthday and phone.',
    );
    expect(screen.getByRole('row', { name: '4 Pip is in the class already' })).toBeInTheDocument();
    expect(screen.getByRole('row', { name: '5 no name' })).toBeInTheDocument();
    expect(screen.getAllByRole('checkbox', { checked: true })).toHaveLength(2);
  });

  test('only those that are wanted are added, and their keys shown once', async () => {
    const { add } = open(success([{ name: 'Tansy', key: ['sun', 'sun', 'sun'] }]));
    await readList();
    fireEvent.click(screen.getByRole('checkbox', { name: 'Moss' }));
    await press('Add 1 child');
    expect(add.asked).toMatchObject([{ classId: 4, names: ['Tansy'] }]);
    expect(screen.getByRole('heading', { name: 'Tansy' })).toBeInTheDocument();
    expect(screen.getByText(/Write the keys down now/)).toBeInTheDocument();
    expect(screen.getByLabelText('Paste a list, one child per line')).toHaveValue('');
  });

  test('a second try is the same request, another list is another one', async () => {
    const { add } = open('away');
    await readList();
    await press('Add 2 children');
    expect(screen.getByRole('alert')).toHaveTextContent('The server did not answer. Try again.');
    await press('Add 2 children');
    fireEvent.click(screen.getByRole('checkbox', { name: 'Moss' }));
    await press('Add 1 child');
    const ids = add.asked.map(({ requestId }) => requestId);
    expect(ids[0]).toBe(ids[1]);
    expect(ids[2]).not.toBe(ids[1]);
  });
});

const MADE: MadeRosterChange = { changeId: 31 as RosterChangeId, moved: 1, left: 0, made: 0 };
const CHILDREN = ['Fern', 'Otter'].map((name, index) => ({ studentId: (index + 1) as StudentId, name }));

describe('children who move', () => {
  const open = (...answers: readonly Answer<MadeRosterChange>[]) => {
    const change = makeServer<RosterChange, MadeRosterChange>(...answers);
    const undo = makeServer<{ readonly changeId: number }, undefined>(success(undefined));
    renderUi(
      <MoveChildren
        classId={4 as ClassId}
        students={CHILDREN}
        others={[
          { classId: 5 as ClassId, name: 'Harbour class' },
          { classId: 6 as ClassId, name: 'Tidepool class' },
        ]}
        onChange={change.call}
        onUndo={undo.call}
      />,
    );
    return { change, undo };
  };

  test('the chosen ones go where they are sent, and can be taken back', async () => {
    const { change, undo } = open(success(MADE));
    expect(screen.getByRole('button', { name: 'Move' })).toBeDisabled();
    fireEvent.click(screen.getByRole('checkbox', { name: 'Otter' }));
    write('Into', '6');
    await press('Move');
    expect(change.asked).toMatchObject([
      { classes: [], moves: [{ studentId: 2, fromClassId: 4, to: { kind: 'class', classId: 6 } }] },
    ]);
    expect(screen.getByRole('status')).toHaveTextContent('1 child moved. Their answers stay with them.');
    await press('Undo');
    expect(undo.asked).toEqual([{ changeId: 31 }]);
    expect(screen.getByRole('checkbox', { name: 'Otter' })).toBeInTheDocument();
    // Moved again, it is a new change.
    await press('Move');
    expect(change.asked[1]?.requestId).not.toBe(change.asked[0]?.requestId);
  });

  test('after a lost answer another choice is another request', async () => {
    const { change } = open('away');
    fireEvent.click(screen.getByRole('checkbox', { name: 'Otter' }));
    await press('Move');
    await press('Move');
    fireEvent.click(screen.getByRole('checkbox', { name: 'Fern' }));
    await press('Move');
    const ids = change.asked.map(({ requestId }) => requestId);
    expect(ids[0]).toBe(ids[1]);
    expect(ids[2]).not.toBe(ids[1]);
  });
});

describe('a term that begins', () => {
  const group = (classId: number, name: string, children: readonly string[]) => ({
    classId: classId as ClassId,
    termId: 1 as TermId,
    termName: 'Outward term',
    name,
    level: 2 as const,
    joinCode: 'X',
    studentCount: children.length,
    everCount: children.length,
    students: children.map((child, index) => ({
      studentId: (classId * 10 + index) as StudentId,
      name: child,
    })),
  });
  const TURN: TermTurn = {
    term: { termId: 2 as TermId, name: 'Homeward term', startsOn: '2027-01-11', endsOn: '2027-06-25' },
    from: [group(1, 'Lantern class', ['Fern', 'Otter']), group(2, 'Harbour class', ['Quill'])],
    into: [],
  };
  const open = (turn = TURN, ...answers: readonly Answer<MadeRosterChange>[]) => {
    const change = makeServer<RosterChange, MadeRosterChange>(...answers);
    renderUi(
      <TermTurnPanel turn={turn} onChange={change.call} onUndo={() => Promise.resolve(success(undefined))} />,
    );
    return change;
  };
  const begin = () => press('Begin Homeward term');

  test('at first every class goes on; what happens stands beside the button', async () => {
    const change = open(TURN, success({ ...MADE, moved: 3, made: 2 }));
    expect(screen.getByRole('status')).toHaveTextContent('2 classes, 3 children.');
    await begin();
    expect(change.asked).toMatchObject([{ termId: 2, classes: [{ heirOf: 1 }, { heirOf: 2 }] }]);
    expect(screen.getByRole('status')).toHaveTextContent(
      'Homeward term has begun: 2 classes made and 3 children moved.',
    );
    expect(screen.getByRole('button', { name: 'Undo' })).toBeInTheDocument();
  });

  test('two classes become one; one child goes its own way', async () => {
    const change = open(TURN, success(MADE));
    write('Move all of Harbour class to', 'new:1');
    expect(screen.getByText('no child moves there, so it is not created')).toBeInTheDocument();
    write('Otter goes to', 'leaves');
    expect(screen.getByRole('status')).toHaveTextContent('1 class, 2 children; 1 child leaves.');
    await begin();
    expect(change.asked[0]?.moves.map(({ studentId, to }) => [studentId, to])).toEqual([
      [10, { kind: 'new', key: '1' }],
      [11, { kind: 'leaves' }],
      [20, { kind: 'new', key: '1' }],
    ]);
  });

  test('a class without a name cannot be made, and says so', async () => {
    open(TURN, success(MADE));
    await press('Add a class');
    const key = within(screen.getByLabelText('Fern goes to')).getByRole<HTMLOptionElement>('option', {
      name: 'a class without a name yet',
    }).value;
    write('Fern goes to', key);
    expect(screen.getByRole('status')).toHaveTextContent('A class has no name yet.');
    expect(screen.getByRole('button', { name: 'Begin Homeward term' })).toBeDisabled();
    write('Name of class 3', 'Tidepool class');
    expect(screen.getByRole('status')).toHaveTextContent('3 classes, 3 children.');
  });

  test('a refusal and a lost answer leave all that was chosen as it was', async () => {
    const change = open(TURN, failure({ code: 'access/not-allowed' }), 'away', success(MADE));
    write('Otter goes to', 'leaves');
    for (let tries = 0; tries < 2; tries += 1) {
      await begin();
      expect(screen.getByRole('alert')).not.toBeEmptyDOMElement();
      expect(screen.getByLabelText('Otter goes to')).toHaveValue('leaves');
    }
    await begin();
    expect(new Set(change.asked.map(({ requestId }) => requestId)).size).toBe(1);
  });

  test('where nobody is left of an earlier term there is nothing to take over', () => {
    open({ ...TURN, from: [] }, success(MADE));
    expect(screen.getByText('No class of an earlier term has children in it any more.')).toBeInTheDocument();
  });
});

test('a child is erased only when its name is typed as it is', async () => {
  const erase = makeServer<{ readonly studentId: StudentId; readonly name: string }, undefined>(
    'away',
    success(undefined),
  );
  const done: string[] = [];
  renderUi(
    <EraseChild
      studentId={7 as StudentId}
      name="Fern"
      onErase={erase.call}
      onDone={() => done.push('erased')}
    />,
  );
  await press('Erase Fern');
  const field = screen.getByLabelText(/^Type Fern to confirm. Every answer, game and note is deleted/);
  for (const typed of ['', 'fern', 'Fer']) {
    fireEvent.change(field, { target: { value: typed } });
    expect(screen.getByRole('button', { name: 'Erase for good' })).toBeDisabled();
  }
  fireEvent.change(field, { target: { value: 'Fern' } });
  await press('Erase for good');
  expect(screen.getByRole('alert')).toHaveTextContent('The server did not answer. Try again.');
  expect(done).toEqual([]);
  await press('Erase for good');
  expect(done).toEqual(['erased']);
  await press('Cancel');
  expect(screen.getByRole('button', { name: 'Erase Fern' })).toBeInTheDocument();
});

test('a term needs a name and both days; what was refused stays to be put right', async () => {
  const add = makeServer<object, TermId>(
    failure({ code: 'term/overlaps', name: 'Homeward term' }),
    success(3 as TermId),
  );
  renderUi(<TermForm button="Add the term" onSend={add.call} />);
  write('Name of the term', 'Spring');
  write('First day', '2027-01-11');
  await press('Add the term');
  expect(add.asked).toEqual([]);
  expect(screen.getByLabelText('Last day')).toHaveFocus();
  expect(screen.getByLabelText('Last day')).toHaveAccessibleDescription('Choose a day.');
  write('Last day', '2027-06-25');
  expect(screen.getByLabelText('Last day')).toHaveAccessibleDescription('');
  await press('Add the term');
  // What the club refuses is told at its field too.
  expect(screen.getByLabelText('First day')).toHaveAccessibleDescription(
    /^These days lie partly in Homeward term/,
  );
  expect(screen.getByLabelText('First day')).toHaveFocus();
  expect(screen.getByLabelText('Name of the term')).toHaveValue('Spring');
  await press('Add the term');
  expect(add.asked[1]).toEqual({ name: 'Spring', startsOn: '2027-01-11', endsOn: '2027-06-25' });
  expect(screen.getByLabelText('Name of the term')).toHaveValue('');
});

describe('who teaches', () => {
  const COACHES: readonly ClassCoach[] = [
    { coachId: 1 as CoachId, name: 'Wenna Brook', post: 'coach' },
    { coachId: 2 as CoachId, name: 'Tam Ferrow', post: undefined },
    { coachId: 3 as CoachId, name: 'Ines Marlow', post: undefined },
  ];
  const postOf = (name: string) => screen.getByLabelText(`What ${name} does in this class`);

  test('two posts changed one right after the other both stand', async () => {
    const answers: (() => void)[] = [];
    const asked: unknown[] = [];
    renderUi(
      <ClassCoaches
        classId={4 as ClassId}
        coaches={COACHES}
        onPost={(input) => {
          asked.push(input);
          return new Promise((resolve) => answers.push(() => resolve(success(undefined))));
        }}
      />,
    );
    fireEvent.change(postOf('Tam Ferrow'), { target: { value: 'assistant' } });
    fireEvent.change(postOf('Wenna Brook'), { target: { value: '' } });
    for (const answer of answers) {
      await act(async () => {
        answer();
        await Promise.resolve();
      });
    }
    expect(asked).toEqual([
      { classId: 4, coachId: 2, post: 'assistant' },
      { classId: 4, coachId: 1 },
    ]);
    expect(postOf('Tam Ferrow')).toHaveValue('assistant');
    expect(postOf('Wenna Brook')).toHaveValue('');
  });

  test('what was refused stays as it was, and who may only look reads it', async () => {
    const refusal = failure({ code: 'access/not-allowed' as const });
    const { unmount } = renderUi(
      <ClassCoaches classId={4 as ClassId} coaches={COACHES} onPost={() => Promise.resolve(refusal)} />,
    );
    await act(() => Promise.resolve(fireEvent.change(postOf('Ines Marlow'), { target: { value: 'coach' } })));
    expect(postOf('Ines Marlow')).toHaveValue('');
    expect(screen.getByRole('alert')).not.toBeEmptyDOMElement();
    unmount();
    renderUi(<ClassCoaches classId={4 as ClassId} coaches={COACHES} onPost={undefined} />);
    expect(screen.queryByRole('combobox')).toBeNull();
    expect(screen.getByText('teaches')).toBeInTheDocument();
  });

  test('a coach is added with a name to sign in and a password that is long enough', async () => {
    const add = makeServer<NewCoach, CoachId>('away', success(4 as CoachId));
    renderUi(<CoachList coaches={[]} lead={{ onAdd: add.call, onReset: never, onRemove: never }} />);
    write('Name of a new coach', 'Bryn Alder');
    write('Signs in as', 'bryn');
    write('Password, at least 10 letters', 'too short');
    await press('Add the coach');
    expect(add.asked).toEqual([]);
    expect(screen.getByLabelText('Password, at least 10 letters')).toHaveAccessibleDescription(
      'Write at least 10 letters.',
    );
    write('Password, at least 10 letters', 'low-tide-lamp');
    await press('Add the coach');
    expect(screen.getByLabelText('Name of a new coach')).toHaveValue('Bryn Alder');
    await press('Add the coach');
    expect(add.asked[1]).toEqual({ name: 'Bryn Alder', signInName: 'bryn', password: 'low-tide-lamp' });
    expect(screen.getByRole('status')).toHaveTextContent('Bryn Alder can sign in now.');
    expect(screen.getByLabelText('Password, at least 10 letters')).toHaveValue('');
  });
});
