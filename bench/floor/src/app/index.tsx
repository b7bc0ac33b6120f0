import { Button } from 'react-native-paper';
import Svg, { Circle } from 'react-native-svg';

/** The least this stack can be: one button, one drawing. */
export default function Index() {
  return (
    <>
      <Button onPress={() => undefined}>Tap</Button>
      <Svg width={24} height={24}>
        <Circle cx={12} cy={12} r={10} />
      </Svg>
    </>
  );
}
