import { sizeOf, sizeU, touchU } from '@zero-point/core/book/gaugeUse';
import type { KnownGauge } from '@zero-point/core/book/known';
import { finderByBlock } from '@zero-point/core/calibration/finderByBlock';
import type { FinderByBlockOutput } from '@zero-point/core/calibration/finderByBlock.schema';
import { Refusal } from '@zero-point/core/problem/problem';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { qualifyWords } from '@zero-point/core/words/qualify';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import type { Shop } from '../../../api/queries';
import { Fold } from '../../../answer/Fold';
import { Choice } from '../../../frame/Choice';
import { LengthField, LengthsField } from '../../../keypad/Fields';
import { TapeStrip } from '../../../tape/TapeStrip';
import { Words } from '../../../theme/Words';

/** Display step taken for the scale it is touched on, mm: each machine has its own, and this belongs to the shop. */
const STEP = { mm: 0.005, in: 0.00254 } as const;

interface QualifyProps {
  gauge: KnownGauge;
  shop: Shop;
  unit: LengthUnit;
  onKeep: (diameter: number, U: number, block: string) => void;
}

/** A finder's effective diameter by both sides of a block that is held fast, and whether it agrees with what is in use. */
export function QualifyByBlock({ gauge, shop, unit, onKeep }: QualifyProps) {
  const blocks = shop.gauges.filter(({ kind, retiredOn }) => kind === 'block' && retiredOn === undefined);
  const [blockId, setBlockId] = useState(blocks[0]?.id ?? '');
  const [step, setStep] = useState<number>(STEP[unit]);
  const [plus, setPlus] = useState<readonly number[]>([]);
  const [minus, setMinus] = useState<readonly number[]>([]);
  const block = blocks.find(({ id }) => id === blockId);
  const touched = plus.length > 0 && minus.length > 0;
  const found = block && touched ? reckoned(gauge, block, step, plus, minus) : undefined;
  return (
    <Fold title="Its size by a block">
      <View style={styles.form}>
        {blocks.length === 0 ? (
          <Words>Add a gauge block of known size to the shop first.</Words>
        ) : (
          <>
            <Words>
              Clamp the block so that it cannot shift. Touch its left side going toward plus, then its right side going
              toward minus, each two or three times, on one zero of the scale.
            </Words>
            <Choice
              label="Block, the size between the two sides"
              value={blockId}
              options={blocks.map(({ id, name }) => ({ value: id, label: name }))}
              onChange={setBlockId}
            />
            <LengthField
              label="Smallest step of that scale"
              unit={unit}
              value={step}
              onCommit={setStep}
              check={(mm) => (mm > 0 ? undefined : 'It must be greater than zero.')}
            />
            <LengthsField
              label="Going toward plus it shows, with ; between"
              unit={unit}
              value={plus}
              onCommit={(readings) => setPlus(readings)}
            />
            <LengthsField
              label="Going toward minus it shows, with ; between"
              unit={unit}
              value={minus}
              onCommit={(readings) => setMinus(readings)}
            />
            {typeof found === 'string' && (
              <View role="alert">
                <Words tone="bad" style={styles.strong}>
                  {found}
                </Words>
              </View>
            )}
            {block && found !== undefined && typeof found !== 'string' && (
              <>
                <Words live style={styles.strong}>
                  {qualifyWords(found, { value: sizeOf(gauge), U: 4 * sizeU(gauge) }, unit)}
                </Words>
                <TapeStrip tape={found.tape} unit={unit} />
                <Button mode="contained" onPress={() => onKeep(found.diameter, found.uncertainty.U, block.name)}>
                  Keep it as its measured size
                </Button>
              </>
            )}
          </>
        )}
      </View>
    </Fold>
  );
}

/** The finder by this block, or why it cannot be. */
function reckoned(
  gauge: KnownGauge,
  block: KnownGauge,
  step: number,
  plus: readonly number[],
  minus: readonly number[],
): FinderByBlockOutput | string {
  try {
    return finderByBlock({
      towardPlus: [...plus],
      towardMinus: [...minus],
      block: { size: sizeOf(block), U: 2 * sizeU(block, 'thickness') },
      method: { resolution: step, methodSd: touchU(gauge) },
      touchU: touchU(gauge),
    });
  } catch (error) {
    if (error instanceof Refusal) return error.message;
    throw error;
  }
}

const styles = StyleSheet.create({ form: { gap: 12 }, strong: { fontWeight: '700' } });
