import { View } from 'react-native';
import { Trouble } from '../frame/States';
import { PressLink } from '../frame/PressLink';
import { Words } from '../theme/Words';

/** An address that leads nowhere. */
export default function NotFound() {
  return (
    <View role="main" style={{ alignItems: 'flex-start', paddingLeft: 24 }}>
      <Trouble
        title="Nothing here"
        detail="This address leads nowhere. Go to the bench and open the set-up from there."
      />
      <PressLink to="/">
        <Words>To the bench</Words>
      </PressLink>
    </View>
  );
}
