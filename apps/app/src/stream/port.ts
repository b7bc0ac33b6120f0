import type { Topic } from './hub';

/** What a window says to the hub it shares with others. */
export type PortAsked =
  | { do: 'listen'; number: number; topic: Topic; since?: number | undefined }
  | { do: 'stop'; number: number }
  | { do: 'leave' };

/** What it is told: something was heard, or may have been missed. */
export type PortSummary = { number: number; data: unknown } | { number: number; again: true };
