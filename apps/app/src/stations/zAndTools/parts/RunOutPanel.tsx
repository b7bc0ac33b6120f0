import { runOutDoubts } from '@zero-point/core/messages/zAndTools/runOut';
import { noteWords } from '@zero-point/core/messages/basis/note';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { MOST_RUN_OUT } from '@zero-point/core/zAndTools/runOutLimit';
import type { Tool } from '@zero-point/core/records/shop/cutter';
import {
  runOutAllowed,
  runOutPass,
  runOutRings,
  runOutReadings,
  sistersOf,
  toolRunOut,
} from '@zero-point/core/state/zAndTools/runOut';
import { formatAngle, formatLengthUnit } from '@zero-point/core/units/formatLength';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from 'react-native-paper';
import Svg, { Circle, Line } from 'react-native-svg';
import { plusMinus } from '@zero-point/core/messages/basis/verdict';
import { TickBox } from '../../../controls/TickBox';
import { LengthField, OptionalLengthField } from '../../../keypad/Fields';
import { METAL } from '../../../theme/palette';
import { useLook } from '../../../theme/useLook';
import { AppText } from '../../../theme/AppText';
import { saveDatumPlan } from '../../../commands/saveDatumPlan';
import { logDial } from '../../../commands/logTouch';

/** Run-out of a tool, tooth by tooth: pass or alarm; its kept length is touched only by a pass. */
export default function RunOutPanel({ book, number }: { book: SetupState; number: number }) {
  const tool = book.tools.find((one) => one.number === number);
  const indicator = book.gauges.find(({ kind, retiredOn }) => kind === 'indicator' && retiredOn === undefined);
  const [again, setAgain] = useState(0);
  if (!tool) return <AppText>Add tool {number} to the shop first.</AppText>;
  if (!indicator) return <AppText>Add an indicator to the shop first.</AppText>;
  const { setup, datumPlan } = book;
  const unit = setup.units;
  const heights = datumPlan.heights ?? { surface: 0, lift: 0 };
  const limits = heights.runOut ?? { measureOnly: false };
  const allowed = runOutAllowed(book, tool);
  const keepLimits = (more: Partial<typeof limits>) =>
    saveDatumPlan(book, { heights: { ...heights, runOut: { ...limits, ...more } } });
  const pass = runOutPass(book, number) + again;
  const readings = again > 0 ? [] : runOutReadings(book, number);
  const toothed = tool.teeth !== undefined && tool.teeth >= 2;
  const log = (height: number, place: number, mm: number | undefined) => {
    if (mm === undefined) return;
    logDial(
      book,
      {
        subject: { kind: 'run-out', tool: number, height, place, pass },
        gaugeId: indicator.id,
        ticked: [],
      },
      `${mm} mm`,
    );
    setAgain(0);
  };
  return (
    <View style={{ gap: 12 }}>
      <AppText kind="note" tone="soft">
        Spindle stopped. Turn it by hand, backwards past a cutting edge, and read {indicator.name} at{' '}
        {toothed ? 'each tooth' : 'four places'}; on the shank at four angles of the spindle. Pressed counts plus.
      </AppText>
      {runOutDoubts(book, tool).map((doubt) => (
        <AppText key={doubt} tone="warn">
          {doubt}
        </AppText>
      ))}
      {runOutRings(tool).map(({ on, height, places }, i) => (
        <View key={height} style={{ gap: 6 }}>
          <AppText kind="note">
            {i === 0
              ? `${formatLengthUnit(height, { unit })} above the tip`
              : `On the round shank, about ${formatLengthUnit(height, { unit })} above the tip, to tell a tilt; may be left out`}
          </AppText>
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
            {places.map((place, k) => (
              <View key={`${pass} ${place}`} style={{ width: 158 }}>
                <OptionalLengthField
                  label={`${on === 'teeth' && toothed ? `tooth ${k + 1}` : formatAngle(place, 0)}, ${formatLengthUnit(height, { unit })} up`}
                  unit={unit}
                  value={
                    readings
                      .filter(
                        ({ subject }) =>
                          subject.kind === 'run-out' && subject.height === height && subject.place === place,
                      )
                      .at(-1)?.value
                  }
                  onCommit={(mm) => log(height, place, mm)}
                />
              </View>
            ))}
          </View>
        </View>
      ))}
      <LengthField
        label="Largest run-out allowed"
        unit={unit}
        hint={`The smallest of ${formatLengthUnit(MOST_RUN_OUT, { unit })}, 1/50 of its diameter and half the feed per tooth, unless you change it.`}
        value={allowed}
        onCommit={(tolerance) => keepLimits({ tolerance })}
        check={(mm) => (mm > 0 ? undefined : 'It must be greater than zero.')}
      />
      <TickBox
        label="Measure only: does not protect the length"
        ticked={limits.measureOnly}
        onTick={() => keepLimits({ measureOnly: !limits.measureOnly })}
      />
      {again === 0 && <Result book={book} tool={tool} tolerance={allowed} onAgain={() => setAgain(1)} />}
    </View>
  );
}

