import { gradeText } from '.';

test('the level with its number, and at most three reasons; its length alone is no news', () => {
  const reason = (feature: 'length' | 'men' | 'failingChecks' | 'sacrifice' | 'picture', points: number) => ({
    feature,
    points,
  });
  expect(gradeText({ level: 1, number: 120, reasons: [reason('length', 90)] })).toBe('Level 1 (120).');
  expect(
    gradeText({
      level: 3,
      number: 710,
      reasons: [
        reason('length', 400),
        reason('failingChecks', 120),
        reason('sacrifice', 80),
        reason('men', -40),
        reason('picture', 20),
      ],
    }),
  ).toBe('Level 3 (710): checks that lead nowhere, a sacrifice and few pieces.');
});
