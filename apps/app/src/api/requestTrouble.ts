import { ServerAway, ServerRefusal } from './client';

/**
 * What a page says when a request failed. “Away” is said only when the server did not answer.
 *
 * @param away what to do when it did not
 */
export function requestTrouble(error: Error, away: string): { title: string; detail: string } {
  if (error instanceof ServerRefusal) return { title: error.problem.title, detail: error.problem.detail };
  if (error instanceof ServerAway && error.fault === undefined) return { title: 'The server is away', detail: away };
  return { title: 'The server could not answer', detail: error.message };
}
