import { Button } from 'react-native-paper';
import Svg, { Circle } from 'react-native-svg';
export default function Index() { return <><Button>Tap</Button><Svg width={24} height={24}><Circle cx={12} cy={12} r={10} /></Svg></>; }
