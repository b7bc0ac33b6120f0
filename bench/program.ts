/**
 * A milled program of 20 MB, read and held against a setup: against splitting the same file into lines. And jobs with one
 * planted fault each: how many are found, and how often something is found where nothing is the matter.
 */
import { goal } from './lib/goal.mjs';
import { chance } from '../packages/core/src/metrology/chance';
import { plantFault, showsFurtherOn, simulatedProgram } from '../packages/core/testing/simulatedPrograms';
import { checkProgram, programBytes } from '../packages/core/src/program/checkProgram';
import { PLATE_MILLED } from '../packages/core/src/program/fixtures/plate.case';

const SIZE = 20 * 1024 * 1024;
const GOAL = 3;
const TIMES = 7;
const JOBS = 20_000;

/** Line by line over the plate, as a ball mill goes over a form; a little of it is arcs. */
function milled(): Uint8Array {
  const lines = [
    '%',
    'G21 G17 G90 G94 G40 G80 G54',
    'T5 M6',
    'S6000 M3',
    'G0 X2. Y2.',
    'G43 H5 Z20.',
    'G0 Z16.',
    'G1 Z-0.5 F900.',
  ];
  let size = lines.join('\n').length;
  for (let i = 0; size < SIZE - 64; i += 1) {
    const x = 2 + ((i * 0.137) % 180);
    const y = 2 + ((i / 1314) % 112);
    const line =
      i % 50 === 49
        ? `G2 X${x.toFixed(3)} Y${y.toFixed(3)} I0.5 J0. F800.`.replace('G2', 'G1').replace(' I0.5 J0.', '')
        : i % 50 === 0
          ? `G1 X${x.toFixed(3)} Y${y.toFixed(3)} Z${(-0.5 - Math.sin(i / 90) / 3).toFixed(4)}`
          : `X${x.toFixed(3)} Y${y.toFixed(3)} Z${(-0.5 - Math.sin(i / 90) / 3).toFixed(4)}`;
    lines.push(line);
    size += line.length + 1;
  }
  lines.push('G0 Z20.', 'M5', 'M30', '%', '');
  return programBytes(lines.join('\n'));
}

const timed = (work: () => unknown): number => {
  const start = performance.now();
  work();
  return performance.now() - start;
};

const median = (times: number[]): number => times.sort((a, b) => a - b)[Math.floor(times.length / 2)] ?? NaN;

function reading(): void {
  const bytes = milled();
  const split = () => new TextDecoder().decode(bytes).split(/\r\n|\n|\r/).length;
  const splitPlain = () => new TextDecoder().decode(bytes).split('\n').length;
  const read = () => checkProgram(bytes, PLATE_MILLED);
  const { told, findings } = read();
  const times = { split: [] as number[], plain: [] as number[], read: [] as number[] };
  for (let i = 0; i < TIMES; i += 1) {
    times.split.push(timed(split));
    times.plain.push(timed(splitPlain));
    times.read.push(timed(read));
  }
  const [floor, plain, ours] = [median(times.split), median(times.plain), median(times.read)];
  console.log(
    `reading ${(bytes.length / 1024 / 1024).toFixed(1)} MB, ${told.lines} lines, ${told.stretches} stretches, ${findings.length} findings: ` +
      `${ours.toFixed(0)} ms; split at any line end ${floor.toFixed(0)} ms: ${(ours / floor).toFixed(2)} × (goal ${GOAL}); at line feeds alone ${plain.toFixed(0)} ms: ${(ours / plain).toFixed(2)} ×`,
  );
  goal('a program of 20 MB read, against splitting it', ours / floor, { most: GOAL });
}

function faults(): void {
  const random = chance(20261126);
  let [found, wrong] = [0, 0];
  for (let i = 0; i < JOBS; i += 1) {
    const job = simulatedProgram(random);
    if (checkProgram(programBytes(job.text), job.set).findings.some(({ level }) => level !== 'note')) wrong += 1;
    const fault = plantFault(job, random);
    if (
      checkProgram(programBytes(fault.text), fault.set).findings.some(
        ({ code, line }) =>
          fault.codes.includes(code) && (line === fault.line || (showsFurtherOn(code) && line > fault.line)),
      )
    )
      found += 1;
  }
  console.log(
    `${JOBS} jobs: ${((100 * found) / JOBS).toFixed(2)} % of planted faults found (goal 99), ${((100 * wrong) / JOBS).toFixed(2)} % of the clean ones blamed (goal under 0.5)`,
  );
  goal('planted faults of programs found', (100 * found) / JOBS, { least: 99, unit: ' %' });
  goal('clean programs blamed', (100 * wrong) / JOBS, { most: 0.5, unit: ' %' });
}

reading();
faults();
