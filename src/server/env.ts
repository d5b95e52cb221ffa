import { z } from 'zod/mini';

/** Secrets that ship with the demo; a real installation refuses them. */
export const DEMO_SESSION_SECRET = 'quillhaven-demo-only-not-a-secret-0001';

const envSchema = z.object({
  DATABASE_URL: z.url({ protocol: /^(mysql|mariadb)$/ }),
  SESSION_SECRET: z.string().check(z.minLength(32)),
  ORIGIN: z.url({ protocol: /^https?$/ }),
  /** Addresses and networks of proxies in front of the server, with commas between them: only they are believed who is asking. */
  TRUSTED_PROXIES: z._default(z.string(), ''),
});
export type ServerEnv = z.infer<typeof envSchema>;

/** The server's settings, read and checked once; the only reader of the process environment. Throws naming each bad one. */
export function getEnv(): ServerEnv {
  known ??= readEnv();
  return known;
}
let known: ServerEnv | undefined;

function readEnv(): ServerEnv {
  const parsed = envSchema.safeParse(process.env);
  if (parsed.success) return parsed.data;
  const names = parsed.error.issues.map((issue) => issue.path.join('.')).join(', ');
  throw new Error(
    `These settings are missing or malformed: ${names}. See "Real installation" in the README.`,
  );
}
