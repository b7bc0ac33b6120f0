/** How often the explainer names the planted slip first, and how often it cries wolf. */
import { tableFalseAlarms, tableSlipsNamed } from '@zero-point/core/testing/trials/tableTrials';
import { criedWolf, namedFirst } from '@zero-point/core/testing/trials/mistakeTrials';
import { goal } from './lib/goal.mjs';

const CASES = 5000;

console.log(`\nThe discrepancy explainer on ${CASES} simulated cases each; fixed seeds`);
const named = 100 * namedFirst(CASES, 11);
const wolves = 100 * criedWolf(CASES, 12);
console.log(`planted slip named first   ${named.toFixed(1)} %   target 95 % or more`);
console.log(`cries wolf on clean ones   ${wolves.toFixed(2)} %   target under 1 %`);
goal('planted slip named first', named, { least: 95, unit: ' %' });
goal('cries wolf on clean cases', wolves, { most: 1, unit: ' %' });

console.log(`\nTool tables, ${CASES} simulated each: a sign, the gauge once or twice, a plate not as marked`);
const seen = 100 * tableSlipsNamed(CASES, 21);
const alarms = 100 * tableFalseAlarms(CASES, 22);
console.log(`planted slip named         ${seen.toFixed(1)} %   target 95 % or more`);
console.log(`false alarms on clean ones ${alarms.toFixed(2)} %   target under 1 %`);
goal('slips of a tool table named', seen, { least: 95, unit: ' %' });
goal('false alarms on clean tool tables', alarms, { most: 1, unit: ' %' });
