/** Every sentence a person can be shown, file by file, so that they can be read in one go: `npm run strings [word]`. */
import { allStrings } from './lib/strings.mjs';

const wanted = process.argv[2]?.toLowerCase();
let last;
for (const { file, line, text } of allStrings()) {
  if (wanted && !text.toLowerCase().includes(wanted)) continue;
  if (file !== last) console.log(`\n${file}`);
  last = file;
  console.log(`${String(line).padStart(4)}  ${text}`);
}
