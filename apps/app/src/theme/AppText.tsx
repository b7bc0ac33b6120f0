import { Fragment, type ReactNode } from 'react';
import { StyleSheet, Text as Run, useWindowDimensions, type StyleProp, type TextStyle } from 'react-native';
import { Text } from 'react-native-paper';
import { MONO } from './faces';
import { plainText, splitNoBreak } from './noBreak';
import { useTerms, type Terms } from './terms';
import { useLook } from './useLook';

interface WordsProps {
  children: ReactNode;
  /** `title` heads a screen, `sentence` is the one thing to do next, `note` is read second. */
  kind?: 'title' | 'sentence' | 'strong' | 'body' | 'note';
  tone?: 'ink' | 'soft' | 'good' | 'warn' | 'bad' | 'brass';
  lines?: number;
  style?: StyleProp<TextStyle>;
  /** Spoken at once by a screen reader when it changes. */
  live?: boolean;
}

const VARIANTS = {
  title: 'headlineMedium',
  sentence: 'titleLarge',
  strong: 'titleSmall',
  body: 'bodyLarge',
  note: 'bodyMedium',
} as const;

/** On a page lower than this the sentence is a little smaller, so that all of it is in sight, px. */
const SHORT = 720;

/** Text in the words' face: a part it plays, and a tone. */
export function AppText({ children, kind = 'body', tone = 'ink', lines, style, live }: WordsProps) {
  const { palette } = useLook();
  const short = useWindowDimensions().height < SHORT;
  const terms = useTerms();
  const colours = {
    ink: palette.ink,
    soft: palette.inkSoft,
    good: palette.good,
    warn: palette.warn,
    bad: palette.bad,
    brass: palette.brass,
  };
  return (
    <Text
      variant={kind === 'sentence' && short ? 'titleMedium' : VARIANTS[kind]}
      {...(kind === 'title' && { role: 'heading' as const, 'aria-level': 1 })}
      {...(live && { 'aria-live': 'polite' as const })}
      {...(lines !== undefined && { numberOfLines: lines })}
      style={[{ color: colours[tone] }, style]}
    >
      {kind === 'sentence' && terms ? <Marked terms={terms}>{children}</Marked> : inWholes(children)}
    </Text>
  );
}

/** A sentence whose terms are pressed to read what they are; by key they are found in Settings, Glossary. */
function Marked({ children, terms }: { children: ReactNode; terms: Terms }) {
  const { palette } = useLook();
  const text = plainText(children);
  if (text === undefined) return inWholes(children);
  return terms.split(text).map(({ text: piece, entry }, i) =>
    entry ? (
      <Run key={i} onPress={() => terms.open(entry.term)} style={[styles.term, { textDecorationColor: palette.brass }]}>
        {piece}
      </Run>
    ) : (
      <Fragment key={i}>{inWholes(piece)}</Fragment>
    ),
  );
}

/** Text whose figures keep their units at the end of a line. */
function inWholes(children: ReactNode): ReactNode {
  const text = plainText(children);
  if (text === undefined) return children;
  const pieces = splitNoBreak(text);
  if (pieces.every(({ whole }) => !whole)) return children;
  return pieces.map((piece, i) =>
    piece.whole ? (
      <Run key={i} style={styles.whole}>
        {piece.text}
      </Run>
    ) : (
      piece.text
    ),
  );
}

// The web's own; a phone's app would part them as before.
const styles = StyleSheet.create({
  whole: { whiteSpace: 'nowrap' } as TextStyle,
  term: { textDecorationLine: 'underline', textDecorationStyle: 'dotted' },
});

interface FigureProps {
  children: ReactNode;
  size?: number;
  tone?: 'ink' | 'soft' | 'brass' | 'bad';
  style?: StyleProp<TextStyle>;
}

/** A number in the numbers' face; larger in shop mode. */
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
