import { fireEvent, render, screen } from '@testing-library/react';
import { PaperProvider } from 'react-native-paper';
import { IndicatorDial, type DialFace } from './IndicatorDial';

const lever: DialFace = { perTurn: 0.4, resolution: 0.002, range: 0.4, sense: 1 };

function shown(face: DialFace, value: number | undefined, onChange?: (value: number) => void) {
  return render(
    <PaperProvider>
      <IndicatorDial face={face} value={value} unit="mm" size={140} {...(onChange && { onChange })} />
    </PaperProvider>,
  );
}

describe('the indicator', () => {
  test('says on its face and aloud which way is plus', () => {
    const { container } = shown(lever, 0);
    expect(container.textContent).toContain('pressed = +');
    expect(screen.getByRole('img').getAttribute('aria-label')).toBe('Indicator, pressed in is plus');
  });

  test('the other sense is as plain', () => {
    const { container } = shown({ ...lever, sense: -1 }, 0);
    expect(container.textContent).toContain('pressed = −');
  });

  test('has its one-turn value and its range on it', () => {
    const { container } = shown({ ...lever, range: 2 }, 0.9);
    expect(container.textContent).toContain('+0.10');
    expect(container.textContent).toContain('turn +2 of ±5');
  });

  test('moves a line at a time by the arrow keys, ten by the page keys, and stops at its range', () => {
    const moves: number[] = [];
    shown(lever, 0.396, (value) => moves.push(value));
    const dial = screen.getByRole('slider');
    for (const key of ['ArrowUp', 'ArrowDown', 'PageUp', 'Tab']) fireEvent.keyDown(dial, { key });
    expect(moves.map((value) => Number(value.toFixed(6)))).toEqual([0.398, 0.394, 0.4]);
    expect(dial.getAttribute('aria-valuetext')).toBe('+0.396 mm');
  });
});
