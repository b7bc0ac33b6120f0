import type { LengthUnit } from '@zero-point/core/units/unit';
import { formatLengthUnit } from '@zero-point/core/units/formatLength';
import { useState } from 'react';
import { View } from 'react-native';
import { AnswerForms, type FormName } from '../../answer/AnswerForms';
import { Fold } from '../../answer/Fold';
import { Verdict } from '../../answer/Verdict';
import { plusMinus } from '../../answer/words';
import { Press } from '../../frame/Press';
import { TapeStrip } from '../../tape/TapeStrip';
import { useLook } from '../../theme/useLook';
import { Words } from '../../theme/Words';
import type { MiddleView } from './useDatum';

interface MiddleCardProps {
  middle: MiddleView;
  unit: LengthUnit;
  tolerance: number;
}

/** The middle of two opposite faces: how to set the axis there, how good it is, and the halving way. */
export function MiddleCard({ middle, unit, tolerance }: MiddleCardProps) {
  const { palette } = useLook();
  const [chosen, setChosen] = useState<FormName | undefined>(undefined);
  const { axis, answer, forms, halving, markSet } = middle;
  const form = forms.find((one) => one.form === chosen) ?? forms[0];
  if (!form) return null;
  const { uncertainty, verdict, width, tape } = answer.result;
  return (
    <View style={{ gap: 8 }}>
      <Words kind="sentence">{axis === 'x' ? 'The middle of left and right' : 'The middle of front and back'}</Words>
      <AnswerForms
        forms={forms}
        chosen={form.form}
        onChoose={setChosen}
        unit={unit}
        plusMinus={plusMinus(uncertainty.U, unit)}
      />
      <Press look="filled" onPress={() => markSet(form)} style={{ alignItems: 'center' }}>
        <Words style={{ color: palette.onAction, fontWeight: '700' }}>{form.done}</Words>
      </Press>
      <Verdict verdict={verdict} uncertainty={uncertainty} tolerance={tolerance} unit={unit} wild={false} />
      <Words kind="note" tone="soft">
        {halving} The finder’s radius cancels. Width {formatLengthUnit(width, { unit })}.
      </Words>
      <Fold title="Tape: how the middle was reckoned">
        <TapeStrip tape={tape} unit={unit} />
      </Fold>
    </View>
  );
}
