/** What every browser has and the page that stands for one in tests has not. */
const { TextDecoder, TextEncoder } = require('node:util');

Object.assign(globalThis, { TextDecoder, TextEncoder });
