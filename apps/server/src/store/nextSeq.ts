/**
 * The next place in the record. Readings, other rows and documents share one count, so that "what is new since" is one
 * number; a place is never given again, though what stood there was taken away. Told inside the transaction that uses it, so no two writers get the same.
 */
export const NEXT_SEQ = `(SELECT 1 + max(coalesce((SELECT max(seq) FROM readings), 0),
                                coalesce((SELECT max(seq) FROM entries), 0),
                                coalesce((SELECT max(seq) FROM documents), 0),
                                coalesce((SELECT max(seq) FROM row_sums), 0)))`;

export const LAST_SEQ = `SELECT max(coalesce((SELECT max(seq) FROM readings), 0),
                            coalesce((SELECT max(seq) FROM entries), 0),
                            coalesce((SELECT max(seq) FROM documents), 0))`;
