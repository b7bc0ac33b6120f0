import { configureFonts, MD3DarkTheme, MD3LightTheme, type MD3Theme } from 'react-native-paper';
import { MONO, SANS } from './faces';
import { PALETTES, type Mode } from './palette';

/** Whole words of a long label go on in the next line; the library would cut them off. */
const wraps: object = { whiteSpace: 'normal' };

const type = (fontSize: number, lineHeight: number, fontWeight: '400' | '500' | '700', fontFamily = SANS) => ({
  fontFamily,
  fontSize,
  lineHeight,
  fontWeight,
  letterSpacing: 0,
});

/** Our two faces and few sizes, under the library's names. A label is high enough that what it stands on is a target. */
const FONTS = {
  default: { fontFamily: SANS, fontWeight: '400', letterSpacing: 0 },
  displayLarge: type(44, 53, '700', MONO),
  displayMedium: type(34, 41, '700', MONO),
  displaySmall: type(22, 27, '700', MONO),
  headlineLarge: type(30, 38, '700'),
  headlineMedium: type(26, 35, '700'),
  headlineSmall: type(22, 29, '700'),
  titleLarge: type(20, 27, '700'),
  titleMedium: type(18, 24, '700'),
  titleSmall: type(17, 23, '700'),
  bodyLarge: type(17, 23, '400'),
  bodyMedium: type(15, 20, '400'),
  bodySmall: type(15, 20, '400'),
  labelLarge: { ...type(17, 30, '700'), ...wraps },
  labelMedium: type(15, 20, '700'),
  labelSmall: type(14, 18, '700'),
} as const;

/** The library's components in our colours, faces and corners: no tint of height, no pills, nothing that moves by itself. */
export function paperTheme(mode: Mode): MD3Theme {
  const palette = PALETTES[mode];
  const base = palette.dark ? MD3DarkTheme : MD3LightTheme;
  return {
    ...base,
    roundness: 2,
    animation: { ...base.animation, scale: 0 },
    fonts: configureFonts({ config: FONTS }),
    colors: {
      ...base.colors,
      primary: palette.action,
      onPrimary: palette.onAction,
      primaryContainer: palette.action,
      onPrimaryContainer: palette.onAction,
      secondary: palette.brass,
      onSecondary: palette.ground,
      secondaryContainer: palette.action,
      onSecondaryContainer: palette.onAction,
      tertiary: palette.brass,
      tertiaryContainer: palette.surface,
      onTertiaryContainer: palette.ink,
      background: palette.ground,
      onBackground: palette.ink,
      surface: palette.surface,
      onSurface: palette.ink,
      surfaceVariant: palette.line,
      onSurfaceVariant: palette.inkSoft,
      surfaceDisabled: palette.line,
      onSurfaceDisabled: palette.inkSoft,
      outline: palette.edge,
      outlineVariant: palette.line,
      error: palette.bad,
      onError: palette.ground,
      errorContainer: palette.surface,
      onErrorContainer: palette.bad,
      inverseSurface: palette.ink,
      inverseOnSurface: palette.ground,
      inversePrimary: palette.ground,
      backdrop: 'rgba(0, 0, 0, 0.55)',
      elevation: {
        level0: 'transparent',
        level1: palette.surface,
        level2: palette.surface,
        level3: palette.surface,
        level4: palette.surface,
        level5: palette.surface,
      },
    },
  };
}
