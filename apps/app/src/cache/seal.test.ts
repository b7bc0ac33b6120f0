import { sealed, unsealed } from './seal';

describe('the seal on what is kept', () => {
  test('what this build wrote is known as its own', () => {
    expect(unsealed(sealed('{"a":1}', 'b1'), 'b1')).toEqual({ json: '{"a":1}', own: true });
  });

  test.each([
    ['another build wrote it', sealed('{"a":1}', 'b2')],
    ['a figure in it was changed', sealed('{"a":1}', 'b1').replace('1}', '2}')],
    ['nothing sealed it', '{"a":1}'],
    ['its end is missing', sealed('{"a":1}', 'b1').slice(0, -1)],
  ])('%s: it is to be read field by field', (_, text) => {
    expect(unsealed(text, 'b1').own).toBe(false);
  });

  test('a page without a build seals nothing and trusts nothing', () => {
    expect(sealed('{}', undefined)).toBe('{}');
    expect(unsealed(sealed('{}', 'b1'), undefined)).toEqual({ json: '{}', own: false });
  });
});
