/** Who was there, and the plan of a lesson: what is tapped and written is stored once, and never lost by a server that is away. */
import { act, cleanup, fireEvent, screen, within } from '@testing-library/react';
import { renderUi } from '../../../../tests/support/renderUi';
import type { ServiceFault } from '@/contracts/faults';
import type { ClassId, LessonId, PlanId, SetId, StudentId } from '@/contracts/ids';
import type {
  Attendance,
  CatchUp,
  CaughtUp,
  ChangeLesson,
  Lesson,
  LessonPage,
  LessonPlan,
  PlanSummary,
  SavePlan,
  Schedule,
} from '@/contracts/lessons';
import { success, type Result } from '@/core/shared';
import { AttendancePanel } from './AttendancePanel';
import { LessonList } from './LessonList';
import { PlanEditor } from './PlanEditor';
import { RemovePlan } from './RemovePlan';
import { ScheduleForm } from './ScheduleForm';

/** Answers that are given one after the other, when the test says so. */
function makeServer<Input, Value>() {
  const asked: Input[] = [];
  const waiting: ((answer: Result<Value, ServiceFault> | 'away') => void)[] = [];
  return {
    asked,
    call: (input: Input) =>
      new Promise<Result<Value, ServiceFault>>((resolve, reject) => {
        asked.push(input);
        waiting.push((answer) => (answer === 'away' ? reject(new Error('away')) : resolve(answer)));
      }),
    answer: (answer: Result<Value, ServiceFault> | 'away') =>
      act(async () => {
        waiting.shift()?.(answer);
        await Promise.resolve();
      }),
  };
}

const NAMES = ['Fern', 'Otter', 'Quill'];
const LESSON = {
  lessonId: 9 as LessonId,
  classId: 4 as ClassId,
  className: 'Lantern class',
  mayChange: true,
  students: NAMES.map((name, index) => ({
    studentId: (index + 1) as StudentId,
    name,
    wasHere: undefined,
    hasCatchUp: false,
  })),
  catchUpCount: 6,
  plan: undefined,
} as unknown as LessonPage;

function openAttendance(changes: Partial<LessonPage> = {}) {
  const notes = makeServer<Attendance, undefined>();
  const catchUps = makeServer<CatchUp, CaughtUp>();
  renderUi(
    <AttendancePanel lesson={{ ...LESSON, ...changes }} onNote={notes.call} onCatchUp={catchUps.call} />,
  );
  return { notes, catchUps };
}

const child = (name: string) => screen.getByRole('button', { name: new RegExp(`^${name}:`) });
const press = (name: string | RegExp) =>
  act(() => Promise.resolve(fireEvent.click(screen.getByRole('button', { name }))));
const tap = (name: string) => act(() => Promise.resolve(fireEvent.click(child(name))));

test('one tap a child: here, away, not noted; the mark stands at once', async () => {
  const { notes } = openAttendance();
  await tap('Fern');
  expect(child('Fern')).toHaveAccessibleName('Fern: here');
  await tap('Fern');
  expect(child('Fern')).toHaveAccessibleName('Fern: away');
  await tap('Fern');
  expect(child('Fern')).toHaveAccessibleName('Fern: not noted');
  expect(notes.asked).toEqual([true, false, null].map((wasHere) => ({ lessonId: 9, studentId: 1, wasHere })));
});

test('a mark that could not be stored goes back, and says so', async () => {
  const { notes } = openAttendance();
  await tap('Otter');
  await notes.answer('away');
  expect(child('Otter')).toHaveAccessibleName('Otter: not noted');
  expect(screen.getByText('The server did not answer. Try again.')).toBeInTheDocument();
});

test('a failure of a first tap does not take back a second one that was stored', async () => {
  const { notes } = openAttendance();
  await tap('Otter');
  await tap('Otter');
  await notes.answer('away');
  await notes.answer(success(undefined));
  expect(child('Otter')).toHaveAccessibleName('Otter: away');
});

test('of many marks on their way one that fails is told, though others come to a good end after it', async () => {
  const { notes } = openAttendance();
  await press('All the others are here');
  await notes.answer('away');
  await notes.answer(success(undefined));
  await notes.answer(success(undefined));
  expect(child('Fern')).toHaveAccessibleName('Fern: not noted');
  expect(screen.getByText('The server did not answer. Try again.')).toBeInTheDocument();
  await tap('Fern');
  await notes.answer(success(undefined));
  expect(child('Fern')).toHaveAccessibleName('Fern: here');
  expect(screen.queryByText('The server did not answer. Try again.')).toBeNull();
});

test('who is marked away while the others are noted stays away', async () => {
  const { notes } = openAttendance();
  await press('All the others are here');
  for (const name of NAMES) expect(child(name)).toHaveAccessibleName(`${name}: here`);
  await tap('Quill');
  for (let number = 0; number < 4; number += 1) await notes.answer(success(undefined));
  expect(child('Quill')).toHaveAccessibleName('Quill: away');
  // The last word about Quill is the coach's.
  expect(notes.asked.filter(({ studentId }) => studentId === 3).at(-1)).toMatchObject({ wasHere: false });
});

