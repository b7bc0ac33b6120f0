const http = require('node:http');
const { join } = require('node:path');
const { getDefaultConfig } = require('expo/metro-config');
const { withBundleMends } = require('./bundle-mends.js');
const { withSplitChunks } = require('./split-chunks.js');

const config = withSplitChunks(withBundleMends(getDefaultConfig(__dirname)));
config.transformer.asyncRequireModulePath = join(__dirname, 'async-require.js');

// While developing, Metro serves the app and passes /api on to the server.
const port = process.env.API_PORT;
if (port) {
  config.server.enhanceMiddleware = (metro) => (request, response, next) => {
    if (!request.url.startsWith('/api/')) return metro(request, response, next);
    const onward = http.request(
      { port, path: request.url, method: request.method, headers: request.headers },
      (answer) => {
        response.writeHead(answer.statusCode, answer.headers);
        answer.pipe(response);
      },
    );
    onward.on('error', () => response.writeHead(502).end());
    request.pipe(onward);
  };
}

module.exports = config;
