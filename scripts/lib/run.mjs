import { spawn } from 'node:child_process';

/** Run a command with its output shown (or kept); resolves with the exit code and what was kept. */
export function run(command, args, { keep = false, env = {}, cwd } = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, {
      cwd,
      env: { ...process.env, ...env },
      stdio: keep ? ['ignore', 'pipe', 'pipe'] : ['ignore', 'inherit', 'inherit'],
    });
    let out = '';
    child.stdout?.on('data', (chunk) => (out += chunk));
    child.stderr?.on('data', (chunk) => (out += chunk));
    child.on('error', reject);
    child.on('close', (code) => resolve({ code: code ?? 1, out }));
  });
}

/** Run a command that must succeed; its output is shown only when it does not. */
export async function must(says, command, args, options = {}) {
  const { code, out } = await run(command, args, { ...options, keep: true });
  if (code === 0) return;
  console.error(out);
  throw new Error(`${says} failed (exit code ${code}); the lines above say why.`);
}
