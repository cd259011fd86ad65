// Rebuilds what is committed under wwwroot from the packages pinned beside this file.
import { copyFileSync, mkdirSync, writeFileSync, readFileSync } from 'node:fs';
import { execFileSync } from 'node:child_process';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const here = dirname(fileURLToPath(import.meta.url));
const root = join(here, '..', 'src', 'RoundCrumb.Web', 'wwwroot');
const tests = join(here, '..', 'tests', 'RoundCrumb.Browser.Tests', 'lib');
const from = (...parts) => join(here, 'node_modules', ...parts);
const copy = (source, folder, name) => {
  mkdirSync(folder, { recursive: true });
  copyFileSync(source, join(folder, name));
};

const atkinson = '@fontsource-variable/atkinson-hyperlegible-next';
const bricolage = '@fontsource-variable/bricolage-grotesque';
copy(from(atkinson, 'files', 'atkinson-hyperlegible-next-latin-wght-normal.woff2'), join(root, 'fonts'), 'atkinson-hyperlegible-next.woff2');
copy(from(atkinson, 'LICENSE'), join(root, 'fonts'), 'atkinson-hyperlegible-next.LICENSE.txt');
copy(from(bricolage, 'files', 'bricolage-grotesque-latin-wght-normal.woff2'), join(root, 'fonts'), 'bricolage-grotesque.woff2');
copy(from(bricolage, 'LICENSE'), join(root, 'fonts'), 'bricolage-grotesque.LICENSE.txt');
copy(from('htmx.org', 'dist', 'htmx.min.js'), join(root, 'lib'), 'htmx.min.js');
copy(from('htmx.org', 'LICENSE'), join(root, 'lib'), 'htmx.LICENSE.txt');
copy(from('axe-core', 'axe.min.js'), tests, 'axe.min.js');
copy(from('axe-core', 'LICENSE'), tests, 'axe.LICENSE.txt');

// The bake day's styles are a sheet of their own: only its pages fetch them.
for (const sheet of ['app.css', 'days.css', 'bench.css', 'notebook.css', 'trade.css', 'guide.css']) {
  const css = join(root, 'css', sheet);
  mkdirSync(dirname(css), { recursive: true });
  execFileSync(process.execPath, [from('@tailwindcss', 'cli', 'dist', 'index.mjs'), '-i', join(here, sheet), '-o', css, '--minify'], { stdio: 'inherit', cwd: here });
  writeFileSync(css, readFileSync(css, 'utf8').trimEnd() + '\n');
}
