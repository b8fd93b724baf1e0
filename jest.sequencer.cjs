const Sequencer = require('@jest/test-sequencer').default;

// On a fresh machine jest knows no durations and begins with the largest files; these are short and long at work, and would be left for the end,
// where the other cores have nothing to do.
const LONG = [
  'demo/story',
  'core/runs/fit.prop',
  'core/bench/compare',
  'server/journal/mutated',
  'server/journal/books.prop',
  'server/killed',
];
const rank = ({ path }) => {
  const found = LONG.findIndex((name) => path.replaceAll('\\', '/').includes(`/${name}.`));
  return found < 0 ? LONG.length : found;
};

module.exports = class extends Sequencer {
  sort(tests) {
    return super.sort(tests).toSorted((one, other) => rank(one) - rank(other));
  }
};
