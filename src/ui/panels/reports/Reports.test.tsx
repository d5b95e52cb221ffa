/** Reports: nothing with names is made before the caution is ticked, and an email is written once however often it is pressed. */
import { act, fireEvent, screen } from '@testing-library/react';
import { renderUi } from '../../../../tests/support/renderUi';
import type { ClassId, EmailId, StudentId } from '@/contracts/ids';
import type { NewEmail, ReportsPage } from '@/contracts/reports';
import { RemoveEmail } from './RemoveEmail';
import { ReportsPanel } from './ReportsPanel';

const PAGE: ReportsPage = {
  classId: 4 as ClassId,
  className: 'Lantern class',
  students: [
    { studentId: 7 as StudentId, name: 'Fern' },
    { studentId: 8 as StudentId, name: 'Otter' },
  ],
  stages: [
    { stage: 'board', names: ['Fern', 'Otter'] },
    { stage: 'values', names: ['Otter'] },
  ],
};
const written = () => Promise.resolve({ ok: true, value: 9 as EmailId } as const);
const tick = () =>
  fireEvent.click(
    screen.getByRole('checkbox', { name: 'I will share it only with people who are allowed to see it.' }),
  );

const pressButton = (name: string) =>
  act(async () => {
    fireEvent.click(screen.getByRole('button', { name }));
    await Promise.resolve();
  });

test('every way out waits until the caution is ticked', () => {
  renderUi(<ReportsPanel page={PAGE} onEmail={written} />);
  const ways = () => [
    ...screen.getAllByRole('button', { name: 'Make the PDF' }),
    screen.getByRole('button', { name: 'Write the email' }),
  ];
  expect(ways()).toHaveLength(4);
  for (const way of ways()) expect(way).toBeDisabled();
  tick();
  for (const way of ways()) expect(way).toBeEnabled();
});

test('a certificate is offered for the stages somebody can, with the names of those', () => {
  renderUi(<ReportsPanel page={PAGE} onEmail={written} />);
  expect(screen.getByText('For Fern and Otter.')).toBeVisible();
  fireEvent.change(screen.getByLabelText('Stage'), { target: { value: 'values' } });
  expect(screen.getByText('For Otter.')).toBeVisible();
});

test('where nobody can a stage yet, no certificate is offered; an empty class has nothing to report', () => {
  const { unmount } = renderUi(<ReportsPanel page={{ ...PAGE, stages: [] }} onEmail={written} />);
  expect(screen.getByText(/No child has mastered a stage yet/)).toBeVisible();
  expect(screen.getAllByRole('button', { name: 'Make the PDF' })).toHaveLength(2);
  unmount();
  renderUi(<ReportsPanel page={{ ...PAGE, students: [] }} onEmail={written} />);
  expect(screen.getByText(/nothing to report/)).toBeVisible();
});

test('an email that was refused keeps what was typed and is sent again under the same id; the next one has another', async () => {
  const sent: NewEmail[] = [];
  let isRefused = true;
  const onEmail = (input: NewEmail) => {
    sent.push(input);
    return isRefused ? Promise.resolve({ ok: false, error: { code: 'workers/busy' } } as const) : written();
  };
  renderUi(<ReportsPanel page={PAGE} onEmail={onEmail} />);
  tick();
  fireEvent.change(screen.getByLabelText('Report'), { target: { value: '7' } });
  fireEvent.change(screen.getByRole('textbox', { name: 'To' }), { target: { value: 'family@example.org' } });
  const press = () => pressButton('Write the email');
  await press();
  expect(screen.getByRole('alert')).toBeVisible();
  expect(screen.getByRole('textbox', { name: 'To' })).toHaveValue('family@example.org');
  isRefused = false;
  await press();
  expect(screen.getByRole('link', { name: 'look at it' })).toHaveAttribute('href', '/club/outbox/9');
  await press();
  expect(sent.map(({ studentId, to }) => [studentId, to])).toEqual(
    Array.from({ length: 3 }, () => [7, 'family@example.org']),
  );
  expect(sent[0]?.requestId).toBe(sent[1]?.requestId);
  expect(sent[2]?.requestId).not.toBe(sent[1]?.requestId);
});

test('taking an email out tells when the server is away', async () => {
  renderUi(
    <RemoveEmail
      emailId={9 as EmailId}
      subject="Report of Fern"
      onRemove={() => Promise.reject(new Error('away'))}
    />,
  );
  await pressButton('Delete: Report of Fern');
  expect(screen.getByRole('alert')).toHaveTextContent('The server did not answer. Try again.');
});
