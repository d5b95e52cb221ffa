/**
 * The files that take longest begin first. Jest orders by the time of the run before, which a fresh clone does not have, and then by size:
 * the family checks, a few lines long and minutes at work, began last and kept one core busy while the other had nothing to do.
 */
const { default: Sequencer } = require('@jest/test-sequencer');

/** Parts of their paths, the longest first (seconds on two cores in `--json` of a whole run). */
const LONGEST = [
  'core/compose/exercisesOther',
  'core/compose/exercises.test',
  'tests/truth/exercises',
  'core/compose/wholeAnswers',
  'core/notation/reader/readMove',
  'print/print',
  'core/search/mateSearch',
  'ui/panels/desk/Desk',
  'tests/truth/mateWords',
  'ui/language',
  'ui/answer/draft',
  'ui/panels/live/BigBoard',
  'core/compose/exercises.oracle',
];

/** Its place among the longest; one behind them all for the others. */
function rankOf({ path }) {
  const place = LONGEST.findIndex((part) => path.includes(part));
  return place < 0 ? LONGEST.length : place;
}

module.exports = class LongestFirst extends Sequencer {
  sort(tests) {
    return super.sort(tests).sort((one, other) => rankOf(one) - rankOf(other));
  }
};
