import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { dialWorking } from '@zero-point/core/holes/dials/dialTurns';
import { formatLength } from '@zero-point/core/units/formatLength';
import { isOffsetWord } from '@zero-point/core/formats/programText';
import { View } from 'react-native';
import { plusMinus } from '@zero-point/core/messages/basis/verdict';
import { Fold } from '../../../../answer/Fold';
import { WorkingStrip } from '../../../../working/WorkingStrip';
import { useWide } from '../../../../layout/useLayoutSize';
import { Figure, AppText } from '../../../../theme/AppText';
import { dialLegs, type MoveView } from './moveModes';
import { datumU } from '../../view';
import { DepthFigure } from './MoveDepth';

interface DriveStepsProps {
  book: SetupState;
  drive: MoveView;
}

/** A readout: how far still to go, in figures that read from two metres. */
export function DroSteps({ book, drive }: DriveStepsProps) {
  const unit = book.setup.units;
  const { toGo, fromWords, stop } = drive;
  const signed = (mm: number) => formatLength(mm, { unit, plus: true });
  return (
    <>
      <AppText tone="soft">
        To go, from {fromWords}, {unit}:
      </AppText>
      <View role="group" aria-label="Distance to go" style={{ gap: 2 }}>
        <Big axis="X" figure={signed(toGo.x)} />
        <Big axis="Y" figure={signed(toGo.y)} />
      </View>
      {stop && <DepthFigure book={book} stop={stop} />}
      <AppText kind="note" tone="soft">
        Counting to zero: set the INC scale to X {signed(-toGo.x)}, Y {signed(-toGo.y)}, then move until both show 0.
      </AppText>
    </>
  );
}

/** Handwheels: whole turns and the line to stop at, backlash always on the one side. */
export function DialSteps({ book, drive }: DriveStepsProps) {
  const unit = book.setup.units;
  const legs = dialLegs(book, drive);
  return (
    <View style={{ gap: 10 }}>
      <AppText tone="soft">Turn, from {drive.fromWords}:</AppText>
      {legs.map(({ axis, move, words, position }) => (
        <View key={axis} role="group" aria-label={`Turn ${axis}`} style={{ flexDirection: 'row', gap: 12 }}>
          <AppText kind="strong" style={{ fontSize: 34, lineHeight: 40 }}>
            {axis}
          </AppText>
          <View style={{ flex: 1, gap: 4 }}>
            {words.length === 0 && (
              <AppText kind="strong" style={{ fontSize: 27, lineHeight: 34 }}>
                does not move
              </AppText>
            )}
            {words.map((text, i) => (
              <AppText key={i} kind="strong" style={{ fontSize: 27, lineHeight: 34 }}>
                {text}
              </AppText>
            ))}
            {move.reversal && (
              <AppText kind="note" tone="warn">
                Go past it and come back to take up the backlash. Mark the wheel first, so a lost turn shows.
              </AppText>
            )}
            <AppText kind="note" tone="soft">
              The dial then shows {position}
              {Math.abs(move.left) < 0.0005
                ? ', on the line.'
                : `; ${formatLength(Math.abs(move.left), { unit })} ${unit} ${move.left > 0 ? 'short of' : 'beyond'} the place.`}
            </AppText>
          </View>
        </View>
      ))}
      {drive.stop && <DepthFigure book={book} stop={drive.stop} />}
      <AppText kind="note" tone="soft">
        {drive.index === 0 && drive.stands === undefined
          ? 'Mark your zero: both dials at 0 over part zero, approached the usual way. '
          : ''}
        Passed the line? Turn back half a turn, then come to it again.
      </AppText>
      <Fold title="Working of the turns">
        {legs.map(({ axis, move }) => {
          const { dial } = book.machine.axes[axis === 'X' ? 'x' : 'y'];
          const at = drive.stop?.target[axis === 'X' ? 'x' : 'y'] ?? 0;
          return dial && <WorkingStrip key={axis} tape={dialWorking(at, move, dial)} unit={unit} />;
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
      <AppText tone="soft">
        In {offset}, {unit}:
      </AppText>
      <View role="group" aria-label="Coordinates" style={{ gap: 2 }}>
        <Big axis="X" figure={formatLength(stop.target.x, { unit })} />
        <Big axis="Y" figure={formatLength(stop.target.y, { unit })} />
      </View>
      <DepthFigure book={book} stop={stop} />
      <AppText>
        First raise the tool above every clamp, rapid override low. Then type:{' '}
        <Figure
          size={18}
        >{`${unit === 'mm' ? 'G21' : 'G20'} G90 ${isOffsetWord(offset) ? `${offset} ` : ''}G0 X${plain(stop.target.x)} Y${plain(stop.target.y)}`}</Figure>
      </AppText>
      <AppText kind="note" tone="soft">
        {formatLength(Math.hypot(toGo.x, toGo.y), { unit })} {unit} from {drive.fromWords}.
      </AppText>
    </>
  );
}

/** So many signs of a figure fit beside its axis on a phone at full size, in shop light too. */
const FITS = 7;

function Big({ axis, figure }: { axis: string; figure: string }) {
  const wide = useWide();
  return (
    <View style={{ flexDirection: 'row', alignItems: 'baseline', justifyContent: 'space-between' }}>
      <AppText kind="strong" style={{ fontSize: 34, lineHeight: 46 }}>
        {axis}
      </AppText>
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
      <AppText tone="soft">The scale will show:</AppText>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 20 }}>
        {(['x', 'y'] as const).map((axis) => {
          const U = datumU(book, axis);
          return (
            <View key={axis} style={{ flexDirection: 'row', alignItems: 'baseline', gap: 8 }}>
              <AppText>{axis.toUpperCase()}</AppText>
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
