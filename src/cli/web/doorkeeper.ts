/**
 * What every request meets before any page or route does: is its method one we speak, does a sender of data come from our own pages, and who
 * is asking. It also decides which headers of the outside are believed, and which every answer bears.
 */
import { randomBytes } from 'node:crypto';
import type { IncomingMessage } from 'node:http';
import proxyAddr from 'proxy-addr';

export interface DoorSettings {
  /** The address browsers use, such as https://chess.example.org. */
  readonly origin: string;
  /** Says of an address whether it is one of the proxies in front of the server. */
  readonly isTrusted: (address: string) => boolean;
}

export interface Refusal {
  readonly status: 403 | 405 | 415;
  readonly text: string;
}

const METHODS = ['GET', 'HEAD', 'POST'];

/** Said by whoever stands in front of us; from anybody else it is made up. */
const TOLD_BY_PROXIES = [
  'x-forwarded-for',
  'x-forwarded-host',
  'x-forwarded-port',
  'x-forwarded-proto',
  'forwarded',
];
/** Only we say these. */
const OURS = ['x-nonce', 'content-security-policy', 'x-middleware-subrequest'];

/** Reads a list of addresses and networks such as "10.0.0.2, 192.168.1.0/24"; throws on what is none. */
export function makeTrust(proxies: string): DoorSettings['isTrusted'] {
  const list = proxies.split(',').flatMap((one) => one.trim() || []);
  const trust = proxyAddr.compile(list);
  return (address) => trust(address, 0);
}

/** Why this request goes no further; undefined when it may. */
export function findRefusal(request: IncomingMessage, { origin }: DoorSettings): Refusal | undefined {
  const { method = '', headers, url = '' } = request;
  if (!METHODS.includes(method)) return { status: 405, text: 'This method is not used here.' };
  if (method !== 'POST') return undefined;
  if (!isOwnOrigin(headers.origin, headers.host, origin) || headers['sec-fetch-site'] === 'cross-site') {
    return { status: 403, text: 'This was sent from a page of another site. Nothing was stored.' };
  }
  const type = headers['content-type'] ?? '';
  if (url.startsWith('/api/') && !/^application\/json\s*(;|$)/i.test(type)) {
    return { status: 415, text: 'Send JSON, with the header content-type: application/json.' };
  }
  return undefined;
}

/** A device that is no browser sends no origin; a browser always does with what it sends. */
function isOwnOrigin(given: string | undefined, host: string | undefined, origin: string): boolean {
  if (given === undefined || given === origin) return true;
  return URL.canParse(given) && host !== undefined && new URL(given).host === host;
}

/** Takes out what nobody may tell us, and puts in who is asking: its network address, by the nearest proxy that is trusted. */
export function tellWhoAsks(request: IncomingMessage, { isTrusted }: DoorSettings): void {
  const address = findAddress(request, isTrusted);
  const { headers } = request;
  if (!isTrusted(request.socket.remoteAddress ?? ''))
    for (const name of TOLD_BY_PROXIES) Reflect.deleteProperty(headers, name);
  for (const name of OURS) Reflect.deleteProperty(headers, name);
  headers['x-forwarded-for'] = address;
}

function findAddress(request: IncomingMessage, isTrusted: DoorSettings['isTrusted']): string {
  try {
    return proxyAddr(request, (address) => isTrusted(address));
  } catch {
    // A trusted proxy that writes no address: then it is the proxy who asks.
    return request.socket.remoteAddress ?? 'unknown';
  }
}

/** Headers of the answer, and the number that the page's own scripts bear. Pages from their sources are made of evaluated text. */
export function makeHeaders(
  url: string,
  origin: string,
  isDev = false,
): { nonce: string; headers: Record<string, string> } {
  const nonce = randomBytes(16).toString('base64');
  // A browser's own reader of PDF files is an object to it.
  const isPage = !/^\/(print|files|api)\//.test(url);
  const policy = [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}'${isDev ? " 'unsafe-eval'" : ''}`,
    // Mantine sets sizes and colours in style attributes.
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self' data:",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');
  return {
    nonce,
    headers: {
      'Content-Security-Policy': isPage ? policy : "frame-ancestors 'none'",
      'Cross-Origin-Opener-Policy': 'same-origin',
      'Cross-Origin-Resource-Policy': 'same-origin',
      'X-Content-Type-Options': 'nosniff',
      'X-Frame-Options': 'DENY',
      'Referrer-Policy': 'same-origin',
      'Permissions-Policy': 'camera=(), microphone=(), geolocation=()',
      ...(origin.startsWith('https:') ? { 'Strict-Transport-Security': 'max-age=31536000' } : {}),
    },
  };
}
