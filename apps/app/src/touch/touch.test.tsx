import { edge } from '@zero-point/core/datum/faces/edge';
import { edgeCase } from '@zero-point/core/datum/faces/edge.case';
import { fireEvent, render, screen } from '@testing-library/react';
import { PaperProvider } from 'react-native-paper';
import { resetMovedFocus } from '../keyboard/focusMoved';
import { ShapeOfPart } from '../layout/useLayoutSize';
import { WorkingStrip } from '../working/WorkingStrip';
import { ReadingDock } from './ReadingDock';
import { verdictSentence } from '@zero-point/core/messages/basis/verdict';

const shown = (element: React.ReactElement) => render(<PaperProvider>{element}</PaperProvider>);

describe('the tape', () => {
  test('shows every reading, each term with its sign, and the sums', () => {
    shown(<WorkingStrip tape={edge(edgeCase).tape} unit="mm" />);
    const text = screen.getByLabelText('Working').textContent ?? '';
    expect(text).toContain('reading 1−5.012');
    expect(text).toContain('half the finder (10.000 / 2)+5.000');
    expect(text).toContain('set to−5.000');
  });

  test('is the same reckoning in inches', () => {
    shown(<WorkingStrip tape={edge(edgeCase).tape} unit="in" />);
    expect(screen.getByLabelText('Working').textContent).toContain('set to−0.1969');
  });
});

describe('typing a reading', () => {
  test('what is refused stays as it was typed, with the reason; what is logged leaves the field', () => {
    const logged: string[] = [];
    const log = (text: string) => {
      if (!/^-?\d/.test(text)) return 'That is not a length.';
      logged.push(text);
      return undefined;
    };
    shown(<ReadingDock label="X on the readout" unit="mm" onLog={log} next={undefined} />);
    const field = screen.getByLabelText<HTMLInputElement>('X on the readout');
    fireEvent.change(field, { target: { value: 'five' } });
    fireEvent.click(screen.getByText('Log this reading'));
    expect(field.value).toBe('five');
    expect(screen.getByRole('alert').textContent).toBe('That is not a length.');
    fireEvent.change(field, { target: { value: '-5.012' } });
    expect(screen.queryByRole('alert')).toBeNull();
    fireEvent.click(screen.getByText('Log this reading'));
    expect(logged).toEqual(['-5.012']);
    expect(field.value).toBe('');
  });

  test('on a wide page its field has the focus as it arrives, unless somebody went on by key meanwhile', () => {
    const dock = (
      <ShapeOfPart.Provider value="wide">
        <ReadingDock label="Z" unit="mm" onLog={() => undefined} next={undefined} />
      </ShapeOfPart.Provider>
    );
    const first = shown(dock);
    expect(document.activeElement).toBe(screen.getByLabelText('Z'));
    first.unmount();
    fireEvent.keyDown(document.body, { key: 'Tab' });
    shown(dock);
    expect(document.activeElement).toBe(document.body);
    resetMovedFocus();
  });

  test('a blocked touch logs nothing and says what comes first', () => {
    const log = jest.fn();
    shown(<ReadingDock label="Z" unit="mm" onLog={log} next={undefined} blocked="Tick the caution first." />);
    fireEvent.change(screen.getByLabelText('Z'), { target: { value: '3' } });
    fireEvent.click(screen.getByText('Log this reading'));
    expect(log).not.toHaveBeenCalled();
    expect(screen.getByRole('alert').textContent).toBe('Tick the caution first.');
  });
});

test('the verdict says the ±, the tolerance and what to do', () => {
  expect(verdictSentence('good', { U: 0.0137, parts: [] }, 0.1, 'mm', false)).toBe(
    'Good enough: ±0.014 mm is within a quarter of the ±0.100 mm this job allows.',
  );
  expect(verdictSentence('poor', { U: 0.3, parts: [] }, 0.1, 'mm', true)).toMatch(/One reading is far from the others/);
});
