import type { SeenTask } from '@/contracts/seen';
import { seenSetText } from '.';

const ofClass = (as: SeenTask['as']): SeenTask => ({ as, isByClass: true, names: [] });
const ofChildren = (...names: string[]): SeenTask => ({ as: 'same', isByClass: false, names });

test('who has had what of a set, by its numbers', () => {
  const seen = [
    ofClass('same'),
    undefined,
    ofClass('same'),
    ofClass('idea'),
    ofClass('twin'),
    ofChildren('Pip'),
  ];
  expect(seenSetText(seen, 'Lantern class')).toBe(
    'Lantern class has met 1 and 3, and a twin of 5, and the idea of 4. Pip has met 6 or one like it.',
  );
  expect(seenSetText([ofClass('same'), ofClass('same')], 'Lantern class')).toBe(
    'Lantern class has met all of these.',
  );
  expect(seenSetText([ofClass('twin'), ofClass('twin')], 'Lantern class')).toBe(
    'Lantern class has met a twin of every one of these.',
  );
  expect(seenSetText([undefined], 'Lantern class')).toBe('Lantern class has met none of these.');
});
