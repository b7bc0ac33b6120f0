import { LoadingPart } from '../../layout/LoadingPage';
import { lazyComponent } from '../../layout/lazyComponent';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { isSet } from '@zero-point/core/state/basis/activeRecords';
import { useLocalSearchParams } from 'expo-router';
import { LinkButton } from '../../controls/LinkButton';
import { MainAction } from '../../controls/MainAction';
import { PlanDrawing } from '../../drawing/PlanDrawing';
import { StationFrame } from '../../layout/StationFrame';
import { AppText } from '../../theme/AppText';
import { ReadingDock } from '../../touch/ReadingDock';
import { BoreDetail } from './parts/BoreDetail';
import { BoreOutline } from './parts/BoreOutline';
import { BorePrompt } from './parts/BorePrompt';
import { type BorePage, useBorePage } from './useBorePage';
import { drawnBore } from './view';

const ApproachChart = lazyComponent(() => import('./parts/ApproachChart'));

const FacingScreen = lazyComponent(() => import('./parts/Facing'), LoadingPart);

/** Size: a bore crept to size, or a face brought to height, as equals. */
export default function SizeScreen({ book }: { book: SetupState }) {
  const params = useLocalSearchParams();
  return params.show === 'facing' ? <FacingScreen book={book} /> : <BoreScreen book={book} />;
}

function BoreScreen({ book }: { book: SetupState }) {
  const pass = useBorePage(book);
  return (
    <StationFrame
      touch
      drawing={<BoreDrawing {...pass} />}
      prompt={<BorePrompt {...pass} />}
      detail={<BoreDetail {...pass} />}
      dock={boreDock(pass)}
    />
  );
}

/** Passes toward the limits; before the first, where the bore is on the part. */
function BoreDrawing({ book, view, unit, answer, doubt }: BorePage) {
  const { bore, log } = view;
  const { setup, part } = book;
  const drawn = bore && drawnBore(book, bore);
  return bore && log.start !== undefined ? (
    <ApproachChart
      start={log.start}
      passes={log.passes}
      low={bore.low}
      high={bore.high}
      expected={doubt ? undefined : answer?.next?.expected}
      unit={unit}
      height="fill"
    />
  ) : (
    <PlanDrawing
      part={part}
      partZero={setup.partZero}
      zeroSet={isSet(book)}
      height="fill"
      label={`${part.name} from above`}
      marks={(seen) => drawn && <BoreOutline at={drawn} view={seen} />}
    />
  );
}

/** What is logged or done next; nothing once the bore is in size or over it. */
function boreDock(pass: BorePage) {
  const { view, unit, wide, gauge, done, gate, untouched, add } = pass;
  const { bore } = view;
  return !gauge ? (
    <>
      <AppText>
        No gauge in the shop measures bores. Add a caliper or bore gauge first (an inside micrometer counts as a bore
        gauge).
      </AppText>
      <LinkButton to="/shop/gauges" label="Go to the gauges" />
    </>
  ) : !bore ? (
    <MainAction label="Add a bore" onPress={add} />
  ) : done ? null : gate && !wide ? (
    gate
  ) : (
    <ReadingDock
      label={view.log.start === undefined ? 'Diameter now' : 'Diameter then'}
      unit={unit}
      blocked={untouched && 'First tick: indicator off the head.'}
      onLog={pass.log}
      next={undefined}
    />
  );
}