interface ResultProps {
  book: SetupState;
  tool: Tool;
  tolerance: number;
  onAgain: () => void;
}

function Result({ book, tool, tolerance, onAgain }: ResultProps) {
  const { palette } = useLook();
  const unit = book.setup.units;
  const found = toolRunOut(book, tool)?.result;
  if (!found) return null;
  const sisters = sistersOf(book, tool);
  const size = (mm: number) => formatLengthUnit(mm, { unit });
  return (
    <View
      role={found.passed ? 'status' : 'alert'}
      style={{
        gap: 6,
        padding: 10,
        borderWidth: 2,
        borderRadius: 8,
        borderColor: found.passed ? palette.good : palette.bad,
      }}
    >
      <AppText tone={found.passed ? 'good' : 'bad'} style={{ fontWeight: '700' }}>
        {found.passed ? '✓' : '✗'} Tool {tool.number} runs out {size(found.worst)}{' '}
        {plusMinus(found.uncertainty.U, unit)}; {size(tolerance)} is allowed.
      </AppText>
      {found.fitted && (
        <AppText>
          By a fit through all places {size(found.fitted.tir)} {plusMinus(found.fitted.U, unit)}: scatter makes the
          first figure too large.
        </AppText>
      )}
      {found.notes.map((note) => (
        <AppText key={note.code}>{noteWords(note, unit)}</AppText>
      ))}
      {found.offset && found.tilt !== null && (
        <>
          <View style={{ flexDirection: 'row', gap: 12 }}>
            <Eccentric offset={found.offset} />
            <Leaning tilt={found.tilt} offset={found.offset.size} />
          </View>
          <AppText kind="note">
            At the tip {size(found.offset.size)} off toward {formatAngle(found.offset.angle, 0)}; tilted by{' '}
            {formatAngle(found.tilt)}.
          </AppText>
        </>
      )}
      {!found.passed && sisters.length > 0 && (
        <AppText>Sister tool in the shop: {sisters.map((one) => `T${one.number} ${one.name}`).join(', ')}.</AppText>
      )}
      <Button mode="outlined" onPress={onAgain} style={{ alignSelf: 'flex-start' }}>
        Read it again
      </Button>
    </View>
  );
}

/** The spindle's axis, and where the tool's own axis is at its tip: which way, not to scale. */
function Eccentric({ offset }: { offset: { size: number; angle: number } }) {
  const turn = (offset.angle * Math.PI) / 180;
  const [x, y] = [60 + 24 * Math.cos(turn), 60 - 24 * Math.sin(turn)];
  return (
    <View role="img" aria-label={`The tool’s tip is off toward ${Math.round(offset.angle)} degrees`}>
      <Svg width={120} height={120}>
        <Circle cx={60} cy={60} r={58} fill={METAL.blueDeep} />
        <Circle cx={60} cy={60} r={30} fill="none" stroke={METAL.silverSoft} strokeDasharray="4 4" />
        <Line x1={52} x2={68} y1={60} y2={60} stroke={METAL.silver} strokeWidth={1.5} />
        <Line x1={60} x2={60} y1={52} y2={68} stroke={METAL.silver} strokeWidth={1.5} />
        <Circle cx={x} cy={y} r={30} fill={METAL.band} stroke={METAL.brass} strokeWidth={2} />
        <Line x1={60} y1={60} x2={x} y2={y} stroke={METAL.brass} strokeWidth={2.5} />
      </Svg>
    </View>
  );
}

/** Seen from the side: the spindle's axis dashed, the tool's own beside it and leaning; not to scale. */
function Leaning({ tilt, offset }: { tilt: number; offset: number }) {
  const [shift, lean] = [offset > 0.0005 ? 10 : 0, tilt > 0.0005 ? 16 : 0];
  const tip = 60 + shift;
  return (
    <View role="img" aria-label={`The tool leans by ${formatAngle(tilt)}`}>
      <Svg width={120} height={120}>
        <Circle cx={60} cy={60} r={58} fill={METAL.blueDeep} />
        <Line x1={60} x2={60} y1={10} y2={110} stroke={METAL.silverSoft} strokeWidth={1.5} strokeDasharray="6 4" />
        <Line x1={tip + lean} x2={tip} y1={14} y2={104} stroke={METAL.brass} strokeWidth={9} opacity={0.4} />
        <Line x1={tip + lean} x2={tip} y1={14} y2={104} stroke={METAL.brass} strokeWidth={2} />
      </Svg>
    </View>
  );
}
