import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { z } from 'zod/mini';

const PROJECTS = 'config/types';
const projectSchema = z.object({ include: z.optional(z.array(z.string())) });

/** What the projects of the type check include, from the root of the repository. */
function listIncluded(): string[] {
  return readdirSync(PROJECTS).flatMap((file) => {
    const { include = [] } = projectSchema.parse(JSON.parse(readFileSync(path.join(PROJECTS, file), 'utf8')));
    return include.map((one) => path.join(PROJECTS, one));
  });
}

test('every room is in just one project of the type check', () => {
  const included = listIncluded();
  const rooms = readdirSync('src').map((name) => path.join('src', name));
  expect(rooms.length).toBeGreaterThan(8);
  expect(rooms.filter((room) => included.filter((one) => one === room).length !== 1)).toEqual([]);
});
