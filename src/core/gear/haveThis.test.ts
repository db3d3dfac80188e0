import { expect, it } from 'vitest';
import { GEAR_CATALOGUE } from '../../content/gearKinds.ts';
import { Gear } from '../model/gear.ts';
import { newHeader } from '../model/record.ts';
import { maybeThis } from './haveThis.ts';

const gear = (name: string, gearKind: string, count = 3) =>
  Gear.parse({ ...newHeader('gear', 2), id: name.replaceAll(' ', '-'), name, gearKind, count, place: '' });

it('looks for what is meant by a kind among what nobody has said a kind of, then in its family, then in all that is there', () => {
  const closet = [
    gear('Benches', 'bench'),
    gear('Soft net', 'low net'),
    gear('Whatsits', 'other'),
    gear('Big nets', 'other'),
    gear('Long nets', 'long net'),
    gear('Hurdles', 'hurdle'),
    gear('Lost things', 'other', 0),
    gear('Sticks of ours', 'no longer a kind'),
  ];
  expect(maybeThis('long net', closet, GEAR_CATALOGUE).map((g) => g.name)).toEqual([
    'Big nets',
    'Soft net',
    'Whatsits',
    'Sticks of ours',
    'Hurdles',
    'Benches',
  ]);
  expect(maybeThis('long net', [], GEAR_CATALOGUE)).toEqual([]);
});
