import { isSet } from '@zero-point/core/state/basis/activeRecords';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import type { Stop } from '@zero-point/core/state/holes/driveStops';
import { zeroOf } from '@zero-point/core/datum/partFrame';
import { useMemo } from 'react';
import { HolesMark } from '../../../../drawing/HolesMark';
import { Arrow } from '../../../../drawing/marks';
import { PlanDrawing } from '../../../../drawing/PlanDrawing';
import type { MoveView } from './moveModes';

/** The part with the holes of the drive, and the way to the one in hand. */
export function MoveDrawing({ book, drive, stop }: { book: SetupState; drive: MoveView; stop: Stop }) {
  const { part, setup } = book;
  const zero = zeroOf(part, setup.partZero);
  const { stops, index } = drive;
  const ofPattern = stop.pattern.id;
  // One mark a hole, however many steps it has.
  const { holes, others } = useMemo(() => {
    const once = [...new Map(stops.map((one) => [`${one.pattern.id} ${one.hole}`, one])).values()];
    return {
      holes: once.filter(({ pattern }) => pattern.id === ofPattern),
      others: once.filter(({ pattern }) => pattern.id !== ofPattern),
    };
  }, [stops, ofPattern]);
  const from = stops[index - 1] ?? { x: 0, y: 0 };
  return (
    <PlanDrawing
      part={part}
      partZero={setup.partZero}
      zeroSet={isSet(book)}
      height="fill"
      drawnHoles="faint"
      label={`The way to hole ${stop.hole}`}
      marks={(view) => (
        <>
          <HolesMark holes={holes} others={others} zero={zero} current={stop.hole} view={view} />
          <Arrow
            from={{ x: view.x(zero.x + from.x), y: view.y(zero.y + from.y) }}
            to={{ x: view.x(zero.x + stop.x), y: view.y(zero.y + stop.y) }}
          />
        </>
      )}
    />
  );
}
