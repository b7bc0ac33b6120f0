/** What a change reaches beside the units that import it. */

const PARTS = ['packages/core', 'apps/server', 'apps/device', 'apps/app', 'e2e'];

/** The parts whose types may differ: core is everybody's. */
export function partsOf(files) {
  if (files.some((file) => file.startsWith('packages/core/'))) return PARTS;
  return PARTS.filter((part) => files.some((file) => file.startsWith(`${part}/`)));
}

/** End-to-end files by the folders they are about; the first that fits a file counts. */
const SUBJECTS = [
  [/^e2e\/(?:\w+\/)?(\w+)\.spec\.ts$/, (name) => [name]],
  [/^apps\/app\/src\/(?:stations\/datum|drawing)\//, () => ['datum', 'j02', 'j05']],
  [/^apps\/app\/src\/stations\/zAndTools\//, () => ['zAndTools', 'j12', 'j14']],
  [/^apps\/app\/src\/stations\/alignment\//, () => ['alignment', 'j03']],
  [/^apps\/app\/src\/stations\/holes\//, () => ['holes', 'j18']],
  [/^apps\/app\/src\/stations\/boreAndFace\//, () => ['j20', 'j21']],
  [/^apps\/app\/src\/stations\/verify\//, () => ['verify']],
  [/^apps\/app\/src\/stations\/(?:shop|settings|newSetup)\//, () => ['shopFloor', 'ownShop']],
  [/^apps\/app\/src\/(?:practice)\//, () => ['practice.spec']],
  [/^apps\/app\/src\/(?:outbox|api|stores|boot|delivery)\//, () => ['away', 'offline']],
  [/^apps\/app\/src\/link\//, () => ['link.spec']],
  [/^apps\/app\/src\/calculators\//, () => ['newcomer']],
  [/^apps\/app\//, () => ['story']],
  [/^apps\/server\/src\/network\//, () => ['join']],
  [/^apps\/server\//, () => ['story']],
  [/^packages\/core\/src\/(?:\w+\/)?(datum|alignment|verify)\//, (name) => [name]],
  [/^packages\/core\/src\/(?:\w+\/)?zAndTools\//, () => ['zAndTools']],
  [/^packages\/core\/src\/(?:\w+\/)?holes\//, () => ['holes']],
  [/^packages\/core\/src\/practice\//, () => ['practice.spec']],
  [/^packages\/core\//, () => ['story']],
];

/** The end-to-end files of what was changed, as filters of their names. */
export function endToEndOf(files) {
  const found = files.flatMap((file) => {
    for (const [pattern, name] of SUBJECTS) {
      const match = pattern.exec(file);
      if (match) return name(match[1]);
    }
    return [];
  });
  return [...new Set(found)];
}
