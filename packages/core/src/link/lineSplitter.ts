/** Lines out of what comes in pieces. */
export interface LineSplitter {
  /** The whole lines there are with this piece; the half line at its end waits for the next. */
  push: (piece: string) => string[];
  /** How many lines were too long and are gone. */
  tooLong: () => number;
}

/**
 * Cuts a stream into lines at `\n` or `\r\n`, empty ones left out. A line longer than `most` characters is let go of as it
 * comes, so that a device that never ends one fills nothing.
 *
 * @param most longest line, characters
 */
export function createLineSplitter(most: number): LineSplitter {
  let half = '';
  let skipping = false;
  let tooLong = 0;
  return {
    tooLong: () => tooLong,
    push(piece) {
      const lines: string[] = [];
      const parts = piece.split('\n');
      parts.forEach((part, i) => {
        const ends = i < parts.length - 1;
        if (skipping) {
          skipping = !ends;
          return;
        }
        half += part;
        if (half.length > most) {
          tooLong += 1;
          half = '';
          skipping = !ends;
          return;
        }
        if (!ends) return;
        const line = half.trim();
        half = '';
        if (line !== '') lines.push(line);
      });
      return lines;
    },
  };
}
