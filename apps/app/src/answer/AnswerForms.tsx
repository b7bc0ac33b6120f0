import type { FormName, FormView } from '@zero-point/core/messages/datum/formView';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { View } from 'react-native';
import { CardButton } from '../controls/CardButton';
import { Figure, AppText } from '../theme/AppText';

interface AnswerFormsProps {
  forms: readonly FormView[];
  chosen: FormName;
  onChoose: (form: FormName) => void;
  unit: LengthUnit;
  plusMinus: string;
}

/** The figure of a way, or both of them one above the other. */
function FigureOf({ view, large, beside }: { view: FormView; large: boolean; beside: string }) {
  const rows = view.pair
    ? [
        { name: 'X', figure: view.pair.x },
        { name: 'Y', figure: view.pair.y },
      ]
    : [{ name: '', figure: view.figure }];
  return (
    <View>
      {rows.map(({ name, figure }) => (
        <View key={name} style={{ flexDirection: 'row', alignItems: 'baseline', columnGap: 8 }}>
          {name !== '' && (
            <AppText kind={large ? 'sentence' : 'body'} style={{ width: 18 }}>
              {name}
            </AppText>
          )}
          <Figure size={large ? (name === '' ? 34 : 30) : 22}>{figure}</Figure>
          <Figure size={16} tone="soft">
            {beside}
          </Figure>
        </View>
      ))}
    </View>
  );
}

/** The ways to use an answer, the machine's habit first and large; all of them always at hand. */
export function AnswerForms({ forms, chosen, onChoose, unit, plusMinus }: AnswerFormsProps) {
  return (
    <View role="radiogroup" aria-label="Ways to set it" style={{ gap: 8 }}>
      {forms.map((view) => {
        const large = view.form === chosen;
        return (
          <CardButton
            key={view.form}
            role="radio"
            chosen={large}
            label={`${view.say} ${view.figure} ${unit}, ${view.then}`}
            onPress={() => onChoose(view.form)}
          >
            <View
              style={{
                flexDirection: 'row',
                flexWrap: 'wrap',
                alignItems: 'baseline',
                justifyContent: 'space-between',
                columnGap: 10,
              }}
            >
              <AppText kind={large ? 'sentence' : 'body'}>
                {large ? '✓ ' : ''}
                {view.say}
              </AppText>
              <FigureOf view={view} large={large} beside={large ? plusMinus : unit} />
            </View>
            <AppText kind="note" tone="soft">
              {view.then}
            </AppText>
          </CardButton>
        );
      })}
    </View>
  );
}
