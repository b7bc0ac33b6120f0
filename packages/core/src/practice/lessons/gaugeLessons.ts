import type { Contact } from '../mill/millSpec';
import { LEFT } from './faces';
import type { Lesson } from './lesson';
import { BETWEENS, kneeMill, PART, practiceSnapshot, TRAY } from './practiceShop';

const { lamp, cutter } = TRAY;
const { setter, stand } = BETWEENS;

/** A ball that does not stand quite on the spindle's axis. */
const probe: Contact = { ...TRAY.probe, runsOut: 0.006 };

/** An end mill in a collet with a chip in it. */
const runsOut: Contact = { ...cutter, runsOut: 0.012 };

const MASTER: Contact = { id: 'master-100', name: 'Master tool 100', kind: 'cutter', diameter: 12, length: 100 };

const RING = { x: 30, y: 20, diameter: 25.001, ring: true } as const;

/** Gauges made sure of, tools that run out, and where a table turns. */
export const GAUGE_LESSONS: readonly Lesson[] = [
  {
    id: 'lamp',
    title: 'The left edge by an electronic edge finder',
    job: 'J6',
    does: 'Its light comes on at the first touch, through part and clip. Spindle stopped.',
    par: { minutes: 6, acts: 90 },
    mill: kneeMill([lamp]),
    snapshot: (id, at) => practiceSnapshot(id, at, 'By an electronic edge finder', { plan: { finderId: lamp.id } }),
    begins: { station: 'datum', query: 'f=face.left' },
    aims: [{ axis: 'x', by: LEFT }],
    hints: [
      'Clip on, and its light tried by hand. Nothing turns while it is on.',
      'By the finest step until the light is on; back off and come again. It is {10.000}: half of that is before the face.',
      'Left face three times by {0.002}; at the mean set X to {−5.000}, read it back. Clip off before anything turns.',
    ],
  },
  {
    id: 'run-out',
    title: 'How far a tool runs out',
    job: 'J15',
    does: 'The spindle is turned by hand against an indicator on its stand: four places round, then the page says whether it may stay.',
    par: { minutes: 5, acts: 14 },
    mill: { ...kneeMill([runsOut], [stand]), axes: [] },
    snapshot: (id, at) => practiceSnapshot(id, at, 'Run-out'),
    begins: { station: 'heights', query: 'tool=1&show=run-out' },
    aims: [],
    things: [{ thing: 'run-out', tool: 1, contact: runsOut.id }],
    hints: [
      'The tool in the spindle, the indicator on its stand against it. A quarter turn at a time.',
      'Zero the dial at the first place; read the four places as they come, plus and minus.',
      'Tool in, stand to it, zero the dial. Read at 0°, turn 90°, read, and so round. Type each at its place.',
    ],
  },
  {
    id: 'ring',
    title: 'A probe in a ring',
    job: 'J16',
    does: 'Its effective radius and offset: four walls of a ring of {25.001 mm}, then the spindle half a turn on, and again.',
    par: { minutes: 14, acts: 260 },
    mill: { ...kneeMill([probe]), bore: RING },
    snapshot: (id, at) =>
      practiceSnapshot(id, at, 'A probe in a ring', {
        plan: { finderId: probe.id },
        part: {
          ...PART,
          id: 'ring-holder',
          name: 'Ring, clamped',
          shapes: [{ kind: 'bore', id: 'ring', name: 'Ring', at: { x: RING.x, y: RING.y }, diameter: RING.diameter }],
        },
      }),
    begins: { station: 'routine', query: 'of=probe-4&do=in-ring' },
    aims: [],
    things: [{ thing: 'ball', gaugeId: probe.id }],
    hints: [
      'The ball at half the ring’s height. Find the middle first, roughly: beside it every wall is short. Touch right and left, stand between; back and front, stand between.',
      'Turned 180°, an offset ball triggers on the other side. The mean of both is the spindle’s centre.',
      'From the middle: right, left, back, front wall by {0.002} until the light is on; type each. Then the spindle half a turn by hand, and the four again. Keep it.',
    ],
  },
  {
    id: 'setter',
    title: 'A setter by a master tool',
    job: 'J16',
    does: 'The master is {100.000 mm} long. Come down on the setter with it five times: where a tool of no length would touch is what is kept.',
    par: { minutes: 8, acts: 120 },
    mill: kneeMill([MASTER], [setter]),
    snapshot: (id, at) => practiceSnapshot(id, at, 'A setter', { plan: { heightGaugeId: setter.id } }),
    begins: { station: 'routine', query: 'of=tool-setter&do=setter-height' },
    aims: [],
    things: [{ thing: 'trigger', gaugeId: setter.id, between: setter.id }],
    hints: [
      'Wiped, spindle stopped. The setter answers by its light.',
      'Slowly at the end, by {0.002}, always from above. Up by {0.5 mm} between touches.',
      'Master in, setter on the part, down until its light is on, type Z; up {0.5}, down again: five times. Keep it.',
    ],
  },
  {
    id: 'tilt',
    title: 'Where a table tilts',
    job: 'J17',
    does: 'The bare face is touched at A +90 and at A −90, then from above. The probe is {90.000 mm} long.',
    par: { minutes: 14, acts: 190 },
    mill: { ...kneeMill([TRAY.probe]), work: 'tilt' },
    snapshot: (id, at) =>
      practiceSnapshot(id, at, 'A tilting table', { machine: 'tilt', plan: { finderId: probe.id } }),
    begins: { station: 'routine', query: 'of=A&do=centre-by-flip' },
    aims: [],
    things: [
      { thing: 'rotary-centre', along: 'y' },
      { thing: 'rotary-centre', along: 'z' },
    ],
    hints: [
      'Raise well clear before every tilt. At A +90 the face looks away from you, at −90 toward you.',
      'The middle of the two is the axis; half their difference is the face’s distance from it.',
      'A +90: touch the face from behind, three times; raise, A −90: touch it from the front; raise, A 0: from above, and take {90.000} off what Z shows. Type each, keep it.',
    ],
  },
];
