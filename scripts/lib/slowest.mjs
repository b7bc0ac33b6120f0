/**
 * The tests that took longest, of units and of end to end.
 *
 * @param units what Jest wrote, where it wrote anything
 * @param endToEnd what Playwright wrote, where it wrote anything
 */
export function slowest(units, endToEnd, most) {
  const ofUnits = (units?.testResults ?? []).flatMap(({ assertionResults }) =>
    assertionResults.map(({ fullName, duration }) => ({ title: fullName, seconds: (duration ?? 0) / 1000 })),
  );
  const specsOf = ({ specs = [], suites = [] }) => [...specs, ...suites.flatMap(specsOf)];
  const ofPages = (endToEnd?.suites ?? []).flatMap(specsOf).flatMap(({ title, file, tests }) =>
    tests.map(({ projectName, results }) => ({
      title: `${file} (${projectName}): ${title}`,
      seconds: results.reduce((sum, { duration }) => sum + duration, 0) / 1000,
    })),
  );
  return [...ofUnits, ...ofPages].sort((a, b) => b.seconds - a.seconds).slice(0, most);
}
