import { Circle, G, Line, Rect } from 'react-native-svg';
import { METAL } from '../theme/palette';
import { Ground } from './Ground';
import { Arrow, Label } from './marks';

/** A place along the face. */
export interface LinePlace {
  at: number;
  name: string;
  state: 'open' | 'read' | 'now';
}

interface LineDrawingProps {
  height: number | 'fill';
  label: string;
  /** `x` is drawn across, `y` upright. */
  along: 'x' | 'y';
  from: number;
  to: number;
  places: readonly LinePlace[];
  /** Where the stylus or finder comes from: the lower (left) side, or beyond. */
  side: 'low' | 'high';
  /** The end that stays and the end that is tapped, where something is. */
  pivot?: number;
  loose?: number;
  /** Rise over the whole length, and the tap at the loose end, mm: drawn much larger than they are. */
  error?: number | undefined;
  tap?: number | undefined;
  what: string;
}

/** Rise of the drawn face over its length, px, whatever the true one; how thick the body is drawn, and how far off words stand. */
const WHOLE = { rise: 16, thick: 30, back: 24, words: 38 };

/** The same in a strip, that has room for the face, the stylus and where it is read alone. */
const STRIP = { rise: 6, thick: 10, back: 18, words: 17 };

/** A face along X in a drawing lower than this is drawn as a strip, px. */
const LOW = 90;

/** A face from above (or a flat from the front): where it is read, how it lies, and where to tap. */
export function LineDrawing(props: LineDrawingProps) {
  return (
    <Ground
      height={props.height}
      label={props.label}
      draw={(width, tall) => <Scene {...props} width={width} tall={tall} />}
    />
  );
}

function Scene({
  along,
  from,
  to,
  places,
  side,
  pivot,
  loose,
  error = 0,
  tap,
  what,
  width,
  tall,
}: LineDrawingProps & { width: number; tall: number }) {
  const inset = 56;
  const ends = [from, to, ...(pivot === undefined ? [] : [pivot]), ...(loose === undefined ? [] : [loose])];
  const least = Math.min(...ends);
  const length = Math.max(...ends) - least || 1;
  const low = along === 'x' && tall < LOW;
  const drawn = low ? STRIP : WHOLE;
  const room = Math.max(tall / 2, (along === 'x' ? width : tall) - 2 * (along === 'x' ? inset : 34));
  // The body lies on the far side of the face from the stylus.
  const body = side === 'low' ? 1 : -1;
  const middle = { x: width / 2, y: tall / 2 - (low ? body * 8 : 0) };
  const rise = error === 0 ? 0 : Math.sign(error) * drawn.rise;
  /** A place along the face, so far across it on the drawing, px. */
  const place = (at: number, across: number) => {
    const u = ((at - least) / length - 0.5) * room;
    return along === 'x' ? { x: middle.x + u, y: middle.y - across } : { x: middle.x + across, y: middle.y - u };
  };
  const leans = (at: number) => ((at - least) / length - 0.5) * rise;
  const [a, b] = [place(least, leans(least)), place(least + length, leans(least + length))];
  const { thick } = drawn;
  const straight = [place(least, 0), place(least + length, 0)] as const;
  return (
    <>
      <Rect
        x={along === 'x' ? straight[0].x : middle.x + (body === 1 ? 0 : -thick)}
        y={along === 'x' ? middle.y - (body === 1 ? thick : 0) : straight[1].y}
        width={along === 'x' ? room : thick}
        height={along === 'x' ? thick : room}
        fill="rgba(228,235,241,0.09)"
      />
      <Line
        x1={straight[0].x}
        y1={straight[0].y}
        x2={straight[1].x}
        y2={straight[1].y}
        stroke={METAL.silverSoft}
        strokeWidth={1}
        strokeDasharray="6 5"
      />
      <Line x1={a.x} y1={a.y} x2={b.x} y2={b.y} stroke={METAL.silver} strokeWidth={3} />
      {!low && (
        <Label
          x={along === 'x' ? middle.x : middle.x + body * (thick + 12)}
          y={along === 'x' ? middle.y - body * (thick / 2) + 5 : middle.y + 5}
          anchor={along === 'x' ? 'middle' : body === 1 ? 'start' : 'end'}
          size={14}
          words
        >
          {what}
        </Label>
      )}
      {pivot !== undefined && (
        <Circle
          cx={place(pivot, leans(pivot) + body * (low ? 6 : 14)).x}
          cy={place(pivot, leans(pivot) + body * (low ? 6 : 14)).y}
          r={low ? 5 : 7}
          fill={METAL.blueDeep}
          stroke={METAL.silver}
          strokeWidth={2}
        />
      )}
      {places.map(({ at, name, state }) => {
        const tip = place(at, leans(at) - body * 3);
        const back = place(at, leans(at) - body * drawn.back);
        const word = place(at, leans(at) - body * (along === 'x' ? drawn.words : 30));
        const colour = state === 'now' ? METAL.brass : METAL.silver;
        return (
          <G key={at}>
            {state === 'now' ? (
              <Arrow from={back} to={tip} />
            ) : (
              <Circle
                cx={tip.x}
                cy={tip.y}
                r={4}
                fill={state === 'read' ? colour : 'none'}
                stroke={colour}
                strokeWidth={2}
              />
            )}
            {places.length <= 4 && !tap && (
              <Label
                x={low && state === 'now' ? word.x + (at === least + length ? -58 : 58) : word.x}
                y={word.y + 5}
                size={13}
                colour={colour}
                anchor={along === 'x' ? 'middle' : body === 1 ? 'end' : 'start'}
              >
                {name}
              </Label>
            )}
          </G>
        );
      })}
      {tap !== undefined && tap !== 0 && loose !== undefined && (
        <Arrow
          from={place(loose, leans(loose) + (tap > 0 ? -44 : 44))}
          to={place(loose, leans(loose) + (tap > 0 ? -6 : 6))}
        />
      )}
    </>
  );
}
