import type { IncomingHttpHeaders, IncomingMessage } from 'node:http';
import { findRefusal, makeHeaders, makeTrust, tellWhoAsks, type DoorSettings } from './doorkeeper';

const ORIGIN = 'http://192.168.1.20:3000';

function ask(method: string, url: string, headers: IncomingHttpHeaders = {}, remoteAddress = '203.0.113.9') {
  const own = { host: '192.168.1.20:3000', ...headers };
  return { method, url, headers: own, socket: { remoteAddress } } as unknown as IncomingMessage;
}

const doorOf = (proxies: string): DoorSettings => ({ origin: ORIGIN, isTrusted: makeTrust(proxies) });

/** Whom the app is told, when this stands in the request. */
function addressTold(proxies: string, from: string, forwarded?: string): unknown {
  const request = ask('GET', '/join', forwarded === undefined ? {} : { 'x-forwarded-for': forwarded }, from);
  tellWhoAsks(request, doorOf(proxies));
  return request.headers['x-forwarded-for'];
}

test('who is asking is told by the network, never by whoever asks', () => {
  expect(addressTold('', '203.0.113.9')).toBe('203.0.113.9');
  expect(addressTold('', '203.0.113.9', '10.0.0.1')).toBe('203.0.113.9');
  expect(addressTold('10.0.0.2', '203.0.113.9', '10.0.0.1')).toBe('203.0.113.9');
});

test('a proxy that the setting names is believed, and of a chain only the part behind it', () => {
  expect(addressTold('10.0.0.2', '10.0.0.2', '203.0.113.9')).toBe('203.0.113.9');
  expect(addressTold('10.0.0.2', '10.0.0.2', '1.1.1.1, 203.0.113.9')).toBe('203.0.113.9');
  expect(addressTold('10.0.0.2, 10.1.0.0/16', '10.0.0.2', '1.1.1.1, 203.0.113.9, 10.1.2.3')).toBe(
    '203.0.113.9',
  );
  expect(addressTold('10.0.0.2', '10.0.0.2')).toBe('10.0.0.2');
});

test('a setting that names no address is refused', () => {
  expect(() => makeTrust('the proxy')).toThrow();
});

test('what only a proxy or we ourselves may say is taken out', () => {
  const made = {
    'x-forwarded-host': 'elsewhere.example',
    'x-forwarded-proto': 'https',
    'x-nonce': 'chosen',
    'content-security-policy': "script-src 'nonce-chosen'",
    'x-middleware-subrequest': 'src/middleware',
  };
  const stranger = ask('GET', '/', made);
  tellWhoAsks(stranger, doorOf('10.0.0.2'));
  for (const name of Object.keys(made)) expect([name, stranger.headers[name]]).toEqual([name, undefined]);
  const proxy = ask('GET', '/', made, '10.0.0.2');
  tellWhoAsks(proxy, doorOf('10.0.0.2'));
  expect(proxy.headers['x-forwarded-host']).toBe('elsewhere.example');
  expect(proxy.headers['x-nonce']).toBeUndefined();
});

test.each(['TRACE', 'PUT', 'DELETE', 'PATCH', 'OPTIONS', 'BREW'])(
  'the method %s is not used here',
  (method) => {
    expect(findRefusal(ask(method, '/'), doorOf(''))).toMatchObject({ status: 405 });
  },
);

test('reading needs no origin', () => {
  for (const method of ['GET', 'HEAD'])
    expect(
      findRefusal(ask(method, '/', { origin: 'https://elsewhere.example' }), doorOf('')),
    ).toBeUndefined();
});

test.each([
  ['a page of ours', { origin: ORIGIN }, undefined],
  [
    'a page of ours by another name of the same host',
    { origin: 'http://tablet.local:3000', host: 'tablet.local:3000' },
    undefined,
  ],
  ['a device that is no browser', {}, undefined],
  ['a page of another site', { origin: 'https://elsewhere.example' }, 403],
  ['a page of the same host at another port', { origin: 'http://192.168.1.20:8080' }, 403],
  ['a page without an origin of its own', { origin: 'null' }, 403],
  ['a page that hides its origin', { 'sec-fetch-site': 'cross-site' }, 403],
])('what is sent from %s', (_, headers, status) => {
  const json = { 'content-type': 'application/json', ...headers };
  expect(findRefusal(ask('POST', '/api/attempts', json), doorOf(''))?.status).toBe(status);
});

test.each([
  ['application/json', undefined],
  ['application/json; charset=utf-8', undefined],
  ['Application/JSON', undefined],
  ['text/plain', 415],
  ['multipart/form-data; boundary=x', 415],
  ['application/jsonp', 415],
  [undefined, 415],
])('a route takes JSON only: %s', (type, status) => {
  const headers = type === undefined ? {} : { 'content-type': type };
  expect(findRefusal(ask('POST', '/api/attempts', headers), doorOf(''))?.status).toBe(status);
  // Forms of pages have types of their own.
  expect(findRefusal(ask('POST', '/sign-in', headers), doorOf(''))).toBeUndefined();
});

test('every answer has another number for its scripts, and no other script runs', () => {
  const [first, second] = [makeHeaders('/', ORIGIN), makeHeaders('/', ORIGIN)];
  expect(first.nonce).not.toBe(second.nonce);
  const policy = first.headers['Content-Security-Policy'] ?? '';
  expect(policy).toContain(`script-src 'self' 'nonce-${first.nonce}';`);
  expect(policy).not.toMatch(/script-src[^;]*unsafe/);
  // Pages from their sources, on a developer's machine alone.
  expect(makeHeaders('/', ORIGIN, true).headers['Content-Security-Policy']).toContain("'unsafe-eval'");
  expect(first.headers).not.toHaveProperty('Strict-Transport-Security');
  expect(makeHeaders('/', 'https://chess.example.org').headers).toHaveProperty('Strict-Transport-Security');
});
