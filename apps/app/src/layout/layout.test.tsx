import { plateSnapshot } from '@zero-point/core/state/basis/snapshot.case';
import type { Entry } from '@zero-point/core/records/kinds/entry';
import { fireEvent, render, screen } from '@testing-library/react';
import { PaperProvider } from 'react-native-paper';
import type { Refused } from '../outbox/outbox';
import { paperTheme } from '../theme/paperTheme';
import { PageDialog } from '../dialogs/PageDialog';
import ConflictDialog from '../dialogs/ConflictDialog';
import { MainAction } from '../controls/MainAction';
import { ProgressBar } from './ProgressBar';
import { Loading, TroubleNotice } from './States';
import { Table } from './Table';
import { AppText } from '../theme/AppText';

const shown = (element: React.ReactElement) =>
  render(<PaperProvider theme={paperTheme('day')}>{element}</PaperProvider>);

interface Row {
  hole: number;
  x: number;
}

describe('a table', () => {
  const rows: Row[] = Array.from({ length: 1000 }, (_, i) => ({ hole: i + 1, x: i / 10 }));
  const columns = [
    { title: 'Hole', text: ({ hole }: Row) => String(hole) },
    { title: 'X mm', numeric: true, text: ({ x }: Row) => x.toFixed(3) },
  ];

  test('has its titles, its rows by their figures, and only those in sight laid out', () => {
    shown(<Table label="Positions" rows={rows} columns={columns} keyOf={({ hole }) => String(hole)} />);
    const table = screen.getByRole('table', { name: 'Positions' });
    expect(table.getAttribute('aria-rowcount')).toBe('1001');
    expect(screen.getAllByRole('columnheader').map(({ textContent }) => textContent)).toEqual(['Hole', 'X mm']);
    expect(screen.getAllByRole('row').length).toBeLessThan(100);
    expect(
      screen
        .getAllByRole('cell')
        .slice(0, 4)
        .map(({ textContent }) => textContent),
    ).toEqual(['1', '0.000', '2', '0.100']);
  });

  test('a row is pressed, and the chosen one says so', () => {
    const press = jest.fn();
    shown(
      <Table
        label="Positions"
        rows={rows.slice(0, 3)}
        columns={columns}
        keyOf={({ hole }) => String(hole)}
        onPress={press}
        chosen={({ hole }) => hole === 2}
      />,
    );
    const [, first, second] = screen.getAllByRole('row');
    expect([first, second].map((row) => row?.getAttribute('aria-selected'))).toEqual(['false', 'true']);
    fireEvent.click(first ?? document.body);
    expect(press).toHaveBeenCalledWith(rows[0]);
  });
});

// Its script is fetched when it is first shown.
beforeAll(() => PageDialog.fetch());

describe('two versions of one thing', () => {
  const { setup } = plateSnapshot;
  const entry = {
    kind: 'plan',
    setupId: setup.id,
    version: 'mine',
    began: 'first',
    body: { ...setup, tolerance: 0.05 },
  } as Entry;
  const refused: Refused = {
    key: '1',
    entry,
    reason: 'superseded',
    current: { version: 'theirs', body: { ...setup, note: 'turned over' } },
  };

  test('are told by what they differ in, both values side by side, before one is chosen', async () => {
    const [mine, theirs] = [jest.fn(), jest.fn()];
    shown(<ConflictDialog title="plan" refused={refused} onMine={mine} onTheirs={theirs} onLeave={() => undefined} />);
    expect(await screen.findByText('Which plan counts?')).toBeTruthy();
    for (const text of ['Which plan counts?', 'Tolerance', '0.0500', '0.1000', 'Note', 'nothing', 'turned over'])
      expect(screen.getByText(text)).toBeTruthy();
    fireEvent.click(screen.getByText('The other’s'));
    expect([mine, theirs].map(({ mock }) => mock.calls.length)).toEqual([0, 1]);
    fireEvent.click(screen.getByText('This device’s'));
    expect(mine).toHaveBeenCalledTimes(1);
  });

  test('that say the same are said to', async () => {
    const same = { ...refused, current: { version: 'theirs', body: entry.body } };
    shown(
      <ConflictDialog
        title="plan"
        refused={same}
        onMine={() => undefined}
        onTheirs={() => undefined}
        onLeave={() => undefined}
      />,
    );
    expect(await screen.findByText('Both are the same. Choose either.')).toBeTruthy();
  });
});

test('something asked can be left without doing anything', () => {
  const leave = jest.fn();
  shown(
    <PageDialog title="Why is this skipped?" leave="Do not skip" onLeave={leave}>
      <AppText>reasons</AppText>
    </PageDialog>,
  );
  expect(screen.getByText('reasons')).toBeTruthy();
  fireEvent.click(screen.getByText('Do not skip'));
  expect(leave).toHaveBeenCalledTimes(1);
});

test('the main action cannot be pressed while it is off', () => {
  const press = jest.fn();
  shown(<MainAction label="Log this reading" onPress={press} disabled />);
  fireEvent.click(screen.getByText('Log this reading'));
  expect(press).not.toHaveBeenCalled();
});

test('progress is told as a count', () => {
  shown(<ProgressBar label="Simulation done" done={25_000} most={100_000} />);
  const bar = screen.getByRole('progressbar', { name: 'Simulation done' });
  expect([bar.getAttribute('aria-valuenow'), bar.getAttribute('aria-valuemax')]).toEqual(['25000', '100000']);
});

test('waiting and trouble say what, and what to do', () => {
  const retry = jest.fn();
  shown(
    <>
      <Loading what="the bench" />
      <TroubleNotice title="The server is away" detail="Start it, then try again." retry={retry} />
    </>,
  );
  expect(screen.getByRole('status').textContent).toBe('Getting the bench');
  expect(screen.getByRole('alert').textContent).toContain('Start it, then try again.');
  fireEvent.click(screen.getByText('Try again'));
  expect(retry).toHaveBeenCalledTimes(1);
});
