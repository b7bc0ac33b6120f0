import type { Book } from '@zero-point/core/book/book';
import { agreesWith, corrections, verified } from '@zero-point/core/book/verify';
import { zeroOf } from '@zero-point/core/datum/partFrame';
import { FACES } from '@zero-point/core/record/faces';
import { formatAngle, formatLengthUnit } from '@zero-point/core/units/formatLength';
import { plusMinus } from '@zero-point/core/words/goodness';
import { correctionWords, holeOffWords, inWords, measuredName, sizeWords } from '@zero-point/core/words/verify';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Fold } from '../../../answer/Fold';
import { ReadingDock } from '../../../answer/ReadingDock';
import { StandingLine } from '../../../answer/StandingLine';
import { PlanDrawing } from '../../../drawing/PlanDrawing';
import { Arrow, ContactCircle, Label } from '../../../drawing/marks';
import { Target } from '../../../drawing/Target';
import { Choice } from '../../../frame/Choice';
import { LinkButton } from '../../../frame/LinkButton';
import { StationFrame } from '../../../frame/StationFrame';
import { FieldRow } from '../../../keypad/FieldRow';
import { LengthField, OptionalLengthField, TextField } from '../../../keypad/Fields';
import { TapeStrip } from '../../../tape/TapeStrip';
import { Words } from '../../../theme/Words';
import {
  allHoles,
  exaggeration,
  lacking,
  logPart,
  measuringGauges,
  startDraft,
  type MeasureDraft,
  type MeasureKind,
} from '../measureView';
import { FirstPartFold } from './FirstPartFold';
import { WhichChoice } from './WhichChoice';

const KINDS: readonly { value: MeasureKind; label: string; ask: string }[] = [
  { value: 'size', label: 'Hole size', ask: 'Measure the hole’s diameter.' },
  { value: 'chord', label: 'Over pins', ask: 'Measure over both pins, outside to outside.' },
  { value: 'edge', label: 'From a face', ask: 'Measure from the face to the far side of the pin.' },
  { value: 'place', label: 'Place', ask: 'Read where the hole’s middle is, from part zero.' },
  { value: 'height', label: 'Thickness or depth', ask: 'Measure it where one tool made it.' },
  { value: 'wall', label: 'Wall', ask: 'Measure the wall or rib across.' },
];

/** More holes than this are not pressed one by one. */
const MOST_TARGETS = 80;

