import { coarsePitch } from '../../holes/patterns/holeSizes';
import { pointLength } from '../../holes/stepDepth';
import { keepsTable } from '../../zAndTools/schools';
import { zeroOf } from '../../datum/partFrame';
import { Refusal } from '../../problem/problem';
import type { Box, SetHole, SetTool, CheckContext } from '../../program/checkContext';
import { PLAINEST } from '../../records/values/dialects';
import type { Obstacle } from '../../records/setup/obstacles';
import { planAxes } from '../../records/shop/machine';
import { airCut } from '../zAndTools/airCut';
import type { SetupState } from '../basis/setupState';
import { carriedRotation } from '../datum/partRotation';
import { zeroDoubtOf } from '../datum/zeroDoubt';
import { allStops } from '../holes/driveStops';
import { gaugeInSpindle } from '../gauges/gaugeInSpindle';
import { lastZeroing } from '../basis/activeRecords';
import { indexState, type IndexState } from '../rotary/indexTable';
import { datumInForce } from '../datum/localDatum';
import { depthOfStop } from '../holes/machiningOrder';
import { zSetByProbe } from '../zAndTools/zZero';
import { tableAnswer } from '../zAndTools/toolTable';
import { zSetWith, zToolChanged } from './recheckZ';
import { topAboveZero } from '../zAndTools/zZeroHeight';

/** The number of no tool. */
const NO_TOOL = 0;

/**
 * Everything a program is held against, in the program's own frame: what is set, measured, planned and known of a setup.
 * What nobody said is left out, and then nothing is held against it.
 */
export function programSetting(book: SetupState): CheckContext {
  const { machine, setup, cutPlan } = book;
  // Machine coordinates are known of part zero itself; a local datum in force stands elsewhere.
  const zero: IndexState['zero'] = machine.scale === 'machine' && !datumInForce(book) ? indexState(book).zero : {};
  const table = tableAnswer(book);
  const { workOffset } = table;
  const setZ = lastZeroing(book, 'z');
  const room = cutPlan.program?.under?.room;
  return {
    unit: setup.units,
    dialect: machine.habits.dialect ?? PLAINEST,
    workOffset:
      setup.workOffset ?? lastZeroing(book, 'x')?.place.workOffset ?? lastZeroing(book, 'y')?.place.workOffset,
    unset: [...planAxes(machine), 'z' as const]
      .filter((axis) => lastZeroing(book, axis) === undefined)
      .map((axis) => axis.toUpperCase() as 'X' | 'Y' | 'Z'),
    inDoubt: zeroDoubtOf(book) !== undefined,
    lift: airCut(book).set,
    keepsTable: keepsTable(machine.habits.toolLengthSchool),
    referenceTool: machine.habits.toolLengthSchool === 'reference-tool' ? setup.referenceTool : undefined,
    // Set by the probe it counts with no tool: none may run before it is touched off.
    zSetWith: setZ && zSetByProbe(book, setZ) ? NO_TOOL : zSetWith(book),
    zToolChanged: zToolChanged(book),
    tools: toolsOf(book, table.rows),
    gaugeIn: gaugeInSpindle(book),
    limits: machine.limits ?? {},
    stock: stockOf(book),
    turn: carriedRotation(book)?.angle ?? 0,
    room,
    clear: cutPlan.program?.clear,
    rapidsStraight: machine.rapids === 'straight',
    boxes: book.obstacles.boxes.flatMap((box) => inFrame(book, box) ?? []),
    holes: holesOf(book),
    offset: {
      ...(zero.x && { x: zero.x.value }),
      ...(zero.y && { y: zero.y.value }),
      ...(workOffset !== null && machine.scale === 'machine' && { z: workOffset }),
    },
    travel: Object.fromEntries(
      (['x', 'y', 'z'] as const).flatMap((axis) => {
        const { travel } = machine.axes[axis];
        return travel === undefined ? [] : [[axis, travel]];
      }),
    ),
  };
}

function toolsOf(book: SetupState, rows: ReturnType<typeof tableAnswer>['rows']): SetTool[] {
  const measured = new Map(rows.map((row) => [row.number, row]));
  return book.tools
    .filter(({ retiredOn }) => retiredOn === undefined)
    .map(({ number, name, diameter, kind, pitch, pointAngle }) => {
      const row = measured.get(number);
      return {
        number,
        name,
        diameter,
        pointed: kind === 'spot-drill',
        ...(kind === 'drill' && { point: pointLength(diameter, pointAngle) }),
        ...(kind === 'ball-mill' && { point: diameter / 2 }),
        ...(kind === 'tap' && { pitch: pitch ?? coarsePitch(diameter) }),
        length: row?.length ?? row?.kept ?? null,
        // Measured again since, its length is its own again.
        stale: row?.length == null ? (row?.changed ?? null) : null,
      };
    });
}

/** Where the program's zero is in the part's own frame: part zero, or the local datum in force. Z of it from the top. */
function zeroInPart(book: SetupState): { x: number; y: number; z: number } | undefined {
  const top = topAboveZero(book);
  if (top === undefined) return undefined;
  const { x, y } = zeroOf(book.part, book.setup.partZero);
  const local = datumInForce(book)?.at ?? { x: 0, y: 0 };
  return { x: x + local.x, y: y + local.y, z: -top };
}

function inFrame(book: SetupState, { name, from, to }: Pick<Obstacle, 'name' | 'from' | 'to'>): Box | undefined {
  const zero = zeroInPart(book);
  return (
    zero && {
      name,
      x: [from.x - zero.x, to.x - zero.x],
      y: [from.y - zero.y, to.y - zero.y],
      z: [from.z - zero.z, to.z - zero.z],
    }
  );
}

/** The stock as it was told, else the part's own size; nothing while its sides are not entered. */
function stockOf(book: SetupState): Box | undefined {
  const { part, obstacles } = book;
  if (obstacles.stock) return inFrame(book, obstacles.stock);
  const { x, y, z } = part.size;
  if (part.untold?.includes('x') || part.untold?.includes('y')) return undefined;
  const bottom = part.untold?.includes('z') ? -Infinity : -z;
  return inFrame(book, { name: part.name, from: { x: 0, y: 0, z: bottom }, to: { x, y, z: 0 } });
}

/** Every position in hand once, with the deepest of what is done there. */
function holesOf(book: SetupState): SetHole[] {
  const holes = new Map<string, SetHole>();
  for (const stop of allStops(book)) {
    const key = `${stop.pattern.id} ${stop.hole}`;
    const known = holes.get(key);
    const tip = tipOf(book, stop);
    if (!known) holes.set(key, { ...stop.target, diameter: stop.diameter, tip });
    else if (tip !== null) known.tip = Math.max(known.tip ?? tip, tip);
  }
  return [...holes.values()];
}

function tipOf(book: SetupState, stop: Parameters<typeof depthOfStop>[1]): number | null {
  try {
    return depthOfStop(book, stop).tip;
  } catch (error) {
    if (error instanceof Refusal) return null;
    throw error;
  }
}
