import { spawn } from 'node:child_process';
import { fileURLToPath } from 'node:url';

/** The folder of the repository. */
export const ROOT = fileURLToPath(new URL('../..', import.meta.url));

/** Environment in which no tool asks, colours or reports anything home. */
export const QUIET = {
  ...process.env,
  CI: '1',
  EXPO_OFFLINE: '1',
  EXPO_NO_TELEMETRY: '1',
  EXPO_NO_DOTENV: '1',
  NO_UPDATE_NOTIFIER: '1',
};

/**
 * Runs a command in the repository's folder with its output shown.
 * @returns {Promise<number>} its exit code
 */
export const run = (command, args, env = {}) =>
  new Promise((resolve, reject) => {
    const child = spawn(command, args, {
      cwd: ROOT,
      stdio: 'inherit',
      env: { ...QUIET, ...env },
    });
    child.on('error', reject);
    child.on('exit', (code, signal) => resolve(signal ? 1 : (code ?? 1)));
  });

/** Runs a command and throws where it fails. */
export const must = async (command, args, env) => {
  const code = await run(command, args, env);
  if (code !== 0) throw new Error(`${command} ${args.join(' ')} ended with ${code}`);
};
