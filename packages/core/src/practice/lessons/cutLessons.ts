import { EMPTY_CUT_PLAN } from '../../records/setup/cutPlan';
import type { Feature } from '../../records/setup/datumPlan';
import type { Pattern } from '../../records/setup/pattern';
import type { Contact } from '../mill/millSpec';
import type { Lesson } from './lesson';
import { BETWEENS, BORE, kneeMill, PART, practiceSnapshot, TRAY } from './practiceShop';

const { indicator, spot, cutter, drill } = TRAY;
const { sensor } = BETWEENS;

const SPIGOT = { id: 'spigot', name: 'Spigot', x: 30, y: 20, diameter: 12 } as const;

const ROUND: Feature = { kind: 'round', of: SPIGOT.id };

const HUB = {
  ...PART,
  id: 'hub-plate',
  name: 'Hub plate',
  shapes: [
    {
      kind: 'boss' as const,
      id: SPIGOT.id,
      name: SPIGOT.name,
      at: { x: SPIGOT.x, y: SPIGOT.y },
      diameter: SPIGOT.diameter,
    },
  ],
};

const circle = (id: string, name: string, diameter: number, holes: number, firstAngle: number): Pattern => ({
  kind: 'bolt-circle',
  id,
  name,
  holeDiameter: 4.2,
  through: true,
  steps: ['spot'],
  circle: { centre: { x: 0, y: 0 }, diameter, holes, firstAngle, direction: 'counter-clockwise' },
});

/** Three on the wide circle, two on the narrow one. */
const CIRCLES = [circle('wide', 'Wide circle', 34, 3, 90), circle('narrow', 'Narrow circle', 24, 2, 0)];

const BAR: Contact = { ...cutter, id: 'boring-head', name: 'Boring head', diameter: 24, length: 110 };

const FACE_MILL: Contact = {
  ...cutter,
  id: 'face-mill-40',
  name: 'Face mill 40',
  diameter: 40,
  length: 70,
  sticksOut: 0,
};

/** What comes off the face, mm. */
const REMOVE = 1.2;

export const BEARING = { id: 'bearing', low: 26, high: 26.021 } as const;

