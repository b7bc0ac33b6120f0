import { View } from 'react-native';
import { Words } from '../theme/Words';
import { GAP } from './layout';
import { Press } from './Press';

/** While something is on its way. */
export function Loading({ what }: { what: string }) {
  return (
    <View role="status" style={{ padding: 24 }}>
      <Words tone="soft">Getting {what}</Words>
    </View>
  );
}

/** A whole page on its way, before it has a bar of its own. */
export function LoadingPage({ what }: { what: string }) {
  return (
    <View role="main" style={{ padding: 24, paddingTop: 16 }}>
      <Words kind="title">Zero Point</Words>
      <View style={{ marginHorizontal: -24 }}>
        <Loading what={what} />
      </View>
    </View>
  );
}

/** When it could not be had: what happened, and what to do. */
export function Trouble({ title, detail, retry }: { title: string; detail: string; retry?: () => void }) {
  return (
    <View role="alert" style={{ padding: 24, gap: GAP, alignItems: 'flex-start' }}>
      <Words kind="sentence">{title}</Words>
      <Words>{detail}</Words>
      {retry && (
        <Press onPress={retry}>
          <Words>Try again</Words>
        </Press>
      )}
    </View>
  );
}
