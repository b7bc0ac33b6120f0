import type { LinkView } from '@zero-point/core/link/linkView';
import type { ReadingScale } from '@zero-point/core/records/values/place';
import type { Axis } from '@zero-point/core/schema/quantities';
import { createContext, useContext } from 'react';

interface Linked {
  view: LinkView;
  /** The scale that the setup's readings stand on. */
  scale: ReadingScale;
  /** The display's step of each axis, as the machine is kept, mm. */
  steps: Readonly<Record<Axis, number>>;
}

/** The link of the machine a setup is on, for every field that an entry is made in; nothing where there is none. */
export const LinkContext = createContext<Linked | undefined>(undefined);

export const useLinked = (): Linked | undefined => useContext(LinkContext);
