import type { Feature } from '@zero-point/core/contract/datumPlan';
import type { Snapshot } from '@zero-point/core/contract/setup';
import { METHOD_FACTS, METHODS, methodOf } from '@zero-point/core/methods/method';
import { View } from 'react-native';
import { Choice } from '../../frame/Choice';
import { PressLink } from '../../frame/PressLink';
import { LengthField } from '../../keypad/Fields';
import { Words } from '../../theme/Words';
import { changePlan } from '../plan/usePlan';
import type { MethodView } from './useFeature';
import { MethodList } from './MethodList';
import { takeMethod } from './useMethods';

interface MethodPickerProps {
  snapshot: Snapshot;
  feature: Feature;
  method: MethodView | undefined;
  onTaken: () => void;
}

/** What the feature can be found with, the quickest that is good enough first, each with its reason. */
export function MethodPicker({ snapshot, feature, method, onTaken }: MethodPickerProps) {
  const { setup, tools } = snapshot;
  const cutters = tools.filter(({ retiredOn }) => retiredOn === undefined);
  return (
    <View style={{ gap: 10 }}>
      <MethodList
        snapshot={snapshot}
        kind={feature.kind}
        chosen={method?.gauge.id}
        onTake={(way) => {
          takeMethod(snapshot, feature, way);
          onTaken();
        }}
      />
      <MissingMethods snapshot={snapshot} feature={feature} />
      <LengthField
        label="Feeler or paper besides"
        unit={setup.units}
        value={setup.feeler}
        onCommit={(feeler) => changePlan(snapshot, { feeler })}
        check={(mm) => (mm >= 0 ? undefined : 'A feeler cannot be thinner than nothing.')}
      />
      {cutters.length > 0 && (
        <Choice
          label="Cutter in the spindle, for paper and plate"
          value={String(setup.cutter ?? setup.referenceTool)}
          options={cutters.map(({ number, name }) => ({ value: String(number), label: `T${number} ${name}` }))}
          onChange={(number) => changePlan(snapshot, { cutter: Number(number) })}
        />
      )}
    </View>
  );
}

/** Ways the shop has no gauge for, and where to add one. */
function MissingMethods({ snapshot, feature }: { snapshot: Snapshot; feature: Feature }) {
  const round = feature.kind === 'round' || feature.kind === 'hole-line';
  const owned = new Set(snapshot.gauges.map(({ kind }) => methodOf(kind)));
  const missing = METHODS.filter(
    (method) => !owned.has(method) && METHOD_FACTS[method].finds.includes(round ? 'rounds' : 'faces'),
  );
  if (missing.length === 0) return null;
  return (
    <View style={{ gap: 6 }}>
      <Words kind="note" tone="soft">
        Not in the shop yet: {missing.map((method) => METHOD_FACTS[method].name.toLowerCase()).join(', ')}.
      </Words>
      <PressLink to="/shop/gauges">
        <Words>Add one to the shop</Words>
      </PressLink>
    </View>
  );
}
