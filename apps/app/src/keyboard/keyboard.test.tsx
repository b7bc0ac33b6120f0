import { act, fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { View } from 'react-native';
import { Button, PaperProvider } from 'react-native-paper';
import { paperTheme } from '../theme/paperTheme';
import { AppText } from '../theme/AppText';
import AskDialog from '../dialogs/PageDialogContent';
import { Choice } from '../controls/Choice';
import { ARROWS_TAKEN, listenForChoiceKeys } from './choiceKeys';
import { useOpenedFocus } from './useOpenedFocus';
import { useEscape } from './useEscape';

const shown = (element: React.ReactElement) =>
  render(<PaperProvider theme={paperTheme('day')}>{element}</PaperProvider>);

const radio = (name: string) => screen.getByRole('radio', { name });
const focused = () => document.activeElement?.getAttribute('aria-label') ?? document.activeElement?.textContent;
const press = (key: string, more = {}) => fireEvent.keyDown(document.activeElement ?? document.body, { key, ...more });

const GAUGES = ['Gauge block 10', 'Gauge block 25', 'Probe, 4 mm ball', 'Edge finder 10'];

function Gauges({ onChoose = () => undefined }: { onChoose?: (value: string) => void }) {
  return (
    <Choice
      label="Found with"
      options={GAUGES.map((label) => ({ value: label, label }))}
      value="Probe, 4 mm ball"
      onChange={onChoose}
    />
  );
}

describe('a row of choices by keyboard', () => {
  let stop: () => void;
  beforeEach(() => {
    stop = listenForChoiceKeys();
  });
  afterEach(() => stop());

  test('its arrows go along it, round both ends, and choose nothing', () => {
    const choose = jest.fn();
    shown(<Gauges onChoose={choose} />);
    act(() => radio('Gauge block 10').focus());
    press('ArrowLeft');
    expect(focused()).toBe('Edge finder 10');
    press('ArrowRight');
    press('ArrowDown');
    expect(focused()).toBe('Gauge block 25');
    press('ArrowUp');
    expect(focused()).toBe('Gauge block 10');
    expect(choose).not.toHaveBeenCalled();
  });

  test('Tab comes to what is chosen, and leaves the row at once: from its last, or back from its first', () => {
    shown(
      <>
        <Button>before</Button>
        <Gauges />
      </>,
    );
    act(() => screen.getByRole('button', { name: 'before' }).focus());
    press('Tab');
    act(() => radio('Gauge block 10').focus());
    expect(focused()).toBe('Probe, 4 mm ball');
    // The browser's own step, which jsdom does not take, goes on from where this leaves the focus.
    press('Tab');
    expect(focused()).toBe('Edge finder 10');
    press('Tab', { shiftKey: true });
    expect(focused()).toBe('Gauge block 10');
  });

  test('a finger puts the focus where it taps', () => {
    shown(<Gauges />);
    fireEvent.keyDown(document.body, { key: 'a' });
    act(() => radio('Gauge block 25').focus());
    expect(focused()).toBe('Gauge block 25');
  });

  test('nothing else hears an arrow that goes along a row; where the arrows are taken, the row does not', () => {
    const heard = jest.fn();
    window.addEventListener('keydown', heard);
    const { unmount } = shown(<Gauges />);
    act(() => radio('Gauge block 25').focus());
    press('ArrowRight');
    expect(heard).not.toHaveBeenCalled();
    unmount();
    shown(
      <View id={ARROWS_TAKEN}>
        <Gauges />
      </View>,
    );
    act(() => radio('Gauge block 25').focus());
    press('ArrowRight');
    expect(focused()).toBe('Gauge block 25');
    expect(heard).toHaveBeenCalledTimes(1);
    window.removeEventListener('keydown', heard);
  });

  test('an arrow with Alt is the browser’s: a page back', () => {
    shown(<Gauges />);
    act(() => radio('Gauge block 25').focus());
    expect(press('ArrowLeft', { altKey: true })).toBe(true);
    expect(focused()).toBe('Gauge block 25');
    expect(press('ArrowLeft')).toBe(false);
    expect(focused()).toBe('Gauge block 10');
  });

  test('once nobody listens, the arrows are the page’s own', () => {
    shown(<Gauges />);
    stop();
    act(() => radio('Gauge block 25').focus());
    press('ArrowRight');
    expect(focused()).toBe('Gauge block 25');
  });
});

function Asking({ onLeave }: { onLeave: () => void }) {
  const [asks, setAsks] = useState(false);
  return (
    <>
      <Button onPress={() => setAsks(true)}>Skip this</Button>
      <Button>behind it</Button>
      {asks && (
        <AskDialog
          title="Why is this skipped?"
          leave="Do not skip"
          onLeave={() => {
            onLeave();
            setAsks(false);
          }}
        >
          <Button>no vise here</Button>
        </AskDialog>
      )}
    </>
  );
}

describe('something asked over the page', () => {
  const open = () => {
    const leave = jest.fn();
    shown(<Asking onLeave={leave} />);
    act(() => screen.getByRole('button', { name: 'Skip this' }).focus());
    fireEvent.click(screen.getByRole('button', { name: 'Skip this' }));
    return leave;
  };

  test('has the keyboard to itself', () => {
    open();
    expect(focused()).toBe('Why is this skipped?');
    act(() => screen.getByRole('button', { name: 'behind it' }).focus());
    expect(screen.getByRole('dialog').contains(document.activeElement)).toBe(true);
  });

  test('is left by Escape, once', () => {
    const leave = open();
    press('Escape');
    expect(leave).toHaveBeenCalledTimes(1);
    expect(screen.queryByRole('dialog')).toBeNull();
  });

  test('left by its button, it is not left twice', () => {
    const leave = open();
    fireEvent.click(screen.getByRole('button', { name: 'Do not skip' }));
    expect(leave).toHaveBeenCalledTimes(1);
  });
});

function Page({ over }: { over?: string }) {
  useEscape();
  return (
    <>
      <View role="banner">
        <Button>Back to Home</Button>
      </View>
      <View role="navigation">
        <View role="link" tabIndex={0} aria-label="Plan" />
        <View role="link" tabIndex={0} aria-label="Datum" aria-current="step" />
      </View>
      <View role="main">
        <input aria-label="X on the readout" onKeyDown={(event) => event.stopPropagation()} />
      </View>
      {over && <View role="menu" aria-label={over} />}
    </>
  );
}

describe('Escape', () => {
  const inField = () => act(() => screen.getByLabelText('X on the readout').focus());

  test('leads from a field to the station one is at, then to the way back', () => {
    shown(<Page />);
    inField();
    press('Escape');
    expect(focused()).toBe('Datum');
    press('Escape');
    expect(focused()).toBe('Back to Home');
  });

  test('leaves a menu that is open over the page, and nothing else', () => {
    shown(<Page over="Finder" />);
    inField();
    press('Escape');
    expect(focused()).toBe('X on the readout');
  });
});

function Opened() {
  const opened = useOpenedFocus();
  return (
    <View ref={opened} tabIndex={-1} aria-label="what opened">
      <AppText>opened</AppText>
    </View>
  );
}

describe('what opens on a page', () => {
  test('takes the focus where it would be nowhere', () => {
    shown(<Opened />);
    expect(focused()).toBe('what opened');
  });

  test('leaves it with what has it', () => {
    const { rerender } = render(<input aria-label="X" />);
    act(() => screen.getByLabelText('X').focus());
    rerender(
      <>
        <input aria-label="X" />
        <Opened />
      </>,
    );
    expect(focused()).toBe('X');
  });
});
