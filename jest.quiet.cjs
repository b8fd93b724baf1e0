/* global jest */
const { afterEach, beforeEach } = require('@jest/globals');

// A race of a test is told from a fault: what fails is tried once more and both are said. A fault fails twice; whoever sees a second try mends the test.
jest.retryTimes(1, { logErrorsBeforeRetry: true });

// As for a whole test (jest.config): what is waited for may come late on a busy machine.
if (typeof document !== 'undefined') require('@testing-library/react').configure({ asyncUtilTimeout: 30_000 });

// A test that makes React or the page complain fails: an error in the console is one that a user would have. Only this is let pass: data that comes in
// after a test has looked (SWR reads again by itself), which no test waits for.
const LATE = 'not wrapped in act';
const say = console.error;
let said = [];

beforeEach(() => {
  said = [];
  console.error = (...words) => {
    if (String(words[0]).includes(LATE)) return;
    said.push(words);
    say(...words);
  };
});
afterEach(() => {
  console.error = say;
  if (said.length > 0) throw new Error(`the console complained: ${said.map(([first]) => String(first)).join('; ')}`);
});
