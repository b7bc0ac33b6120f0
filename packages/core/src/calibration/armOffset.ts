import { HEIGHT_CAUTIONS } from '../cautions/caution';
import { repeats } from '../metrology/repeats';
import { displayPart, repeatPart, TOUCH_PART } from '../metrology/touchBudget';
import { combine } from '../metrology/uncertainty';
import { meanSection, sumSection } from '../working/working';
import type { ArmOffsetInput, ArmOffsetOutput } from './armOffset.schema';

/**
 * The offset of a ball sensor on an arm to the cutter beside it: both touch one surface, the cutter through a gauge. With
 * the sensor answering, the cutter stands Z_sensor - (Z_cutter - gauge) above the surface. mm, ISO 841.
 *
 * @example
 * armOffset({ sensor: [-82.4], cutter: [-89.95], gauge: { thickness: 0.05, U: 0.002 },
 *   method: { resolution: 0.005, methodSd: 0.004 }, uTouch: { sensor: 0.003, cutter: 0.01 } }).offset // 7.6
 */
export function armOffset(input: ArmOffsetInput): ArmOffsetOutput {
  const { gauge, method, uTouch } = input;
  const seen = { sensor: repeats(input.sensor, method), cutter: repeats(input.cutter, method) };
  const section = sumSection(
    'Cutter above the surface when the sensor triggers',
    [
      { label: 'Z when the sensor triggers', value: seen.sensor.mean },
      { label: 'less Z when the cutter touches the gauge', value: -seen.cutter.mean },
      { label: 'the gauge', value: gauge.thickness },
    ],
    'offset',
  );
  return {
    offset: section.total.value,
    uncertainty: combine([
      ...(['sensor', 'cutter'] as const).flatMap((which) => [
        repeatPart(seen[which], method, `repeats, ${which}`),
        displayPart(seen[which], method, `display step, ${which}`),
        { name: `${TOUCH_PART}, ${which}`, u: uTouch[which], shape: 'normal' as const },
      ]),
      { name: 'size of the gauge', u: gauge.U / 2, shape: 'normal' },
    ]),
    tape: {
      sections: [
        meanSection('Sensor triggers', input.sensor, seen.sensor.mean),
        meanSection('The cutter touches', input.cutter, seen.cutter.mean),
        section,
      ],
    },
    cautions: [HEIGHT_CAUTIONS.comeSlowly],
  };
}
