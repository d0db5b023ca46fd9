// The page's script, gzipped: what a first visit loads to sign in, and what stands behind the season. Over a limit the build fails.
import { readdirSync, readFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';

const LIMITS_KB = { 'to sign in': 130, 'to the season': 182 };
const root = 'target/classes/static';
const assets = readdirSync(`${root}/assets`);
const page = readFileSync(`${root}/index.html`, 'utf8');
const first = [...page.matchAll(/(?:src|href)="\/assets\/([^"]+\.js)"/g)].map((match) => match[1]);
const inside = assets.filter((file) => /^Inside-.*\.js$/.test(file));

/** Those files and all they stand on. */
function withImports(files) {
  const all = new Set(files);
  for (const file of all) {
    const code = readFileSync(`${root}/assets/${file}`, 'utf8');
    for (const match of code.matchAll(/(?:from|import)\s*["']\.\/([^"']+\.js)["']/g)) all.add(match[1]);
  }
  return [...all];
}

const sizes = { 'to sign in': withImports(first), 'to the season': withImports([...first, ...inside]) };
for (const [what, files] of Object.entries(sizes)) {
  const bytes = files.reduce((sum, file) => sum + gzipSync(readFileSync(`${root}/assets/${file}`)).length, 0);
  console.log(
    `page script ${what}: ${(bytes / 1000).toFixed(1)} kB gzipped of ${LIMITS_KB[what]} (${files.length} files)`,
  );
  if (bytes > LIMITS_KB[what] * 1000) {
    console.error('over the limit: load a part later, or leave it out');
    process.exitCode = 1;
  }
}
if (inside.length === 0)
  throw new Error('no chunk of what is inside: the figures above are not what they say');
