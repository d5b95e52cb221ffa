import { existsSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { createRandom } from '@/core/shared';
import { composeExercise, createTaskSearches, makeMateTask } from '@/core/compose';
import type { TaskId } from '@/contracts/ids';
import { EXERCISE_IDS, judgeAnswer } from '@/core/exercises';
import { positionOf } from '../../tests/fixtures/positions';
import { DEMO_CLASSES, DEMO_COACHES, DEMO_STUDENTS, describeDemo } from './demo/people';
import { DEMO_LONG_SET, DEMO_SETS } from './demo/puzzles';
import { DEMO_ROUNDS } from './demo/rounds';
import { simulateTries } from './demo/simulate';
import { createLifetime } from './lifetime';
import { takeLock } from './lock';
import { findFreePort, isPortFree, runHere, startProgram, stopProgram, waitUntil } from './processes';

let folder = '';
beforeEach(() => {
  folder = mkdtempSync(path.join(tmpdir(), 'vorschule-test-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

describe('what was started is stopped', () => {
  test('in the opposite order, once', async () => {
    const stopped: string[] = [];
    const lifetime = createLifetime();
    for (const name of ['database', 'server']) {
      lifetime.onEnd(() => {
        stopped.push(name);
        return Promise.resolve();
      });
    }
    await Promise.all([lifetime.end(), lifetime.end()]);
    expect(stopped).toEqual(['server', 'database']);
  });

  test('a program is asked to end, and killed when it does not listen', async () => {
    const deaf = startProgram('sh', ['-c', 'trap "" TERM; while :; do sleep 1; done'], { output: 'ignore' });
    await new Promise((resolve) => deaf.once('spawn', resolve));
    await stopProgram(deaf, 200);
    expect(deaf.signalCode ?? deaf.exitCode).not.toBeNull();
    await stopProgram(deaf);
  });
});

describe('one process for a data folder', () => {
  test("the lock is given back, and a dead holder's is taken over", async () => {
    const data = path.join(folder, 'demo');
    const giveBack = takeLock(data);
    expect(existsSync(`${data}.lock`)).toBe(true);
    await giveBack();
    expect(existsSync(`${data}.lock`)).toBe(false);
    writeFileSync(`${data}.lock`, '999999');
    await takeLock(data)();
  });

  test('a living holder is named', () => {
    const data = path.join(folder, 'demo');
    const child = startProgram(process.execPath, ['-e', 'setInterval(() => {}, 1000)', 'dist/cli.mjs'], {
      output: 'ignore',
    });
    writeFileSync(`${data}.lock`, String(child.pid));
    expect(() => takeLock(data)).toThrow(`process ${child.pid}`);
    child.kill('SIGKILL');
  });
});

test('a port is free until somebody listens on it', async () => {
  const port = await findFreePort();
  expect(await isPortFree(port, '127.0.0.1')).toBe(true);
  const server = createServer();
  await new Promise<void>((resolve) => server.listen(port, '127.0.0.1', resolve));
  expect(await isPortFree(port, '127.0.0.1')).toBe(false);
  await new Promise((resolve) => server.close(resolve));
});

test('waiting ends when the check holds, or says that it never did', async () => {
  let asked = 0;
  expect(await waitUntil(() => (asked += 1) === 3, { timeoutMs: 5000, everyMs: 1 })).toBe(true);
  expect(await waitUntil(() => false, { timeoutMs: 20, everyMs: 5 })).toBe(false);
});

test('a command hands on its exit code, and one that is not there is a failure', () => {
  expect(runHere('sh', ['-c', 'exit 3'])).toBe(3);
  expect(runHere('no-such-program', [])).toBe(1);
});

describe('the demo club', () => {
  const searches = createTaskSearches();
  // The long ones are proved while seeding, which takes too long for here.
  const given = DEMO_SETS.filter(({ name }) => name !== DEMO_LONG_SET);
  const solved = given
    .flatMap(({ fens }) => fens)
    .map((fen, index) => {
      const made = makeMateTask(searches, positionOf(fen), { maxMoves: 3 });
      if (made.kind !== 'task') throw new Error(`${fen}: ${made.kind}`);
      const taskId = (index + 1) as TaskId;
      return {
        taskId,
        family: 'mate',
        task: made.task,
        solution: made.graph,
        isSolved: false,
        isClimbed: false,
        tries: 0,
      } as const;
    });

  test('three coaches, three classes, about two dozen children of two terms, three sets of at least twelve proved puzzles', () => {
    expect(DEMO_COACHES).toHaveLength(3);
    const now = DEMO_STUDENTS.filter((student) => student.now !== undefined);
    expect(now).toHaveLength(24);
    expect(new Set(DEMO_STUDENTS.map(({ name }) => name)).size).toBe(DEMO_STUDENTS.length);
    // Some have moved up, some have joined, somebody has left.
    const moved = now.filter((student) => student.before !== undefined && student.before !== student.now);
    expect(moved.length).toBeGreaterThanOrEqual(5);
    expect(now.some((student) => student.before === undefined)).toBe(true);
    expect(now.length).toBeLessThan(DEMO_STUDENTS.length);
    expect(given).toHaveLength(3);
    for (const { fens } of given) expect(new Set(fens).size).toBeGreaterThanOrEqual(12);
    // No board stands in two of them.
    const fens = given.flatMap((set) => set.fens);
    expect(new Set(fens).size).toBe(fens.length);
    expect(solved).toHaveLength(given.flatMap(({ fens }) => fens).length);
  });

  test('no child tries more than there is', () => {
    for (const student of DEMO_STUDENTS) {
      const group = student.now === undefined ? undefined : DEMO_CLASSES[student.now];
      const set = DEMO_SETS.find(({ name }) => name === group?.setName);
      expect(student.triedCount).toBeLessThanOrEqual(set?.fens.length ?? 0);
    }
    expect(describeDemo()).toContain('evening-ferry-7');
  });

  test('every exercise is in the demo, and a wrong try at one is judged wrong', () => {
    const rounds = DEMO_ROUNDS.flatMap((set) => set.rounds);
    expect(new Set(rounds.map(({ family }) => family))).toEqual(new Set(EXERCISE_IDS));
    for (const [index, { family, level, seed }] of rounds.entries()) {
      const task = {
        ...composeExercise(family, level, seed),
        taskId: 1 as TaskId,
        isSolved: false,
        isClimbed: false,
        tries: 0,
      };
      const outcomes = simulateTries(createRandom(index), 0.2, task).map(({ answer }) => {
        const verdict = judgeAnswer(task, answer);
        return verdict === 'another-mode' ? verdict : verdict.outcome;
      });
      expect(outcomes.slice(0, -1).every((outcome) => outcome === 'wrong')).toBe(true);
      expect(['right', 'wrong']).toContain(outcomes.at(-1));
    }
  });

  test('simulated tries are the same for the same seed, stop at the right one, and are judged as meant', () => {
    let wrong = 0;
    for (const [index, puzzle] of solved.entries()) {
      const tries = simulateTries(createRandom(index), 0.6, puzzle);
      expect(simulateTries(createRandom(index), 0.6, puzzle)).toEqual(tries);
      const outcomes = tries.map(({ answer }) => {
        const verdict = judgeAnswer(puzzle, answer);
        return verdict === 'another-mode' ? verdict : verdict.outcome;
      });
      expect(outcomes.slice(0, -1).every((outcome) => outcome === 'wrong')).toBe(true);
      expect(outcomes).not.toContain('unfinished');
      wrong += outcomes.filter((outcome) => outcome === 'wrong').length;
    }
    expect(wrong).toBeGreaterThan(5);
  });
});
