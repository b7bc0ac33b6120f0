import type { ReactNode } from 'react';
import { Text, type StyleProp, type TextStyle } from 'react-native';
import { MONO, SANS } from './faces';
import { useLook } from './useLook';

interface WordsProps {
  children: ReactNode;
  /** `title` heads a screen, `sentence` is the one thing to do next, `note` is read second. */
  kind?: 'title' | 'sentence' | 'body' | 'note';
  tone?: 'ink' | 'soft' | 'good' | 'warn' | 'bad' | 'brass';
  lines?: number;
  style?: StyleProp<TextStyle>;
  /** Spoken at once by a screen reader when it changes. */
  live?: boolean;
}

const SIZES = { title: 26, sentence: 20, body: 17, note: 15 } as const;

/** Text in the words' typeface. */
export function Words({ children, kind = 'body', tone = 'ink', lines, style, live }: WordsProps) {
  const { palette } = useLook();
  const colours = {
    ink: palette.ink,
    soft: palette.inkSoft,
    good: palette.good,
    warn: palette.warn,
    bad: palette.bad,
    brass: palette.brass,
  };
  const size = SIZES[kind];
  return (
    <Text
      {...(kind === 'title' && { role: 'heading' as const, 'aria-level': 1 })}
      {...(live && { 'aria-live': 'polite' as const })}
      numberOfLines={lines}
      style={[
        {
          fontFamily: SANS,
          fontSize: size,
          lineHeight: Math.round(size * 1.35),
          fontWeight: kind === 'title' || kind === 'sentence' ? '700' : '400',
          color: colours[tone],
        },
        style,
      ]}
    >
      {children}
    </Text>
  );
}

interface FigureProps {
  children: ReactNode;
  size?: number;
  tone?: 'ink' | 'soft' | 'brass' | 'bad';
  style?: StyleProp<TextStyle>;
}

/** A number in the numbers' typeface; larger in shop mode. */
export function Figure({ children, size = 20, tone = 'ink', style }: FigureProps) {
  const { palette, digits } = useLook();
  const colours = { ink: palette.ink, soft: palette.inkSoft, brass: palette.brass, bad: palette.bad };
  const scaled = Math.round(size * digits);
  return (
    <Text
      style={[
        {
          fontFamily: MONO,
          fontSize: scaled,
          lineHeight: Math.round(scaled * 1.2),
          fontWeight: '700',
          fontVariant: ['tabular-nums'],
          color: colours[tone],
        },
        style,
      ]}
    >
      {children}
    </Text>
  );
}
