/** Signs the faces have not, and what stands for them. */
const INSTEAD: Readonly<Record<string, string>> = { '⌀': 'Ø', '✓': 'yes', '✗': 'no', '▲': '!', '△': '!', '→': '>' };

/** Latin letters with their accents, punctuation, and the signs of figures: what both faces have. */
const HAS = /[\u0020-\u007e\u00a0-\u024f\u2010-\u2014\u2018-\u201e\u2022\u2026\u2212]/;

/**
 * A text in signs that the embedded faces have; anything else becomes a question mark, so that nothing is lost unseen.
 *
 * @example printable('⌀ 4.200') // 'Ø 4.200'
 */
export const printable = (text: string): string =>
  [...text.replace(/\s+/g, ' ')].map((sign) => INSTEAD[sign] ?? (HAS.test(sign) ? sign : '?')).join('');
