import { DxfWriter, point3d, Units } from '@tarikjabiri/dxf';
import Parser, {
  type IArcEntity,
  type ICircleEntity,
  type IEntity,
  type ILwpolylineEntity,
  type IPointEntity,
} from 'dxf-parser';
import { Refusal } from '../../problem/problem';
import { millimetresPer, type LengthUnit } from '../../units/unit';
import { flatDxf } from './flatDxf';
import { askUnit, checked, countedHoles, type FileHole, type ReadHoles } from '../../holes/fileHole';

/** $INSUNITS of a header. */
const DXF_UNITS: Readonly<Record<number, number>> = { 1: 25.4, 4: 1, 5: 10, 6: 1000, 2: 304.8 };

/** Diameter a hole is drawn with that has none, mm. */
const MARK = 1;

/** Holes as a DXF drawing: a circle for each, on a layer of its group; the drawing says its unit. */
export function holesDxf(holes: readonly FileHole[], unit: LengthUnit): string {
  const dxf = new DxfWriter();
  dxf.setUnits(unit === 'mm' ? Units.Millimeters : Units.Inches);
  const per = millimetresPer(unit);
  for (const layer of new Set(holes.map(layerOf))) if (layer !== '0') dxf.addLayer(layer, 7, 'CONTINUOUS');
  for (const hole of holes) {
    dxf.setCurrentLayerName(layerOf(hole));
    dxf.addCircle(point3d(hole.x / per, hole.y / per), (hole.diameter ?? MARK) / 2 / per);
  }
  return dxf.stringify();
}

