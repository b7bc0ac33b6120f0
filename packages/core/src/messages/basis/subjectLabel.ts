import type { SetupState } from '../../state/basis/setupState';
import { featureName, roundName } from '../../datum/feature';
import type { Subject } from '../../records/values/subject';
import { TASK_TITLES } from './labels';

/** What an axis was set from, in a few words. */
export function subjectWords({ part, datumPlan }: Pick<SetupState, 'part' | 'datumPlan'>, subject: Subject): string {
  switch (subject.kind) {
    case 'face':
    case 'round':
    case 'middle':
    case 'corner':
    case 'hole-line':
      return featureName(part, subject);
    case 'return':
      return featureName(part, { ...subject, kind: 'face' });
    case 'return-round':
      return featureName(part, { kind: 'round', of: subject.of });
    case 'standing':
      return `over ${roundName(part, subject.of)}`;
    case 'z-zero':
    case 'tool-length':
    case 'return-z':
      return `tool ${subject.tool}`;
    case 'tool-spot':
      return `${subject.tool === undefined ? 'the probe' : `tool ${subject.tool}`}, at the tool touch-off point`;
    case 'master':
      return 'master tool';
    case 'alignment':
      return TASK_TITLES[subject.task];
    case 'datum':
      return datumPlan.local.find(({ id }) => id === subject.datum)?.name ?? 'part zero';
    case 'lost':
      return 'lost';
  }
}
