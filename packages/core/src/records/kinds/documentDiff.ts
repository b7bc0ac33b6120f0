/** One thing two versions of a document do not agree in: where it is, and what each says. */
export interface Difference {
  /** The way to it, outermost first: `['axes', 'x', 'step']`. */
  path: string[];
  mine: unknown;
  theirs: unknown;
}

/** Things told apart by what they are called are held against their namesakes, not against whoever has their place. */
const nameOf = (one: unknown): string | undefined => {
  if (typeof one !== 'object' || one === null) return undefined;
  if ('id' in one && typeof one.id === 'string') return 'name' in one ? String(one.name) : one.id;
  return 'number' in one && typeof one.number === 'number' ? `T${one.number}` : undefined;
};

const isTable = (one: unknown): one is Record<string, unknown> => typeof one === 'object' && one !== null;

function fieldsOf(one: unknown): Map<string, unknown> {
  if (Array.isArray(one)) return new Map(one.map((item: unknown, i) => [nameOf(item) ?? String(i + 1), item]));
  return new Map(isTable(one) ? Object.entries(one) : []);
}

/**
 * What differs between two versions of one document, leaf by leaf, in the order the fields come. What is only in one of
 * them is `undefined` in the other.
 *
 * @example differences({ tolerance: 0.1 }, { tolerance: 0.05 }) // [{ path: ['tolerance'], mine: 0.1, theirs: 0.05 }]
 */
export function differences(mine: unknown, theirs: unknown): Difference[] {
  if (Object.is(mine, theirs)) return [];
  if (!isTable(mine) || !isTable(theirs)) return [{ path: [], mine, theirs }];
  const [own, other] = [fieldsOf(mine), fieldsOf(theirs)];
  return [...new Set([...own.keys(), ...other.keys()])].flatMap((key) =>
    differences(own.get(key), other.get(key)).map(({ path, ...both }) => ({ path: [key, ...path], ...both })),
  );
}
