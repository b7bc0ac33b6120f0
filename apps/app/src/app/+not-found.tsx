import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { Trouble } from '../frame/States';
import { Press } from '../frame/Press';
import { Words } from '../theme/Words';

/** An address that leads nowhere. */
export default function NotFound() {
  const router = useRouter();
  return (
    <View role="main" style={{ alignItems: 'flex-start', paddingLeft: 24 }}>
      <Trouble
        title="Nothing here"
        detail="This address leads nowhere. Go to the bench and open the set-up from there."
      />
      <Press role="link" onPress={() => router.navigate('/')}>
        <Words>To the bench</Words>
      </Press>
    </View>
  );
}
