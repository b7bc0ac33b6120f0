import { addressWords, isOwnAddress, isShopHost, linkForm } from './address';

const typed = (at: string, over: 'tcp' | 'serial' = 'tcp', baud = '9600') => linkForm.safeParse({ over, at, baud });
const wrong = (at: string, over: 'tcp' | 'serial' = 'tcp') => typed(at, over).error?.issues[0]?.message;

test.each([
  ['192.168.1.30:4750', { over: 'tcp', host: '192.168.1.30', port: 4750 }],
  ['  mill.local:23 ', { over: 'tcp', host: 'mill.local', port: 23 }],
  ['localhost:1', { over: 'tcp', host: 'localhost', port: 1 }],
])('%s is an address of the shop', (at, address) => {
  expect(typed(at).data).toEqual(address);
  expect(isShopHost(address.host)).toBe(true);
});

test.each(['/dev/ttyUSB0', '/dev/tty.usbserial-10', '/dev/ttyACM1', '/dev/serial/by-id/usb-0:1.0'])(
  '%s is a serial port',
  (at) => {
    const { data } = typed(at, 'serial', '115200');
    expect(data).toEqual({ over: 'serial', path: at, baud: 115_200 });
    expect(data && addressWords(data)).toBe(`${at} at 115200`);
  },
);

test('what is wrong is said with an example of what is right', () => {
  expect(wrong('192.168.1.30')).toMatch(/with a colon between/);
  expect(wrong('192.168.1.30:99999')).toMatch(/with a colon between/);
  expect(wrong('what is this:80')).toMatch(/^Type the address as/);
  expect(wrong('/etc/passwd', 'serial')).toMatch(/\/dev\/ttyUSB0/);
  for (const other of ['/dev/pts/3', '/dev/sda', '/dev/tty', '/dev/mem', '/dev/serial/by-path/x', 'COM3'])
    expect(wrong(other, 'serial')).toMatch(/\/dev\/ttyUSB0/);
  expect(wrong('/dev/tty/../sda', 'serial')).toMatch(/\/dev\/ttyUSB0/);
  expect(typed('/dev/ttyUSB0', 'serial', '12345').success).toBe(false);
});

test.each([
  ['a figure for 127.0.0.1', '2130706433'],
  ['the same in hexadecimal', '0x7f000001'],
  ['octal parts: 8.8.8.8', '010.8.8.8'],
  ['a part in octal', '192.168.1.010'],
  ['fewer parts', '10.1'],
  ['a part over 255', '10.0.0.256'],
  ['link-local', '169.254.1.1'],
  ['where clouds keep their keys', '169.254.169.254'],
  ['a public one', '93.184.216.34'],
  ['another public one', '8.8.8.8'],
  ['one beside a private network', '172.32.0.1'],
  ['a name beyond the shop', 'example.org'],
  ['one of another family', '2001:db8::1'],
])('%s is no address of the shop: %s', (_, host) => {
  expect(isShopHost(host)).toBe(false);
});

test('what a name stands for is looked at by its figures too', () => {
  expect(
    ['127.0.0.1', '10.0.0.9', '192.168.1.1', '172.31.255.255', '::1', 'fd12::1', '::ffff:10.0.0.1'].every(isOwnAddress),
  ).toBe(true);
  expect(
    ['8.8.8.8', '169.254.1.1', '172.32.0.1', 'fe80::1', '2001:db8::1', '::ffff:8.8.8.8', '0.0.0.0'].some(isOwnAddress),
  ).toBe(false);
});
