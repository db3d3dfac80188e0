import { describe, expect, it } from 'vitest';
import { demoDesk } from '../../content/desk.fixture.ts';
import { type Finding, findingKey } from '../model/finding.ts';
import { readinessWords } from '../words/facts.en.ts';
import { isReady, readinessOf } from './readiness.ts';

const desk = demoDesk();
const finding = (code: string, weight: Finding['weight']): Finding => ({ code, weight, at: {}, data: {} }) as Finding;
const said = (findings: Finding[], kept: Finding[] = [], blocks = desk.lesson.blocks) => {
  const lesson = { ...desk.lesson, blocks, accepted: kept.map((f) => ({ key: findingKey(f), reason: 'so' })) };
  const readiness = readinessOf({ lesson }, { findings } as never);
  return [readinessWords(readiness), isReady(readiness)];
};

describe('a lesson', () => {
  const stop = finding('over-time', 'stop');
  const caution = finding('long-line', 'caution');

  it('is ready with nothing to fix, notes aside, and with a caution that was kept', () => {
    expect(said([finding('spare-time', 'note')])).toEqual(['ready', true]);
    expect(said([caution], [caution])).toEqual(['ready', true]);
    expect(said([caution, stop])).toEqual(['2 to fix', false]);
  });

  it('is never ready with a stop, kept or not, or without a game', () => {
    expect(said([stop], [stop])).toEqual(['1 stop kept', false]);
    expect(said([stop, finding('nobody-plays', 'stop')], [stop])).toEqual(['1 to fix', false]);
    expect(
      said(
        [],
        [],
        desk.lesson.blocks.filter((b) => !b.game),
      ),
    ).toEqual(['no game yet', false]);
  });
});
