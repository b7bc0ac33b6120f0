import type { Feature } from '@zero-point/core/records/setup/datumPlan';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { METHODS } from '@zero-point/core/metrology/gauges/gaugeKindFacts';
import { METHOD_FACTS, methodOf } from '@zero-point/core/methods/method';
import { View } from 'react-native';
import { Choice } from '../../../../controls/Choice';
import { LinkButton } from '../../../../controls/LinkButton';
import { LengthField } from '../../../../keypad/Fields';
import { AppText } from '../../../../theme/AppText';
import { savePlan } from '../../../../commands/savePlan';
import type { MethodView } from './methodView';
import { MethodList } from '../../../../touch/MethodList';
import { chooseFinder } from './chooseFinder';

interface MethodPickerProps {
  book: SetupState;
  feature: Feature;
  method: MethodView | undefined;
  onTaken: () => void;
}

/** What the feature can be found with, the quickest that is good enough first, each with its reason. */
export function MethodPicker({ book, feature, method, onTaken }: MethodPickerProps) {
  const { setup, tools } = book;
  const cutters = tools.filter(({ retiredOn }) => retiredOn === undefined);
  return (
    <View style={{ gap: 10 }}>
      <MethodList
        book={book}
        kind={feature.kind}
        feature={feature}
        chosen={method?.gauge.id}
        onTake={(way) => {
          chooseFinder(book, feature, way);
          onTaken();
        }}
      />
      <MissingMethods book={book} feature={feature} />
      <LengthField
        label="Feeler or paper besides"
        unit={setup.units}
        value={setup.feeler}
        onCommit={(feeler) => savePlan(book, { feeler })}
        check={(mm) => (mm >= 0 ? undefined : 'A feeler cannot be thinner than nothing.')}
      />
      {cutters.length > 0 && (
        <Choice
          label="Cutter in the spindle, for paper and plate"
          value={String(setup.cutter ?? setup.referenceTool)}
          options={cutters.map(({ number, name }) => ({ value: String(number), label: `T${number} ${name}` }))}
          onChange={(number) => savePlan(book, { cutter: Number(number) })}
        />
      )}
    </View>
  );
}

/** Ways the shop has no gauge for, and where to add one. */
function MissingMethods({ book, feature }: { book: SetupState; feature: Feature }) {
  const round = feature.kind === 'round' || feature.kind === 'hole-line';
  const owned = new Set(book.gauges.map(({ kind }) => methodOf(kind)));
  const missing = METHODS.filter(
    (method) => !owned.has(method) && METHOD_FACTS[method].finds.includes(round ? 'rounds' : 'faces'),
  );
  if (missing.length === 0) return null;
  return (
    <View style={{ gap: 6 }}>
      <AppText kind="note" tone="soft">
        Not in the shop yet: {missing.map((method) => METHOD_FACTS[method].name.toLowerCase()).join(', ')}.
      </AppText>
      <LinkButton to="/shop/gauges" label="Add one to the shop" />
    </View>
  );
}
