import type { ReactNode } from 'react';
import { View } from 'react-native';

/** Fields side by side, their entries in line however long their labels are. */
export const FieldRow = ({ children }: { children: ReactNode }) => (
  <View style={{ flexDirection: 'row', gap: 12, alignItems: 'flex-end' }}>{children}</View>
);
