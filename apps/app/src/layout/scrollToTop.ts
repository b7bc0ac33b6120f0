import { createContext } from 'react';

/** Brings a station's sentence, or the answer when wide, back in sight, however far down the page was read. */
export const ToTop = createContext<() => void>(() => undefined);
