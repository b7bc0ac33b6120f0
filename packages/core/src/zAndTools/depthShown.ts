import { sumSection, type Working } from '../working/working';

interface DepthInput {
  /** Height of the tip on the part, from Z zero, mm; minus below it. */
  z: number;
  /** Length in the machine's school of the tool in the spindle, and of the one that set Z, mm. */
  length: number;
  setterLength: number;
}

/**
 * What Z shows with a tool's tip at a height of the part, where nothing applies a length offset: a manual mill, with a
 * digital DRO or dials. The scale knows the spindle alone, and was set with another tool.
 *
 * shown = z + H - H_s, with H and H_s the lengths of this tool and of the one that set Z, in any one school: a longer tool
 * has the spindle higher, so Z shows more. mm; signs after ISO 841.
 *
 * @example depthShown({ z: -2.25, length: 5.4, setterLength: 0 }).shown // 3.15
 */
export function depthShown({ z, length, setterLength }: DepthInput): { shown: number; tape: Working } {
  const section = sumSection(
    'What Z shows there',
    [
      { label: 'height of the tip on the part', value: z },
      { label: 'length of this tool', value: length },
      { label: 'less the length of the tool that set Z', value: -setterLength },
    ],
    'Z shows',
  );
  return { shown: section.total.value, tape: { sections: [section] } };
}
