import type { FeatureAnswer } from '@zero-point/core/state/datum/featureAnswer';
import { ellipse } from '@zero-point/core/metrology/fits/ellipse';
import type { Simulated } from '@zero-point/core/metrology/monteCarlo';
import { formatLength } from '@zero-point/core/units/formatLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { useEffect, useRef, useState } from 'react';
import { View } from 'react-native';
import { Button } from 'react-native-paper';
import { EllipseDrawing } from '../../../drawing/EllipseDrawing';
import { ProgressBar } from '../../../layout/ProgressBar';
import { AppText } from '../../../theme/AppText';
import { runDatum } from '../../../workers/datumJob';
import type { RunningWorker } from '../../../workers/runWorker';

const TRIALS = 100_000;
const SEED = 20_261;

type Trial =
  { state: 'idle' } | { state: 'running'; done: number } | { state: 'done'; result: Simulated } | { state: 'failed' };

interface TrialCheckProps {
  answer: FeatureAnswer;
  unit: LengthUnit;
}

const at = (matrix: readonly number[][], j: number, k: number): number => matrix[j]?.[k] ?? 0;

/** The ± as reckoned, drawn about part zero, and tried by a hundred thousand random cases in a worker. */
export function TrialCheck({ answer, unit }: TrialCheckProps) {
  const [trial, setTrial] = useState<Trial>({ state: 'idle' });
  const running = useRef<RunningWorker<Simulated> | undefined>(undefined);
  useEffect(() => () => running.current?.cancel(), []);
  if (!answer.covariance || !answer.model) return null;
  const { model } = answer;
  const start = async () => {
    setTrial({ state: 'running', done: 0 });
    const job = runDatum({ model, trials: TRIALS, seed: SEED }, (share) =>
      setTrial({ state: 'running', done: Math.round(share * TRIALS) }),
    );
    running.current = job;
    try {
      const result = await job.result;
      setTrial(result ? { state: 'done', result } : { state: 'idle' });
    } catch {
      setTrial({ state: 'failed' });
    }
  };
  const tried =
    trial.state === 'done'
      ? {
          xx: at(trial.result.covariance, 0, 0),
          xy: at(trial.result.covariance, 0, 1),
          yy: at(trial.result.covariance, 1, 1),
        }
      : undefined;
  const both = (x: number | undefined, y: number | undefined) =>
    [
      x !== undefined && answer.x ? `X ±${figure(x, unit)}` : '',
      y !== undefined && answer.y ? `Y ±${figure(y, unit)}` : '',
    ]
      .filter((part) => part !== '')
      .join(', ');
  return (
    <View style={{ gap: 8 }}>
      <EllipseDrawing
        reckoned={ellipse(answer.covariance)}
        tried={tried && ellipse(tried)}
        label={`Where part zero lies in 95 of 100 cases: calculated ${both(answer.x?.uncertainty.U, answer.y?.uncertainty.U)}`}
        scaleWords={(times) => `95 of 100 cases, drawn ${times.toLocaleString('en')} ×`}
      />
      <AppText kind="note">
        Brass, calculated: {both(answer.x?.uncertainty.U, answer.y?.uncertainty.U)} {unit}.
      </AppText>
      {trial.state === 'done' && (
        <AppText kind="note" live>
          Silver, {trial.result.trials.toLocaleString('en')} trials: {both(trial.result.U[0], trial.result.U[1])} {unit}
          .
        </AppText>
      )}
      {trial.state === 'failed' && (
        <AppText kind="note" tone="bad">
          The simulation could not run here. The calculated ± stays.
        </AppText>
      )}
      {trial.state === 'running' ? (
        <View style={{ gap: 6 }}>
          <ProgressBar label="Simulation done" done={trial.done} most={TRIALS} />
          <Button mode="outlined" onPress={() => running.current?.cancel()}>
            Stop the simulation, {trial.done.toLocaleString('en')} done
          </Button>
        </View>
      ) : (
        <Button mode="outlined" onPress={() => void start()}>
          {trial.state === 'done' ? 'Try again' : `Simulate ${TRIALS.toLocaleString('en')} random cases`}
        </Button>
      )}
    </View>
  );
}

/** One more decimal than lengths have: two ways of reckoning are compared. */
const figure = (mm: number, unit: LengthUnit): string => formatLength(mm, { unit, decimals: unit === 'mm' ? 4 : 5 });
