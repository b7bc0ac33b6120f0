/**
 * How long a listener waits for who has connected, ms: for a request's head, for all of it, and how often it looks.
 * A connection that says nothing is dropped after the first.
 */
export const PATIENCE = { headersTimeout: 10_000, requestTimeout: 60_000, connectionsCheckingInterval: 1000 };

/** Connections that one door to the network holds at a time: those of the machine itself always have room. */
export const MOST_CONNECTIONS = 256;
