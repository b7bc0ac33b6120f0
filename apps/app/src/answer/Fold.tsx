import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { Press } from '../frame/Press';
import { Words } from '../theme/Words';

interface FoldProps {
  title: string;
  open?: boolean;
  children: ReactNode;
}

/** Something that opens when asked for. */
export function Fold({ title, open = false, children }: FoldProps) {
  const [shown, setShown] = useState(open);
  return (
    <View style={{ gap: 8 }}>
      <Press look="bare" aria-expanded={shown} onPress={() => setShown(!shown)} style={{ paddingHorizontal: 0 }}>
        <Words style={{ fontWeight: '700' }}>
          {shown ? '▾' : '▸'} {title}
        </Words>
      </Press>
      {shown && children}
    </View>
  );
}
