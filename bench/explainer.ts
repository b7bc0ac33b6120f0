/** How often the explainer names the planted slip first, and how often it cries wolf. */
import { tableFalseAlarms, tableSlipsNamed } from '@zero-point/core/practice/simulatedTables';
import { criedWolf, namedFirst } from '@zero-point/core/practice/simulatedSlips';

const CASES = 5000;

console.log(`\nThe discrepancy explainer on ${CASES} simulated cases each; fixed seeds`);
console.log(`planted slip named first   ${(100 * namedFirst(CASES, 11)).toFixed(1)} %   target 95 % or more`);
console.log(`cries wolf on clean ones   ${(100 * criedWolf(CASES, 12)).toFixed(2)} %   target under 1 %`);

console.log(`\nTool tables, ${CASES} simulated each: a sign, the gauge once or twice, a plate not as marked`);
console.log(`planted slip named         ${(100 * tableSlipsNamed(CASES, 21)).toFixed(1)} %   target 95 % or more`);
console.log(`false alarms on clean ones ${(100 * tableFalseAlarms(CASES, 22)).toFixed(2)} %   target under 1 %`);
