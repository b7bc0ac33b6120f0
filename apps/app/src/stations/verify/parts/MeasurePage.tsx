import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { verified } from '@zero-point/core/state/verify/measurements';
import { zeroOf } from '@zero-point/core/datum/partFrame';
import { useState } from 'react';
import { ReadingDock } from '../../../touch/ReadingDock';
import { GaugeStatusLine } from '../../../touch/GaugeStatusLine';
import { HolesMark } from '../../../drawing/HolesMark';
import { PlanDrawing } from '../../../drawing/PlanDrawing';
import { Arrow, ContactCircle, Label } from '../../../drawing/marks';
import { Target } from '../../../drawing/Target';
import { Choice } from '../../../controls/Choice';
import { LinkButton } from '../../../controls/LinkButton';
import { StationFrame } from '../../../layout/StationFrame';
import { AppText } from '../../../theme/AppText';
import {
  allHoles,
  exaggeration,
  kindChanged,
  lacking,
  measuringGauges,
  startDraft,
  type MeasureDraft,
  type MeasureKind,
} from '../measureView';
import { logMeasurement } from '../commands';
import { DraftFields } from './DraftFields';
import { FirstPartFold } from './FirstPartFold';
import { MeasuredResults } from './MeasuredResults';
import { VerifyPageChoice } from './VerifyPageChoice';

const KINDS: readonly { value: MeasureKind; label: string; ask: string }[] = [
  { value: 'size', label: 'Hole size', ask: 'Measure the hole’s diameter.' },
  { value: 'chord', label: 'Over pins', ask: 'Measure over both pins, outside to outside.' },
  { value: 'edge', label: 'From a face', ask: 'Measure from the face to the far side of the pin.' },
  { value: 'place', label: 'Place', ask: 'Read where the hole’s middle is, from part zero.' },
  { value: 'height', label: 'Thickness or depth', ask: 'Measure it where one tool made it.' },
  { value: 'wall', label: 'Wall', ask: 'Measure across the wall or rib.' },
];

/** More holes than this are not pressed one by one. */
const MOST_TARGETS = 80;

/** What was made, measured: sizes, places, heights; what the whole of it says, and what to change for the next part. */
export default function MeasurePage({ book }: { book: SetupState }) {
  const { setup, part } = book;
  const unit = setup.units;
  const [draft, setDraft] = useState<MeasureDraft>(() => startDraft(book));
  const change = (changed: Partial<MeasureDraft>) => setDraft({ ...draft, ...changed });
  const holes = allHoles(book);
  const found = verified(book);
  const zero = zeroOf(part, setup.partZero);
  const gauges = measuringGauges(book, draft.kind);
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
              <HolesMark holes={holes} zero={zero} view={view} />
              {holes.filter(isPicked).map((hole) => (
                <ContactCircle
                  key={`${hole.pattern.id} ${hole.hole}`}
                  x={view.x(zero.x + hole.x)}
                  y={view.y(zero.y + hole.y)}
                  radius={(hole.diameter / 2) * view.scale + 4}
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
        <AppText kind="sentence" live>
          {lack ?? `${KINDS.find(({ value }) => value === draft.kind)?.ask ?? ''}${pickedWords(draft, holes)}`}
        </AppText>
      }
      detail={
        <>
          <VerifyPageChoice value="measure" />
          <Choice
            label="What is measured"
            value={draft.kind}
            options={kinds}
            onChange={(kind) => change(kindChanged(book, draft, kind))}
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
          {draft.gaugeId !== undefined && <GaugeStatusLine book={book} gaugeId={draft.gaugeId} only="doubtful" />}
          <MeasuredResults book={book} />
          <FirstPartFold book={book} />
        </>
      }
      dock={
        gauges.length === 0 ? (
          <>
            <AppText>
              {draft.kind === 'size'
                ? 'No gauge in the shop measures a hole. Add a caliper or a bore gauge first.'
                : 'No gauge in the shop measures this. Add a caliper or a micrometer first.'}
            </AppText>
            <LinkButton to="/shop/gauges" label="Go to the gauges" />
          </>
        ) : (
          <ReadingDock
            label="It measures"
            unit={unit}
            blocked={lack}
            onLog={(text) => logMeasurement(book, draft, text)}
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
