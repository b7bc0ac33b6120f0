import type { Calibrated } from '@zero-point/core/records/shop/calibration';
import { drift } from '@zero-point/core/calibration/drift';
import { calibratedKey } from '@zero-point/core/state/basis/setupState';
import { seriesOf, voidsOf, type KeptResult } from '@zero-point/core/state/gauges/calibrationSeries';
import { formatLengthUnit } from '@zero-point/core/units/formatLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { plusMinus } from '@zero-point/core/messages/basis/verdict';
import { dayWords, driftWords } from '@zero-point/core/messages/gauges/gaugeStatus';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Shop } from '../../../api/queries';
import { Choice } from '../../../controls/Choice';
import { Table, type Column } from '../../../layout/Table';
import { AppText } from '../../../theme/AppText';
import { DriftChart } from './DriftChart';

interface KeptProps {
  of: Calibrated;
  shop: Shop;
  unit: LengthUnit;
  /** U where none was told, mm. */
  usualU: number;
  /** Names of the two coordinates of a centre. */
  across?: readonly [string, string];
}

/** What was found of a thing in time: the chart, what it says, and every result. */
export function CalibrationSummary({ of, shop, unit, usualU, across }: KeptProps) {
  const key = calibratedKey(of);
  const calibrations = shop.calibrations
    .filter((one) => one.of.kind === of.kind && calibratedKey(one.of) === key)
    .sort((a, b) => a.at.localeCompare(b.at));
  const all = seriesOf(calibrations, usualU, across);
  const [chosen, setChosen] = useState<string>();
  const series = all.find((one) => one.key === chosen) ?? all[0];
  if (!series) return <AppText tone="soft">Not calibrated yet.</AppText>;
  const current = distinct(series.current);
  return (
    <View style={styles.list}>
      {all.length > 1 && (
        <Choice
          label="Calibration results"
          value={series.key}
          options={all.map((one) => ({ value: one.key, label: one.title }))}
          onChange={setChosen}
        />
      )}
      {current.length > 0 && (
        <Drifted title={series.title} results={current} of={series.results} voids={voidsOf(calibrations)} unit={unit} />
      )}
      <Table
        label={`${series.title}, every result`}
        rows={[...series.results].reverse()}
        columns={columnsFor(unit)}
        keyOf={({ id }) => id}
      />
    </View>
  );
}

/** Two results of one moment say nothing of time: the later one stands. */
const distinct = (results: readonly KeptResult[]): KeptResult[] =>
  results.filter(({ at }, i) => results[i + 1]?.at !== at);

interface DriftedProps {
  title: string;
  results: readonly KeptResult[];
  of: readonly KeptResult[];
  voids: ReturnType<typeof voidsOf>;
  unit: LengthUnit;
}

function Drifted({ title, results, of, voids, unit }: DriftedProps) {
  const found = drift({ results: results.map(({ at, value, U }) => ({ at, value, U })) });
  const doubtful = found.verdict === 'moved' || found.verdict === 'trend';
  return (
    <>
      <AppText style={styles.strong} tone={doubtful ? 'warn' : 'ink'}>
        {doubtful ? '▲ ' : ''}
        {driftWords(found, unit)}
      </AppText>
      {of.length > 1 && <DriftChart title={title} results={of} voids={voids} found={found} unit={unit} />}
    </>
  );
}

const columnsFor = (unit: LengthUnit): Column<KeptResult>[] => [
  { title: 'Calibrated on', flex: 1.1, text: ({ at }) => dayWords(at), soft: true },
  {
    title: `Value, ${unit}`,
    numeric: true,
    text: ({ value }) => formatLengthUnit(value, { unit }).replace(` ${unit}`, ''),
  },
  { title: '±', numeric: true, flex: 0.9, text: ({ U }) => plusMinus(U, unit).replace(` ${unit}`, '') },
];

const styles = StyleSheet.create({ list: { gap: 10 }, strong: { fontWeight: '700' } });
