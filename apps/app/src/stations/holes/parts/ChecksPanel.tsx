import type { Pattern } from '@zero-point/core/records/setup/pattern';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { outlineOf } from '@zero-point/core/datum/partFrame';
import { holeMeasures } from '@zero-point/core/holes/patterns/holeMeasures';
import { patternCheck } from '@zero-point/core/holes/patterns/patternCheck';
import { formatLength } from '@zero-point/core/units/formatLength';
import { holeOverlapText } from '@zero-point/core/messages/holes/holeOverlaps';
import { holeFindingWords } from '@zero-point/core/messages/holes/holeFinding';
import { lastCheck } from '@zero-point/core/state/workholding/workholdingSteps';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { Cautions } from '../../../answer/Cautions';
import { LengthField } from '../../../keypad/Fields';
import { Figure, AppText } from '../../../theme/AppText';
import { logCheck } from '../../../commands/logCheck';
import { proveList } from '@zero-point/core/messages/holes/proveList';
import type { PositionsView } from '../view';

interface ChecksPanelProps {
  book: SetupState;
  view: PositionsView;
  pattern: Pattern;
}

/** Least metal to leave, until the person says otherwise, mm. */
const LEAST_WEB = 1;

/** Findings in sight; the rest is counted. */
const SHOWN = 12;

/** What is amiss, what to prove before drilling, and what to measure after. */
export default function ChecksPanel({ book, view, pattern }: ChecksPanelProps) {
  const [leastWeb, setLeastWeb] = useState(LEAST_WEB);
  const { part, setup, machine } = book;
  const unit = setup.units;
  const { holes, others } = view;
  const all = useMemo(() => [...holes, ...others], [holes, others]);
  const found = useMemo(() => {
    if (all.length === 0) return undefined;
    const outline = outlineOf(part, setup.partZero);
    const { x, y } = machine.axes;
    const travel = { ...(x.travel && { x: x.travel }), ...(y.travel && { y: y.travel }) };
    return patternCheck({
      holes: all.map(({ x: atX, y: atY, diameter }) => ({ x: atX, y: atY, diameter })),
      outline,
      travel,
      leastWeb,
    });
  }, [all, part, setup.partZero, machine.axes, leastWeb]);
  const overlaps = useMemo(() => holeOverlapText(book, pattern) !== undefined, [book, pattern]);
  const measures = holeMeasures(holes, pattern.kind === 'bolt-circle' && pattern.circle.arc === undefined);
  const figure = (mm: number) => `${formatLength(mm, { unit })} ${unit}`;
  return (
    <View style={{ gap: 14 }}>
      <LengthField
        label="Least metal to leave between holes and to the edge"
        unit={unit}
        value={leastWeb}
        onCommit={setLeastWeb}
        check={(mm) => (mm >= 0 ? undefined : 'It must not be negative.')}
      />
      <View style={{ gap: 6 }} role="list" aria-label="Findings">
        {found?.findings.length === 0 && !overlaps && (
          <AppText tone="good" style={{ fontWeight: '700' }}>
            ✓ No problem found in {all.length} {all.length === 1 ? 'hole' : 'holes'}
            {found.leastMetal === null ? '.' : `: at least ${figure(found.leastMetal)} of metal everywhere.`}
          </AppText>
        )}
        {found?.findings.slice(0, SHOWN).map((finding, i) => (
          <View key={i} role="listitem">
            <AppText tone={finding.kind === 'thin-web' || finding.kind === 'thin-edge' ? 'warn' : 'bad'}>
              ▲ {holeFindingWords(finding, all, unit)}
            </AppText>
          </View>
        ))}
        {found && total(found.counts) > SHOWN && (
          <AppText tone="bad">and {total(found.counts) - Math.min(SHOWN, found.findings.length)} more.</AppText>
        )}
      </View>
      <View style={{ gap: 6 }}>
        <AppText style={{ fontWeight: '700' }}>Check with a rule before you drill</AppText>
        <Cautions
          cautions={proveList(book, pattern, holes).map(({ id, text }) => ({ id, text, mustTick: true }))}
          ticked={proveList(book, pattern, holes)
            .filter(({ id }) => lastCheck(book, id))
            .map(({ id }) => id)}
          onTick={(id) => {
            const item = proveList(book, pattern, holes).find((one) => one.id === id);
            if (item) logCheck(book, id, item.text, lastCheck(book, id) ? 'clear' : 'tick', '');
          }}
        />
      </View>
      {measures.length > 0 && (
        <View role="table" aria-label="Measure after drilling" style={{ gap: 2 }}>
          <AppText style={{ fontWeight: '700' }}>Measure after drilling, {unit}</AppText>
          <AppText kind="note" tone="soft">
            Each within ±{figure(2 * setup.tolerance)}, twice the ±{figure(setup.tolerance)} one hole is allowed.
          </AppText>
          <MeasureRow cells={['Holes', 'Centres', 'Over pins', 'Between']} head />
          {measures.map(({ from, to, centres, overPins, betweenPins }) => (
            <MeasureRow
              key={`${from} ${to}`}
              cells={[
                `${from}–${to}`,
                formatLength(centres, { unit }),
                formatLength(overPins, { unit }),
                formatLength(betweenPins, { unit }),
              ]}
            />
          ))}
        </View>
      )}
    </View>
  );
}

const total = (counts: Readonly<Record<string, number>>): number =>
  Object.values(counts).reduce((sum, one) => sum + one, 0);

function MeasureRow({ cells, head = false }: { cells: readonly string[]; head?: boolean }) {
  return (
    <View role="row" style={{ flexDirection: 'row', gap: 8, minHeight: 30, alignItems: 'center' }}>
      {cells.map((cell, i) => (
        <View key={i} role={head ? 'columnheader' : 'cell'} style={{ flex: i === 0 ? 0.7 : 1 }}>
          {head ? (
            <AppText kind="note" tone="soft" style={{ textAlign: i === 0 ? 'left' : 'right' }}>
              {cell}
            </AppText>
          ) : (
            <Figure size={17} style={{ textAlign: i === 0 ? 'left' : 'right' }}>
              {cell}
            </Figure>
          )}
        </View>
      ))}
    </View>
  );
}