/** A layer's name has no signs that the format keeps for itself. */
const layerOf = ({ group = '' }: FileHole): string => group.replace(/[<>/\\":;?*|=',`]/g, ' ').trim() || '0';

/** Angles this close to a whole turn close an arc, degrees. */
const CLOSED = 0.05;

const same = (a: number, b: number): boolean => Math.abs(a - b) < 1e-6 * Math.max(1, Math.abs(a));

/**
 * Holes read from a DXF drawing: circles, points, arcs that together close, and closed polylines of two or more arcs
 * that make one circle. The layer is the group. What else is in it is named and counted.
 *
 * @param unit of a drawing that does not say its own; undefined where it is not known either
 * @throws Refusal when it is no DXF, is cut off, has no holes, or nobody says its unit (code `unit-unknown`)
 */
export function holesFromDxf(text: string, unit: LengthUnit | undefined): ReadHoles {
  // The end is looked at alone: a pattern over the whole would be tried at every blank line of it.
  if (!/(^|\n)[ \t]*0[ \t]*\r?\n[ \t]*EOF$/.test(text.trimEnd().slice(-200)))
    throw new Refusal({
      code: 'dxf-cut-off',
      field: 'file',
      message: /SECTION/.test(text.slice(0, 5000))
        ? 'The drawing is cut off: its end is missing. Save or copy it again.'
        : 'The file is not a DXF drawing in text form. Save it as ASCII DXF.',
    });
  const { text: flat, others } = flatDxf(text);
  let drawing;
  try {
    drawing = new Parser().parseSync(flat);
  } catch {
    drawing = null;
  }
  if (!drawing)
    throw new Refusal({
      code: 'bad-dxf',
      field: 'file',
      message: 'The drawing cannot be read: it is damaged inside. Save it again as DXF R12.',
    });
  const declared = DXF_UNITS[Number(drawing.header?.$INSUNITS ?? 0)];
  const per = declared ?? millimetresPer(unit ?? askUnit());
  const skipped = others.map((kind) => NAMES[kind] ?? kind.toLowerCase().slice(0, 30));
  const arcs: IArcEntity[] = [];
  const holes = drawing.entities.flatMap((entity): FileHole[] => {
    const found = holeOf(entity);
    if (found) return [scaled(found, per)];
    if (entity.type === 'ARC') {
      const { center, radius } = entity as Partial<IArcEntity>;
      if (!center || radius === undefined) throw lame('arc', entity.layer);
      arcs.push(entity as IArcEntity);
    } else skipped.push(NAMES[entity.type] ?? entity.type.toLowerCase());
    return [];
  });
  const { closed, open } = closedArcs(arcs);
  for (let i = 0; i < open; i += 1) skipped.push('open arc');
  return checked({
    holes: [...holes, ...closed.map((hole) => scaled(hole, per))],
    unit: declared === 25.4 || (declared === undefined && unit === 'in') ? 'in' : 'mm',
    skipped: countedHoles(skipped),
  });
}

const NAMES: Readonly<Record<string, string>> = {
  INSERT: 'block',
  SPLINE: 'spline',
  LINE: 'line',
  LWPOLYLINE: 'polyline',
  POLYLINE: 'polyline',
  TEXT: 'text',
  MTEXT: 'text',
  DIMENSION: 'dimension',
  ELLIPSE: 'ellipse',
};

const scaled = ({ x, y, diameter, group }: FileHole, per: number): FileHole => ({
  x: x * per,
  y: y * per,
  ...(diameter !== undefined && { diameter: diameter * per }),
  ...(group !== undefined && { group }),
});

function holeOf(entity: IEntity): FileHole | undefined {
  const group = entity.layer;
  switch (entity.type) {
    case 'CIRCLE': {
      const { center, radius } = entity as Partial<ICircleEntity>;
      if (!center || radius === undefined) throw lame('circle', group);
      return { x: center.x, y: center.y, diameter: 2 * radius, group };
    }
    case 'POINT': {
      const { position } = entity as Partial<IPointEntity>;
      if (!position) throw lame('point', group);
      return { x: position.x, y: position.y, group };
    }
    case 'LWPOLYLINE':
      return roundPolyline(entity as ILwpolylineEntity);
    default:
      return undefined;
  }
}

const lame = (what: string, layer: string): Refusal =>
  new Refusal({
    code: 'bad-dxf',
    field: 'file',
    message: `A ${what} on the layer “${layer}” has no middle or no radius. The drawing is damaged there; save it again.`,
  });

/** A closed polyline whose every side is an arc about one centre is a circle. */
function roundPolyline({ vertices, shape, layer }: ILwpolylineEntity): FileHole | undefined {
  if (!shape || vertices.length < 2) return undefined;
  const centres = vertices.map((from, i) => {
    const to = vertices[(i + 1) % vertices.length];
    const bulge = from.bulge ?? 0;
    if (!to || bulge === 0) return undefined;
    // Bulge is the tangent of a quarter of the arc's angle; the centre lies off the chord's middle.
    const off = (1 - bulge ** 2) / (4 * bulge);
    const [dx, dy] = [to.x - from.x, to.y - from.y];
    return { x: (from.x + to.x) / 2 - dy * off, y: (from.y + to.y) / 2 + dx * off, turn: 4 * Math.atan(bulge) };
  });
  const [first] = centres;
  const start = vertices[0];
  if (!first || !start || centres.some((one) => !one || !same(one.x, first.x) || !same(one.y, first.y)))
    return undefined;
  const turned = centres.reduce((sum, one) => sum + (one?.turn ?? 0), 0);
  if (Math.abs(Math.abs(turned) - 2 * Math.PI) > 1e-3) return undefined;
  return { x: first.x, y: first.y, diameter: 2 * Math.hypot(start.x - first.x, start.y - first.y), group: layer };
}

/** Arcs about one centre with one radius that together go all the way round. */
function closedArcs(arcs: readonly IArcEntity[]): { closed: FileHole[]; open: number } {
  const groups = new Map<string, IArcEntity[]>();
  for (const arc of arcs) {
    const key = [arc.layer, arc.center.x, arc.center.y, arc.radius]
      .map((one) => (typeof one === 'number' ? one.toFixed(5) : one))
      .join(' ');
    const group = groups.get(key);
    if (group) group.push(arc);
    else groups.set(key, [arc]);
  }
  let open = 0;
  const closed = [...groups.values()].flatMap((group): FileHole[] => {
    const around = group.reduce((sum, { startAngle, endAngle }) => {
      const span = (((endAngle - startAngle) * 180) / Math.PI + 720) % 360;
      return sum + (span < CLOSED ? 360 : span);
    }, 0);
    const [first] = group;
    if (!first || Math.abs(around - 360) > CLOSED) {
      open += group.length;
      return [];
    }
    return [{ x: first.center.x, y: first.center.y, diameter: 2 * first.radius, group: first.layer }];
  });
  return { closed, open };
}
