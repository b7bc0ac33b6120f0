import { z } from 'zod';
import { REGISTRY } from './registry';

type Schema = { properties?: Record<string, Schema>; items?: Schema; anyOf?: Schema[]; description?: string };

/** Every field of a schema by its path, with what is said of it. */
function fieldsOf(schema: Schema, at = ''): [string, string, string][] {
  return [
    ...Object.entries(schema.properties ?? {}).flatMap(([name, one]): [string, string, string][] => [
      [`${at}.${name}`, name, one.description ?? ''],
      ...fieldsOf(one, `${at}.${name}`),
    ]),
    ...(schema.items ? fieldsOf(schema.items, `${at}[]`) : []),
    ...(schema.anyOf ?? []).flatMap((one) => fieldsOf(one, at)),
  ];
}

const NAMED = Object.entries(REGISTRY as Record<string, { input: z.ZodType; output: z.ZodType }>);

test.each(NAMED)(
  '%s: u is a standard uncertainty, U is expanded, in the name and in what is said of it',
  (_, { input, output }) => {
    const fields = [
      ...fieldsOf(z.toJSONSchema(input, { io: 'input', unrepresentable: 'any' }) as Schema, 'input'),
      ...fieldsOf(z.toJSONSchema(output, { unrepresentable: 'any' }) as Schema, 'output'),
    ];
    const standard = fields.filter(([, name]) => /^u([A-Z]|$)/.test(name));
    const expanded = fields.filter(([, name]) => /U$/.test(name));
    expect(standard.filter(([, , says]) => !/standard uncertainty/.test(says))).toEqual([]);
    expect(expanded.filter(([, , says]) => !/95 %/.test(says))).toEqual([]);
  },
);
