import { fireEvent, render, screen } from '@testing-library/react';
import { PaperProvider } from 'react-native-paper';
import { paperTheme } from '../theme/paperTheme';
import { AngleField, CountField, LengthField, LengthsField, OptionalLengthField, TextField } from './Fields';
import { Keypad } from './Keypad';
import { TableField } from './TableField';

const shown = (element: React.ReactElement) =>
  render(<PaperProvider theme={paperTheme('day')}>{element}</PaperProvider>);

/** Types into a field and leaves it. */
function type(label: string, text: string): HTMLInputElement {
  const field = screen.getByLabelText<HTMLInputElement>(label);
  fireEvent.change(field, { target: { value: text } });
  fireEvent.blur(field);
  return field;
}

describe('a length that is kept when it is left', () => {
  test('everything a reading takes, in millimetres underneath', () => {
    const kept = jest.fn();
    shown(<LengthField label="Thickness" unit="mm" value={10} onCommit={kept} />);
    type('Thickness', '1/2 in');
    expect(kept).toHaveBeenCalledWith(12.7);
  });

  test('what is refused stays as typed, with its reason, and nothing is kept', () => {
    const kept = jest.fn();
    shown(
      <LengthField
        label="Thickness"
        unit="mm"
        value={10}
        onCommit={kept}
        check={(mm) => (mm > 0 ? undefined : 'It must be greater than zero.')}
      />,
    );
    expect(type('Thickness', '-3').value).toBe('-3');
    expect(screen.getByRole('alert').textContent).toBe('It must be greater than zero.');
    expect(screen.getByLabelText('Thickness').getAttribute('aria-invalid')).toBe('true');
    type('Thickness', '1,234.5');
    expect(screen.getByRole('alert').textContent).toMatch(/Two decimal marks/);
    expect(kept).not.toHaveBeenCalled();
    type('Thickness', '12');
    expect(screen.queryByRole('alert')).toBeNull();
    expect(kept).toHaveBeenCalledWith(12);
  });

  describe('by Enter', () => {
    const field = () => screen.getByLabelText<HTMLInputElement>('Thickness');
    const enter = (text: string) => {
      field().focus();
      fireEvent.change(field(), { target: { value: text } });
      fireEvent.keyDown(field(), { key: 'Enter' });
    };

    test('it is kept once, and the field is left', () => {
      jest.useFakeTimers();
      const kept = jest.fn();
      shown(<LengthField label="Thickness" unit="mm" value={10} onCommit={kept} />);
      enter('12');
      expect(document.activeElement).not.toBe(field());
      jest.runAllTimers();
      expect(kept.mock.calls).toEqual([[12]]);
      jest.useRealTimers();
    });

    test('what is refused is put right where one is, and nothing takes it half typed', () => {
      jest.useFakeTimers();
      const kept = jest.fn();
      const check = (mm: number) => (mm > 0 ? undefined : 'It must be greater than zero.');
      shown(<LengthField label="Thickness" unit="mm" value={10} onCommit={kept} check={check} />);
      enter('0');
      expect(screen.getByRole('alert').textContent).toBe('It must be greater than zero.');
      fireEvent.change(field(), { target: { value: '1' } });
      jest.runAllTimers();
      expect(document.activeElement).toBe(field());
      expect(kept).not.toHaveBeenCalled();
      enter('12');
      expect(kept.mock.calls).toEqual([[12]]);
      jest.useRealTimers();
    });
  });

  test('left as it was nothing is written', () => {
    const kept = jest.fn();
    shown(<LengthField label="Thickness" unit="mm" value={10} onCommit={kept} />);
    expect(type('Thickness', '10.000').value).toBe('10.000');
    expect(kept).not.toHaveBeenCalled();
  });

  test('empty is not known, where that may be', () => {
    const kept = jest.fn();
    shown(<OptionalLengthField label="Depth" unit="in" value={25.4} onCommit={kept} />);
    expect(screen.getByLabelText<HTMLInputElement>('Depth').value).toBe('1.0000');
    type('Depth', ' ');
    expect(kept).toHaveBeenCalledWith(undefined);
  });
});

