export { BenchScreen as default } from '../stations/bench/Screen';
