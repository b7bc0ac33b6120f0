import type { AirCut } from '@zero-point/core/state/zAndTools/airCut';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { formatLengthUnit } from '@zero-point/core/units/formatLength';
import { useRouter } from 'expo-router';
import { Button } from 'react-native-paper';
import { Bar } from '../layout/Bar';
import { saveInSetup } from '../commands/logEntry';
import { useLook } from '../theme/useLook';
import { AppText } from '../theme/AppText';
import { stationPath } from './path';

/** The whole job runs in the air: said on every page until Z was set without the lift. One tap goes to the touch that does it. */
export function AirCutBar({ book, lift }: { book: SetupState; lift: AirCut }) {
  const router = useRouter();
  const { palette } = useLook();
  const { id, referenceTool, units } = book.setup;
  const heights = book.datumPlan.heights ?? { surface: 0, lift: 0 };
  const putBack = () => {
    saveInSetup(book, 'datumPlan', { ...book.datumPlan, heights: { ...heights, lift: 0 } });
    router.navigate(`${stationPath(id, 'heights')}?tool=${referenceTool}&show=touching`);
  };
  return (
    <Bar role="status" background={palette.warn} edge={palette.warn}>
      <AppText style={{ color: palette.ground, fontWeight: '700', flexShrink: 1 }}>
        ▲ Z zero raised by {formatLengthUnit(lift.set, { unit: units })} for the air cut.
        {lift.asked === lift.set ? '' : ' Touch the gauge and set Z to put it back.'}
      </AppText>
      {lift.asked === lift.set && (
        <Button mode="outlined" textColor={palette.ground} onPress={putBack}>
          Put it back
        </Button>
      )}
    </Bar>
  );
}
