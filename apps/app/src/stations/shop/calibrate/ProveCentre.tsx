import type { KnownMachine } from '@zero-point/core/state/basis/setupState';
import { uTouch } from '@zero-point/core/state/gauges/contactSize';
import type { KnownGauge } from '@zero-point/core/state/basis/calibratedGauge';
import type { KnownCentre } from '@zero-point/core/state/basis/rotaryCentre';
import { REGISTRY } from '@zero-point/core/registry/registry';
import { calculate } from '@zero-point/core/calculators/form';
import { Refusal } from '@zero-point/core/problem/problem';
import type { ProveCentreInput, ProveCentreOutput } from '@zero-point/core/rotary/proveCentre.schema';
import { mean } from '@zero-point/core/metrology/mean';
import { acrossNames, partTurn, type RotaryLetter } from '@zero-point/core/rotary/turn';
import { gaugesOfKinds } from '@zero-point/core/routines/routine';
import { formatLengthUnit } from '@zero-point/core/units/formatLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { proveCentreWords, shiftAt } from '@zero-point/core/messages/rotary/rotaryCentre';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import type { Shop } from '../../../api/queries';
import { Choice } from '../../../controls/Choice';
import { FieldRow } from '../../../keypad/FieldRow';
import { AngleField, LengthsField } from '../../../keypad/Fields';
import { calibrate } from '../../../commands/calibrate';
import { WorkingStrip } from '../../../working/WorkingStrip';
import { AppText } from '../../../theme/AppText';

interface ProveCentreProps {
  machine: KnownMachine;
  axis: RotaryLetter;
  centre: KnownCentre;
  sense: 1 | -1 | undefined;
  shop: Shop;
}

type What = 'walls' | 'point';
type Key = 'plusFirst' | 'plusTurned' | 'minusFirst' | 'minusTurned' | 'u1' | 'v1' | 'u2' | 'v2';

/** Proves a centre by walls two cuts left, or by one thing found before and after a turn; what is off is offered corrected. */
export function ProveCentre({ machine, axis, centre, sense, shop }: ProveCentreProps) {
  const unit = machine.units;
  const names = acrossNames(axis);
  const [what, setWhat] = useState<What>('walls');
  const [along, setAlong] = useState<0 | 1>(0);
  const [command, setCommand] = useState(180);
  const [told, setTold] = useState<Partial<Record<Key, readonly number[]>>>({});
  const gauges = gaugesOfKinds(
    shop.gauges,
    what === 'walls' ? ['micrometer', 'caliper'] : ['probe', 'contact-light', 'indicator', 'spring-finder', 'pin'],
  );
  const [gaugeId, setGaugeId] = useState<string>();
  const gauge = gauges.find(({ id }) => id === gaugeId) ?? gauges[0];
  const field = (key: Key, label: string) => (
    <LengthsField
      key={key}
      label={label}
      unit={unit}
      value={told[key] ?? []}
      onCommit={(values) => setTold({ ...told, [key]: values })}
    />
  );
  const by = gauge && inputOf({ what, along, command, sense, told, gauge, step: machine.axes.x.step });
  const found = by && proved({ axis, centre: [...centre.at], centreU: [...centre.U], by });
  return (
    <View style={styles.list}>
      <Choice
        label="By"
        value={what}
        options={[
          { value: 'walls', label: 'walls cut twice, 180° apart' },
          { value: 'point', label: 'a ball, bore or boss before and after a turn' },
        ]}
        onChange={setWhat}
      />
      {gauges.length === 0 && (
        <AppText tone="warn">
          {what === 'walls'
            ? 'Add a micrometer or a caliper to the shop first.'
            : 'Add the instrument used to the shop first.'}
        </AppText>
      )}
      {gauge && (
        <Choice
          label="Measured with"
          value={gauge.id}
          options={gauges.map(({ id, name }) => ({ value: id, label: name }))}
          onChange={setGaugeId}
        />
      )}
      {what === 'walls' ? (
        <>
          <AppText>
            {`Cut once, turn ${axis} half round, cut the same again. Measure the walls both cuts left at one outer face of the part; toward plus and minus as they lay at the first cut.`}
          </AppText>
          <Choice
            label="The walls lie along"
            value={String(along)}
            options={names.map((name, i) => ({ value: String(i), label: name }))}
            onChange={(value) => setAlong(value === '1' ? 1 : 0)}
          />
          <FieldRow>
            {field('plusFirst', `Wall toward +${names[along]}, first cut`)}
            {field('plusTurned', 'That wall, second cut')}
          </FieldRow>
          <FieldRow>
            {field('minusFirst', `Wall toward −${names[along]}, first cut`)}
            {field('minusTurned', 'That wall, second cut')}
          </FieldRow>
        </>
      ) : (
        <>
          <AngleField
            label={`${axis} was turned by`}
            hint="Degrees as commanded. 180° shows most."
            value={command}
            onCommit={setCommand}
          />
          {sense === undefined && (
            <AppText tone="warn">{`Make the trial turn of ${axis} first: its direction is not known yet.`}</AppText>
          )}
          <FieldRow>
            {field('u1', `${names[0]} before`)}
            {field('v1', `${names[1]} before`)}
          </FieldRow>
          <FieldRow>
            {field('u2', `${names[0]} after`)}
            {field('v2', `${names[1]} after`)}
          </FieldRow>
        </>
      )}
      {typeof found === 'string' && (
        <View role="alert">
          <AppText tone="bad" style={styles.strong}>
            {found}
          </AppText>
        </View>
      )}
      {found !== undefined && typeof found !== 'string' && (
        <Proof found={found} axis={axis} machine={machine} centre={centre} sense={sense} unit={unit} />
      )}
    </View>
  );
}

