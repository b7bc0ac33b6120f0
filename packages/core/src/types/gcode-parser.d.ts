/** The part of gcode-parser that tests use. */
declare module 'gcode-parser' {
  export interface ParsedLine {
    line: string;
    words: [string, number][];
  }
  export function parseStringSync(text: string): ParsedLine[];
}
