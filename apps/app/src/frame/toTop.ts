import { createContext } from 'react';

/** Brings a station's sentence back in sight: what was logged is answered there, however far down the page was read. */
export const ToTop = createContext<() => void>(() => undefined);
