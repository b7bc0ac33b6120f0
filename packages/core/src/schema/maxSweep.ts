/** Most readings one sweep may have. */
export const MAX_SWEEP = 2000;