test('those who were away are given what was practised, once; asked again after a failure it is the same request', async () => {
  const { notes, catchUps } = openAttendance();
  for (const name of ['Fern', 'Otter']) {
    await tap(name);
    await tap(name);
  }
  for (let number = 0; number < 4; number += 1) await notes.answer(success(undefined));
  await press('Give it to Fern and Otter');
  await catchUps.answer('away');
  await press('Give it to Fern and Otter');
  await catchUps.answer(success({ studentIds: [1 as StudentId, 2 as StudentId] }));
  expect(catchUps.asked[1]).toEqual(catchUps.asked[0]);
  expect(screen.getByText('Fern and Otter can see it now.')).toBeInTheDocument();
  expect(screen.getByRole('button', { name: 'No child to give it to' })).toBeDisabled();
});

test('where nothing was practised that is said, and an assistant is offered no round', () => {
  openAttendance({ catchUpCount: 0 });
  expect(screen.getByText(/This lesson has no plan, so there is nothing to catch up on/)).toBeInTheDocument();
  cleanup();
  openAttendance({ mayChange: false });
  expect(screen.getByText(/What the class practised, 6 tasks/)).toBeInTheDocument();
  expect(screen.queryByRole('button', { name: /give it to/i })).toBeNull();
});

const PLAN: LessonPlan = {
  planId: 3 as PlanId,
  title: 'Check and mate',
  revision: 7,
  mayChange: true,
  segments: [
    {
      key: 'one',
      kind: 'show',
      title: 'Three ways out of check',
      minutes: 10,
      notes: '',
      items: [{ kind: 'set', setId: 2 }],
    },
    { key: 'two', kind: 'play', title: '', minutes: 25, notes: 'In pairs.', items: [] },
  ],
} as unknown as LessonPlan;

function openPlan(changes: Partial<LessonPlan> = {}) {
  const server = makeServer<SavePlan, number>();
  renderUi(
    <PlanEditor
      plan={{ ...PLAN, ...changes }}
      sets={[{ setId: 2 as SetId, name: 'First mates' }]}
      onSave={server.call}
    />,
  );
  return server;
}

const saveButton = () => screen.getByRole('button', { name: 'Save the plan' });
const said = () => screen.getByText(/minutes\. /).textContent;

test('a plan tells from which minute each part is, and how long all of it takes', async () => {
  openPlan();
  expect(said()).toBe('35 minutes. Saved.');
  expect(saveButton()).toBeDisabled();
  expect(screen.getByLabelText('From minute 10')).toHaveValue('play');
  fireEvent.change(within(screen.getByRole('region', { name: /^Show/ })).getByLabelText('Minutes'), {
    target: { value: '15' },
  });
  expect(screen.getByLabelText('From minute 15')).toHaveValue('play');
  await press('Another homework');
  expect(screen.getByRole('region', { name: 'Homework' })).toBeInTheDocument();
  expect(said()).toMatch(/Not saved yet\.$/);
});

test('what was changed is stored against the state it was read in; a failure loses nothing', async () => {
  const server = openPlan();
  fireEvent.change(screen.getByLabelText('What it is about'), { target: { value: 'Check, mate, draw' } });
  await press('Save the plan');
  await server.answer('away');
  expect(said()).toBe('35 minutes. Not saved yet.');
  expect(screen.getByLabelText('What it is about')).toHaveValue('Check, mate, draw');
  await press('Save the plan');
  await server.answer(success(8));
  expect(said()).toBe('35 minutes. Saved.');
  expect(server.asked).toMatchObject([
    { planId: 3, revision: 7, title: 'Check, mate, draw' },
    { planId: 3, revision: 7, title: 'Check, mate, draw' },
  ]);
  // The next change is one of the state that was just stored.
  await press('Remove: Play');
  fireEvent.keyDown(document.body, { key: 's', ctrlKey: true });
  await server.answer(success(9));
  expect(server.asked[2]).toMatchObject({ revision: 8, segments: [{ key: 'one' }] });
});

test('a plan changed elsewhere meanwhile is told, and stays as it was written here', async () => {
  const server = openPlan();
  await press('Remove item 1 of Show, Three ways out of check');
  await press('Save the plan');
  await server.answer({ ok: false, error: { code: 'plan/changed' } as ServiceFault });
  expect(screen.getByRole('alert')).not.toHaveTextContent(/^$/);
  expect(said()).toBe('35 minutes. Not saved yet.');
  expect(screen.queryByText(/First mates/)).toBeNull();
});

test('who may not change a plan reads it, and finds nothing to press', () => {
  openPlan({ mayChange: false });
  expect(screen.getByText(/First mates/)).toBeInTheDocument();
  expect(screen.queryByRole('button', { name: 'Save the plan' })).toBeNull();
  expect(screen.queryByRole('button', { name: /Remove/ })).toBeNull();
  expect(screen.getByLabelText('What it is about')).toHaveAttribute('readonly');
});

