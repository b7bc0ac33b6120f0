import { feedFigure, speedFrom, speedIn, speedUnit } from '@zero-point/core/units/cuttingFigures';
import { capitalize } from '@zero-point/core/messages/basis/grammar';
import type { Facing } from '@zero-point/core/records/setup/cutPlan';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { insertsOf } from '@zero-point/core/state/boreAndFace/inserts';
import { solveFacing } from '@zero-point/core/boreAndFace/facing';
import type { FacingOutput } from '@zero-point/core/boreAndFace/facing.schema';
import { CUT_MATERIALS, materialOf, type CutMaterialName } from '@zero-point/core/boreAndFace/materials';
import { Refusal } from '@zero-point/core/problem/problem';
import { formatLength, formatLengthUnit } from '@zero-point/core/units/formatLength';
import { View } from 'react-native';
import { Cautions } from '../../../answer/Cautions';
import { Fold } from '../../../answer/Fold';
import { Choice } from '../../../controls/Choice';
import { StationFrame } from '../../../layout/StationFrame';
import { useWide } from '../../../layout/useLayoutSize';
import { FieldRow } from '../../../keypad/FieldRow';
import { CountField, LengthField, OptionalLengthField } from '../../../keypad/Fields';
import { WorkingStrip } from '../../../working/WorkingStrip';
import { Figure, AppText } from '../../../theme/AppText';
import { logCheck } from '../../../commands/logCheck';
import { saveCutPlan } from '../../../commands/saveCutPlan';
import { PassesDrawing } from './PassesDrawing';
import { IndexedInserts } from './TurnedInserts';
import { BoreOrFacingChoice } from './BoreOrFacingChoice';

const MATERIALS = Object.keys(CUT_MATERIALS) as CutMaterialName[];

/** What faces: mills, and tools nobody said the kind of. */
const facingCutters = ({ tools }: Pick<SetupState, 'tools'>) =>
  tools.filter(
    ({ kind, retiredOn }) =>
      retiredOn === undefined && (kind === undefined || ['end-mill', 'face-mill', 'other'].includes(kind)),
  );

/** A facing to start from, for this part and the first cutter there is. */
function startFacing({ part, tools }: SetupState): Facing {
  return {
    remove: 0.8,
    mostDepth: 0.35,
    finish: 0.15,
    material: materialOf(part.material) ?? 'mild-steel',
    toolNumber: facingCutters({ tools })[0]?.number ?? 1,
    toolMaterial: 'hss',
    stepOver: 0.7,
  };
}

const isMaterial = (name: string): name is CutMaterialName => Object.hasOwn(CUT_MATERIALS, name);

function reckon({ part, tools, machine }: SetupState, plan: Facing): FacingOutput | string {
  const tool = tools.find(({ number }) => number === plan.toolNumber);
  if (!tool || tool.diameter <= 0) return 'Choose a mill that has a diameter; add one in Shop if there is none.';
  try {
    return solveFacing({
      ...plan,
      material: isMaterial(plan.material) ? plan.material : 'mild-steel',
      length: part.size.x,
      width: part.size.y,
      cutter: {
        diameter: tool.diameter,
        teeth: Math.max(1, tool.teeth ?? 2),
        madeOf: plan.toolMaterial,
        inserts: tool.kind === 'face-mill',
      },
      machine: machine.limits ?? {},
    });
  } catch (error) {
    if (error instanceof Refusal) return error.message;
    throw error;
  }
}

