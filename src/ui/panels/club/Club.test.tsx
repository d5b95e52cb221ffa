/** What a club and its classes call things, and what it has settled: stored for whom it says, and as it was where nothing was stored. */
import { act, fireEvent, screen } from '@testing-library/react';
import { renderUi } from '../../../../tests/support/renderUi';
import type { ClubSettings } from '@/contracts/clubs';
import type { ServiceFault } from '@/contracts/faults';
import type { HouseWordsPage, SaveHouseWords } from '@/contracts/houseWords';
import type { ClassId } from '@/contracts/ids';
import { MAN_VALUES } from '@/core/board';
import { failure, success, type Result } from '@/core/shared';
import { ClubForm } from './ClubForm';
import { HouseWordsForm } from './HouseWordsForm';

type Answer = Result<undefined, ServiceFault> | 'away';

/** Gives its answers in their order, then all is well. */
function makeServer<Input>(answers: readonly Answer[]) {
  const asked: Input[] = [];
  return {
    asked,
    call: (input: Input): Promise<Result<undefined, ServiceFault>> => {
      const answer = answers[asked.length] ?? success(undefined);
      asked.push(input);
      return answer === 'away' ? Promise.reject(new Error('away')) : Promise.resolve(answer);
    },
  };
}

const press = (name: string) =>
  act(() => Promise.resolve(fireEvent.click(screen.getByRole('button', { name }))));
const write = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });
const NOT_ALLOWED = failure({ code: 'access/not-allowed' as const });

describe('house words', () => {
  const PAGE: HouseWordsPage = {
    club: [
      { term: 'rook', one: 'tower' },
      { term: 'bishop', one: 'ox', many: 'oxen' },
    ],
    classes: [
      {
        classId: 4 as ClassId,
        name: 'Lantern class',
        words: [{ term: 'rook', one: 'castle' }],
        readingLevel: 'short',
      },
      { classId: 5 as ClassId, name: 'Harbour class', words: [], readingLevel: 'full' },
    ],
  };
  const open = (isLead: boolean, ...answers: readonly Answer[]) => {
    const server = makeServer<SaveHouseWords>(answers);
    renderUi(<HouseWordsForm page={PAGE} isLead={isLead} onSave={server.call} />);
    return server;
  };
  const said = () => screen.getByRole('status');

  test('what is stored says for whom, and each keeps its own', async () => {
    const server = open(true);
    expect(screen.getByLabelText('Your word for rook')).toHaveValue('tower');
    expect(screen.getByLabelText('Plural of bishop')).toHaveValue('oxen');
    write('For', '5');
    expect(screen.getByLabelText('Your word for rook')).toHaveValue('');
    write('Your word for pawn', 'guardsman');
    write('Plural of pawn', 'guardsmen');
    await press('Save these words');
    expect(said()).toHaveTextContent('Saved for Harbour class. These words are used from now on.');
    write('For', '');
    expect(screen.getByLabelText('Your word for pawn')).toHaveValue('');
    write('Your word for pawn', 'soldier');
    await press('Save these words');
    expect(said()).toHaveTextContent('Saved for the whole club.');
    write('For', '5');
    expect(screen.getByLabelText('Your word for pawn')).toHaveValue('guardsman');
    expect(
      server.asked.map(({ classId, words }) => [classId, words.find(({ term }) => term === 'pawn')]),
    ).toEqual([
      [5, { term: 'pawn', one: 'guardsman', many: 'guardsmen' }],
      [null, { term: 'pawn', one: 'soldier' }],
    ]);
  });

  test('a word for two things is told, also when the other meaning is the club’s', () => {
    open(true);
    write('For', '5');
    write('Your word for knight', 'tower');
    expect(said()).toHaveTextContent('"tower" would mean two things here: knight and rook.');
    write('Your word for knight', 'horse');
    expect(said()).not.toHaveTextContent('two things');
  });

  test('how much is explained belongs to a class', async () => {
    const server = open(true);
    expect(screen.queryByRole('radio')).toBeNull();
    write('For', '4');
    expect(screen.getByRole('radio', { name: 'One short sentence' })).toBeChecked();
    fireEvent.click(screen.getByRole('radio', { name: 'Every reason' }));
    await press('Save these words');
    expect(server.asked[0]).toMatchObject({ classId: 4, readingLevel: 'full' });
  });

  test('a coach changes the words of a class, those of the club only its lead', async () => {
    const server = open(false, NOT_ALLOWED, 'away');
    expect(screen.getByLabelText('Your word for rook')).toBeDisabled();
    expect(said()).toHaveTextContent('Only a lead of the club can change this.');
    write('For', '5');
    write('Your word for rook', 'lighthouse');
    for (let tries = 0; tries < 2; tries += 1) {
      await press('Save these words');
      expect(said()).not.toHaveTextContent('Stored');
      expect(screen.getByLabelText('Your word for rook')).toHaveValue('lighthouse');
    }
    await press('Save these words');
    expect(said()).toHaveTextContent('Saved for Harbour class.');
    expect(server.asked).toHaveLength(3);
  });
});

describe('what a club has settled', () => {
  const SETTINGS: ClubSettings = {
    mateCount: 'full',
    values: { ...MAN_VALUES, king: 0 },
    readingOrder: ['checks', 'captures', 'threats'],
    keyLength: 3,
    areLooseNamesShown: false,
  };
  const open = (mayChange: boolean, ...answers: readonly Answer[]) => {
    const server = makeServer<ClubSettings>(answers);
    renderUi(<ClubForm settings={SETTINGS} mayChange={mayChange} onChange={server.call} />);
    return server;
  };
  const names = () => screen.getByRole('switch', { name: 'Show the broad meanings too' });

  test('each choice is stored as it is made, the others as they were', async () => {
    const server = open(true);
    await act(() => Promise.resolve(fireEvent.click(names())));
    await act(() => Promise.resolve(write('Reading order', 'captures checks threats')));
    expect(server.asked).toEqual([
      { ...SETTINGS, areLooseNamesShown: true },
      { ...SETTINGS, areLooseNamesShown: true, readingOrder: ['captures', 'checks', 'threats'] },
    ]);
  });

  test('what could not be stored is shown as it is stored', async () => {
    open(true, 'away', NOT_ALLOWED);
    for (let tries = 0; tries < 2; tries += 1) {
      await act(() => Promise.resolve(fireEvent.click(names())));
      expect(names()).not.toBeChecked();
    }
  });

  test('points are stored together, once they differ', async () => {
    const server = open(true);
    expect(screen.getByRole('button', { name: 'Save these points' })).toBeDisabled();
    write('bishop', '3.25');
    await press('Save these points');
    expect(server.asked[0]?.values).toEqual({ ...SETTINGS.values, bishop: 3.25 });
    expect(screen.getByRole('button', { name: 'Save these points' })).toBeDisabled();
  });

  test('who may not change it reads it', () => {
    open(false);
    expect(names()).toBeDisabled();
    expect(screen.getByLabelText('bishop')).toBeDisabled();
  });
});
