import { spawn, spawnSync } from 'node:child_process';
import { fileURLToPath } from 'node:url';

export const ROOT = fileURLToPath(new URL('../..', import.meta.url));

/** Runs a command in the project's root with its output in sight; returns its exit code. */
export function run(command, args, env = {}) {
  const result = spawnSync(command, args, {
    cwd: ROOT,
    stdio: 'inherit',
    env: { ...process.env, ...env },
  });
  if (result.error) process.stderr.write(`${command}: ${result.error.message}\n`);
  return result.status ?? 1;
}

/** Runs a command and hands back what it printed, while still showing it. */
export function runAndRead(command, args, env = {}) {
  const result = spawnSync(command, args, {
    cwd: ROOT,
    stdio: ['ignore', 'pipe', 'inherit'],
    encoding: 'utf8',
    maxBuffer: 64 * 1024 * 1024,
    env: { ...process.env, ...env },
  });
  process.stdout.write(result.stdout ?? '');
  return { code: result.status ?? 1, output: result.stdout ?? '' };
}

/** Runs named commands at the same time, each with its output in one piece; answers the names of those that failed. */
export async function runTogether(commands) {
  const results = await Promise.all(
    commands.map(
      ([name, command, args]) =>
        new Promise((done) => {
          const child = spawn(command, args, { cwd: ROOT, stdio: ['ignore', 'pipe', 'pipe'] });
          let output = '';
          for (const stream of [child.stdout, child.stderr])
            stream.on('data', (piece) => (output += piece));
          child.on('error', (error) => done({ name, code: 1, output: error.message }));
          child.on('close', (code) => {
            process.stdout.write(`\n— ${name}\n${output}`);
            done({ name, code: code ?? 1, output });
          });
        }),
    ),
  );
  return results.filter(({ code }) => code !== 0).map(({ name }) => name);
}