/** Tools at one spot, holes, bores and faces. */
export const CUT_LESSONS: readonly Lesson[] = [
  {
    id: 'same-spot',
    title: 'A tool change by the same spot',
    job: 'J14',
    does: 'No tool table: set Z with the end mill on the plate. Change to the drill, touch the same plate, and set Z to the same figure.',
    par: { minutes: 9, acts: 110 },
    mill: kneeMill([cutter, drill], [BETWEENS.spot]),
    snapshot: (id, at) =>
      practiceSnapshot(id, at, 'The same spot', {
        machine: 'change',
        plan: { heightGaugeId: BETWEENS.spot.id, tolerance: 0.2 },
        heights: { surface: 0, lift: 0, step: 0.002 },
      }),
    begins: { station: 'heights', query: '' },
    aims: [{ axis: 'z' }],
    hints: [
      'What Z showed on the plate with the old tool is what it must show there with the new one.',
      'Nothing is added, no sign to get wrong: still touching, set Z to the same figure again.',
      'End mill: lower until the plate’s light is on, log, set Z, read back. Raise clear by {40}, clip and plate off, change to the drill. Plate back, then touch: lower until its light is on, set Z to the same figure.',
    ],
  },
  {
    id: 'two-circles',
    title: 'Holes on two circles round a spigot',
    job: 'J19',
    does: 'Sweep the spigot, set X and Y to {0.000} over it, then mark five places with the spot drill: three on a circle of {34.00 mm}, two on one of {24.00 mm}.',
    par: { minutes: 20, acts: 260 },
    mill: { ...kneeMill([indicator, spot]), boss: { x: SPIGOT.x, y: SPIGOT.y, diameter: SPIGOT.diameter } },
    snapshot: (id, at) =>
      practiceSnapshot(id, at, 'Two circles', {
        part: HUB,
        plan: { partZero: 'centre', tolerance: 0.2 },
        datum: { ways: { 'round.spigot': 'sweep' }, centredWith: { sweep: indicator.id } },
        more: { patterns: CIRCLES },
      }),
    begins: { station: 'datum', query: 'f=round.spigot' },
    pages: ['datum', 'positions'],
    aims: [
      { axis: 'x', by: ROUND },
      { axis: 'y', by: ROUND },
    ],
    things: [{ thing: 'holes' }],
    hints: [
      'Both circles are told by their diameter. Half of it is the radius.',
      'Sweep: read at four quarters, move as the page says, read again; where all four are alike set X and Y to {0.000}.',
      'Then raise, spot drill in, 1000 rpm; open Holes. Move X and Y to each place, lower to {0.3} deep, raise, then the next.',
    ],
  },
  {
    id: 'bore-to-size',
    title: 'A bore to 26 H7',
    job: 'J20',
    does: 'The bar springs, and nobody knows yet how much. Measure, set the head by the indicator, lock, read again, take it off, cut, measure.',
    par: { minutes: 15, acts: 50 },
    mill: {
      ...kneeMill([BAR]),
      bore: { x: BORE.x, y: BORE.y, diameter: 25.4 },
      axes: [],
      holds: BAR.id,
      work: 'boring',
    },
    snapshot: (id, at) =>
      practiceSnapshot(id, at, 'To size', {
        bored: true,
        more: {
          cutPlan: {
            ...EMPTY_CUT_PLAN,
            bores: [
              {
                id: BEARING.id,
                name: 'Bearing bore',
                low: BEARING.low,
                high: BEARING.high,
                fit: 'H7',
                counts: 'radius',
                step: 0.002,
                gaugeId: 'bore-gauge',
                mostCut: 0.4,
              },
            ],
          },
        },
      }),
    begins: { station: 'size', query: '' },
    aims: [],
    things: [{ thing: 'bore', of: BEARING.id }],
    hints: [
      'The indicator shows what the slide moved, on the radius. The page says by how much.',
      'Locking moves the slide: what it reads once locked is what was set. Twice the change goes on the diameter.',
      'Measure and log. Indicator on, zero it, move what the page says, lock, read, type what that makes on the diameter. Indicator off, 100 rpm, feed through. Stop the spindle, raise the bar out of the bore, then measure and log. Three or four passes.',
    ],
  },
  {
    id: 'face',
    title: 'A face to height',
    job: 'J21',
    does: 'A machine with Y and Z only. Find the top by the ball sensor on its arm, set Z, then take {1.2 mm} off in equal passes.',
    par: { minutes: 9, acts: 70 },
    mill: { ...kneeMill([FACE_MILL], [sensor]), axes: ['y', 'z'], work: 'facing' },
    snapshot: (id, at) =>
      practiceSnapshot(id, at, 'To height', {
        machine: 'facing',
        plan: { heightGaugeId: sensor.id },
        heights: { surface: 0, lift: 0, step: 0.002, sits: 'arm', armOffset: sensor.thickness },
        more: {
          cutPlan: {
            ...EMPTY_CUT_PLAN,
            facing: {
              remove: REMOVE,
              mostDepth: 0.4,
              finish: 0.1,
              material: 'brass',
              toolNumber: 1,
              toolMaterial: 'carbide',
              stepOver: 0.7,
            },
          },
          cutters: [
            { id: cutter.id, name: 'Face mill 40', diameter: 40, kind: 'face-mill', teeth: 4 },
            { id: drill.id, name: drill.name, diameter: drill.diameter, kind: 'drill' },
            { id: spot.id, name: spot.name, diameter: spot.diameter, kind: 'spot-drill' },
          ],
        },
      }),
    begins: { station: 'heights', query: '' },
    pages: ['heights', 'size'],
    aims: [{ axis: 'z' }],
    things: [{ thing: 'height', remove: REMOVE }],
    hints: [
      'The ball is {10.000} and its middle is level with the cutter: when its light comes on, the cutter is half the ball above the work.',
      'Z to {5.000} at the light, sensor away. Follow the passes under Bore & face, none deeper than {0.40 mm}.',
      'Lower until the sensor’s light is on, log, set Z to {5.000}, read back. Sensor away, 1000 rpm. For each pass move clear of the part, set the depth, then feed across: Z {−0.40}, {−0.80}, {−1.10}, {−1.20}. Stop, measure.',
    ],
  },
];
