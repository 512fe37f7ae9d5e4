import { describe, expect, test } from '@jest/globals';
import request from 'supertest';
import { testApp } from '../testing/index.ts';

const { app } = await testApp();
const ask = (name: string, body: object) => request(app).post(`/api/v1/compute/${name}`).send(body);

describe('the compute API', () => {
  test('power', async () => {
    const { status, body } = await ask('power', { volts: 120, amps: 2, watts: 144 });
    expect(status).toBe(200);
    expect(body).toEqual({ voltAmperes: 240, powerFactor: 0.6 });
  });

  test('trip-window, with its defaults', async () => {
    const { body } = await ask('trip-window', { ratingAmps: 20, amps: 40 });
    expect(body).toMatchObject({ multiple: 2, region: 'will-trip' });
    expect(body.slowestSeconds).toBeCloseTo(120, 3);
  });

  test('sizing', async () => {
    const { body } = await ask('sizing', {
      rules: 'split',
      conductor: { gauge: '14', material: 'copper', insulationC: 90, cable: 'nm' },
      terminalC: 60,
      loads: [{ id: 'press', amps: 12.5, continuous: false }],
      breakerAmps: 20,
      portableReceptacles: true,
    });
    expect(body).toMatchObject({
      decision: 'size-down',
      recommendedAmps: 15,
      interimAmps: 15,
      ampacity: 15,
      loadAmps: 12.5,
    });
    expect(body.reasons[0].code).toBe('conductor-unprotected');
  });

  test('heat', async () => {
    const points = [
      { id: 'a', surfaceC: 52, amps: 10, ratingAmps: 20 },
      { id: 'b', surfaceC: 30, amps: 10, ratingAmps: 20 },
    ];
    const { body } = await ask('heat', { ambientC: 22, points });
    expect(body.points[0]).toMatchObject({ id: 'a', riseC: 30, overPeersC: 22, grade: 'urgent' });
    // Whoever asks over HTTP reads sentences, not their quantities.
    expect(JSON.stringify(body)).toContain('22 °C above similar parts');
    expect(JSON.stringify(body)).not.toMatch(/[⟦⟧]/);
  });

  test('thermal-spots takes a picture of several megabytes; other questions may not be so long', async () => {
    const [width, height] = [640, 480];
    const celsius = Array.from({ length: width * height }, (_, cell): number =>
      cell % 977 === 0 ? 30.125 : 21.375,
    );
    celsius[100 * width + 200] = celsius[100 * width + 201] = 55;
    const picture = { width, height, celsius, ambientC: 21 };
    const { status, body } = await ask('thermal-spots', picture);
    expect(status).toBe(200);
    expect(body.spots[0]).toMatchObject({ cells: 2, hottest: { x: 200, y: 100 }, space: null });
    expect((await ask('heat', picture)).status).toBe(413);
    expect((await ask('thermal-spots', { ...picture, more: 'x'.repeat(7_000_000) })).status).toBe(413);
  });

  test('panel-review', async () => {
    const { body } = await ask('panel-review', { evidence: ['several-over-15', 'open-hole'] });
    expect(body).toMatchObject({
      verdict: 'settle',
      failingKinds: ['heat'],
      repairs: ['open-hole'],
      wouldSettle: ['heard', 'currents', 'behaviour'],
    });
  });

  test.each([
    ['power', { volts: 120, amps: 10, watts: 2000 }, 'watts'],
    ['power', { volts: '120', amps: 10 }, 'volts'],
    ['trip-window', { ratingAmps: 0, amps: 40 }, 'ratingAmps'],
    ['heat', { ambientC: 900, points: [] }, 'ambientC'],
    ['heat', { ambientC: 20, points: [{ id: '', surfaceC: 30, amps: 1, ratingAmps: 15 }] }, 'points.0.id'],
    ['sizing', {}, 'rules'],
    ['thermal-spots', { width: 2, height: 2, celsius: [20], ambientC: 20 }, 'celsius'],
    ['panel-review', { evidence: ['damp', 'damp'] }, 'evidence.1'],
  ])('bad input to %s is told at its field: %j', async (name, body, path) => {
    const answer = await ask(name, body);
    expect(answer.status).toBe(400);
    expect(answer.body.error.code).toBe('invalid_input');
    expect(answer.body.error.issues.map((issue: { path: string }) => issue.path)).toContain(path);
    expect(JSON.stringify(answer.body)).not.toMatch(/[⟦⟧]/);
  });
});
