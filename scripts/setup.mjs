import { execFileSync, spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

/** Set-up shared by the demo and the tests. Plain Node, because it runs before any package is there. */
const STAMPS = 'node_modules/.elvane';
const SOURCES = [
  'src',
  'public',
  'scripts/bundle.mjs',
  'next.config.ts',
  'postcss.config.mjs',
  'tsconfig.json',
  'package-lock.json',
];

export const say = (text) => console.log(`\n▸ ${text}`);

/** Runs a command with its output shown; answers its exit code and passes termination on to it. */
export function run(command, args, env = {}) {
  return new Promise((resolve) => {
    const child = spawn(command, args, { stdio: 'inherit', env: { ...process.env, ...env } });
    const pass = (signal) => child.kill(signal);
    process.once('SIGTERM', pass).once('SIGINT', pass);
    child.on('error', () => resolve(127));
    child.on('exit', (code, signal) => {
      process.off('SIGTERM', pass).off('SIGINT', pass);
      resolve(code ?? (signal ? 1 : 0));
    });
  });
}

/** Runs a command that must succeed. */
export async function must(command, args, env) {
  const code = await run(command, args, env);
  if (code !== 0) {
    console.error(`\n${command} ${args.join(' ')} ended with code ${code}.`);
    process.exit(code);
  }
}

function filesUnder(path) {
  if (!existsSync(path)) return [];
  if (statSync(path).isFile()) return [path];
  return readdirSync(path)
    .sort()
    .flatMap((name) => filesUnder(join(path, name)));
}

function hashOf(paths, extra = '') {
  const hash = createHash('sha256').update(extra);
  for (const path of paths.flatMap(filesUnder)) hash.update(path).update(readFileSync(path));
  return hash.digest('hex');
}

const stampOf = (name) => {
  const path = join(STAMPS, name);
  return existsSync(path) ? readFileSync(path, 'utf8') : '';
};

function stamp(name, value) {
  mkdirSync(STAMPS, { recursive: true });
  writeFileSync(join(STAMPS, name), value);
}

/** Installs the packages of the lockfile, unless this very set is installed already. */
export async function installPackages() {
  const wanted = hashOf(['package-lock.json'], process.version);
  if (stampOf('packages') === wanted) return;
  say('Installing packages');
  await must('npm', ['ci', '--no-progress']);
  stamp('packages', wanted);
}

/** Builds the application, unless the sources are those of the last build. */
export async function build() {
  const wanted = hashOf(SOURCES, process.version);
  if (stampOf('build') === wanted && existsSync('.next/BUILD_ID')) return;
  say('Building');
  await must('npm', ['run', '-s', 'build'], { NEXT_TELEMETRY_DISABLED: '1' });
  stamp('build', wanted);
}

const installed = (command) => {
  try {
    execFileSync('which', [command], { stdio: 'ignore' });
    return true;
  } catch {
    return false;
  }
};

/** Chromium for the browser tests and poppler's rasteriser for the measuring ones, from Debian's packages. */
export async function installTestTools() {
  const missing = [];
  if (!process.env.CHROMIUM && !existsSync('/usr/bin/chromium')) missing.push('chromium');
  if (!installed('pdftoppm')) missing.push('poppler-utils');
  if (missing.length === 0) return;
  say(`Installing ${missing.join(' and ')}`);
  if (process.getuid?.() !== 0 || !installed('apt-get')) {
    console.error(
      `Please install ${missing.join(' and ')} with your system's package manager, then run this again.`,
    );
    process.exit(1);
  }
  await must('apt-get', ['update', '-qq']);
  await must('apt-get', ['install', '-y', '-qq', '--no-install-recommends', ...missing], {
    DEBIAN_FRONTEND: 'noninteractive',
  });
}
