/** For each answer mode the answers beside the right one, worked out without the judge: every one must be refused. */
import type { Answer, Exercise, Question } from '@/core/exercises';
import { makeSquareName } from '@/core/board';
import { getPosition, makeMoveText, makeSan } from '@/core/notation';
import { listLegalMoves } from '@/core/rules';

export function listWrongAnswers(
  { ask, solution, question }: Exercise<Question>,
  fen: string | undefined,
): Answer[] {
  const all = Array.from({ length: 64 }, (_, square) => square);
  switch (solution.kind) {
    case 'tap': {
      const { marks } = solution;
      const isSingle = ask.kind === 'tap' && ask.isSingle;
      const marked = marks.map(({ square }) => square);
      const without = isSingle ? [] : marked.map((square) => marks.filter((mark) => mark.square !== square));
      const label = marks[0]?.label;
      const withExtra = all
        .filter((square) => !marked.includes(square))
        .map((square) => [...(isSingle ? [] : marks), label === undefined ? { square } : { square, label }]);
      const relabelled =
        ask.kind === 'tap' && ask.labels.length > 0
          ? marks.map((mark) =>
              marks.map((other) =>
                other === mark
                  ? { ...mark, label: ask.labels.find((one) => one !== mark.label) ?? '' }
                  : other,
              ),
            )
          : [];
      return [...without, ...withExtra, ...relabelled].map((one) => ({ kind: 'tap', marks: one }));
    }
    case 'choose': {
      if (ask.kind !== 'choose') return [];
      const { options } = solution;
      const choose = (chosen: readonly string[]): Answer => ({
        kind: 'choose',
        options: [...chosen],
        ordered: false,
      });
      // The other orders are wrong: composers see to it that only one is right.
      if (ask.isOrdered === true) {
        return listOrders(options)
          .filter((order) => order.join() !== options.join())
          .map((order) => ({ kind: 'choose', options: order, ordered: true }));
      }
      if (!ask.isMultiple)
        return ask.options.filter((option) => !options.includes(option)).map((option) => choose([option]));
      // Of many choices, all answers that differ in one; of few, all there are.
      if (ask.options.length > 5) {
        return ask.options.map((option) =>
          choose(
            options.includes(option) ? options.filter((other) => other !== option) : [...options, option],
          ),
        );
      }
      const subsets = ask.options.reduce<string[][]>(
        (sets, option) => [...sets, ...sets.map((set) => [...set, option])],
        [[]],
      );
      const isSame = (set: readonly string[]) =>
        set.length === options.length && set.every((option) => options.includes(option));
      return subsets.filter((set) => set.length > 0 && !isSame(set)).map(choose);
    }
    case 'number':
      return ask.kind === 'number'
        ? Array.from({ length: ask.most - ask.least + 1 }, (_, index) => ask.least + index)
            .filter((value) => value !== solution.value)
            .map((value) => ({ kind: 'number', value }))
        : [];
    case 'place': {
      const one = solution.men.map((_, index) => solution.men.filter((_man, other) => other !== index));
      const free = all.find((square) => !solution.men.some((man) => man.square === square));
      const extra =
        free === undefined ? [] : [[...solution.men, { square: free, side: 'white', role: 'pawn' } as const]];
      return [...one, ...extra].map((men) => ({ kind: 'place', men, slips: 0 }));
    }
    case 'write':
      if (ask.kind === 'write' && ask.form === 'square') {
        const names = all.map(makeSquareName).filter((name) => name !== solution.text);
        return [...names, '', 'j9', '12', 'ab', 'castle'].map((text) => ({ kind: 'write', text }));
      }
      return listOthers(fen, solution.text).map(({ san }) => ({ kind: 'write', text: san }));
    case 'play':
      if (ask.kind === 'play' && (ask.rules === 'wander' || ask.rules === 'way')) {
        // To and fro costs two moves more.
        const [first = ''] = solution.moves;
        const back = `${first.slice(2, 4)}${first.slice(0, 2)}`;
        const round: Answer = { kind: 'play', moves: [first, back, ...solution.moves], slips: 0 };
        // Told, a way that stops before its end is an answer too.
        const short: Answer = { kind: 'play', moves: solution.moves.slice(0, -1), slips: 0 };
        return ask.rules === 'way' ? [round, short] : [round];
      }
      if (ask.kind === 'play' && ask.rules === 'line')
        return [{ kind: 'play', moves: solution.moves.slice(0, -1), slips: 0 }];
      // The composer sees to it that one move alone is right.
      if (question.code === 'mate-by-name' || question.code === 'give-up') {
        return listMoves(fen)
          .filter((move) => move !== solution.moves[0])
          .map((move) => ({ kind: 'play', moves: [move], slips: 0 }));
      }
      // Where a game's move is asked for, other moves may be right too; those families have their own oracle.
      if (question.code !== 'play-written') return [];
      return listOthers(fen, question.san).map(({ move }) => ({ kind: 'play', moves: [move], slips: 0 }));
  }
}

/** Every order of a few things. */
function listOrders(items: readonly string[]): string[][] {
  if (items.length < 2) return [[...items]];
  return items.flatMap((item, at) => listOrders(items.toSpliced(at, 1)).map((rest) => [item, ...rest]));
}

/** Every legal move, as squares. */
function listMoves(fen: string | undefined): string[] {
  return fen === undefined ? [] : listLegalMoves(getPosition(fen)).map(makeMoveText);
}

/** Every legal move but one. */
function listOthers(fen: string | undefined, san: string) {
  if (fen === undefined) return [];
  const position = getPosition(fen);
  return listLegalMoves(position)
    .map((move) => ({ move: makeMoveText(move), san: makeSan(position, move) }))
    .filter((other) => other.san !== san);
}