/** Facing to height: equal passes, speed and feed to start with, time, and what to change. */
export default function FacingScreen({ book }: { book: SetupState }) {
  const wide = useWide();
  const unit = book.setup.units;
  const plan = book.cutPlan.facing ?? startFacing(book);
  const answer = reckon(book, plan);
  const tool = book.tools.find(({ number }) => number === plan.toolNumber);
  const inserts = tool?.kind === 'face-mill' ? insertsOf(book, tool.id) : undefined;
  const change = (part: Partial<Facing>) => saveCutPlan(book, { facing: { ...plan, ...part } });
  const cutters = facingCutters(book);
  const wrong = typeof answer === 'string' ? answer : undefined;
  const cautions = typeof answer === 'string' ? [] : answer.cautions;
  const toTick = (
    <Cautions
      cautions={cautions.filter(({ mustTick }) => mustTick)}
      ticked={inserts?.ticked === true ? cautions.map(({ id }) => id) : []}
      onTick={(id) => {
        const text = cautions.find((one) => one.id === id)?.text ?? id;
        if (inserts) logCheck(book, inserts.item, text, inserts.ticked ? 'clear' : 'tick', '');
      }}
    />
  );
  return (
    <StationFrame
      drawing={
        typeof answer === 'string' ? null : (
          <PassesDrawing passes={answer.passes} unit={unit} height={wide ? 'fill' : 170} />
        )
      }
      prompt={
        typeof answer === 'string' ? (
          <AppText kind="sentence" tone="bad" live>
            {wrong}
          </AppText>
        ) : (
          <>
            <AppText kind="sentence" live>
              {passWords(answer, unit)}
            </AppText>
            <View
              role="group"
              aria-label="Speed and feed"
              style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 18 }}
            >
              <Result label="Speed" figure={answer.rpm.toFixed(0)} unit="rpm" />
              <Result label="Feed" {...feedFigure(answer.feed, unit)} />
              <Result label="Time" figure={answer.minutes.toFixed(1)} unit="min" />
            </View>
            <AppText tone="soft">
              {speedIn(answer.cuttingSpeed, unit).toFixed(0)} {speedUnit(unit)} at the edge,{' '}
              {formatLengthUnit(answer.toothLoad, { unit })} a tooth, {answer.paths}{' '}
              {answer.paths === 1 ? 'path' : 'paths'} a pass.
            </AppText>
            {answer.rpmLimit && (
              <AppText tone="warn">The {answer.rpmLimit} rpm this machine reaches is used instead.</AppText>
            )}
            {answer.feedLimit && (
              <AppText tone="warn">The fastest feed of this machine is used: chips are thinner.</AppText>
            )}
            {inserts?.ticked === false && toTick}
          </>
        )
      }
      detail={
        <>
          <BoreOrFacingChoice value="facing" />
          <FieldRow>
            <LengthField
              label="To remove"
              unit={unit}
              value={plan.remove}
              onCommit={(remove) => change({ remove })}
              check={(mm) => (mm > 0 ? undefined : 'It must be greater than zero.')}
            />
            <LengthField
              label="Most in one pass"
              unit={unit}
              value={plan.mostDepth}
              onCommit={(mostDepth) => change({ mostDepth })}
              check={(mm) => (mm > 0 ? undefined : 'It must be greater than zero.')}
            />
          </FieldRow>
          <LengthField
            label="Finishing pass, 0 for none"
            unit={unit}
            value={plan.finish}
            onCommit={(finish) => change({ finish })}
            check={(mm) => (mm >= 0 && mm <= plan.remove ? undefined : 'From 0 to all there is to remove.')}
          />
          <Choice
            label="Material"
            value={plan.material}
            options={MATERIALS.map((value) => ({ value: value as string, label: CUT_MATERIALS[value].name }))}
            onChange={(material) => change({ material })}
          />
          <Choice
            label="Cutter"
            value={String(plan.toolNumber)}
            options={cutters.map(({ number, name }) => ({ value: String(number), label: `T${number} ${name}` }))}
            onChange={(number) => change({ toolNumber: Number(number) })}
          />
          {inserts && tool && <IndexedInserts book={book} cutter={tool} />}
          <Choice
            label="Made of"
            value={plan.toolMaterial}
            options={[
              { value: 'hss', label: 'HSS' },
              { value: 'carbide', label: 'Carbide' },
            ]}
            onChange={(toolMaterial) => change({ toolMaterial })}
          />
          <FieldRow>
            <CountField
              label={`Cutting speed, ${speedUnit(unit)}`}
              hint="0 uses the starting value."
              value={Math.round(speedIn(plan.cuttingSpeed ?? 0, unit))}
              onCommit={(speed) => change({ cuttingSpeed: speed === 0 ? undefined : speedFrom(speed, unit) })}
              check={(n) => (speedFrom(n, unit) <= 2000 ? undefined : `At most ${Math.floor(speedIn(2000, unit))}.`)}
            />
            <OptionalLengthField
              label="Feed per tooth"
              hint="Leave empty for the starting value."
              unit={unit}
              value={plan.toothLoad}
              onCommit={(toothLoad) => change({ toothLoad })}
              check={(mm) =>
                mm === undefined || (mm > 0 && mm <= 2)
                  ? undefined
                  : `Over 0, at most ${formatLengthUnit(2, { unit })}.`
              }
            />
          </FieldRow>
          <Choice
            label="Width of cut, share of the cutter"
            value={String(plan.stepOver)}
            options={['0.5', '0.6', '0.7', '0.8'].map((value) => ({
              value,
              label: `${Math.round(100 * Number(value))} %`,
            }))}
            onChange={(share) => change({ stepOver: Number(share) })}
          />
          <AppText>Feed against the cutter’s rotation (conventional). Climb mill only without backlash.</AppText>
          {typeof answer !== 'string' && (
            <>
              <AppText>{answer.coolant}</AppText>
              <View role="list" aria-label="If it does not cut well" style={{ gap: 6 }}>
                {answer.remedies.map(({ sign, change: what }) => (
                  <View key={sign} role="listitem">
                    <AppText style={{ fontWeight: '700' }}>{sign}</AppText>
                    <AppText tone="soft">{what}</AppText>
                  </View>
                ))}
              </View>
              <Fold title="Working of the passes">
                <WorkingStrip tape={answer.tape} unit={unit} />
              </Fold>
              {inserts?.ticked === true && toTick}
              <Cautions cautions={cautions.filter(({ mustTick }) => !mustTick)} ticked={[]} onTick={() => undefined} />
            </>
          )}
        </>
      }
      dock={null}
    />
  );
}

function passWords({ passes }: FacingOutput, unit: 'mm' | 'in'): string {
  const rough = passes.filter(({ finish }) => !finish);
  const figure = (mm: number) => `${formatLength(mm, { unit })} ${unit}`;
  const finish = passes.find((pass) => pass.finish);
  const first = rough[0]
    ? `${rough.length === 1 ? 'One pass' : `${rough.length} equal passes`} of ${figure(rough[0].depth)}`
    : '';
  const last = finish ? `a finishing pass of ${figure(finish.depth)}` : '';
  return `${capitalize([first, last].filter((text) => text !== '').join(', then '))}.`;
}

function Result({ label, figure, unit }: { label: string; figure: string; unit: string }) {
  return (
    <View>
      <AppText kind="note" tone="soft">
        {label}
      </AppText>
      <View style={{ flexDirection: 'row', alignItems: 'baseline', gap: 6 }}>
        <Figure size={26}>{figure}</Figure>
        <AppText kind="note">{unit}</AppText>
      </View>
    </View>
  );
}