test('lessons are added for days of the week; those that are there already are not added again', async () => {
  const server = makeServer<Schedule, number>();
  renderUi(
    <ScheduleForm classId={4 as ClassId} from="2026-09-17" to="2027-01-08" onSchedule={server.call} />,
  );
  await press('Add these lessons');
  expect(screen.getByRole('group', { name: 'Days of the week' })).toHaveAccessibleDescription(
    'Choose at least one.',
  );
  expect(screen.getByRole('checkbox', { name: 'Monday' })).toHaveFocus();
  fireEvent.click(screen.getByRole('checkbox', { name: 'Thursday' }));
  fireEvent.change(screen.getByLabelText('Minutes'), { target: { value: '60' } });
  await press('Add these lessons');
  await server.answer(success(14));
  expect(server.asked).toEqual([
    { classId: 4, weekdays: [4], startsAt: '16:00', minutes: 60, from: '2026-09-17', to: '2027-01-08' },
  ]);
  expect(screen.getByRole('status')).toHaveTextContent('14 lessons added.');
  await press('Add these lessons');
  await server.answer(success(0));
  expect(screen.getByRole('status')).toHaveTextContent('All these lessons already exist.');
  // What was said before does not stand beside a failure.
  await press('Add these lessons');
  await server.answer('away');
  expect(screen.getByRole('status')).toBeEmptyDOMElement();
  expect(screen.getByRole('alert')).toHaveTextContent('The server did not answer.');
});

describe('the lessons of a class', () => {
  const lesson = (lessonId: number, day: string, changes: Partial<Lesson> = {}): Lesson => ({
    lessonId: lessonId as LessonId,
    day,
    startsAt: '16:30',
    minutes: 45,
    plan: undefined,
    isCancelled: false,
    holiday: undefined,
    hereCount: 0,
    awayCount: 0,
    ...changes,
  });
  const LESSONS = [
    lesson(1, '2026-11-19', { hereCount: 7, awayCount: 1 }),
    lesson(2, '2026-11-26'),
    lesson(3, '2026-12-03', { holiday: 'Harvest week' }),
    lesson(4, '2026-12-10', { isCancelled: true }),
  ];
  const PLANS = [{ planId: 3 as PlanId, title: 'Check and mate' }] as unknown as readonly PlanSummary[];
  const open = (mayChange: boolean) => {
    const server = makeServer<ChangeLesson, undefined>();
    renderUi(
      <LessonList
        classId={4 as ClassId}
        lessons={LESSONS}
        plans={PLANS}
        today="2026-11-26"
        mayChange={mayChange}
        onChange={server.call}
      />,
    );
    return server;
  };
  const row = (index: number) => within(screen.getAllByRole('listitem')[index] ?? document.body);

  test('each says when it is, whether it is held, and who was there', () => {
    open(true);
    expect(row(0).getByText('7 here, 1 away')).toBeInTheDocument();
    expect(row(1).getByText('16:30, 45 minutes, today')).toBeInTheDocument();
    expect(row(2).getByText('Harvest week')).toBeInTheDocument();
    expect(row(3).getByText('cancelled')).toBeInTheDocument();
  });

  test('what was held is not cancelled afterwards; what is cancelled can be held', async () => {
    const server = open(true);
    expect(row(0).queryByRole('button')).toBeNull();
    fireEvent.click(row(1).getByRole('button', { name: /^Cancel/ }));
    await server.answer(success(undefined));
    fireEvent.click(row(3).getByRole('button', { name: /^Put back on/ }));
    await server.answer(success(undefined));
    fireEvent.change(row(1).getByRole('combobox'), { target: { value: '3' } });
    await server.answer(success(undefined));
    fireEvent.change(row(1).getByRole('combobox'), { target: { value: '' } });
    await server.answer('away');
    expect(server.asked).toEqual([
      { lessonId: 2, isCancelled: true },
      { lessonId: 4, isCancelled: false },
      { lessonId: 2, planId: 3 },
      { lessonId: 2, planId: null },
    ]);
    expect(screen.getByRole('alert')).toHaveTextContent('The server did not answer. Try again.');
  });

  test('an assistant reads the list and changes nothing', () => {
    open(false);
    expect(screen.queryByRole('combobox')).toBeNull();
    expect(screen.queryByRole('button')).toBeNull();
    expect(screen.getAllByRole('link', { name: 'Open' })).toHaveLength(4);
  });
});

test('a plan goes only after a second press, and stays when one looks away', async () => {
  const server = makeServer<{ readonly planId: PlanId }, undefined>();
  renderUi(<RemovePlan planId={3 as PlanId} title="Check and mate" onRemove={server.call} />);
  await press('Delete: Check and mate');
  fireEvent.blur(screen.getByRole('button'));
  await press('Delete: Check and mate');
  expect(server.asked).toEqual([]);
  await press('Delete the plan “Check and mate”?');
  expect(server.asked).toEqual([{ planId: 3 }]);
});
