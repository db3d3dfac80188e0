import { SUPPORT_FACTS } from '../core/adapt/abilityOf.ts';
import { CAUTIONS } from '../core/adapt/cautions.ts';
import { DIAL_KINDS, type DialCode, type DialKind, PIECE_CODES } from '../core/adapt/dialKinds.ts';
import { COSTS, FLOOR_LIGHTNESS, HOUSE_FIGURES } from '../core/adapt/figures.ts';
import { speakIn } from '../core/formats/speak.ts';
import type { Demand, PurposeAction } from '../core/model/demand.ts';
import { LADDER_FIGURES } from '../core/model/skillLadder.ts';
import { SUPPORT_FAMILIES, type SupportFamily } from '../core/model/support.ts';
import { ACTION_WORDS, cautionWords, DEMAND_WORDS, DIAL_WORDS } from '../core/words/adapt.en.ts';
import { SKILL_WORDS } from '../core/words/skills.en.ts';
import { SUPPORT_FAMILY_WORDS, SUPPORT_WORDS } from '../core/words/supports.en.ts';
import { SKILL_LADDERS } from './ladders.ts';

const row = (...cells: string[]) => `| ${cells.join(' | ')} |`;
const table = (head: string[], rows: string[][]) => [row(...head), row(...head.map(() => '---')), ...rows.map((r) => row(...r))].join('\n');
const LEFT: Record<string, string> = { degree: '3 − degree', some: '4 − degree' };

function supports(): string {
  const families = Object.entries(SUPPORT_FAMILIES) as [SupportFamily, readonly (keyof typeof SUPPORT_FACTS)[]][];
  return families
    .map(([family, kinds]) => {
      const rows = kinds.map((kind) => {
        const { lowers = {}, limits = [] } = SUPPORT_FACTS[kind];
        const left = Object.entries(lowers).map(([d, to]) => `${DEMAND_WORDS[d as Demand]} ${LEFT[String(to)] ?? to}`);
        const no = limits.map((d) => `no ${DEMAND_WORDS[d]}`);
        return [`\`${kind}\``, SUPPORT_WORDS[kind], [...left, ...no].join(', ') || 'what is near or brought along, not a level'];
      });
      return `### ${SUPPORT_FAMILY_WORDS[family]}\n\n${table(['kind', 'words', 'what is left of 3, or a limit'], rows)}`;
    })
    .join('\n\n');
}

const inMeters = speakIn('m');

function dials(): string {
  const rows = Object.entries(DIAL_KINDS).map(([to, kind]: [string, DialKind]) => {
    const eases = Object.entries(kind.eases).map(([d, level]) => `${DEMAND_WORDS[d as Demand]} → ${level}`);
    const takes = [
      kind.adult && `an adult who may ${kind.adult}`,
      kind.classmate && 'a classmate who is asked',
      kind.lane && 'a lane',
      kind.open && 'open to all',
    ];
    return [
      `\`${to}\``,
      DIAL_WORDS[to as DialCode]('…', {}, inMeters.metres),
      eases.join(', ') || '–',
      (kind.loses ?? []).length === Object.keys(ACTION_WORDS).length
        ? 'the game'
        : (kind.loses ?? []).map((a: PurposeAction) => ACTION_WORDS[a]).join(', ') || '–',
      takes.filter(Boolean).join(', ') || '–',
      String(Math.round((COSTS[kind.tier] + (kind.more ?? 0)) * 100) / 100),
    ];
  });
  return table(['code', 'what is done', 'eases to', 'loses', 'takes', 'cost'], rows);
}

/** docs/adaptation.md: what matching works with, from the tables that it reads. */
export function adaptationPage(): string {
  const f = HOUSE_FIGURES;
  return `# Adaptation: how Side Court proposes a change

Written from the program's own tables by \`npm run adaptation\`; a test holds the two together.

**The teacher decides, with the student.** What is proposed here follows Side Court defaults. Local rules, the student's own plan, and licensed
practice come first. Side Court gives no medical advice and keeps no diagnosis: a care plan is pointed to, never written down.

## What is compared

A game asks for demands at a level from 1 to 3, by role and grade band; a student can meet each at 0 to 3 now. A demand is exceeded only if the
ability is below its level: equal is enough. Nothing exceeded means no change and no caution. What a format asks follows from its settings and
from what its gear is used for; a game's own record adds to that.

## Supports (the published list)

By function, each with a degree where it has one (1 a little, 2 much, 3 fully; 2 if nobody says). The least that any support leaves holds; a
teacher's refinement wins over it, except over a limit. **Limits are not dials**: no cost, spotter, adult, or refinement lifts one; the game must
not make that demand at all. Where two sources disagree, the limit or the stricter one holds, and it is shown. A date that passes asks again; it
lifts nothing. One student's limit binds everyone near: no latex, no small things, no louder signal than anyone there bears.

${supports()}

## Changes (dials)

The least change first, in the house's order of cost: open to all ${COSTS.open}, object ${COSTS.object}, implement ${COSTS.implement}, signal ${COSTS.signal}, target ${COSTS.target}, position ${COSTS.position}, space ${COSTS.space},
time ${COSTS.time}, rule ${COSTS.rule}, classmate ${COSTS.classmate}, adult ${COSTS.adult}, apart from the group ${COSTS.apart}, out of the game ${COSTS.leave}. A plan that loses what the game is for ranks behind every plan
that keeps it. What a student likes ranks before cost; what a student refuses is not proposed. No plan has a proper part that also works.

${dials()}

Changes that take a thing of the gear closet, or one that can be made of what is there: ${PIECE_CODES.map((c) => `\`${c}\``).join(', ')}.

