import type { SetupState } from '../../state/basis/setupState';

/** The work offset that is set, by its name where the plan says which: a figure in another one moves the whole job. */
export const offsetWords = ({ setup }: Pick<SetupState, 'setup'>): string =>
  setup.workOffset === undefined ? 'Work offset' : `Work offset ${setup.workOffset},`;
