import { STANDING_CAUTION } from '@zero-point/core/cautions/caution';
import { ScrollView, View } from 'react-native';
import { Choice } from '../../controls/Choice';
import { UnitChoice } from '../../controls/UnitChoice';
import { KEYS } from '../../keyboard/keys';

import { TickBox } from '../../controls/TickBox';
import { TopBar } from '../../layout/TopBar';
import { MadeWith } from './parts/MadeWith';
import { LinkButton } from '../../controls/LinkButton';
import { Phones } from './parts/Phones';
import { ShopCopies } from './parts/ShopCopies';
import { useSettings } from '../../stores/settings';
import { useLook } from '../../theme/useLook';
import { Figure, AppText } from '../../theme/AppText';

/** What a person prefers on this device. */
export default function SettingsScreen() {
  const { palette } = useLook();
  const { mode, units, click, shake, setMode, setUnits, setClick, setShake } = useSettings();
  return (
    <View style={{ flex: 1, backgroundColor: palette.ground }}>
      <TopBar title="Settings" back={{ to: '/', label: 'Back to Home' }} />
      <ScrollView role="main" contentContainerStyle={{ padding: 16, paddingBottom: 16, gap: 22, maxWidth: 760 }}>
        <Choice
          label="Light"
          value={mode}
          onChange={setMode}
          options={[
            { value: 'day', label: 'Day' },
            { value: 'night', label: 'Night' },
            { value: 'shop', label: 'Shop: bold, bigger digits' },
          ]}
        />
        <Figure size={40}>−5.000 mm</Figure>
        <TickBox label="Click when a reading is stored" ticked={click} onTick={() => setClick(!click)} />
        <TickBox label="Vibrate when a reading is stored" ticked={shake} onTick={() => setShake(!shake)} />
        <UnitChoice label="Units of a new setup" value={units} onChange={setUnits} />
        <AppText tone="soft">
          Each setup has its own units: change them in Plan. These settings are for this device only.
        </AppText>
        <Phones />
        <ShopCopies />
        <LinkButton to="/glossary" label="Glossary: what the words mean" />
        <View style={{ gap: 6 }}>
          <AppText kind="sentence">Keys</AppText>
          {KEYS.map(({ key, does }) => (
            <AppText key={key}>
              {key}: {does}
            </AppText>
          ))}
        </View>
        <AppText tone="soft">△ {STANDING_CAUTION}</AppText>
        <MadeWith />
      </ScrollView>
    </View>
  );
}
