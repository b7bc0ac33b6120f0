import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { patternsInHand } from '@zero-point/core/state/holes/holes';
import { indexState } from '@zero-point/core/state/rotary/indexTable';
import { tableAnswer } from '@zero-point/core/state/zAndTools/toolTable';
import { indexCsv, offsetLines } from '@zero-point/core/formats/indexFiles';
import { setsRows } from '@zero-point/core/formats/toolTable';
import { Refusal } from '@zero-point/core/problem/problem';
import { hasController } from '@zero-point/core/records/shop/machine';
import { useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import { Fold } from '../../../answer/Fold';
import { HOLES_FILES, saveHoles } from '../../../files/saveHoles';
import { saveTable } from '../../../files/saveTable';
import { LinkButton } from '../../../controls/LinkButton';
import { saveFile } from '../../../files/saveFile';
import { AppText } from '../../../theme/AppText';
import { WorkRefused } from '../../../workers/runWorker';
import { stationPath } from '../../path';

/** Every file of the setup in one place. */
export function ExportsFold({ book }: { book: SetupState }) {
  const { setup, machine } = book;
  const [trouble, setTrouble] = useState<string | undefined>(undefined);
  const patterns = patternsInHand(book);
  const { table } = indexState(book);
  const { rows, school } = tableAnswer(book);
  const measured = rows.some(({ length }) => length !== null);
  const attempt = (work: () => void | Promise<void>) => {
    setTrouble(undefined);
    Promise.resolve()
      .then(work)
      .catch((error: unknown) => {
        setTrouble(
          error instanceof WorkRefused || error instanceof Refusal
            ? error.message
            : 'The file could not be written here. Try again.',
        );
      });
  };
  return (
    <Fold title="Files of this setup">
      {trouble !== undefined && (
        <View role="alert">
          <AppText tone="bad">{trouble}</AppText>
        </View>
      )}
      {patterns.length > 0 && (
        <Files title="Positions">
          {HOLES_FILES.map(({ format, label }) => (
            <Button
              key={format}
              mode="outlined"
              accessibilityLabel={`Save positions as ${label}`}
              onPress={() => attempt(() => saveHoles(book, patterns, format))}
            >
              {label}
            </Button>
          ))}
          {hasController(machine) && <LinkButton to={stationPath(setup.id, 'positions')} label="Program, in Holes" />}
        </Files>
      )}
      {measured && (
        <Files title="Tool lengths">
          <Button
            mode="outlined"
            accessibilityLabel="Save tools as CSV"
            onPress={() => attempt(() => saveTable(book, 'csv'))}
          >
            CSV
          </Button>
          <Button
            mode="outlined"
            accessibilityLabel="Save tools as JSON"
            onPress={() => attempt(() => saveTable(book, 'json'))}
          >
            JSON
          </Button>
          {setsRows(machine.habits.dialect, school) && (
            <Button mode="outlined" onPress={() => attempt(() => saveTable(book, 'program'))}>
              Lines for the control
            </Button>
          )}
        </Files>
      )}
      {table && (
        <Files title="Work offsets by index">
          <Button
            mode="outlined"
            accessibilityLabel="Save indices as CSV"
            onPress={() =>
              attempt(() => saveFile(indexCsv(table.rows, setup.units), 'text/csv', `${setup.id}-indices.csv`))
            }
          >
            CSV
          </Button>
          {book.indexPlan.school === 'per-index' && (
            <Button
              mode="outlined"
              onPress={() =>
                attempt(() => saveFile(offsetLines(table.rows, setup.units), 'text/plain', `${setup.id}-offsets.nc`))
              }
            >
              Offset lines
            </Button>
          )}
        </Files>
      )}
      <Files title="The whole setup, for another shop">
        <Button
          mode="outlined"
          accessibilityLabel="Save the whole setup as JSON"
          onPress={() => window.open(`/api/setups/${setup.id}/file`, '_self')}
        >
          JSON with machine, gauges and log
        </Button>
      </Files>
    </Fold>
  );
}

function Files({ title, children }: { title: string; children: ReactNode }) {
  return (
    <View style={styles.files}>
      <AppText style={styles.strong}>{title}</AppText>
      <View style={styles.buttons}>{children}</View>
    </View>
  );
}

const styles = StyleSheet.create({
  files: { gap: 6 },
  buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  strong: { fontWeight: '700' },
});
