import type { Bore } from '@zero-point/core/records/setup/cutPlan';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { isoFit } from '@zero-point/core/boreAndFace/isoFit';
import { PLAIN_MOST_CUT } from '@zero-point/core/state/boreAndFace/bore';
import { Refusal } from '@zero-point/core/problem/problem';
import { View } from 'react-native';
import { Choice } from '../../../controls/Choice';
import { FieldRow } from '../../../keypad/FieldRow';
import { LengthField, OptionalLengthField, TextField } from '../../../keypad/Fields';
import { boreGauges } from '../view';
import { saveBore } from '../commands';

/** What a fit cannot be, in a sentence; undefined where it can. */
function wrongFit(text: string): string | undefined {
  if (text === '') return undefined;
  try {
    isoFit(text);
    return undefined;
  } catch (error) {
    if (error instanceof Refusal) return error.message;
    throw error;
  }
}

/** Everything of a bore: its limits by fit or by themselves, how the head counts, and what measures it. */
export function BoreFields({ book, bore }: { book: SetupState; bore: Bore }) {
  const unit = book.setup.units;
  const bars = book.cutters.filter(({ kind, retiredOn }) => kind === 'boring-bar' && retiredOn === undefined);
  const change = (part: Partial<Bore>) => saveBore(book, { ...bore, ...part });
  const byHand = (part: Partial<Bore>) => {
    const { fit: _, ...rest } = bore;
    saveBore(book, { ...rest, ...part });
  };
  return (
    <View style={{ gap: 12 }}>
      <TextField
        label="Fit"
        hint={`Size and fit, e.g. ${unit === 'mm' ? '26 H7' : '1 in H7'}. Or type the limits below.`}
        value={bore.fit ?? ''}
        check={wrongFit}
        onCommit={(text) => {
          if (text === '') return byHand({});
          const { low, high, text: fit } = isoFit(text);
          change({ low, high, fit });
        }}
      />
      <FieldRow>
        <LengthField
          label="Lower limit"
          unit={unit}
          value={bore.low}
          onCommit={(low) => byHand({ low })}
          check={(mm) => (mm > 0 && mm < bore.high ? undefined : 'Over 0, below the upper limit.')}
        />
        <LengthField
          label="Upper limit"
          unit={unit}
          value={bore.high}
          onCommit={(high) => byHand({ high })}
          check={(mm) => (mm > bore.low ? undefined : 'Above the lower limit.')}
        />
      </FieldRow>
      <Choice
        label="The head’s dial or its indicator is marked on"
        value={bore.counts}
        options={[
          { value: 'radius', label: 'the radius' },
          { value: 'diameter', label: 'the diameter' },
        ]}
        onChange={(counts) => change({ counts })}
      />
      <FieldRow>
        <LengthField
          label="One line of it"
          unit={unit}
          value={bore.step}
          onCommit={(step) => change({ step })}
          check={(mm) => (mm > 0 ? undefined : 'It must be greater than zero.')}
        />
        <LengthField
          label="Most in one pass, on the diameter"
          unit={unit}
          value={bore.mostCut ?? PLAIN_MOST_CUT}
          onCommit={(mostCut) => change({ mostCut })}
          check={(mm) => (mm > 0 ? undefined : 'It must be greater than zero.')}
        />
      </FieldRow>
      {bars.length > 0 && (
        <Choice
          label="Bored with"
          value={bore.bar ?? 'unsaid'}
          options={bars.map(({ id, name }) => ({ value: id, label: name }))}
          onChange={(bar) => bar !== 'unsaid' && change({ bar })}
        />
      )}
      {bore.bar !== undefined && (
        <OptionalLengthField
          label="The bar sticks out by"
          hint="As short as the bore allows, within its maker’s limits. Its spring is stored for this length."
          unit={unit}
          value={bore.stickOut}
          onCommit={(stickOut) => {
            const { stickOut: _, ...rest } = bore;
            saveBore(book, { ...rest, ...(stickOut !== undefined && { stickOut }) });
          }}
          check={(mm) => (mm === undefined || mm > 0 ? undefined : 'It must be greater than zero.')}
        />
      )}
      <Choice
        label="Measured with"
        value={bore.gaugeId}
        options={boreGauges(book, bore.gaugeId).map(({ id, name }) => ({ value: id, label: name }))}
        onChange={(gaugeId) => change({ gaugeId })}
      />
      <TextField
        label="Name"
        value={bore.name}
        onCommit={(name) => change({ name })}
        check={(name) => (name === '' ? 'Give the bore a name.' : undefined)}
      />
    </View>
  );
}
