/** Cards for a simulated class: the demo's children of that class, and as many invented ones beside them as are wanted. */
import { v5 as uuidOf } from 'uuid';
import { KEY_PICTURES } from '@/contracts/people';
import { createRandom, pickOne } from '@/core/shared';
import type { CoachActor } from '@/server/auth/actors';
import { closeDb } from '@/server/db';
import { addStudent, getClassPage, listOwnClasses } from '@/server/services/classes';
import { getCoachActor } from '@/server/services/coaches';
import { DEMO_STUDENTS } from '../demo/people';
import { Advice } from '../say';
import type { SimCard } from './simSeat';

const NAMESPACE = '0d7f4c1e-93b0-4a55-8f1a-2f7f6f1e6a02';

/** Invented nicknames; a number tells those of a second round apart. */
const NAMES = [
  'Amber',
  'Bramble',
  'Cinder',
  'Dapple',
  'Ember',
  'Fidget',
  'Gull',
  'Hazel',
  'Indigo',
  'Jasper',
  'Kelp',
  'Lark',
  'Mallow',
  'Nettle',
  'Olive',
  'Pebble',
  'Quince',
  'Rowan',
  'Sorrel',
  'Tansy',
  'Umber',
  'Vetch',
  'Willow',
  'Yarrow',
];

/** Makes sure that the class has so many children with known cards, and prints the cards as JSON. */
export async function printSimCards(leadName: string, className: string, children: number): Promise<void> {
  try {
    process.stdout.write(
      `${JSON.stringify(await makeCards(await getCoachActor(leadName), className, children))}\n`,
    );
  } finally {
    await closeDb();
  }
}

async function makeCards(lead: CoachActor, className: string, children: number): Promise<SimCard[]> {
  const classes = await listOwnClasses(lead);
  const found = classes.find(({ name }) => name === className);
  if (found === undefined)
    throw new Advice(
      `There is no class "${className}" now. There are: ${classes.map(({ name }) => name).join(', ')}.`,
    );
  const page = await getClassPage(lead, found.classId);
  if (!page.ok) throw new Error(`the class was refused: ${page.error.code}`);
  const { joinCode, students } = page.value;
  const known = students.flatMap(({ studentId, name }): SimCard[] => {
    const one = DEMO_STUDENTS.find((student) => student.name === name);
    return one === undefined ? [] : [{ name, studentId, joinCode, key: one.key, strength: one.strength }];
  });
  const cards = known.slice(0, children);
  for (let index = 0; cards.length < children; index += 1) {
    cards.push(await addSimulated(lead, found.classId, joinCode, index));
  }
  return cards;
}

async function addSimulated(
  lead: CoachActor,
  classId: Parameters<typeof addStudent>[1]['classId'],
  joinCode: string,
  index: number,
): Promise<SimCard> {
  const random = createRandom(1000 + index);
  const round = Math.floor(index / NAMES.length);
  const name = `${NAMES[index % NAMES.length] ?? ''}${round === 0 ? '' : ` ${round + 1}`}`;
  const key = Array.from({ length: 3 }, () => pickOne(random, KEY_PICTURES));
  const added = await addStudent(lead, {
    requestId: uuidOf(`class ${classId} child ${index}`, NAMESPACE),
    classId,
    name,
    key,
  });
  if (!added.ok) throw new Error(`a simulated child was refused: ${added.error.code}`);
  return { name, studentId: added.value.studentId, joinCode, key, strength: 0.3 + 0.6 * random() };
}
