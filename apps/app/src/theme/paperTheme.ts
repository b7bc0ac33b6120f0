import { MD3DarkTheme, MD3LightTheme, type MD3Theme } from 'react-native-paper';
import { SANS } from './faces';
import { PALETTES, type Mode } from './palette';

/** Paper's components in our colours and typeface. */
export function paperTheme(mode: Mode): MD3Theme {
  const palette = PALETTES[mode];
  const base = palette.dark ? MD3DarkTheme : MD3LightTheme;
  const fonts = Object.fromEntries(
    Object.entries(base.fonts).map(([name, font]) => [name, { ...font, fontFamily: SANS }]),
  ) as MD3Theme['fonts'];
  return {
    ...base,
    roundness: 2,
    fonts,
    colors: {
      ...base.colors,
      primary: palette.action,
      onPrimary: palette.onAction,
      background: palette.ground,
      onBackground: palette.ink,
      surface: palette.surface,
      onSurface: palette.ink,
      onSurfaceVariant: palette.inkSoft,
      outline: palette.line,
      error: palette.bad,
      elevation: Object.fromEntries(
        Object.keys(base.colors.elevation).map((level) => [level, palette.surface]),
      ) as MD3Theme['colors']['elevation'],
      secondaryContainer: palette.action,
      onSecondaryContainer: palette.onAction,
    },
  };
}
