/** Relative luminance of `#rrggbb` (WCAG 2.2). */
function luminance(colour: string): number {
  const [r = 0, g = 0, b = 0] = [1, 3, 5]
    .map((at) => parseInt(colour.slice(at, at + 2), 16) / 255)
    .map((one) => (one <= 0.04045 ? one / 12.92 : ((one + 0.055) / 1.055) ** 2.4));
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}

/** Contrast of two colours, 1 to 21 (WCAG 2.2, 1.4.3). */
function contrast(a: string, b: string): number {
  const [dark = 0, light = 0] = [luminance(a), luminance(b)].sort((one, other) => one - other);
  return (light + 0.05) / (dark + 0.05);
}

export const hex = { luminance, contrast };