/** What was made, measured: sizes, places, heights; what the whole of it says, and what to change for the next part. */
export function MeasurePage({ book }: { book: Book }) {
  const { setup, part } = book;
  const unit = setup.units;
  const [draft, setDraft] = useState<MeasureDraft>(() => startDraft(book));
  const change = (changed: Partial<MeasureDraft>) => setDraft({ ...draft, ...changed });
  const holes = allHoles(book);
  const found = verified(book);
  const zero = zeroOf(part, setup.partZero);
  const gauges = measuringGauges(book);
  const lack = lacking(draft);
  const kinds = KINDS.filter(({ value }) => holes.length > 0 || value === 'height' || value === 'wall');
  const told = found.holes.filter((hole) => hole.told);
  const largest = Math.max(0, ...told.map(({ hole, found: at }) => Math.hypot(at.x - hole.x, at.y - hole.y)));
  const factor = exaggeration(largest, Math.min(part.size.x, part.size.y) / 6);
  const isPicked = (hole: (typeof holes)[number]) =>
    [draft.from, draft.kind === 'chord' ? draft.to : undefined].some(
      (of) => of?.pattern === hole.pattern.id && of.hole === hole.hole,
    );
  const pick = (hole: (typeof holes)[number]) => {
    const of = { pattern: hole.pattern.id, hole: hole.hole };
    if (draft.kind === 'chord' && draft.from && !draft.to) change({ to: of, pinTo: hole.diameter });
    else change({ from: of, to: undefined, pin: hole.diameter });
  };
  return (
    <StationFrame
      touch
      drawing={
        <PlanDrawing
          part={part}
          partZero={setup.partZero}
          zeroSet
          height="fill"
          drawnHoles="faint"
          label={`${part.name} from above, with what was measured${told.length > 0 ? `, differences ${factor} times as large` : ''}`}
          marks={(view) => (
            <>
              {holes.map((hole) => (
                <ContactCircle
                  key={`${hole.pattern.id} ${hole.hole}`}
                  x={view.x(zero.x + hole.x)}
                  y={view.y(zero.y + hole.y)}
                  radius={isPicked(hole) ? (hole.diameter / 2) * view.scale + 4 : 0}
                />
              ))}
              {told.map(({ name, hole, found: at }) => (
                <Arrow
                  key={name}
                  from={{ x: view.x(zero.x + hole.x), y: view.y(zero.y + hole.y) }}
                  to={{
                    x: view.x(zero.x + hole.x + factor * (at.x - hole.x)),
                    y: view.y(zero.y + hole.y + factor * (at.y - hole.y)),
                  }}
                />
              ))}
              {told.length > 0 && (
                <Label x={12} y={20} anchor="start" size={14} words>
                  {`differences × ${factor}`}
                </Label>
              )}
            </>
          )}
          targets={(view) =>
            draft.kind === 'height' || draft.kind === 'wall'
              ? null
              : holes
                  .slice(0, MOST_TARGETS)
                  .map((hole) => (
                    <Target
                      key={`${hole.pattern.id} ${hole.hole}`}
                      label={`${hole.pattern.name}, hole ${hole.hole}`}
                      at={{ x: view.x(zero.x + hole.x), y: view.y(zero.y + hole.y), width: 48, height: 48 }}
                      chosen={isPicked(hole)}
                      onPress={() => pick(hole)}
                    />
                  ))
          }
        />
      }
      prompt={
        <Words kind="sentence" live>
          {lack ?? `${KINDS.find(({ value }) => value === draft.kind)?.ask ?? ''}${pickedWords(draft, holes)}`}
        </Words>
      }
      detail={
        <>
          <WhichChoice value="measure" />
          <Choice
            label="What is measured"
            value={draft.kind}
            options={kinds}
            onChange={(kind) => change({ kind, ...(kind === 'wall' && { name: 'Wall', should: undefined }) })}
          />
          <DraftFields draft={draft} book={book} onChange={change} />
          {gauges.length > 1 && (
            <Choice
              label="Measured with"
              value={draft.gaugeId ?? ''}
              options={gauges.map(({ id, name }) => ({ value: id, label: name }))}
              onChange={(gaugeId) => change({ gaugeId })}
            />
          )}
          {draft.gaugeId !== undefined && <StandingLine book={book} gaugeId={draft.gaugeId} only="doubtful" />}
          <Results book={book} />
          <FirstPartFold book={book} />
        </>
      }
      dock={
        gauges.length === 0 ? (
          <>
            <Words>No gauge of the shop measures parts. Add a caliper or a micrometer first.</Words>
            <LinkButton to="/shop/gauges" label="To the gauges" />
          </>
        ) : (
          <ReadingDock
            label="It measures"
            unit={unit}
            blocked={lack}
            onLog={(text) => logPart(book, draft, text)}
            next={undefined}
          />
        )
      }
    />
  );
}

const pickedWords = ({ kind, from, to }: MeasureDraft, holes: ReturnType<typeof allHoles>): string => {
  if (kind === 'height' || kind === 'wall') return '';
  const name = (of: MeasureDraft['from']) => {
    const hole = holes.find((one) => one.pattern.id === of?.pattern && one.hole === of.hole);
    return hole ? `${hole.pattern.name} ${hole.hole}` : '';
  };
  return kind === 'chord' ? ` ${name(from)} to ${name(to)}.` : ` ${name(from)}.`;
};

interface DraftFieldsProps {
  draft: MeasureDraft;
  book: Book;
  onChange: (change: Partial<MeasureDraft>) => void;
}

