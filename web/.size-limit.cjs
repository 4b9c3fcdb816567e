const { readFileSync, readdirSync } = require('node:fs');

/** What the page's own file asks for at once: the script, and what that cannot begin without. */
const first = [...readFileSync('dist/index.html', 'utf8').matchAll(/(?:src|href)="\/(assets\/[^"]+\.js)"/g)].map(
  ([, file]) => `dist/${file}`,
);
const later = readdirSync('dist/assets').filter((file) => file.endsWith('.js') && !first.includes(`dist/assets/${file}`));

module.exports = [
  { name: 'first page', path: first, limit: '250 kB', gzip: true },
  // the room has all that draws in three dimensions
  ...later.map((file) => ({
    name: file.replace(/-[\w-]{8}\.js$/, ''),
    path: `dist/assets/${file}`,
    limit: file.startsWith('room-') ? '220 kB' : '60 kB',
    gzip: true,
  })),
];
