import { sessionOptions } from './seal';

const SECRET = 'a-secret-for-tests-only-0123456789abcdef';

test('the cookie is secure exactly when ORIGIN is https, and never readable by scripts', () => {
  const cookieOf = (origin: string) => sessionOptions('coach', SECRET, origin).cookieOptions;
  expect(cookieOf('https://chess.example.org')).toMatchObject({
    secure: true,
    httpOnly: true,
    sameSite: 'lax',
  });
  expect(cookieOf('http://192.168.1.20:3000')).toMatchObject({ secure: false, httpOnly: true });
});

test('over https a browser takes the cookie from this host only, and never for a part of it', () => {
  const { cookieName, cookieOptions } = sessionOptions('seat', SECRET, 'https://chess.example.org');
  expect(cookieName).toMatch(/^__Host-/);
  expect(cookieOptions).toMatchObject({ path: '/' });
  expect(cookieOptions).not.toHaveProperty('domain');
  expect(sessionOptions('seat', SECRET, 'http://192.168.1.20:3000').cookieName).not.toContain('__');
});

test('coach and student have a cookie each, and a seat is left after a day', () => {
  const coach = sessionOptions('coach', SECRET, 'http://127.0.0.1:3000');
  const seat = sessionOptions('seat', SECRET, 'http://127.0.0.1:3000');
  expect(coach.cookieName).not.toBe(seat.cookieName);
  expect(seat.ttl).toBe(86_400);
});
