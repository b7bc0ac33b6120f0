import { EDGE_CAUTIONS, spinCaution } from '../../cautions/caution';
import { judge } from '../../metrology/judge';
import { repeats } from '../../metrology/repeats';
import { touchBudget } from '../../metrology/touchBudget';
import { combine } from '../../metrology/uncertainty';
import { meanSection, sumSection, type WorkingLine } from '../../working/working';
import { lostPart, lostTerm } from './backlashSense';
import { contactRadiusLines } from './contactRadius';
import type { EdgeInput, EdgeOutput } from './edge.schema';

/**
 * Where a face is, from repeated touches with a contact of known radius, and the three ways to make
 * the machine agree: preset the scale while touching, move and zero, or set a work offset.
 *
 * edge = mean + s R, with s the approach sign and R the contact radius; signs after ISO 841. mm throughout.
 *
 * @example
 * edge({ readings: [-5.012, -5.008, -5.01], approach: 1, nominal: 0,
 *   contact: { diameter: 10, feeler: 0, tir: 0, spin: 'turning' },
 *   method: { resolution: 0.005, methodSd: 0.005 }, uTouch: 0.005, uSize: 0.003 }).preset // -5
 */
export function edge(input: EdgeInput): EdgeOutput {
  const { approach, contact, method, nominal } = input;
  const radiusLines = contactRadiusLines(contact);
  const radius = radiusLines.reduce((sum, line) => sum + line.value, 0);
  const seen = repeats(input.readings, method);
  const toward = radiusLines.map((line) => ({ ...line, value: approach * line.value }));
  const away = radiusLines.map((line) => ({ ...line, value: -approach * line.value }));
  const lost = lostTerm(input.lostMotion, approach);
  const lostAway = lost.map((line) => ({ ...line, value: -line.value }));
  const place: WorkingLine = { label: 'place of this face on the part', value: nominal };

  const edgeSection = sumSection(
    'Where the face is',
    [{ label: 'mean of the readings', value: seen.mean }, ...lost, ...toward],
    'face',
  );
  const presetSection = sumSection('Set it, still touching', [place, ...lostAway, ...away], 'set to');
  const moveSection = sumSection('Move, tool raised', toward, 'move by');
  const moveToSection = sumSection('What to set it to then', [place, ...lostAway], 'set to');
  const offsetSection = sumSection(
    'Work offset',
    [
      { label: 'face', value: edgeSection.total.value },
      { ...place, label: 'less its place on the part', value: -nominal },
    ],
    'part zero at',
  );

  const uncertainty = combine([
    ...touchBudget(seen, method, {
      uTouch: input.uTouch,
      uSize: input.uSize,
      uGauge: input.uGauge,
      uBacklash: input.uBacklash,
      standingTir: contact.spin === 'standing' ? contact.tir : 0,
    }),
    lostPart(input.lostMotion, approach),
  ]);
  return {
    repeats: seen,
    radius,
    edge: edgeSection.total.value,
    preset: presetSection.total.value,
    move: moveSection.total.value,
    moveTo: moveToSection.total.value,
    workOffset: offsetSection.total.value,
    uncertainty,
    verdict: input.tolerance === undefined ? null : judge(uncertainty.U, input.tolerance),
    tape: {
      sections: [
        meanSection('Readings', input.readings, seen.mean),
        edgeSection,
        presetSection,
        moveSection,
        ...(lost.length > 0 ? [moveToSection] : []),
        offsetSection,
      ],
    },
    cautions: [spinCaution(contact.spin), EDGE_CAUTIONS.raiseFirst],
  };
}
