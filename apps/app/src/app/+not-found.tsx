import { View } from 'react-native';
import { Trouble } from '../layout/States';
import { LinkButton } from '../controls/LinkButton';

/** An address that leads nowhere. */
export default function NotFound() {
  return (
    <View role="main" style={{ alignItems: 'flex-start', paddingLeft: 24 }}>
      <Trouble
        title="Nothing here"
        detail="This address leads nowhere. Go to the bench and open the set-up from there."
      />
      <LinkButton to="/" label="To the bench" />
    </View>
  );
}
