import { calibratedKey, type KnownMachine } from '@zero-point/core/state/basis/setupState';
import { acrossNames, type RotaryLetter } from '@zero-point/core/rotary/turn';
import { dayWords } from '@zero-point/core/messages/gauges/gaugeStatus';
import { CENTRE_WORDS, centresWords, turnSeenFrom } from '@zero-point/core/messages/rotary/rotaryCentre';
import { StyleSheet, View } from 'react-native';
import type { Shop } from '../../../api/queries';
import { FigureLine } from '../../../answer/FigureLine';
import { Fold } from '../../../answer/Fold';
import { LinkButton } from '../../../controls/LinkButton';
import { AppText } from '../../../theme/AppText';
import { CalibrationSummary } from './CalibrationSummary';
import { ProveCentre } from './ProveCentre';
import { RoutineLinks } from './RoutineLinks';
import { rotarySubject } from './subject';
import { VoidCalibration } from '../../../touch/VoidCalibration';

interface RotaryPageProps {
  machine: KnownMachine;
  axis: RotaryLetter;
  shop: Shop;
}

/** What the shop knows of a rotary axis: which way it counts, where it turns, how that was proved, and how it went in time. */
export function RotaryPage({ machine, axis, shop }: RotaryPageProps) {
  const unit = machine.units;
  const known = machine.rotary?.find(({ name }) => name === axis);
  const of = { kind: 'rotary' as const, machineId: machine.id, axis };
  const [first, second] = acrossNames(axis);
  const page = `/shop/machines/${machine.id}?axis=${axis}`;
  const centre = known?.centre;
  const others = (known?.centres ?? []).filter(({ by }) => by !== centre?.by);
  const confirmed = known?.confirmed;
  return (
    <View style={styles.list}>
      <View role="heading" aria-level={2}>
        <AppText kind="sentence">{`${axis} of ${machine.name}`}</AppText>
      </View>
      {confirmed === undefined ? (
        <AppText style={styles.strong} tone="warn">
          {`▲ The direction of ${axis} is not known. Make its trial turn first: no offset is shown until then.`}
        </AppText>
      ) : (
        <AppText>
          {`Plus turns the table ${confirmed === 1 ? 'clockwise' : 'anticlockwise'}, seen ${turnSeenFrom(axis)}: seen on ${dayWords(known?.confirmedAt ?? '')}.`}
        </AppText>
      )}
      {centre ? (
        <View style={styles.list}>
          {([0, 1] as const).map((i) => (
            <FigureLine
              key={i}
              say={`Centre, ${i === 0 ? first : second}`}
              value={centre.at[i]}
              U={centre.U[i]}
              unit={unit}
              size={26}
            />
          ))}
          <AppText tone="soft">{`In machine coordinates, found ${CENTRE_WORDS[centre.by]} on ${dayWords(centre.from)}.`}</AppText>
        </View>
      ) : (
        <AppText>Its centre is not known yet.</AppText>
      )}
      {centre &&
        others.map((other) => {
          const { agrees, words } = centresWords(axis, other, centre, unit);
          return (
            <AppText key={other.by} tone={agrees ? 'good' : 'bad'}>
              {agrees ? '✓ ' : '✗ '}
              {words}
            </AppText>
          );
        })}
      <Fold title="Find it step by step" open={!centre || confirmed === undefined}>
        <RoutineLinks subject={rotarySubject(machine, axis)} page={page} />
      </Fold>
      {centre && (
        <Fold title="Check it by a cut, or by a turn">
          <ProveCentre machine={machine} axis={axis} centre={centre} sense={confirmed} shop={shop} />
        </Fold>
      )}
      <Fold title="History" open={shop.calibrations.some((one) => calibratedKey(one.of) === calibratedKey(of))}>
        <CalibrationSummary of={of} shop={shop} unit={unit} usualU={0.02} across={[first, second]} />
      </Fold>
      <VoidCalibration of={of} name={`${axis}’s centre`} ways={['crash', 'repaired']} />
      <LinkButton to={`/shop/machines/${machine.id}`} label={`All of ${machine.name}`} />
    </View>
  );
}

const styles = StyleSheet.create({
  list: { gap: 12 },
  strong: { fontWeight: '700' },
});
