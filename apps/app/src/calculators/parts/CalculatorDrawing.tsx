import type { CalculatorPicture as Spec } from '@zero-point/core/calculators/form';
import { Line } from 'react-native-svg';
import { Ground } from '../../drawing/Ground';
import { PassesDrawing } from '../../stations/boreAndFace/parts/PassesDrawing';
import { METAL } from '../../theme/palette';
import type { Picture } from './scenes/scene';
import { BlockScene, LimitsScene, RuleScene, ToolsScene, WheelScene } from './scenes/sizes';
import { BetweenScene, BoreScene, EdgeScene, HolesScene } from './scenes/touches';

interface DrawingProps {
  /** Undefined where nothing is answered yet, and there is nothing to be shown of how it is done. */
  spec: Spec | undefined;
  label: string;
  unit: 'mm' | 'in';
}

/** What is reckoned, drawn from the figures as they are typed. */
export function CalculatorDrawing({ spec, label, unit }: DrawingProps) {
  if (spec?.kind === 'passes') return <PassesDrawing passes={spec.passes} unit={unit} height="fill" />;
  return (
    <Ground
      height="fill"
      label={label}
      draw={(width, height) =>
        spec ? <Scene spec={spec} width={width} height={height} /> : <Empty width={width} height={height} />
      }
    />
  );
}

/** Scribed lines waiting for figures. */
const Empty = ({ width, height }: { width: number; height: number }) => (
  <>
    <Line x1={0} x2={width} y1={height / 2} y2={height / 2} stroke={METAL.silverSoft} strokeDasharray="10 6 2 6" />
    <Line x1={width / 2} x2={width / 2} y1={0} y2={height} stroke={METAL.silverSoft} strokeDasharray="10 6 2 6" />
  </>
);

interface SceneProps {
  spec: Picture;
  width: number;
  height: number;
}

function Scene({ spec, ...size }: SceneProps) {
  switch (spec.kind) {
    case 'edge':
      return <EdgeScene spec={spec} {...size} />;
    case 'between':
      return <BetweenScene spec={spec} {...size} />;
    case 'bore':
      return <BoreScene spec={spec} {...size} />;
    case 'holes':
      return <HolesScene spec={spec} {...size} />;
    case 'tools':
      return <ToolsScene spec={spec} {...size} />;
    case 'block':
      return <BlockScene spec={spec} {...size} />;
    case 'wheel':
      return <WheelScene spec={spec} {...size} />;
    case 'limits':
      return <LimitsScene spec={spec} {...size} />;
    case 'rule':
      return <RuleScene spec={spec} {...size} />;
  }
}
