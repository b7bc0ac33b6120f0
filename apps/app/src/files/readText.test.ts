import { readText } from './readText';

/** A file that would be a gigabyte of one line: nothing of it may be read. */
function gigabyte(): Blob {
  const read = () => {
    throw new Error('it was read');
  };
  return { size: 1_000_000_000, arrayBuffer: read, text: read, slice: read, stream: read } as unknown as Blob;
}

const file = (bytes: Uint8Array): Blob =>
  ({ size: bytes.length, arrayBuffer: () => Promise.resolve(bytes.buffer) }) as unknown as Blob;

test('a gigabyte is refused by its size, before anything of it is read', async () => {
  await expect(readText(gigabyte(), 20_000_000)).rejects.toMatchObject({
    code: 'too-large',
    message: 'The file has 1000 MB; at most 20 MB are read. Choose another, or split it.',
  });
});

test('a text is read whatever encoding it names', async () => {
  const utf16 = new Uint8Array([0xff, 0xfe, ...[...'x,y\n1,2'].flatMap((sign) => [sign.charCodeAt(0), 0])]);
  expect(await readText(file(utf16), 1000)).toBe('x,y\n1,2');
  expect(await readText(file(new TextEncoder().encode('x,y')), 1000)).toBe('x,y');
});

test('what is no text says so', async () => {
  await expect(readText(file(new Uint8Array([0x50, 0x4b, 3, 4, 0, 0])), 1000)).rejects.toMatchObject({
    code: 'no-text',
  });
});
