import { FLOORS } from '../../packages/core/floors.mjs';

const WIDTH = 760;
const ROW = 34;
const INK = '#12283f';

const box = (x, y, width, text, fill = '#f5f0e5') =>
  `<rect x="${x}" y="${y}" width="${width}" height="26" rx="4" fill="${fill}" stroke="${INK}"/>` +
  `<text x="${x + width / 2}" y="${y + 17}" text-anchor="middle">${text}</text>`;

const arrow = (x1, y1, x2, y2) =>
  `<line x1="${x1}" y1="${y1}" x2="${x2}" y2="${y2}" stroke="${INK}" marker-end="url(#to)"/>`;

/** One row of boxes across the picture. */
function row(names, y, left, width) {
  const each = (width - 6 * (names.length - 1)) / names.length;
  return names.map((name, i) => box(left + i * (each + 6), y, each, name)).join('\n');
}

/** The way of a reading from the hand to the page: each step and the folder that has it. */
const WAY = [
  ['typed or taken', 'app/keypad, app/link'],
  ['command', 'app/commands'],
  ['outbox', 'app/outbox'],
  ['route', 'server/routes'],
  ['record', 'server/records, store'],
  ['change feed', 'server/http, app/stream'],
  ['derived state', 'core/state'],
  ['page', 'core/messages, app/stations'],
];

const picture = (height, body) =>
  [
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${WIDTH} ${height}" font-family="sans-serif" font-size="12" fill="${INK}">`,
    `<defs><marker id="to" viewBox="0 0 8 8" refX="7" refY="4" markerWidth="7" markerHeight="7" orient="auto"><path d="M0 0L8 4L0 8z"/></marker></defs>`,
    `<rect width="${WIDTH}" height="${height}" fill="#ffffff"/>`,
    ...body,
    '</svg>',
    '',
  ].join('\n');

/** App and server above core, core's floors with the ground floor at the bottom; an import goes downwards only. */
export function floorsSvg() {
  const tall = FLOORS.length;
  const top = 2 * ROW;
  return picture(top + tall * ROW + 20, [
    row(['apps/app', 'apps/server', 'apps/device'], 14, 20, WIDTH - 40),
    arrow(WIDTH / 2, 42, WIDTH / 2, top - 2),
    ...[...FLOORS].reverse().map((names, i) => row(names, top + i * ROW, 20, WIDTH - 40)),
  ]);
}

/** A reading's way. */
export function readingSvg() {
  return picture(WAY.length * 46 + 10, [
    ...WAY.map(([step, where], i) =>
      [
        box(20, 10 + i * 46, 220, step, '#e7eef7'),
        `<text x="256" y="${27 + i * 46}">${where}</text>`,
        i === 0 ? '' : arrow(130, i * 46 - 10, 130, i * 46 + 9),
      ].join('\n'),
    ),
  ]);
}

/** The folders that a reading's way names, as paths of the project. */
export const WAY_FOLDERS = WAY.flatMap(([, where]) =>
  where.split(', ').reduce((paths, one) => {
    const part = one.includes('/') ? one : `${paths.at(-1).split('/')[0]}/${one}`;
    return [...paths, part];
  }, []),
).map((path) => path.replace(/^core\//, 'packages/core/src/').replace(/^(app|server)\//, 'apps/$1/src/'));
