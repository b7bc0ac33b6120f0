import { documentKind } from '../kinds/kind';
import type { Obstacles, Obstacle } from './obstacles.schema';

export type { Obstacle, Obstacles };

export const NO_OBSTACLES: Obstacles = { boxes: [] };

export const obstaclesKind = documentKind<Obstacles>()({
  name: 'obstacles',
  field: 'obstacles',
  of: 'setup',
  collection: 'obstacles',
  title: 'boxes round the part',
  summary: 'Say where clamps, jaws and the stock stand',
  version: 1,
  key: () => '',
  shows: 'one',
  empty: NO_OBSTACLES,
});