interface ProofProps {
  found: ProveCentreOutput;
  axis: RotaryLetter;
  machine: KnownMachine;
  centre: KnownCentre;
  sense: 1 | -1 | undefined;
  unit: LengthUnit;
}

function Proof({ found, axis, machine, centre, sense, unit }: ProofProps) {
  const names = acrossNames(axis);
  const of = (i: 0 | 1) => found.along.find(({ coordinate }) => coordinate === names[i]);
  const off: [number, number] = [of(0)?.off ?? 0, of(1)?.off ?? 0];
  const at: [number, number] = [of(0)?.corrected ?? centre.at[0], of(1)?.corrected ?? centre.at[1]];
  const U: [number, number] = [of(0)?.U ?? centre.U[0], of(1)?.U ?? centre.U[1]];
  const doubtful = found.state !== 'true';
  const size = (mm: number) => formatLengthUnit(mm, { unit, plus: true });
  return (
    <View style={styles.list}>
      <AppText live style={styles.strong} tone={found.state === 'off' ? 'bad' : doubtful ? 'warn' : 'good'}>
        {found.state === 'off' ? '✗ ' : doubtful ? '▲ ' : '✓ '}
        {proveCentreWords(found, axis, unit)}
      </AppText>
      {found.state === 'off' && (
        <>
          <AppText>Measured error of part zero, against the offset calculated with this centre:</AppText>
          {(sense === undefined ? [180] : [90, 180, -90]).map((command) => {
            const [u, v] = shiftAt(off, partTurn({ sense: sense ?? 1, command }));
            return (
              <AppText
                key={command}
              >{`${axis} ${command < 0 ? '−' : '+'}${Math.abs(command)}°: ${names[0]} ${size(u)}, ${names[1]} ${size(v)}`}</AppText>
            );
          })}
          <Button
            mode="contained"
            onPress={() =>
              calibrate(
                { kind: 'rotary', machineId: machine.id, axis },
                { what: 'centre', at, U, by: 'proved' },
                { reference: 'checked by a cut' },
              )
            }
          >
            {`Use the corrected centre, ${names.map((name, i) => `${name} ${size(at[i === 0 ? 0 : 1])}`).join(', ')}`}
          </Button>
        </>
      )}
      <WorkingStrip tape={found.tape} unit={unit} />
    </View>
  );
}

interface Told {
  what: What;
  along: 0 | 1;
  command: number;
  sense: 1 | -1 | undefined;
  told: Partial<Record<Key, readonly number[]>>;
  gauge: KnownGauge;
  step: number;
}

/** What was told so far as the calculation takes it; undefined while it is too little. */
function inputOf({ what, along, command, sense, told, gauge, step }: Told): ProveCentreInput['by'] | undefined {
  const has = (key: Key) => (told[key] ?? []).length > 0;
  const all = (key: Key) => [...(told[key] ?? [])];
  const middle = (key: Key) => mean(all(key));
  if (what === 'walls') {
    const plus = has('plusFirst') && has('plusTurned');
    const minus = has('minusFirst') && has('minusTurned');
    if (!plus && !minus) return undefined;
    return {
      what,
      along,
      ...(plus && { plus: { first: all('plusFirst'), turned: all('plusTurned') } }),
      ...(minus && { minus: { first: all('minusFirst'), turned: all('minusTurned') } }),
      instrument: { resolution: gauge.resolution ?? 0.01, sd: uTouch(gauge) / 2 },
    };
  }
  if (sense === undefined || !(['u1', 'v1', 'u2', 'v2'] as const).every(has)) return undefined;
  return {
    what,
    sense,
    command,
    first: [middle('u1'), middle('v1')],
    turned: [middle('u2'), middle('v2')],
    uPoint: Math.hypot(uTouch(gauge), step / Math.sqrt(12)) * Math.SQRT1_2,
  };
}

/** The proof, or why there is none. */
function proved(input: ProveCentreInput): ProveCentreOutput | string {
  try {
    return calculate(REGISTRY['prove-centre'], input);
  } catch (error) {
    if (error instanceof Refusal) return error.message;
    throw error;
  }
}

const styles = StyleSheet.create({ list: { gap: 12 }, strong: { fontWeight: '700' } });
