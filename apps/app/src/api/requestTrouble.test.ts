import { ServerAway, ServerRefusal } from './client';
import { requestTrouble } from './requestTrouble';

const START = 'Start the server, then try again.';

test('no answer: the server is away, and what to do', () =>
  expect(requestTrouble(new ServerAway(), START)).toEqual({ title: 'The server is away', detail: START }));

test('an answer that is a fault is told as the server told it, not as being away', () =>
  expect(requestTrouble(new ServerAway('The disk is full.'), START)).toEqual({
    title: 'The server could not answer',
    detail: 'The disk is full.',
  }));

test('a refusal is told in its own words', () => {
  const problem = {
    type: 'x',
    title: 'Not found',
    status: 404,
    detail: 'There is no setup “x”.',
    instance: '/',
    code: 'not-found',
    requestId: '1',
  };
  expect(requestTrouble(new ServerRefusal(problem), START)).toEqual({ title: 'Not found', detail: problem.detail });
});

test('an answer nobody could read is no absence', () =>
  expect(requestTrouble(new TypeError('x is undefined'), START).title).toBe('The server could not answer'));
