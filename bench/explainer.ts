/** How often the explainer names the planted slip first, and how often it cries wolf. */
import { criedWolf, namedFirst } from '@zero-point/core/practice/simulatedSlips';

const CASES = 5000;

console.log(`\nThe discrepancy explainer on ${CASES} simulated cases each; fixed seeds`);
console.log(`planted slip named first   ${(100 * namedFirst(CASES, 11)).toFixed(1)} %   target 95 % or more`);
console.log(`cries wolf on clean ones   ${(100 * criedWolf(CASES, 12)).toFixed(2)} %   target under 1 %`);
