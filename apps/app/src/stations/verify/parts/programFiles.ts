/** How files of programs end. */
export const PROGRAM_FILES = '.nc,.ngc,.tap,.gcode,.cnc,.iso,.mpf,.eia,.txt,.prg';
