import { fireEvent, render, screen } from '@testing-library/react';
import { hex } from './contrast.case';
import { PaperProvider, SegmentedButtons } from 'react-native-paper';
import { Choice } from '../controls/Choice';
import { CardButton } from '../controls/CardButton';
import { TickBox } from '../controls/TickBox';
import { TickChips } from '../controls/TickChips';
import { Fold } from '../answer/Fold';
import { AppText } from './AppText';
import { PALETTES, type Mode } from './palette';
import { paperTheme } from './paperTheme';

const shown = (element: React.ReactElement) =>
  render(<PaperProvider theme={paperTheme('day')}>{element}</PaperProvider>);

const MODES: Mode[] = ['day', 'night', 'shop'];

describe.each(MODES)('by %s', (mode) => {
  const palette = PALETTES[mode];

  test.each([
    ['ink', palette.ink, 7],
    ['what is read second', palette.inkSoft, 4.5],
    ['good', palette.good, 4.5],
    ['a warning', palette.warn, 4.5],
    ['bad', palette.bad, 4.5],
    ['brass', palette.brass, 4.5],
    ['the edge of a field', palette.edge, 3],
  ])('%s is told from the ground and from paper', (_, colour, least) => {
    expect(hex.contrast(colour, palette.ground)).toBeGreaterThanOrEqual(least);
    expect(hex.contrast(colour, palette.surface)).toBeGreaterThanOrEqual(least);
  });

  test('what stands on an action, on the tape and on the rule is read', () => {
    expect(hex.contrast(palette.onAction, palette.action)).toBeGreaterThanOrEqual(4.5);
    expect(hex.contrast(palette.onStrip, palette.strip)).toBeGreaterThanOrEqual(7);
    expect(hex.contrast(palette.steelInk, palette.steel)).toBeGreaterThanOrEqual(4.5);
  });

  test('the rule is no brighter than the figure to be read', () => {
    if (palette.dark) expect(hex.luminance(palette.steel)).toBeLessThan(hex.luminance(palette.ink));
  });

  test('Paper has our colours, no tint of height, and moves nothing by itself', () => {
    const { colors, animation, fonts } = paperTheme(mode);
    expect([colors.primary, colors.surface, colors.error]).toEqual([palette.action, palette.surface, palette.bad]);
    expect(new Set(Object.values(colors.elevation))).toEqual(new Set(['transparent', palette.surface]));
    expect(animation.scale).toBe(0);
    expect(fonts.labelLarge.fontFamily).toContain('Atkinson');
    expect(fonts.displayLarge.fontFamily).toContain('JetBrains');
  });
});

describe('what a control is, told to those who cannot see it', () => {
  test('segments are one of several, and say which', () => {
    shown(
      <SegmentedButtons
        value="mm"
        onValueChange={() => undefined}
        buttons={[
          { value: 'mm', label: 'Millimetres' },
          { value: 'in', label: 'Inches' },
        ]}
      />,
    );
    const states = screen.getAllByRole('radio').map((one) => one.getAttribute('aria-checked'));
    expect(states).toEqual(['true', 'false']);
    expect(screen.queryAllByRole('button')).toEqual([]);
  });

  test.each([
    ['few and short, as segments', ['Day', 'Night']],
    ['many, as chips', ['Edge finder', 'Bearing edge finder', 'Pin', 'Probe']],
  ])('a choice of %s', (_, labels) => {
    const chosen = jest.fn();
    shown(
      <Choice
        label="Which"
        value={labels[0] ?? ''}
        options={labels.map((label) => ({ value: label, label }))}
        onChange={chosen}
      />,
    );
    expect(screen.getByRole('radiogroup', { name: 'Which' })).toBeTruthy();
    const radios = screen.getAllByRole('radio');
    expect(radios.map((one) => one.getAttribute('aria-checked'))).toEqual(labels.map((_label, i) => String(i === 0)));
    fireEvent.click(radios[1] ?? document.body);
    expect(chosen).toHaveBeenCalledWith(labels[1]);
  });

  test('the space bar chooses, as on every page of the web', () => {
    const chosen = jest.fn();
    shown(
      <Choice
        label="Which"
        value="a"
        options={['a', 'b', 'c', 'd'].map((value) => ({ value, label: value }))}
        onChange={chosen}
      />,
    );
    fireEvent.keyDown(screen.getByRole('radio', { name: 'c' }), { key: ' ' });
    expect(chosen).toHaveBeenCalledWith('c');
    fireEvent.keyDown(screen.getByRole('radio', { name: 'd' }), { key: 'x' });
    expect(chosen).toHaveBeenCalledTimes(1);
  });

  test('a box is one control with its sentence, ticked or not', () => {
    const tick = jest.fn();
    shown(<TickBox grave label="Never lower a tool onto a gauge" ticked={false} onTick={tick} />);
    const boxes = screen.getAllByRole('checkbox');
    expect(boxes).toHaveLength(1);
    expect(boxes[0]?.getAttribute('aria-checked')).toBe('false');
    fireEvent.click(screen.getByRole('checkbox', { name: 'Never lower a tool onto a gauge' }));
    fireEvent.keyDown(boxes[0] ?? document.body, { key: ' ' });
    expect(tick).toHaveBeenCalledTimes(2);
  });

  test('any of several are boxes', () => {
    const toggled = jest.fn();
    shown(
      <TickChips
        label="Steps"
        options={[
          { value: 'spot', label: 'Spot' },
          { value: 'drill', label: 'Drill', beside: ': 4' },
        ]}
        ticked={['drill']}
        onToggle={toggled}
      />,
    );
    expect(screen.getByRole('checkbox', { name: 'Drill' }).getAttribute('aria-checked')).toBe('true');
    expect(screen.getByText(/Drill.*: 4/)).toBeTruthy();
    fireEvent.click(screen.getByRole('checkbox', { name: 'Spot' }));
    expect(toggled).toHaveBeenCalledWith('spot');
  });

  test('a fold says whether it is open, and what is in it is there only then', () => {
    shown(
      <Fold title="Tape">
        <AppText>the reckoning</AppText>
      </Fold>,
    );
    const head = screen.getByRole('button');
    expect(head.getAttribute('aria-expanded')).toBe('false');
    expect(screen.queryByText('the reckoning')).toBeNull();
    fireEvent.click(head);
    expect(head.getAttribute('aria-expanded')).toBe('true');
    expect(screen.getByText('the reckoning')).toBeTruthy();
  });

  test('a card is pressed as a whole, and one of several says that it is chosen', () => {
    const press = jest.fn();
    shown(
      <>
        <CardButton label="Plain" onPress={press}>
          <AppText>plain</AppText>
        </CardButton>
        <CardButton label="Chosen" role="radio" chosen onPress={press}>
          <AppText>chosen</AppText>
        </CardButton>
      </>,
    );
    fireEvent.click(screen.getByText('plain'));
    expect(press).toHaveBeenCalledTimes(1);
    expect(screen.getByRole('radio', { name: 'Chosen' }).getAttribute('aria-checked')).toBe('true');
    expect(screen.getByRole('button', { name: 'Plain' }).getAttribute('aria-checked')).toBeNull();
  });
});
