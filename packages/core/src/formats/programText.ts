/**
 * Words as a comment of a program (ISO 6983-1): only letters, figures and plain marks, so that nothing of a name can end
 * the comment or become a word of the program. Accents go, other signs become spaces.
 */
export const commented = (text: string, most = 60): string =>
  `(${text
    .replaceAll('⌀', 'dia ')
    .replaceAll('×', 'x')
    .replaceAll('ß', 'ss')
    .normalize('NFKD')
    .replace(/[\u0300-\u036f]/g, '')
    .replace(/[^A-Za-z0-9 .,+=:'/*-]/g, ' ')
    .replace(/ +/g, ' ')
    .trim()
    .slice(0, most)
    .trim()})`;

/** Work offsets as a program calls them: G54 to G59, G59.1 to G59.3, or G54.1 with a number. */
const WORK_OFFSET = /^G(?:5[4-9]|59\.[1-3]|54\.1 ?P\d{1,3})$/;

/** Whether a name is a word that chooses a work offset. */
export const isOffsetWord = (name: string): boolean => WORK_OFFSET.test(name);
