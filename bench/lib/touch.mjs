/** A touch of the left face of the demo's base plate, as the app sends it. */
export const touch = (id) => ({
  id,
  on: 'scale',
  subject: { kind: 'face', face: 'left' },
  axis: 'x',
  approach: 1,
  gaugeId: 'spring-finder-10',
  feeler: 0,
  place: { scale: 'readout' },
  epoch: 'first',
  source: { by: 'typed', text: '-5.012', unit: 'mm' },
  value: -5.012,
  ticked: [],
  takenAt: new Date().toISOString(),
});
