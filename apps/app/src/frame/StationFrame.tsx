import type { ReactNode } from 'react';
import { ScrollView, View } from 'react-native';
import { useLook } from '../theme/useLook';
import { BROWSER_BAR, GAP } from './layout';
import { useWide } from './useWide';

interface StationFrameProps {
  /** The marked-out metal. */
  drawing: ReactNode;
  /** What to do now: the sentence and what goes with it. */
  prompt: ReactNode;
  /** Readings, answer and tape. */
  detail: ReactNode;
  /** Entry, keypad and the one action: at the thumb on a phone, atop the right column when wide. */
  dock: ReactNode;
}

/** The layout every station shares. Phone: drawing, sentence, detail, dock. Wide: drawing and sentence, then dock and detail. */
export function StationFrame({ drawing, prompt, detail, dock }: StationFrameProps) {
  const wide = useWide();
  const { palette } = useLook();
  if (wide) {
    return (
      <View style={{ flex: 1, flexDirection: 'row', backgroundColor: palette.ground }}>
        <View style={{ flex: 1, minWidth: 0 }}>
          {drawing}
          <ScrollView style={{ maxHeight: 240, flexGrow: 0 }} contentContainerStyle={{ padding: 16, gap: GAP }}>
            {prompt}
          </ScrollView>
        </View>
        <View style={{ width: 430, borderLeftWidth: 1, borderColor: palette.line }}>
          {dock && (
            <View style={{ padding: 16, gap: GAP, borderBottomWidth: 1, borderColor: palette.line }}>{dock}</View>
          )}
          <ScrollView contentContainerStyle={{ padding: 16, gap: GAP }}>{detail}</ScrollView>
        </View>
      </View>
    );
  }
  return (
    <View style={{ flex: 1, backgroundColor: palette.ground }}>
      <ScrollView style={{ flex: 1 }} contentContainerStyle={{ paddingBottom: dock ? 16 : BROWSER_BAR + 16 }}>
        {drawing}
        <View style={{ padding: 16, paddingTop: 10, gap: GAP }}>
          {prompt}
          {detail}
        </View>
      </ScrollView>
      {dock && (
        <View
          style={{
            paddingHorizontal: 12,
            paddingTop: 8,
            paddingBottom: BROWSER_BAR,
            gap: 8,
            borderTopWidth: 1,
            borderColor: palette.line,
            backgroundColor: palette.ground,
          }}
        >
          {dock}
        </View>
      )}
    </View>
  );
}
