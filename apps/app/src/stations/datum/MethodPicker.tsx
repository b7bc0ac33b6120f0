import type { Feature } from '@zero-point/core/contract/datumPlan';
import type { Snapshot } from '@zero-point/core/contract/setup';
import { View } from 'react-native';
import { Choice } from '../../frame/Choice';
import { LengthField } from '../../keypad/Fields';
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
