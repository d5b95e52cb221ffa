/** A child begins a round: it goes there once it is made, and a lost answer makes no second one. */
import { act, fireEvent, screen } from '@testing-library/react';
import { renderUi } from '../../../../../../tests/support/renderUi';
import type { ServiceFault } from '@/contracts/faults';
import type { RoundId } from '@/contracts/ids';
import type { Stage } from '@/core/exercises';
import { failure, success, type Result } from '@/core/shared';
import { PractiseButton } from './PractiseButton';

const pushed: string[] = [];
jest.mock('next/navigation', () => ({ useRouter: () => ({ push: (to: string) => pushed.push(to) }) }));
beforeEach(() => pushed.splice(0));

function openButton(answers: readonly (Result<RoundId, ServiceFault> | 'away')[], stage?: Stage) {
  const asked: { readonly requestId: string; readonly stage?: Stage }[] = [];
  renderUi(
    <PractiseButton
      {...(stage === undefined ? {} : { stage })}
      label="Practise"
      says="Practise the board"
      isNext
      onStart={(input) => {
        const answer = answers[asked.length] ?? success(8 as RoundId);
        asked.push(input);
        return answer === 'away' ? Promise.reject(new Error('away')) : Promise.resolve(answer);
      }}
    />,
  );
  return asked;
}
const press = () =>
  act(() => Promise.resolve(fireEvent.click(screen.getByRole('button', { name: 'Practise the board' }))));

test('the round of a stage is made and opened', async () => {
  const asked = openButton([success(41 as RoundId)], 'board');
  await press();
  expect(asked).toMatchObject([{ stage: 'board' }]);
  expect(pushed).toEqual(['/seat/practice/41']);
});

test('without a stage it is the next round', async () => {
  const asked = openButton([]);
  await press();
  expect(asked[0]).not.toHaveProperty('stage');
});

test('after a lost answer the same round is asked for, after a made one another', async () => {
  const asked = openButton(['away'], 'board');
  await press();
  expect(screen.getByText('No connection. Try again.')).toBeInTheDocument();
  expect(pushed).toEqual([]);
  await press();
  await press();
  const ids = asked.map(({ requestId }) => requestId);
  expect(ids[1]).toBe(ids[0]);
  expect(ids[2]).not.toBe(ids[1]);
  expect(pushed).toHaveLength(2);
});

test('a refusal is a sentence, and leads nowhere', async () => {
  openButton([failure({ code: 'round/not-found' })], 'board');
  await press();
  expect(screen.getByRole('alert')).not.toBeEmptyDOMElement();
  expect(pushed).toEqual([]);
});
