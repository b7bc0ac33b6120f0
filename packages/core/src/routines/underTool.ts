import { heightMethod } from '../zAndTools/heightMethod';
import type { RoutineAsk, RoutineState } from './routine';

/**
 * What is done with a gauge under a tool in a routine: a block is raised past, everything else come down onto, each with its
 * own sentence, caution and arrow.
 *
 * @param key of the need that the gauge was chosen for
 * @param tool what stands in the spindle, as the picture names it
 */
export function underTool(
  { gauges, told }: Pick<RoutineState, 'gauges' | 'told'>,
  key: string,
  tool: string,
): { does: string } & Required<Pick<RoutineAsk, 'picture' | 'cautions'>> {
  const gauge = gauges.find(({ id }) => id === told[key]);
  const { arrives, approach, words, cautions } = heightMethod(gauge?.kind);
  return {
    does: approach,
    picture: { kind: 'onto', tool, on: words, raised: arrives === 'raised' },
    cautions: cautions.slice(0, 1),
  };
}
