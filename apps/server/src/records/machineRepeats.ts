import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { gaugeRepeats, type GaugeRepeats } from '@zero-point/core/state/gauges/repeatability';
import type { MachineRepeats } from '@zero-point/core/records/snapshots/gaugeUses';
import { median } from 'simple-statistics';

/** How a gauge repeated on each machine over setups it was used in, the most used first; practice says nothing of it. */
export function collectMachineRepeats(books: readonly SetupState[], gaugeId: string): MachineRepeats[] {
  const machines = new Map<string, GaugeRepeats & { name: string }>();
  for (const book of books) {
    if (book.setup.purpose === 'practice') continue;
    const { squares, dof, readings, seconds } = gaugeRepeats(book, gaugeId);
    const { id: machineId, name } = book.machine;
    const so = machines.get(machineId) ?? { name, squares: 0, dof: 0, readings: 0, seconds: [] };
    machines.set(machineId, {
      name,
      squares: so.squares + squares,
      dof: so.dof + dof,
      readings: so.readings + readings,
      seconds: [...so.seconds, ...seconds],
    });
  }
  return [...machines]
    .filter(([, { dof }]) => dof > 0)
    .map(([machineId, { name, squares, dof, readings, seconds }]) => ({
      machineId,
      machine: name,
      sd: Math.sqrt(squares / dof),
      dof,
      readings,
      seconds: seconds.length > 0 ? median(seconds) : null,
    }))
    .sort((a, b) => b.readings - a.readings);
}
