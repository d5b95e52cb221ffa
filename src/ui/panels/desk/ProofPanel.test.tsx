import { MantineProvider } from '@mantine/core';
import { fireEvent, render, screen } from '@testing-library/react';
import { ProofPanel } from './ProofPanel';
import type { ProverState } from './useDeskSearch';

// The hook that owns the worker is not under test here, and its worker's address means nothing to Jest.
jest.mock('@/workers/browser', () => ({}));

function openPanel(prover: ProverState, canProve = true) {
  const heard: string[] = [];
  render(
    <MantineProvider>
      <ProofPanel
        fen="8/8/8/8/8/8/8/8 w - - 0 1"
        turn="white"
        prover={prover}
        maxMoves={3}
        canProve={canProve}
        onMaxMoves={(moves) => heard.push(`at most ${moves}`)}
        onProve={() => heard.push('prove')}
        onProveShown={undefined}
        onStop={() => heard.push('stop')}
      />
    </MantineProvider>,
  );
  return heard;
}

test('before a proof nothing is claimed, and without a position nothing can be asked', () => {
  openPanel({ kind: 'idle' }, false);
  expect(screen.getByRole('button', { name: 'Prove' })).toBeDisabled();
  expect(screen.queryByText(/mates in \d|no forced mate/)).toBeNull();
});

test('while it runs it says how far it is, and Stop takes the place of Prove', () => {
  const heard = openPanel({
    kind: 'running',
    report: { noMateWithin: 2, examining: 3, nodes: 8192 },
    ms: 400,
  });
  expect(
    screen.getByText('No mate in 2. Looking for mate in 3: 8,192 positions in 0.4 s.'),
  ).toBeInTheDocument();
  fireEvent.click(screen.getByRole('button', { name: 'Stop' }));
  expect(heard).toEqual(['stop']);
  expect(screen.queryByRole('button', { name: 'Prove' })).toBeNull();
});

test.each<[string, ProverState]>([
  [
    'White mates in 2; one key: 1 Rd8+',
    {
      kind: 'answer',
      answer: {
        kind: 'mate',
        mateInMoves: 2,
        keys: ['Rd8+'],
        areAllKeys: true,
        line: [],
        mateNoBlocks: undefined,
        nodes: 9,
      },
    },
  ],
  [
    'Proved: White has no forced mate in 3 or fewer.',
    { kind: 'answer', answer: { kind: 'none', within: 3, nodes: 9 } },
  ],
  [
    'Stopped. Proved so far: White has no forced mate in 2 or fewer. Longer ones are open.',
    { kind: 'stopped', report: { noMateWithin: 2, examining: 3, nodes: 9 } },
  ],
  [
    'Proved: White mates in at most 8. None in 2 or fewer; between, it is open.',
    { kind: 'stopped', report: { noMateWithin: 2, examining: 3, nodes: 9, atMost: 8 } },
  ],
  [
    'Proved: White mates in at most 8, by 1 Qxh7+. None in 4 or fewer; between, it is open.',
    {
      kind: 'answer',
      answer: {
        kind: 'mate-at-most',
        mateInMoves: 8,
        noMateWithin: 4,
        key: 'Qxh7+',
        line: [],
        nodes: 9,
        why: 'stopped',
      },
    },
  ],
  ['The browser stopped the proof. Press Prove to try again.', { kind: 'failed' }],
])('%s', (words, prover) => {
  openPanel(prover);
  expect(screen.getByText(words)).toBeInTheDocument();
});
