import type { DriveOrder } from '@zero-point/core/records/setup/cutPlan';
import type { Pattern } from '@zero-point/core/records/setup/pattern';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { zeroApproach } from '@zero-point/core/state/holes/driveStops';
import { MOST_EXACT } from '@zero-point/core/holes/order/exactOrder';
import { formatLength } from '@zero-point/core/units/formatLength';
import { View } from 'react-native';
import { Button } from 'react-native-paper';
import { Choice } from '../../../../controls/Choice';
import { TickChips } from '../../../../controls/TickChips';
import { ProgressBar } from '../../../../layout/ProgressBar';
import { AppText } from '../../../../theme/AppText';
import { HandOrder } from './HandOrder';
import { orderFigures, type OrderFigures } from './orderChoices';
import { useOrder } from './useOrder';
import { type PositionsView } from '../../view';
import { saveCutPlan } from '../../../../commands/saveCutPlan';

interface OrderPanelProps {
  book: SetupState;
  view: PositionsView;
  pattern: Pattern;
}

/** Holes in sight for fixing by hand; more are moved by their numbers. */
const MOST_BY_HAND = 100;

/** The order holes are driven to in: found, as numbered, or fixed by hand. */
export default function OrderPanel({ book, view, pattern }: OrderPanelProps) {
  const unit = book.setup.units;
  const { order, patterns, numbered, holes, state, ...act } = useOrder(book, pattern.id);
  const before = orderFigures(book, numbered);
  const now = orderFigures(book, holes);
  const change = (way: DriveOrder['way']) => {
    if (way === 'as-numbered') act.asNumbered();
    else if (way === 'by-hand') act.moveTo(0, 0);
    else void act.find(way);
  };
  return (
    <View style={{ gap: 14 }}>
      {view.patterns.length > 1 && (
        <TickChips
          label="Done together"
          options={view.patterns.map(({ id, name }) => ({ value: id, label: name }))}
          ticked={patterns}
          onToggle={act.toggle}
        />
      )}
      <Choice
        label="Order"
        value={order.way}
        options={[
          { value: 'as-numbered', label: 'As numbered' },
          ...(before.dials ? [{ value: 'fewest-reversals' as const, label: 'Fewest reversals' }] : []),
          { value: 'shortest', label: 'Shortest way' },
          { value: 'by-hand', label: 'By hand' },
        ]}
        onChange={change}
      />
      {state.state === 'running' && (
        <View style={{ gap: 6 }}>
          <ProgressBar label="Search for an order" done={Math.round(100 * state.share)} most={100} />
          <Button mode="outlined" onPress={act.cancel}>
            Stop the search, {Math.round(100 * state.share)} % done
          </Button>
        </View>
      )}
      {state.state === 'failed' && (
        <AppText tone="bad">The search could not be run here. The order is as it was.</AppText>
      )}
      <View style={{ gap: 4 }}>
        <AppText live>{figuresWords('This order', now, unit)}</AppText>
        {order.way !== 'as-numbered' && <AppText tone="soft">{figuresWords('As numbered', before, unit)}</AppText>}
        {(order.way === 'fewest-reversals' || order.way === 'shortest') && (
          <AppText kind="note" tone="soft">
            {holes.length <= MOST_EXACT
              ? 'Best order: every order was compared.'
              : 'Best order found in the search time.'}
          </AppText>
        )}
      </View>
      {before.dials && <ApproachChoice book={book} />}
      <Choice
        label="At each hole"
        value={order.grouping}
        options={[
          { value: 'step', label: 'One step and tool at a time' },
          { value: 'hole', label: 'Everything before the next hole' },
        ]}
        onChange={act.group}
      />
      {order.way === 'by-hand' && holes.length <= MOST_BY_HAND && <HandOrder holes={holes} onMove={act.moveTo} />}
      {order.way === 'by-hand' && holes.length > MOST_BY_HAND && (
        <AppText tone="soft">
          {holes.length} holes are too many to drag. Choose fewer patterns, or search for an order.
        </AppText>
      )}
    </View>
  );
}

/** Which way each axis arrives: the way it was going when its zero was set, unless the person says otherwise. */
function ApproachChoice({ book }: { book: SetupState }) {
  const now = { x: zeroApproach(book, 'x'), y: zeroApproach(book, 'y'), ...book.cutPlan.approach };
  return (
    <View style={{ gap: 10 }}>
      {(['x', 'y'] as const).map((axis) => (
        <Choice
          key={axis}
          label={`${axis.toUpperCase()} arrives at every hole going`}
          value={now[axis] === 1 ? 'plus' : 'minus'}
          options={[
            { value: 'plus', label: 'toward +' },
            { value: 'minus', label: 'toward −' },
          ]}
          onChange={(way) => saveCutPlan(book, { approach: { ...now, [axis]: way === 'plus' ? 1 : -1 } })}
        />
      ))}
      {(['x', 'y'] as const).some((axis) => now[axis] !== zeroApproach(book, axis)) && (
        <AppText tone="warn">
          A zero was set going the other way. Set it again going this way, or every hole is off by the backlash.
        </AppText>
      )}
    </View>
  );
}

function figuresWords(what: string, { travel, dials }: OrderFigures, unit: 'mm' | 'in'): string {
  const way = `${formatLength(travel, { unit, decimals: unit === 'mm' ? 1 : 2 })} ${unit} of straight travel`;
  if (!dials) return `${what}: ${way}.`;
  const reversals = dials.reversals === 1 ? '1 reversal' : `${dials.reversals} reversals`;
  return `${what}: ${reversals}, ${dials.turns.toFixed(1)} handwheel turns, ${way}.`;
}
