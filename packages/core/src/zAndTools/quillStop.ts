import { sumSection, type Working } from '../working/working';

interface QuillStopInput {
  /** What Z shows with the knee locked, and what it would show at full depth, mm. */
  locked: number;
  deepest: number;
  /** How far the quill goes, mm, where that is known. */
  travel?: number | undefined;
}

/** How far the quill goes down to full depth, mm; or why it cannot: the knee stands too high, or too low for the quill by so much. */
export type QuillStop =
  | { kind: 'travel'; travel: number; tape: Working }
  | { kind: 'knee-too-high' }
  | { kind: 'out-of-reach'; needs: number; over: number };

/**
 * How far the quill goes down to full depth where the scale is on the knee: the knee is locked, so Z does not move, and
 * the quill makes what is left. It counts from where the quill was when Z was set.
 *
 * travel = Z with the knee locked − Z shown at full depth (ISO 841: up is plus). mm.
 *
 * @example quillStop({ locked: 12.5, deepest: 3.15 }) // travel 9.35
 */
export function quillStop({ locked, deepest, travel }: QuillStopInput): QuillStop {
  const section = sumSection(
    'Quill down to full depth',
    [
      { label: 'Z, knee locked', value: locked },
      { label: 'less what Z shows at full depth', value: -deepest },
    ],
    'quill travel',
  );
  const down = section.total.value;
  if (down <= 0) return { kind: 'knee-too-high' };
  if (travel !== undefined && down > travel) return { kind: 'out-of-reach', needs: down, over: down - travel };
  return { kind: 'travel', travel: down, tape: { sections: [section] } };
}
