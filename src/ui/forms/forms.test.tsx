import { act, fireEvent, screen } from '@testing-library/react';
import { useState } from 'react';
import { renderUi } from '../../../tests/support/renderUi';
import type { ServiceFault } from '@/contracts/faults';
import { KEY_PICTURES } from '@/contracts/people';
import type { Result } from '@/core/shared';
import { PICTURE_WORDS } from '@/text';
import { CountField } from './CountField';
import { KeyCard } from './KeyCard';
import { KeyPad } from './KeyPad';
import { NameForm } from './NameForm';

const press = (name: string) =>
  act(() => Promise.resolve(fireEvent.click(screen.getByRole('button', { name }))));

describe('the key pad', () => {
  function openPad(errors: (string | undefined)[], keyLength = 3) {
    const keys: string[][] = [];
    renderUi(
      <KeyPad
        joinCode="LANTRN"
        studentId={4}
        keyLength={keyLength}
        onKey={({ key }) => {
          keys.push(key);
          const error = errors.shift();
          return Promise.resolve(error === undefined ? {} : { error });
        }}
      />,
    );
    return keys;
  }

  test('every picture has its word', () => {
    openPad([]);
    for (const picture of KEY_PICTURES) {
      expect(screen.getByRole('button', { name: PICTURE_WORDS[picture] })).toBeInTheDocument();
    }
  });

  test('a key of four knocks with the fourth picture', async () => {
    const keys = openPad([], 4);
    for (const word of ['Sun', 'Boat', 'Sun']) await press(word);
    expect(keys).toEqual([]);
    await press('Bell');
    expect(keys).toEqual([['sun', 'boat', 'sun', 'bell']]);
  });

  test('the third picture knocks; a wrong key says so and starts again', async () => {
    const keys = openPad(['These are not your pictures.']);
    await press('Sun');
    await press('Boat');
    expect(keys).toEqual([]);
    await press('Sun');
    expect(keys).toEqual([['sun', 'boat', 'sun']]);
    expect(screen.getByText('These are not your pictures.')).toBeInTheDocument();
    expect(screen.getByLabelText('0 of 3 pictures')).toBeInTheDocument();
  });

  test('Start again forgets what was tapped', async () => {
    const keys = openPad([]);
    await press('Sun');
    await press('Start again');
    for (const word of ['Moon', 'Bell', 'Fish']) await press(word);
    expect(keys).toEqual([['moon', 'bell', 'fish']]);
  });
});

test('a key card tells the order by number and word', () => {
  renderUi(<KeyCard pictures={['moon', 'moon', 'tree']} />);
  expect(screen.getAllByRole('listitem').map((item) => item.textContent)).toEqual([
    '1. Moon',
    '2. Moon',
    '3. Tree',
  ]);
});

describe('a form with one name', () => {
  type Answer = Result<number, ServiceFault> | 'no answer';

  function openForm(answers: Answer[]) {
    const asked: { requestId: string; name: string }[] = [];
    const done: number[] = [];
    renderUi(
      <NameForm
        label="Name of a new class"
        button="Make a class"
        maxLength={60}
        onName={(input) => {
          asked.push(input);
          const answer = answers.shift() ?? { ok: true, value: 1 };
          return answer === 'no answer' ? Promise.reject(new Error('offline')) : Promise.resolve(answer);
        }}
        onDone={(value) => done.push(value)}
      />,
    );
    return { asked, done };
  }
  const type = (text: string) =>
    fireEvent.change(screen.getByLabelText('Name of a new class'), { target: { value: text } });

  test('nothing to send without a name', () => {
    openForm([]);
    expect(screen.getByRole('button', { name: 'Make a class' })).toBeDisabled();
    type('   ');
    expect(screen.getByRole('button', { name: 'Make a class' })).toBeDisabled();
  });

  test('a lost answer keeps the name and the request id, so trying again makes nothing twice', async () => {
    const { asked, done } = openForm(['no answer', { ok: true, value: 7 }, { ok: true, value: 8 }]);
    type('Tide class');
    await press('Make a class');
    expect(screen.getByText('The server did not answer. Try again.')).toBeInTheDocument();
    expect(screen.getByLabelText('Name of a new class')).toHaveValue('Tide class');
    await press('Make a class');
    expect(done).toEqual([7]);
    expect(screen.getByLabelText('Name of a new class')).toHaveValue('');
    type('Moor class');
    await press('Make a class');
    const ids = asked.map(({ requestId }) => requestId);
    expect(ids[0]).toBe(ids[1]);
    expect(ids[2]).not.toBe(ids[1]);
  });

  test('another name after a lost answer is another request: it must not be taken for the first', async () => {
    const { asked } = openForm(['no answer', { ok: true, value: 7 }, { ok: true, value: 8 }]);
    for (const name of ['Tide class', 'Moor class', 'Moor class']) {
      type(name);
      await press('Make a class');
    }
    // The same name once more, after it was made, is wanted once more.
    expect(new Set(asked.map(({ requestId }) => requestId)).size).toBe(3);
  });

  test('a refusal is a sentence beside the field', async () => {
    openForm([{ ok: false, error: { code: 'term/none' } }]);
    type('Tide class');
    await press('Make a class');
    expect(screen.getByRole('alert')).toHaveTextContent('The club has no term yet.');
    expect(screen.getByLabelText('Name of a new class')).toHaveValue('Tide class');
  });
});

describe('a field with a whole number', () => {
  function openField() {
    const told: number[] = [];
    function Field() {
      const [value, setValue] = useState(45);
      return (
        <CountField
          label="Minutes"
          min={5}
          max={300}
          value={value}
          onCount={(next) => {
            told.push(next);
            setValue(next);
          }}
        />
      );
    }
    renderUi(<Field />);
    return told;
  }
  const field = () => screen.getByLabelText('Minutes');
  /** As keys do it: the field is emptied, then one figure comes after the other. */
  const typeFigures = (...texts: readonly string[]) => {
    for (const value of texts) fireEvent.change(field(), { target: { value } });
  };

  test('it is emptied and filled figure by figure, and only what is within the bounds is told', () => {
    const told = openField();
    typeFigures('', '6', '60');
    expect(field()).toHaveValue('60');
    expect(told).toEqual([6, 60]);
    typeFigures('', '4', '40');
    expect(field()).toHaveValue('40');
    expect(told).toEqual([6, 60, 40]);
  });

  test('left with too little or too much it goes to the bound, left empty back to what it was', () => {
    const told = openField();
    typeFigures('3');
    fireEvent.blur(field());
    expect(field()).toHaveValue('5');
    typeFigures('3000');
    fireEvent.blur(field());
    expect(field()).toHaveValue('300');
    typeFigures('');
    fireEvent.blur(field());
    expect(field()).toHaveValue('300');
    expect(told).toEqual([5, 300]);
    // Enter sends a form without leaving the field.
    typeFigures('2');
    fireEvent.keyDown(field(), { key: 'Enter' });
    expect(field()).toHaveValue('5');
    expect(told.at(-1)).toBe(5);
  });
});
