import { View } from 'react-native';
import { TroubleNotice } from '../layout/States';
import { LinkButton } from '../controls/LinkButton';

/** An address that leads nowhere. */
export default function NotFound() {
  return (
    <View role="main" style={{ alignItems: 'flex-start', paddingLeft: 24 }}>
      <TroubleNotice title="Page not found" detail="There is no page at this address. Open the setup from Home." />
      <LinkButton to="/" label="Go to Home" />
    </View>
  );
}
