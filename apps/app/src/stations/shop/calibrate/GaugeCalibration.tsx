import { dueOf, gaugeStatusOf } from '@zero-point/core/state/basis/gaugeStatus';
import { ownRepeatability, uSize } from '@zero-point/core/state/gauges/contactSize';
import type { KnownGauge } from '@zero-point/core/state/basis/calibratedGauge';
import { GAUGE_FACTS, isRound } from '@zero-point/core/metrology/gauges/gaugeKinds';
import type { Gauge } from '@zero-point/core/records/shop/gauge';
import { formatLengthUnit } from '@zero-point/core/units/formatLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { dayWords, isDoubtful, gaugeStatusText } from '@zero-point/core/messages/gauges/gaugeStatus';
import { StyleSheet, View } from 'react-native';
import { useMachineRepeats, useUses, type Shop } from '../../../api/queries';
import { Fold } from '../../../answer/Fold';
import { LinkButton } from '../../../controls/LinkButton';
import { FieldRow } from '../../../keypad/FieldRow';
import { CountField } from '../../../keypad/Fields';
import { AppText } from '../../../theme/AppText';
import { stationPath } from '../../path';
import { CalibrationSummary } from './CalibrationSummary';
import { RoutineLinks } from './RoutineLinks';
import { VoidCalibration } from '../../../touch/VoidCalibration';

interface GaugeCalibrationProps {
  gauge: KnownGauge;
  shop: Shop;
  unit: LengthUnit;
  onKeep: (change: Partial<Gauge>) => void;
}

/** How a gauge stands, how it went in time, how it is measured again, and when that is due. */
export function GaugeCalibration({ gauge, shop, unit, onKeep }: GaugeCalibrationProps) {
  const uses = useUses().data?.find(({ gaugeId }) => gaugeId === gauge.id);
  const machines = useMachineRepeats(gauge.id);
  const calibrations = shop.calibrations
    .filter(({ of }) => of.kind === 'gauge' && of.gaugeId === gauge.id)
    .sort((a, b) => a.at.localeCompare(b.at));
  const standing = gaugeStatusOf(gauge, calibrations, new Date().toISOString(), uses?.touches);
  const words = gaugeStatusText(gauge, standing);
  const limit = dueOf(gauge);
  const due = (change: { days?: number; uses?: number }) => onKeep({ due: { ...gauge.due, ...change } });
  const own = ownRepeatability(shop, gauge.id);
  const round = isRound(gauge.kind);
  return (
    <View style={styles.list}>
      {words !== undefined && (
        <AppText live style={styles.strong} tone={isDoubtful(standing) ? 'warn' : 'ink'}>
          {isDoubtful(standing) ? '▲ ' : ''}
          {words}
        </AppText>
      )}
      {'due' in standing && standing.due !== null && words === undefined && (
        <AppText>{`Checked ${dayWords(standing.since)}, due again on ${dayWords(standing.due)}.`}</AppText>
      )}
      {standing.state === 'voided' && uses !== undefined && uses.setups.length > 0 && (
        <View style={styles.list}>
          <AppText>{`Used since its last good check${uses.since === null ? '' : `, ${dayWords(uses.since)}`}:`}</AppText>
          {uses.setups.map(({ id, name, touches }) => (
            <LinkButton
              key={id}
              to={stationPath(id, 'log')}
              label={`${name}: ${touches === 1 ? 'one touch' : `${touches} touches`}`}
            />
          ))}
        </View>
      )}
      <Fold title="Calibrate it step by step" open={standing.state !== 'good'}>
        <RoutineLinks subject={{ kind: 'gauge', gauge }} page={`/shop/gauges/${gauge.id}`} />
      </Fold>
      <Fold title="History" open={calibrations.length > 1}>
        <CalibrationSummary
          of={{ kind: 'gauge', gaugeId: gauge.id }}
          shop={shop}
          unit={unit}
          usualU={2 * uSize({ ...gauge, measuredU: undefined } as KnownGauge) * (round ? 2 : 1)}
        />
        <AppText>
          {own
            ? `In the log it repeats to ${formatLengthUnit(own.sd, { unit, decimals: unit === 'mm' ? 4 : 5 })}, standard deviation, over ${own.readings} readings.`
            : `Too few repeats in the log; ${formatLengthUnit(GAUGE_FACTS[gauge.kind].uTouch, { unit })} is used.`}
        </AppText>
        {(machines.data ?? []).map(({ machineId, machine, sd, readings, seconds }) => (
          <AppText key={machineId} kind="note" tone="soft">
            {`On ${machine}: ${formatLengthUnit(sd, { unit, decimals: unit === 'mm' ? 4 : 5 })} over ${readings} repeats${seconds === null ? '' : `, a touch every ${Math.round(seconds)} s`}.`}
          </AppText>
        ))}
      </Fold>
      <Fold title="When is it due?">
        <FieldRow>
          <CountField
            label="Days between checks"
            hint={`${GAUGE_FACTS[gauge.kind].due.days} is usual for its kind.`}
            value={limit.days}
            onCommit={(days) => due({ days })}
            check={(days) => (days >= 1 && days <= 3650 ? undefined : 'Between 1 and 3650 days.')}
          />
          <CountField
            label="Or touches between checks"
            hint={uses ? `${uses.touches} since it was last found.` : 'Whichever comes first.'}
            value={limit.uses ?? 0}
            onCommit={(count) => due({ uses: count })}
            check={(count) => (count >= 1 && count <= 100_000 ? undefined : 'Between 1 and 100000 touches.')}
          />
        </FieldRow>
      </Fold>
      <VoidCalibration
        of={{ kind: 'gauge', gaugeId: gauge.id }}
        name={gauge.name}
        ways={GAUGE_FACTS[gauge.kind].hasTip ? ['crash', 'dropped', 'new-stylus'] : ['dropped', 'crash', 'repaired']}
      />
    </View>
  );
}

const styles = StyleSheet.create({ list: { gap: 12 }, strong: { fontWeight: '700' } });
