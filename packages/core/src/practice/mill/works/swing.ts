/** The circle an indicator on its arm swings over the table, mm. */
export const SWING = 200;
