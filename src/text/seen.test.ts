import type { SeenTask } from '@/contracts/seen';
import { seenSetText, seenText } from '.';

const ofClass = (as: SeenTask['as']): SeenTask => ({ as, isByClass: true, names: [] });
const ofChildren = (...names: string[]): SeenTask => ({ as: 'same', isByClass: false, names });

test('who has had what, in one sentence', () => {
  expect(seenText(ofClass('twin'), 'Lantern class')).toBe('Lantern class has had its twin.');
  expect(seenText(ofChildren('Pip', 'Wren'), 'Lantern class')).toBe('Pip and Wren have had this one.');
  expect(seenText({ ...ofChildren('Pip'), as: 'idea' }, 'x')).toBe('Pip has had one with the same idea.');
});

test('the same of a whole set, by its numbers', () => {
  const seen = [
    ofClass('same'),
    undefined,
    ofClass('same'),
    ofClass('idea'),
    ofClass('twin'),
    ofChildren('Pip'),
  ];
  expect(seenSetText(seen, 'Lantern class')).toBe(
    'Lantern class has had 1 and 3, and the twin of 5, and the idea of 4. Pip has had 6 or its like.',
  );
  expect(seenSetText([ofClass('same'), ofClass('same')], 'Lantern class')).toBe(
    'Lantern class has had all of this.',
  );
  expect(seenSetText([undefined], 'Lantern class')).toBe('Lantern class has had nothing of this.');
});