test.each([
  ['15', 15],
  ['−22,5°', -22.5],
])('an angle as %s', (text, degrees) => {
  const kept = jest.fn();
  shown(<AngleField label="First angle" value={0} onCommit={kept} />);
  type('First angle', text);
  expect(kept).toHaveBeenCalledWith(degrees);
});

test.each([
  [0, '0'],
  [-110, '−110'],
  [100, '100'],
  [22.5, '22.5'],
  [-0.0251, '−0.025'],
])('the angle %s is shown as it is commanded, %s', (degrees, text) => {
  shown(<AngleField label="First angle" value={degrees} onCommit={jest.fn()} />);
  expect(screen.getByLabelText<HTMLInputElement>('First angle').value).toBe(text);
});

test.each([
  ['quarter', 'Type the angle in degrees, as 15 or 22.5.'],
  ['3601', 'More than ten turns. Check the decimal point.'],
])('no angle as %s', (text, why) => {
  const kept = jest.fn();
  shown(<AngleField label="First angle" value={0} onCommit={kept} />);
  type('First angle', text);
  expect(screen.getByRole('alert').textContent).toBe(why);
  expect(kept).not.toHaveBeenCalled();
});

test('a count is whole', () => {
  const kept = jest.fn();
  shown(<CountField label="Holes" value={6} onCommit={kept} />);
  type('Holes', '2.5');
  expect(screen.getByRole('alert').textContent).toBe('Type a whole number.');
  type('Holes', '8');
  expect(kept).toHaveBeenCalledWith(8);
});

test('several lengths stand with semicolons between, and the one that is none is named', () => {
  const kept = jest.fn();
  shown(<LengthsField label="Steps" unit="mm" value={[10, 1]} onCommit={kept} />);
  type('Steps', '10; nothing; 1');
  expect(screen.getByRole('alert').textContent).toMatch(/^nothing: /);
  type('Steps', '10; 0.1');
  expect(kept).toHaveBeenCalledWith([10, 0.1]);
});

test.each([
  [true, '10; 1; 0.1; 0.005'],
  [false, '10.000; 1.000; 0.100; 0.005'],
])('several lengths, chosen %s, are shown as %s', (chosen, text) => {
  shown(<LengthsField label="Steps" unit="mm" chosen={chosen} value={[10, 1, 0.1, 0.005]} onCommit={jest.fn()} />);
  expect(screen.getByLabelText<HTMLInputElement>('Steps').value).toBe(text);
});

test('words have room for a name, and no more', () => {
  const kept = jest.fn();
  shown(<TextField label="Name" value="Knee mill" onCommit={kept} />);
  type('Name', 'x'.repeat(81));
  expect(screen.getByRole('alert').textContent).toBe('At most 80 characters.');
  type('Name', '  Loft mill ');
  expect(kept).toHaveBeenCalledWith('Loft mill');
});

test('a table is taken over when it is asked for, and stays as typed where it is refused', () => {
  const take = jest.fn((text: string) => (text.includes('abc') ? 'Row 2: “abc” is not a length.' : undefined));
  shown(<TableField label="Points" hint="X; Y" shown="1; 2" onTake={take} />);
  const field = screen.getByLabelText<HTMLTextAreaElement>('Points');
  fireEvent.change(field, { target: { value: '1; 2\nabc; 3' } });
  fireEvent.click(screen.getByText('Use this table'));
  expect(screen.getByRole('alert').textContent).toMatch(/^Row 2/);
  expect(field.value).toBe('1; 2\nabc; 3');
  fireEvent.change(field, { target: { value: '5; 6' } });
  fireEvent.click(screen.getByText('Use this table'));
  expect(take).toHaveBeenLastCalledWith('5; 6');
});

test('the shop’s own keys type into the field, each by its spoken name', () => {
  let text = '';
  const change = (next: string) => {
    text = next;
  };
  const { rerender } = shown(<Keypad text={text} onChange={change} keyHeight={48} />);
  for (const key of ['1', 'space', '3', 'divided by', '8', 'inches']) {
    fireEvent.click(screen.getByRole('button', { name: key }));
    rerender(
      <PaperProvider theme={paperTheme('day')}>
        <Keypad text={text} onChange={change} keyHeight={48} />
      </PaperProvider>,
    );
  }
  expect(text).toBe('1 3/8 in');
});
