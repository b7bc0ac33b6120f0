import type { SetupState } from '@zero-point/core/state/basis/setupState';
import type { GaugeStatus } from '@zero-point/core/state/basis/gaugeStatus';
import { gaugeStatusAt } from '@zero-point/core/state/gauges/gaugeStatusAt';
import { isDoubtful, gaugeStatusText } from '@zero-point/core/messages/gauges/gaugeStatus';
import { AppText } from '../theme/AppText';

interface StandingLineProps {
  book: SetupState;
  gaugeId: string | undefined;
  /** Only what is in doubt, which has to be in sight; or only what is merely worth knowing. */
  only: 'doubtful' | 'rest';
}

/** What is to be known of a gauge as it touches: overdue, dropped since, nearly due, never measured. */
export function GaugeStatusLine({ book, gaugeId, only }: StandingLineProps) {
  const gauge = book.gauges.find(({ id }) => id === gaugeId);
  if (!gauge) return null;
  const standing: GaugeStatus = gaugeStatusAt(book, gauge, new Date().toISOString());
  const words = gaugeStatusText(gauge, standing);
  const doubtful = isDoubtful(standing);
  if (words === undefined || doubtful !== (only === 'doubtful')) return null;
  return (
    <AppText kind="note" tone={doubtful ? 'warn' : 'soft'}>
      {doubtful ? '▲ ' : ''}
      {words}
    </AppText>
  );
}
