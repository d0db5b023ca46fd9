// The page's script before first use, gzipped: printed, and over the limit the build fails.
import { readFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';

const LIMIT_KB = 200;
const root = 'target/classes/static';
const page = readFileSync(`${root}/index.html`, 'utf8');
const files = [...page.matchAll(/(?:src|href)="(\/assets\/[^"]+\.js)"/g)].map((match) => match[1]);
const bytes = files.reduce((sum, file) => sum + gzipSync(readFileSync(root + file)).length, 0);
console.log(
  `page script before first use: ${(bytes / 1000).toFixed(1)} kB gzipped of ${LIMIT_KB} (${files.length} files)`,
);
if (bytes > LIMIT_KB * 1000) {
  console.error('over the limit: load a part later, or leave it out');
  process.exit(1);
}
