const icons = require('@mdi/js');

/** Turns an import from `@mdi/js` into the path strings themselves: Metro would bundle all 7,000 of them. */
module.exports = ({ types: t }) => ({
  visitor: {
    ImportDeclaration(path) {
      if (path.node.source.value !== '@mdi/js') return;
      path.replaceWithMultiple(
        path.node.specifiers.map(({ local, imported }) => {
          const value = icons[imported.name];
          if (value === undefined) throw path.buildCodeFrameError(`@mdi/js has no icon ${imported.name}`);
          return t.variableDeclaration('const', [
            t.variableDeclarator(t.identifier(local.name), t.stringLiteral(value)),
          ]);
        }),
      );
    },
  },
});
