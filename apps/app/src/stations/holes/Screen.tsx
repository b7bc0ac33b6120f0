import { lazyComponent } from '../../layout/lazyComponent';
import { useMemo } from 'react';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { isSet } from '@zero-point/core/state/basis/activeRecords';
import { zeroOf } from '@zero-point/core/datum/partFrame';
import { holeCount } from '@zero-point/core/holes/patterns/shapeTerms';
import { formatAngle } from '@zero-point/core/units/formatLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { plusMinus } from '@zero-point/core/messages/basis/verdict';
import { HolesMark } from '../../drawing/HolesMark';
import { PlanDrawing } from '../../drawing/PlanDrawing';
import { Choice } from '../../controls/Choice';
import { MainAction } from '../../controls/MainAction';
import { StationFrame } from '../../layout/StationFrame';
import { useWide } from '../../layout/useLayoutSize';
import { AppText } from '../../theme/AppText';
import { stationPath } from '../path';
import { AddPattern } from './parts/patterns/AddPattern';
import { HoleOverlapNote } from './parts/HoleOverlapNote';
import { HolesPanel } from './parts/patterns/HolesPanel';
import { KIND_NAMES } from './parts/patterns/startPattern';
import { positionsView, type PositionsView } from './view';

const OrderPanel = lazyComponent(() => import('./parts/order/OrderPanel'));

const FilesPanel = lazyComponent(() => import('./parts/FilesPanel'));

const ChecksPanel = lazyComponent(() => import('./parts/ChecksPanel'));

const PANELS = [
  { value: 'holes', label: 'Holes' },
  { value: 'checks', label: 'Checks' },
  { value: 'order', label: 'Order' },
  { value: 'files', label: 'Files' },
] as const;

type Panel = (typeof PANELS)[number]['value'];

/** Positions: patterns of holes, on the drawing and as figures; their checks, order and files. */
export default function PositionsScreen({ book }: { book: SetupState }) {
  const router = useRouter();
  const wide = useWide();
  const params = useLocalSearchParams();
  const inHand = typeof params.pattern === 'string' ? params.pattern : undefined;
  const view = useMemo(() => positionsView(book, inHand), [book, inHand]);
  const { part, setup } = book;
  const { pattern, holes, others } = view;
  const hole = Math.min(Math.max(Number(params.hole) || 1, 1), Math.max(holes.length, 1));
  const show: Panel = PANELS.find(({ value }) => value === params.show)?.value ?? 'holes';
  const choosePattern = (id: string) => router.setParams({ pattern: id, hole: '1' });
  const panelProps = { book, view, hole };

  return (
    <StationFrame
      drawing={
        <PlanDrawing
          part={part}
          partZero={setup.partZero}
          zeroSet={isSet(book)}
          height={wide ? 'fill' : 250}
          drawnHoles="faint"
          label={`${part.name} from above with ${holes.length + others.length} holes`}
          marks={(place) =>
            pattern && (
              <HolesMark
                holes={holes}
                others={others}
                zero={zeroOf(part, setup.partZero)}
                current={hole}
                view={place}
              />
            )
          }
        />
      }
      prompt={
        pattern ? (
          <>
            <AppText kind="sentence">{patternSentence(view)}</AppText>
            <AppText tone="soft">{datumSentence(view, setup.units)}</AppText>
            <HoleOverlapNote book={book} pattern={pattern} />
            {view.rotation !== 0 && (
              <AppText tone="warn">
                The part is rotated {view.rotation > 0 ? '+' : ''}
                {formatAngle(view.rotation)}: these are carried with it.
              </AppText>
            )}
          </>
        ) : (
          <AppText kind="sentence">No holes yet. Add a pattern, or read holes from a file.</AppText>
        )
      }
      detail={
        <>
          <Choice
            label="What to look at"
            showLabel={false}
            value={show}
            options={PANELS}
            onChange={(next) => router.setParams({ show: next })}
          />
          {show === 'files' && <FilesPanel {...panelProps} onRead={choosePattern} />}
          {show === 'holes' && (
            <>
              {pattern && (
                <HolesPanel
                  {...panelProps}
                  pattern={pattern}
                  onPattern={choosePattern}
                  onHole={(chosen) => router.setParams({ hole: String(chosen) })}
                />
              )}
              <AddPattern book={book} first={!pattern} onAdded={choosePattern} />
            </>
          )}
          {pattern && show === 'checks' && <ChecksPanel {...panelProps} pattern={pattern} />}
          {pattern && show === 'order' && <OrderPanel {...panelProps} pattern={pattern} />}
        </>
      }
      dock={
        pattern && (
          <MainAction
            label="Go hole by hole"
            onPress={() =>
              router.navigate({ pathname: stationPath(setup.id, 'drive'), params: { pattern: pattern.id } } as never)
            }
          />
        )
      }
    />
  );
}

function patternSentence({ pattern }: PositionsView): string {
  if (!pattern) return '';
  const count = holeCount(pattern);
  const how = pattern.kind === 'bolt-circle' ? pattern.circle.direction : KIND_NAMES[pattern.kind].toLowerCase();
  return `${pattern.name}: ${count === 1 ? '1 hole' : `${count} holes`}, ${how}.`;
}

function datumSentence(view: PositionsView, unit: LengthUnit): string {
  const { datumU, datum } = view;
  const from = `From ${datum === undefined ? 'part zero' : `${datum}, on the zero set there`}`;
  if (datumU.x === null || datumU.y === null) return `${from}. X or Y is not set in Datum, so these have no ±.`;
  const { farthestU } = view;
  if (farthestU)
    return `${from}, good to X ${plusMinus(farthestU.x, unit)}, Y ${plusMinus(farthestU.y, unit)} at the farthest hole, from datum and rotation.`;
  return `${from}, good to X ${plusMinus(datumU.x, unit)}, Y ${plusMinus(datumU.y, unit)} from the datum.`;
}
