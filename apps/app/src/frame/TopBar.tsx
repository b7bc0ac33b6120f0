import type { Href } from 'expo-router';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import PaperIcon from '../theme/PaperIcon';
import { useLook } from '../theme/useLook';
import { Words } from '../theme/Words';
import { PressLink } from './PressLink';

interface TopBarProps {
  title: string;
  back: { to: Href; label: string };
  children?: ReactNode;
}

/** Way back, where you are, and what stands beside the strip. */
export function TopBar({ title, back, children }: TopBarProps) {
  const { palette } = useLook();
  return (
    <View
      role="banner"
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        minHeight: 50,
        backgroundColor: palette.ground,
        paddingRight: 8,
      }}
    >
      <PressLink look="bare" to={back.to} aria-label={back.label}>
        <PaperIcon name="arrow-left" color={palette.ink} />
      </PressLink>
      <View role="heading" aria-level={1} style={{ flex: 1, paddingRight: 8 }}>
        <Words lines={2} style={{ fontWeight: '700', lineHeight: 21 }}>
          {title}
        </Words>
      </View>
      {children}
    </View>
  );
}
