import type { Book } from '@zero-point/core/state/basis/setupState';
import type { GaugeStanding } from '@zero-point/core/state/basis/gaugeStatus';
import { standingAt } from '@zero-point/core/state/gauges/gaugeStatusAt';
import { isDoubtful, standingWords } from '@zero-point/core/messages/gauges/gaugeStatus';
import { Words } from '../theme/AppText';

interface StandingLineProps {
  book: Book;
  gaugeId: string | undefined;
  /** Only what is in doubt, which has to be in sight; or only what is merely worth knowing. */
  only: 'doubtful' | 'rest';
}

/** What is to be known of a gauge as it touches: overdue, dropped since, nearly due, never measured. */
export function StandingLine({ book, gaugeId, only }: StandingLineProps) {
  const gauge = book.gauges.find(({ id }) => id === gaugeId);
  if (!gauge) return null;
  const standing: GaugeStanding = standingAt(book, gauge, new Date().toISOString());
  const words = standingWords(gauge, standing);
  const doubtful = isDoubtful(standing);
  if (words === undefined || doubtful !== (only === 'doubtful')) return null;
  return (
    <Words kind="note" tone={doubtful ? 'warn' : 'soft'}>
      {doubtful ? '▲ ' : ''}
      {words}
    </Words>
  );
}
