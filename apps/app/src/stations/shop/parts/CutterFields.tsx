import { cutterSizeOf } from '@zero-point/core/state/basis/calibratedGauge';
import { coarsePitch } from '@zero-point/core/holes/patterns/holeSizes';
import { TOOL_KINDS } from '@zero-point/core/records/values/toolKinds';
import type { Cutter } from '@zero-point/core/records/shop/cutter';
import { View } from 'react-native';
import type { Shop } from '../../../api/queries';
import { Choice } from '../../../controls/Choice';
import { LinkButton } from '../../../controls/LinkButton';
import { CountField, LengthField, OptionalLengthField, TextField } from '../../../keypad/Fields';
import { calibrate } from '../../../commands/calibrate';
import { saveThing } from '../../../commands/logEntry';
import { useSettings } from '../../../stores/settings';
import { AppText } from '../../../theme/AppText';
import { VoidCalibration } from '../../../touch/VoidCalibration';
import { numbersOf } from '../view';
import { saveToolNumber } from '../commands';

/** Everything of a cutter, and its number in each machine. */
export function CutterFields({ cutter, shop }: { cutter: Cutter; shop: Shop }) {
  const unit = useSettings((state) => state.units);
  const keep = (change: Partial<Cutter>) => saveThing(shop, 'cutter', { ...cutter, ...change });
  return (
    <View style={{ gap: 16 }}>
      <TextField
        label="Name"
        hint="The name you use for it."
        value={cutter.name}
        onCommit={(name) => keep({ name })}
        check={(name) => (name === '' ? 'Give the tool a name.' : undefined)}
      />
      <Choice
        label="Kind"
        value={cutter.kind ?? 'other'}
        options={TOOL_KINDS.map((kind) => ({ value: kind, label: kind.replace('-', ' ') }))}
        onChange={(kind) => keep({ kind })}
      />
      <View style={{ flexDirection: 'row', gap: 12, alignItems: 'flex-end' }}>
        <LengthField
          label="Diameter"
          hint="For drawings and for touching off."
          unit={unit}
          value={cutter.diameter}
          onCommit={(diameter) => keep({ diameter })}
          check={(mm) => (mm >= 0 ? undefined : 'It cannot be negative.')}
        />
        <CountField
          label="Teeth"
          hint="0 for none."
          value={cutter.teeth ?? 0}
          onCommit={(teeth) => keep({ teeth })}
          check={(n) => (n <= 99 ? undefined : 'At most 99 teeth.')}
        />
      </View>
      <LinkButton to={`/shop/cutters/${cutter.id}?do=by-instrument`} label="Measure its diameter step by step" />
      <OptionalLengthField
        label="Measured diameter"
        hint="Over opposite teeth, never the shank. Odd-fluted: V-anvil micrometer or a test cut. Used for touches from now on. Leave empty if not measured."
        unit={unit}
        value={
          cutterSizeOf(shop.calibrations.filter(({ of }) => of.kind === 'cutter' && of.cutterId === cutter.id))?.value
        }
        onCommit={(value) =>
          value !== undefined && calibrate({ kind: 'cutter', cutterId: cutter.id }, { what: 'size', value })
        }
        check={(mm) => (mm === undefined || mm > 0 ? undefined : 'It must be greater than zero.')}
      />
      <EndFields cutter={cutter} keep={keep} />
      <Numbers cutter={cutter} shop={shop} />
      <VoidCalibration
        of={{ kind: 'cutter', cutterId: cutter.id }}
        name={cutter.name}
        ways={['repaired', 'crash']}
        buttons={{ repaired: 'Reground, or new inserts' }}
        said={`from now on the length of ${cutter.name} is not valid in any machine until it is touched off again. Measure its diameter again too. Earlier touches keep the old one.`}
      />
    </View>
  );
}

/** What decides how deep its point goes, and which holes it does: by its kind. */
function EndFields({ cutter, keep }: { cutter: Cutter; keep: (change: Partial<Cutter>) => void }) {
  const unit = useSettings((state) => state.units);
  const { kind } = cutter;
  const notNegative = (mm: number) => (mm >= 0 ? undefined : 'It cannot be negative.');
  return (
    <>
      {kind === 'tap' && (
        <LengthField
          label="Pitch"
          hint="From one thread to the next. A tap is found by its size and pitch."
          unit={unit}
          value={cutter.pitch ?? coarsePitch(cutter.diameter) ?? 0}
          onCommit={(pitch) => keep({ pitch })}
          check={(mm) => (mm > 0 ? undefined : 'It must be greater than zero.')}
        />
      )}
      {(kind === 'reamer' || kind === 'tap') && (
        <LengthField
          label="Lead"
          hint="The taper at its tip that does not cut to size."
          unit={unit}
          value={cutter.lead ?? 0}
          onCommit={(lead) => keep({ lead })}
          check={notNegative}
        />
      )}
      {(kind === 'drill' || kind === 'spot-drill') && (
        <CountField
          label="Angle of the point, °"
          hint="The whole of it: 118 for most drills, 90 for most spot drills."
          value={Math.round(cutter.pointAngle ?? (kind === 'drill' ? 118 : 90))}
          onCommit={(pointAngle) => keep({ pointAngle })}
          check={(n) => (n >= 20 && n < 180 ? undefined : 'From 20 to 179.')}
        />
      )}
    </>
  );
}

/** Two machines may both have a T1, and it need not be the same cutter. */
function Numbers({ cutter, shop }: { cutter: Cutter; shop: Shop }) {
  const numbers = numbersOf(shop, cutter.id);
  const taken = (machineId: string, number: number) => {
    const other = shop.magazines
      .find(({ id }) => id === machineId)
      ?.tools.find((tool) => tool.number === number && tool.cutterId !== cutter.id);
    return other && shop.cutters.find(({ id }) => id === other.cutterId);
  };
  return (
    <View style={{ gap: 8 }}>
      <AppText kind="note" tone="soft">
        Its number in each machine’s rack or changer. 0 if it has none.
      </AppText>
      {shop.machines
        .filter(({ retiredOn }) => retiredOn === undefined)
        .map(({ id, name }) => (
          <CountField
            key={id}
            label={`Number in ${name}`}
            value={numbers.find(({ machine }) => machine.id === id)?.number ?? 0}
            onCommit={(number) => saveToolNumber(shop, id, cutter.id, number === 0 ? undefined : number)}
            check={(number) => {
              const other = taken(id, number);
              if (other) return `Number ${number} is ${other.name} there. Give another number, or free that one first.`;
              return number <= 9999 ? undefined : 'A number up to 9999.';
            }}
          />
        ))}
    </View>
  );
}
