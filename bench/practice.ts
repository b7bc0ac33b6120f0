/**
 * Every lesson of the practice mill done by a scripted hand: how often what it set is within the ± the reckoning stated, and
 * how often a slip is named that it did not make. `npm run bench -- practice`.
 */
import { goal } from './lib/goal.mjs';
import { doLesson } from '../packages/core/src/practice/hands/perfectHand';
import { LESSONS } from '../packages/core/src/practice/lessons/lessons';

const SEEDS = 2000;

console.log(`Each lesson on ${SEEDS} mills (goals: within ± at least 94 %, no slip named):`);
let [least, wrongly] = [100, 0];
for (const lesson of LESSONS) {
  let [within, axes, named, squares, stated] = [0, 0, 0, 0, 0];
  for (let seed = 1; seed <= SEEDS; seed += 1) {
    const { marks } = doLesson(lesson, seed);
    named += marks.slips.length;
    const things = marks.things.flatMap(({ is, said = Infinity, U }) =>
      U === undefined ? [] : { error: said - is, U },
    );
    for (const { error = Infinity, U = 0 } of [...marks.axes, ...marks.tools, ...things]) {
      axes += 1;
      squares += error * error;
      stated += U;
      if (Math.abs(error) <= U) within += 1;
    }
  }
  const share = ((100 * within) / axes).toFixed(1);
  if (axes > 0) least = Math.min(least, (100 * within) / axes);
  wrongly += named;
  const micrometres = (mm: number) => (1000 * mm).toFixed(1);
  console.log(
    `  ${lesson.id.padEnd(12)} ${share} % within ±${micrometres(stated / axes)} µm, off by ${micrometres(Math.sqrt(squares / axes))} µm r.m.s., ${named} slips named`,
  );
}
goal('lessons within their stated ±, the least of them', least, { least: 94, unit: ' %' });
goal('slips named that nobody made, of all lessons', wrongly, { most: 0 });
