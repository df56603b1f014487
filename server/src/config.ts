import { z } from 'zod';

const environment = z.object({
  /** Loopback unless told otherwise: the shop's data is nobody else's. */
  HOST: z.string().default('127.0.0.1'),
  PORT: z.coerce.number().int().min(0).max(65535).default(3210),
  DB_FILE: z.string().default('obrik.sqlite'),
  /** Folder of the built web app. */
  WEB_DIR: z.string().optional(),
  /** Names under which other machines reach it, by commas. */
  NAMES: z
    .string()
    .default('')
    .transform((it) =>
      it
        .split(',')
        .map((one) => one.trim())
        .filter(Boolean),
    ),
  /** Devices on the network pair by a code. Without it, this machine alone is answered. */
  PAIRING: z.enum(['0', '1']).default('0'),
  /** Files of a certificate and its key: the connection is then encrypted. */
  TLS_CERT: z.string().optional(),
  TLS_KEY: z.string().optional(),
  DEMO: z.enum(['0', '1']).default('0'),
  LOG_LEVEL: z.enum(['silent', 'fatal', 'error', 'warn', 'info', 'debug']).default('warn'),
});

/** Where and how the server runs. */
export type Config = z.infer<typeof environment>;

/** Reads the configuration. @throws Error naming each variable that is not as it should be */
export const readConfig = (env: NodeJS.ProcessEnv): Config => {
  const parsed = environment.safeParse(env);
  if (parsed.success) return parsed.data;
  throw new Error(
    parsed.error.issues.map((it) => `${it.path.join('.')}: ${it.message}`).join('\n'),
  );
};