**Never proposed**: moving a student out of their chair, tying anything to a body, moving a student's limb for them, being uncatchable, winning by
rule, a quiet corner first, brakes on in a moving task. Classmates are asked in turn; they never spot, lift, push a chair, or handle medicine.

## Pieces that work together

${table(
  ['rule', 'figure', 'source'],
  [
    ['implement at a grip or swing of 1, of 2', `at most ${f.implementG[0]} g, ${f.implementG[1]} g`, 'Side Court default'],
    ['grip thickness', `${f.gripMm[0]} to ${f.gripMm[1]} mm`, 'Side Court default'],
    [`face under ${f.narrowFaceM} m`, `object at least ${f.objectPerFace} × as wide`, 'Side Court default'],
    [`face under ${f.lightFaceG} g (card, foam)`, `object at most ${f.lightObjectG} g`, 'Side Court default'],
    ['contrast of object to floor', `at least ${f.contrast} of 100 in lightness (CIE 1976 L*)`, 'Side Court default'],
    [
      'lightness of floors',
      Object.entries(FLOOR_LIGHTNESS)
        .map(([k, v]) => `${k} ${v}`)
        .join(', '),
      'typical, house estimate',
    ],
    ['frame over a chair', `chair and ${f.frameM} m`, 'Side Court default'],
    ['loose balls beside wheels', `none of ${f.underWheelM[0]} to ${f.underWheelM[1]} m`, 'Side Court default'],
    ['what may get into a mouth', `at least ${f.mouthMm} mm; no loose bells, no balloons`, 'Side Court default'],
    ['own lane', `${f.laneWidthM} m wide, ${f.laneLengthM} m long`, 'Side Court default'],
    [
      'gap for wheels',
      `own width and ${f.besideWheelsM} m, at least 0.92 m`,
      'older published building-access minimum (0.915 m); local code decides',
    ],
    ['a tether in the hand', 'not with a swing', 'Side Court default'],
    ['latex unknown', 'counts as yes', 'Side Court default'],
  ],
)}

## Cautions

${CAUTIONS.map((caution) => `- ${cautionWords(caution, HOUSE_FIGURES, inMeters)}.`).join('\n')}

## Ladders

For each of ${SKILL_LADDERS.length} families of skills a grid of object × means × motion × distance, from the easiest value of each. One step changes one axis; a student's
own position is never a step. A student of whom nothing is known starts at the first value of every axis: slow, light, large, near. A school
changes its ladders on the page Skill ladders, and what was tried keeps its words.

${table(
  ['skill', 'object', 'with', 'motion', 'distance (m)'],
  SKILL_LADDERS.map((l) => [
    SKILL_WORDS[l.skill],
    l.object.join(' → '),
    l.implement.join(' → '),
    l.motion.join(' → '),
    l.distance.join(' → '),
  ]),
)}

Tries come from skill lanes and from marks on Whistle, each with the help it had: alone, a word, a model, a hand (only with the student's yes).
Counted from the decision for a step: after at least ${LADDER_FIGURES.tries} tries on at least ${LADDER_FIGURES.days} days, ${LADDER_FIGURES.upPercent}% made suggest less help first, then a harder step; ${LADDER_FIGURES.downPercent}% and
under suggest an easier step, or more help. A try with more help than agreed counts as not made. These are Side Court defaults; Settings change
them, and the teacher decides.

## What Settings change

The figures above and the order of cost. No setting lifts a limit, and leaving the game has no price to set: it comes last for everybody.

## Where practice differs

- **Seated with seated, or mixed with a rule that evens it.** Both are offered (\`level-opponent\`, \`more-time\`); a seated student is not moved to
  another group for it.
- **A classmate or an adult as a guide.** The classmate comes first here; a student who prefers the adult says so, and that ranks before cost.
- **Own distance for equal success, or one distance for all.** Open to all first, so that nobody is singled out.
- **Standing with a spotter, or seated.** For a student who stands with support, standing is their way to play and comes first; the chair is what is
  done while the adult is away.

## How plans are found

For one student in one block the least sets of changes are searched depth first, the demand with the fewest answers first, a fixed number of sets.
For all students of one moment the best choice is exact by branch and bound (A. H. Land, A. G. Doig 1960) over the closet's counts, the adults, free
lanes, and classmates. Of students with equal records a scarce thing goes to the lowest id, and the desk offers to give it to the other one.
\`npm run bench adapt\` prints every game against every profile, and the exact optimum (HiGHS) beside it.
`;
}
