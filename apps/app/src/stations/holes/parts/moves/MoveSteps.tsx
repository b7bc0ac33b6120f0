import type { Book } from '@zero-point/core/state/basis/setupState';
import { dialTape } from '@zero-point/core/holes/dials/dialTurns';
import { formatLength } from '@zero-point/core/units/formatLength';
import { isOffsetWord } from '@zero-point/core/formats/programText';
import { View } from 'react-native';
import { plusMinus } from '@zero-point/core/messages/basis/verdict';
import { Fold } from '../../../../answer/Fold';
import { TapeStrip } from '../../../../working/WorkingStrip';
import { useWide } from '../../../../layout/useLayoutSize';
import { Figure, Words } from '../../../../theme/AppText';
import { dialLegs, type DriveView } from './moveModes';
import { datumU } from '../../view';
import { DepthFigure } from './MoveDepth';

interface DriveStepsProps {
  book: Book;
  drive: DriveView;
}

/** A readout: how far still to go, in figures that read from two metres. */
export function ReadoutSteps({ book, drive }: DriveStepsProps) {
  const unit = book.setup.units;
  const { toGo, fromWords, stop } = drive;
  const signed = (mm: number) => formatLength(mm, { unit, plus: true });
  return (
    <>
      <Words tone="soft">
        To go, from {fromWords}, {unit}:
      </Words>
      <View role="group" aria-label="Distance to go" style={{ gap: 2 }}>
        <Big axis="X" figure={signed(toGo.x)} />
        <Big axis="Y" figure={signed(toGo.y)} />
      </View>
      {stop && <DepthFigure book={book} stop={stop} />}
      <Words kind="note" tone="soft">
        Counting to zero: set the INC scale to X {signed(-toGo.x)}, Y {signed(-toGo.y)}, then move until both show 0.
      </Words>
    </>
  );
}

/** Handwheels: whole turns and the line to stop at, backlash always on the one side. */
export function DialSteps({ book, drive }: DriveStepsProps) {
  const unit = book.setup.units;
  const legs = dialLegs(book, drive);
  return (
    <View style={{ gap: 10 }}>
      <Words tone="soft">Turn, from {drive.fromWords}:</Words>
      {legs.map(({ axis, move, words, position }) => (
        <View key={axis} role="group" aria-label={`Turn ${axis}`} style={{ flexDirection: 'row', gap: 12 }}>
          <Words kind="strong" style={{ fontSize: 34, lineHeight: 40 }}>
            {axis}
          </Words>
          <View style={{ flex: 1, gap: 4 }}>
            {words.length === 0 && (
              <Words kind="strong" style={{ fontSize: 27, lineHeight: 34 }}>
                does not move
              </Words>
            )}
            {words.map((text, i) => (
              <Words key={i} kind="strong" style={{ fontSize: 27, lineHeight: 34 }}>
                {text}
              </Words>
            ))}
            {move.reversal && (
              <Words kind="note" tone="warn">
                Go past it and come back to take up the backlash. Mark the wheel first, so a lost turn shows.
              </Words>
            )}
            <Words kind="note" tone="soft">
              The dial then shows {position}
              {Math.abs(move.left) < 0.0005
                ? ', on the line.'
                : `; ${formatLength(Math.abs(move.left), { unit })} ${unit} ${move.left > 0 ? 'short of' : 'beyond'} the place.`}
            </Words>
          </View>
        </View>
      ))}
      {drive.stop && <DepthFigure book={book} stop={drive.stop} />}
      <Words kind="note" tone="soft">
        {drive.index === 0 && drive.stands === undefined
          ? 'Mark your zero: both dials at 0 over part zero, approached the usual way. '
          : ''}
        Passed the line? Turn back half a turn, then come to it again.
      </Words>
      <Fold title="Working of the turns">
        {legs.map(({ axis, move }) => {
          const { dial } = book.machine.axes[axis === 'X' ? 'x' : 'y'];
          const at = drive.stop?.target[axis === 'X' ? 'x' : 'y'] ?? 0;
          return dial && <TapeStrip key={axis} tape={dialTape(at, move, dial)} unit={unit} />;
        })}
      </Fold>
    </View>
  );
}

/** A controller: the place in its work offset, as it is typed. */
export function CncSteps({ book, drive }: DriveStepsProps) {
  const unit = book.setup.units;
  const offset = book.cutPlan.program?.workOffset ?? book.machine.workOffsets?.[0] ?? 'work offset';
  const { stop, toGo } = drive;
  if (!stop) return null;
  const plain = (mm: number) => formatLength(mm, { unit }).replace('−', '-');
  return (
    <>
      <Words tone="soft">
        In {offset}, {unit}:
      </Words>
      <View role="group" aria-label="Coordinates" style={{ gap: 2 }}>
        <Big axis="X" figure={formatLength(stop.target.x, { unit })} />
        <Big axis="Y" figure={formatLength(stop.target.y, { unit })} />
      </View>
      <DepthFigure book={book} stop={stop} />
      <Words>
        First raise the tool above every clamp, rapid override low. Then type:{' '}
        <Figure
          size={18}
        >{`${unit === 'mm' ? 'G21' : 'G20'} G90 ${isOffsetWord(offset) ? `${offset} ` : ''}G0 X${plain(stop.target.x)} Y${plain(stop.target.y)}`}</Figure>
      </Words>
      <Words kind="note" tone="soft">
        {formatLength(Math.hypot(toGo.x, toGo.y), { unit })} {unit} from {drive.fromWords}.
      </Words>
    </>
  );
}

/** So many signs of a figure fit beside its axis on a phone at full size, in shop light too. */
const FITS = 7;

function Big({ axis, figure }: { axis: string; figure: string }) {
  const wide = useWide();
  return (
    <View style={{ flexDirection: 'row', alignItems: 'baseline', justifyContent: 'space-between' }}>
      <Words kind="strong" style={{ fontSize: 34, lineHeight: 46 }}>
        {axis}
      </Words>
      <Figure size={wide ? 76 : figure.length > FITS ? 52 : 62}>{figure}</Figure>
    </View>
  );
}

/** Where the scale stands once it is there, with its ±. */
export function WhereItIs({ book, drive }: DriveStepsProps) {
  const unit = book.setup.units;
  const { stop } = drive;
  if (!stop) return null;
  return (
    <View role="group" aria-label="Where it is">
      <Words tone="soft">The scale will show:</Words>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 20 }}>
        {(['x', 'y'] as const).map((axis) => {
          const U = datumU(book, axis);
          return (
            <View key={axis} style={{ flexDirection: 'row', alignItems: 'baseline', gap: 8 }}>
              <Words>{axis.toUpperCase()}</Words>
              <Figure size={24}>{formatLength(stop.target[axis], { unit })}</Figure>
              <Figure size={14} tone="soft">
                {U === null ? '± not known' : plusMinus(U, unit)}
              </Figure>
            </View>
          );
        })}
      </View>
    </View>
  );
}
