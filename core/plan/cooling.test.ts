/** Logs of cooling by each regime's own rule: only readings pass, and a doubt is no pass. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { RegimeId } from '../regime/regime.ts';
import { coolingOf } from './cooling.ts';
import type { Point } from './slab.ts';

/** '0:57 60:36' as readings. */
const log = (text: string): Point[] =>
  text.split(' ').map((one) => {
    const [minutes, celsius] = one.split(':').map(Number) as [number, number];
    return { minutes, celsius };
  });
const verdict = (regime: RegimeId, text: string, from?: number) =>
  coolingOf({ regime, readings: log(text), ...(from === undefined ? {} : { from }) });

describe('the two-stage rule (FDA Food Code 3-501.14)', () => {
  test.each([
    ['in time in both', '0:57 50:38 100:21 220:11 350:5', 'passes'],
    ['on the minute in both', '0:57 120:21 360:5', 'passes'],
    ['21 C a minute late', '0:57 121:21 300:5', 'fails'],
    ['21 C between two readings, too late', '0:57 80:35 160:16 300:4', 'fails'],
    ['5 C after seven hours', '0:57 100:20 300:8 420:5', 'fails'],
    ['two hours gone and still 25', '0:57 60:40 121:25', 'fails'],
    ['six hours gone and still 7', '0:57 100:20 361:7', 'fails'],
    ['going well, not over', '0:57 60:36', 'open'],
    ['the first stage over, the second not', '0:57 100:20 200:11', 'open'],
    ['one reading', '0:57', 'open'],
    ['still hot', '0:80 20:70', 'open'],
  ])('%s', (_, text, wanted) => {
    expect(verdict('us', text).verdict).toBe(wanted);
  });

  test('the clock starts at the last fall through 57 C, not with the first reading', () => {
    const { verdict: found, stages } = verdict('us', '0:90 60:63 90:58 100:57 215:21 400:5');
    expect(found).toBe('passes');
    expect(stages.map(({ tookMin }) => tookMin)).toEqual([115, 300]);
  });

  test('a dip in the hot cupboard that came back up starts nothing', () => {
    expect(verdict('us', '0:70 40:55 60:66 200:57 300:21 500:5').verdict).toBe('passes');
  });

  test('a log that begins at 50 C cannot pass: nobody saw it fall through 57', () => {
    const seen = verdict('us', '0:50 60:20 200:5');
    expect(seen.verdict).toBe('open');
    expect(seen.stages.every(({ tookMin }) => tookMin === null)).toBe(true);
    expect(seen.advice.join(' ')).toMatch(/Nobody saw/);
    // And what is too slow even so fails.
    expect(verdict('us', '0:50 130:22 140:20').verdict).toBe('fails');
  });

  test('one reading of the air is not counted, and told', () => {
    const spiked = verdict('us', '0:57 40:45 50:4 60:41 150:26 230:20');
    expect(spiked.verdict).toBe('fails');
    expect(spiked.advice.join(' ')).toMatch(/4 at 50 min looks like a probe out of the soup/);
    expect(verdict('us', '0:57 90:22 95:3').verdict).toBe('open');
  });

  test('one hot reading in the middle starts no new clock by itself', () => {
    const wall = verdict('us', '0:57 60:40 90:80 130:36 190:20 400:5');
    expect(wall.verdict).toBe('open');
    expect(wall.advice.join(' ')).toMatch(/80 at 90 min.*does not tell/);
    // Seen twice it was heated through.
    expect(verdict('us', '0:57 60:40 90:80 95:78 110:57 200:20 400:5').verdict).toBe('passes');
  });

  test('readings that come out of order are put in order', () => {
    expect(verdict('us', '350:5 0:57 220:11 100:21 50:38').verdict).toBe('passes');
  });

  test('cooled well, then warm again: told, and no pass where it is warmer than 21', () => {
    expect(verdict('us', '0:57 100:20 300:5 600:9').advice.join(' ')).toMatch(/at 9 C again/);
    expect(verdict('us', '0:57 100:20 300:5 600:30').verdict).toBe('open');
  });

  test('heated again in time and hot enough, the second cooling is judged; too late or too cool, it fails', () => {
    expect(verdict('us', '0:57 130:25 150:76 160:57 250:20 420:5').verdict).toBe('passes');
    expect(verdict('us', '0:57 130:25 150:60 160:57 250:20 420:5').verdict).toBe('fails');
    expect(verdict('us', '0:57 130:25 600:20 630:80 640:57 700:20 900:5').verdict).toBe('fails');
  });

  test('a second cooling that is too slow fails, however well the first went', () => {
    expect(verdict('us', '0:57 100:20 300:4 1440:4 1470:76 1500:57 1660:30 1700:22 1720:20 1800:5').verdict).toBe('fails');
  });

  test('food made cold at room temperature has four hours to 5 C', () => {
    expect(verdict('us', '0:21 120:12 230:5', 21)).toMatchObject({ verdict: 'passes', stages: [{ from: 21, to: 5, withinMin: 240, tookMin: 230 }] });
    expect(verdict('us', '0:21 120:12 250:5', 21).verdict).toBe('fails');
    expect(verdict('us', '0:21 120:12', 21).verdict).toBe('open');
    expect(verdict('ca', '0:21 120:12 230:4', 21).verdict).toBe('open');
  });
});

