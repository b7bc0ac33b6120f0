import { parseMessage, NOTHING_PARSED } from '@zero-point/core/link/messageParser';
import { linkView, type LinkView } from '@zero-point/core/link/linkView';
import type { LiveFigure, WantedReading } from '@zero-point/core/link/liveReading';
import { act, fireEvent, render, screen } from '@testing-library/react';
import { PaperProvider } from 'react-native-paper';
import { paperTheme } from '../theme/paperTheme';
import { LiveEntry } from './LiveEntry';

const line = (body: object) => JSON.stringify(body);
const HELLO = line({ is: 'hello', protocol: 1, name: 'Readout', kind: 'controller', unit: 'mm', step: { x: 0.005 } });
const at = (x: number) => line({ is: 'position', unit: 'mm', scale: 'machine', at: { x } });
const touch = (x: number) => line({ is: 'touch', unit: 'mm', scale: 'machine', at: { x } });
const result = (found: number) =>
  line({ is: 'result', unit: 'mm', scale: 'machine', cycle: 'probe X+', axis: 'x', found });

const viewOf = (...lines: string[]): LinkView =>
  linkView(
    'trunnion-mill',
    { over: 'tcp', host: '127.0.0.1', port: 1 },
    [HELLO, at(1), ...lines].reduce((heard, one) => parseMessage(heard, one, 0), NOTHING_PARSED),
    { open: true, now: 0 },
  );

const X: WantedReading = { axis: 'x', scale: 'machine', byControl: false };

function shown(wanted: WantedReading, first: LinkView, step = 0.005) {
  const taken: LiveFigure[] = [];
  const entry = (view: LinkView) => (
    <PaperProvider theme={paperTheme('day')}>
      <LiveEntry
        view={view}
        wanted={wanted}
        unit="mm"
        step={step}
        typing={false}
        onTake={(figure) => {
          taken.push(figure);
          return undefined;
        }}
      />
    </PaperProvider>
  );
  const { rerender } = render(entry(first));
  return { taken, next: (view: LinkView) => rerender(entry(view)) };
}

const figures = (taken: readonly LiveFigure[]) => taken.map(({ mm }) => mm);

describe('a cycle’s result', () => {
  test('of before it was asked for is not offered: it may be another face’s', () => {
    const { next, taken } = shown({ ...X, byControl: true }, viewOf(result(10)));
    expect(screen.getByText('No cycle of this axis was run yet.')).toBeTruthy();
    expect(screen.queryByText('Take its result')).toBeNull();
    next(viewOf(result(10), result(20)));
    fireEvent.click(screen.getByText('Take its result'));
    expect(figures(taken)).toEqual([20]);
    // Taken once, it is no more on offer.
    expect(screen.queryByText('Take its result')).toBeNull();
  });

  test('after a new start of the server counts begin again, and the next one is offered', () => {
    const { next, taken } = shown({ ...X, byControl: true }, viewOf(result(10), result(11)));
    next(viewOf());
    next(viewOf(result(30)));
    fireEvent.click(screen.getByText('Take its result'));
    expect(figures(taken)).toEqual([30]);
  });
});

describe('the device’s own touch', () => {
  const switchOn = () => fireEvent.click(screen.getByRole('checkbox', { name: 'Log when its probe touches' }));

  test('from before it was switched on counts for nothing; the next is taken', () => {
    const { next, taken } = shown(X, viewOf(touch(5)));
    next(viewOf(touch(5), touch(6)));
    switchOn();
    expect(taken).toEqual([]);
    next(viewOf(touch(5), touch(6), touch(7)));
    expect(figures(taken)).toEqual([7]);
  });

  test('a device that never stops touching is switched off, and nothing of that is taken', () => {
    const { next, taken } = shown(X, viewOf());
    switchOn();
    next(viewOf(...Array.from({ length: 50 }, (_, i) => touch(i))));
    expect(taken).toEqual([]);
    expect(screen.getByText(/^It reports too many touches/)).toBeTruthy();
    next(viewOf(...Array.from({ length: 51 }, (_, i) => touch(i))));
    expect(taken).toEqual([]);
  });
});

test('a display coarser than the machine is kept with is said, with what that does to the ±', () => {
  shown(X, viewOf(), 0.001);
  expect(document.body.textContent).toMatch(/X goes by 0\.0050 mm there, and Shop has 0\.0010 mm for this machine/);
});

describe('the space bar', () => {
  const space = () =>
    act(() => void document.body.dispatchEvent(new KeyboardEvent('keydown', { key: ' ', bubbles: true })));

  test('takes what is shown', () => {
    const { taken } = shown(X, viewOf());
    space();
    expect(figures(taken)).toEqual([1]);
  });

  test('takes nothing while a question stands over the page', () => {
    const { taken } = shown(X, viewOf());
    const dialog = document.createElement('div');
    dialog.setAttribute('role', 'dialog');
    document.body.append(dialog);
    space();
    dialog.remove();
    expect(taken).toEqual([]);
  });
});
