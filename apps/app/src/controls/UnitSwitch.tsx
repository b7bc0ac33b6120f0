import { Button } from 'react-native-paper';
import { useSettings } from '../stores/settings';

/** Millimetres or inches, by one press; says which is in use. */
export function UnitSwitch() {
  const { units, setUnits } = useSettings();
  const mm = units === 'mm';
  return (
    <Button
      compact
      style={{ minWidth: 64 }}
      onPress={() => setUnits(mm ? 'in' : 'mm')}
      accessibilityLabel={mm ? 'Units: millimetres, change to inches' : 'Units: inches, change to millimetres'}
    >
      {mm ? 'mm' : 'inch'}
    </Button>
  );
}