/** What else must be said of the thing that is measured. */
function DraftFields({ draft, book, onChange }: DraftFieldsProps) {
  const unit = book.setup.units;
  const positive = (mm: number) => (mm > 0 ? undefined : 'It must be more than nothing.');
  switch (draft.kind) {
    case 'size':
      return null;
    case 'chord':
      return (
        <FieldRow>
          <LengthField
            label="First pin ⌀"
            unit={unit}
            value={draft.pin}
            onCommit={(pin) => onChange({ pin })}
            check={positive}
          />
          <LengthField
            label="Second pin ⌀"
            unit={unit}
            value={draft.pinTo}
            onCommit={(pinTo) => onChange({ pinTo })}
            check={positive}
          />
        </FieldRow>
      );
    case 'edge':
      return (
        <>
          <Choice
            label="From which face"
            value={draft.face}
            options={FACES.map((face) => ({ value: face, label: face.charAt(0).toUpperCase() + face.slice(1) }))}
            onChange={(face) => onChange({ face })}
          />
          <LengthField
            label="Pin ⌀"
            unit={unit}
            value={draft.pin}
            onCommit={(pin) => onChange({ pin })}
            check={positive}
          />
        </>
      );
    case 'place':
      return (
        <Choice
          label="Along"
          value={draft.axis}
          options={[
            { value: 'x', label: 'X' },
            { value: 'y', label: 'Y' },
          ]}
          onChange={(axis) => onChange({ axis })}
        />
      );
    case 'height':
    case 'wall':
      return (
        <>
          {draft.kind === 'height' && (
            <Choice
              label="It is a"
              value={draft.counts}
              options={[
                { value: 'thickness', label: 'Thickness' },
                { value: 'depth', label: 'Depth' },
              ]}
              onChange={(counts) => onChange({ counts })}
            />
          )}
          <TextField label="What it is" value={draft.name} onCommit={(name) => onChange({ name })} />
          <OptionalLengthField
            label="It should be"
            unit={unit}
            value={draft.should}
            onCommit={(should) => onChange({ should })}
            check={(mm) => (mm === undefined || mm > 0 ? undefined : 'It must be more than nothing.')}
          />
          {draft.kind === 'height' && book.tools.length > 0 && (
            <Choice
              label="Made by tool"
              value={draft.tool === undefined ? 'none' : String(draft.tool)}
              options={[
                { value: 'none', label: 'not said' },
                ...book.tools
                  .filter(({ retiredOn }) => retiredOn === undefined)
                  .slice(0, 24)
                  .map(({ number, name }) => ({ value: String(number), label: `${number} ${name}` })),
              ]}
              onChange={(tool) => onChange({ tool: tool === 'none' ? undefined : Number(tool) })}
            />
          )}
        </>
      );
  }
}

/** Everything measured, what the holes say as a whole, and what to change. */
function Results({ book }: { book: Book }) {
  const unit = book.setup.units;
  const found = verified(book);
  if (found.sizes.length === 0) return null;
  const changes = corrections(found);
  const { fit } = found;
  return (
    <View style={styles.results}>
      <View role="list" aria-label="Measured" style={styles.list}>
        {found.sizes.map((size) => (
          <View key={size.measurement.id} role="listitem">
            <Words style={styles.strong}>{measuredName(book, size.measurement.of)}</Words>
            <Words tone={size.isIn === false ? 'bad' : 'ink'}>
              {sizeWords(size, unit)}
              {size.isIn === null ? (agreesWith(size) ? '' : '. More than its ±') : `: ${inWords(size.isIn)}`}
            </Words>
          </View>
        ))}
      </View>
      {found.holes.length > 0 && (
        <View role="list" aria-label="Holes" style={styles.list}>
          {found.holes.map((hole) => {
            const zone = fit?.holes.find(({ name }) => name === hole.name);
            return (
              <View key={hole.name} role="listitem">
                <Words style={styles.strong}>{hole.name}</Words>
                <Words tone={zone?.inZone === false ? 'bad' : 'ink'}>
                  {holeOffWords(hole, unit)}
                  {zone ? `; zone ⌀ ${formatLengthUnit(zone.zone, { unit })}: ${inWords(zone.inZone)}` : ''}
                </Words>
              </View>
            );
          })}
        </View>
      )}
      {fit && (
        <>
          <Words>
            {`As a whole: shifted X ${formatLengthUnit(fit.shift.x, { unit, plus: true })}, Y ${formatLengthUnit(fit.shift.y, { unit, plus: true })} ${plusMinus(fit.uncertainty.U, unit)}`}
            {fit.turnU === null
              ? '.'
              : `, turned ${fit.turn > 0 ? '+' : ''}${formatAngle(fit.turn)} ±${formatAngle(fit.turnU)}.`}
          </Words>
          <Fold title="Tape of the shift">
            <TapeStrip tape={fit.tape} unit={unit} />
          </Fold>
        </>
      )}
      <Words style={styles.strong}>For the next part</Words>
      {changes.length === 0 ? (
        <Words>Nothing to change: no difference is more than its ±.</Words>
      ) : (
        changes.map((correction, i) => <Words key={i}>{correctionWords(book, correction)}</Words>)
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  results: { gap: 10 },
  list: { gap: 8 },
  strong: { fontWeight: '700' },
});