describe('other rules', () => {
  test('Canada ends at 20 and 4 C, from 60', () => {
    expect(verdict('ca', '0:60 119:20.5 123:19.5 300:4').verdict).toBe('fails');
    expect(verdict('ca', '0:60 110:20 340:4').verdict).toBe('passes');
  });
  test('Australia and New Zealand give four hours more from 21 to 5 C, however quick the first two were', () => {
    expect(verdict('anz', '0:60 60:21 310:5').verdict).toBe('fails');
    const whole = verdict('anz', '0:60 110:21 345:5');
    expect(whole.verdict).toBe('passes');
    expect(whole.stages.map(({ tookMin }) => tookMin)).toEqual([110, 235]);
  });
  test('the United Kingdom chills within ninety minutes, by good practice', () => {
    expect(verdict('uk', '0:63 40:30 85:7').verdict).toBe('passes');
    expect(verdict('uk', '0:63 40:40 95:10').verdict).toBe('fails');
  });
  test('the European Union has no figure: nothing is judged and nothing borrowed', () => {
    const { verdict: found, stages, advice, source } = verdict('eu', '0:63 30:20 60:4');
    expect(found).toBe('open');
    expect(stages).toEqual([]);
    expect(advice.join(' ')).toMatch(/national code/);
    expect(source).not.toMatch(/FDA|Canada/);
  });
});

describe('what is predicted', () => {
  const hot: Point[] = [{ minutes: 0, celsius: 57 }];
  test('warns in words with what helps, and passes nothing', () => {
    const slow = coolingOf({ regime: 'us', readings: hot, container: { depthCm: 5, covered: true, air: 'still' } });
    expect(slow.verdict).toBe('open');
    expect(slow.advice.join(' ')).toMatch(/3\.8 h from 57 to 21 C, and 2 h are allowed: leave the lid off .*3 cm deep .*ice bath/);
    const ice = coolingOf({ regime: 'us', readings: hot, container: { depthCm: 5, covered: false, air: 'iceBath' } });
    expect(ice.verdict).toBe('open');
    expect(ice.advice.join(' ')).not.toMatch(/By the estimate/);
  });
  test('is silent about 3 cm open in moving air', () => {
    const { advice } = coolingOf({ regime: 'us', readings: hot, container: { depthCm: 3, covered: false, air: 'moving' } });
    expect(advice.join(' ')).not.toMatch(/By the estimate/);
  });
});

test('whatever the log, no pass without a reading at the end of every stage in its time', () => {
  const reading = fc.record({ minutes: fc.integer({ min: 0, max: 600 }), celsius: fc.integer({ min: 0, max: 90 }) });
  fc.assert(
    fc.property(fc.constantFrom<RegimeId>('us', 'uk', 'ca', 'anz', 'eu'), fc.array(reading, { maxLength: 8 }), (regime, readings) => {
      const { verdict: found, stages } = coolingOf({ regime, readings });
      if (found !== 'passes') return;
      expect(stages.length).toBeGreaterThan(0);
      for (const { tookMin, withinMin, to } of stages) {
        expect(tookMin).not.toBeNull();
        expect(tookMin as number).toBeLessThanOrEqual(withinMin + 1e-6);
        expect(readings.some(({ celsius }) => celsius <= to)).toBe(true);
      }
    }),
    { numRuns: 1000, seed: 5 },
  );
});
