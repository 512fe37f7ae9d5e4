import { describe, expect, test } from '@jest/globals';
import {
  NOTHING_PLANNED,
  aBreaker,
  aCircuit,
  aPanel,
  aTaskOf,
  aVisitPlan,
  aVisitTask,
  uuid,
  visitIn,
} from '../../testing/index.ts';
import { STEPS, visitPlan, walk, type VisitFact } from '../../visit/work/index.ts';
import type { PlannedPanel, Planning } from '../planning/index.ts';
import {
  dueTasks,
  homeownerGuide,
  learntFactor,
  leavingSteps,
  minutesOff,
  minutesTaken,
  noticeOf,
  noticeText,
  ratingForWire,
  sheetLines,
  shutdownOf,
  standsAs,
  stepWords,
  taskEnds,
  tasksOf,
  toolsFor,
  visitOrder,
  type DecidedBreaker,
} from './index.ts';

let count = 0;
const newId = () => uuid(5000 + count++);

const at = (space: number, label: string, change: object = {}) => ({
  breaker: aBreaker({ id: uuid(space), space, ...change }),
  circuit: aCircuit({ breakerId: uuid(space), label }),
  measuredAmps: null,
});
const main = {
  breaker: aBreaker({ id: uuid(99), role: 'main', space: null, poles: 2, ratingAmps: 100 }),
  circuit: null,
  measuredAmps: null,
};
const planned = (change: Partial<PlannedPanel> = {}): PlannedPanel => ({
  panel: aPanel({ id: uuid(700), spaces: 12 }),
  breakers: [main, at(1, 'Loft lights'), at(2, 'Press', { poles: 2 }), at(5, 'Oven')],
  ...NOTHING_PLANNED,
  ...change,
});
const planning = (...panels: PlannedPanel[]): Planning => ({
  site: {
    id: uuid(800),
    name: 'Shed',
    note: '',
    zone: null,
    demo: false,
    version: 0,
    createdAt: '2026-11-01T10:00:00.000Z',
  },
  panels,
});
const decided = (
  space: number,
  action: DecidedBreaker['decision']['action'],
  toAmps: number | null = null,
  stop = false,
) => ({
  breaker: { id: uuid(space) },
  decision: { action, toAmps, headline: `About ${space}`, because: `Seen at ${space}.`, stop, repair: null },
});
const proposal = (content: object) => ({
  entryId: uuid(1000),
  at: '2026-11-01T10:00:00.000Z',
  simulated: false,
  content: {
    ...{
      title: 'Kiln',
      breakerId: null,
      poles: 2 as const,
      ratingAmps: 30,
      kind: 'standard' as const,
      place: null,
    },
    ...{ steps: [], conductor: null, lengthM: null, reasons: [] },
    ...content,
  },
});

describe('what is due at a panel', () => {
  test('decisions that open the cover are work of a visit; those of the service and of danger are told apart', () => {
    const due = dueTasks(
      planned(),
      [
        decided(1, 'size-down', 15),
        decided(2, 'remake-joint'),
        decided(5, 'make-safe-and-call', null, true),
        decided(99, 'replace-main'),
        decided(77, 'replace-breaker'),
      ],
      newId,
    );
    expect(due.map(({ tasks, notHere }) => [tasks[0]?.work, notHere !== null])).toEqual([
      ['replace', false],
      ['remake-joint', false],
      [undefined, true],
      [undefined, true],
    ]);
    expect(due[0]!.tasks[0]).toMatchObject({ ratingAmps: 15, space: 1, breakerId: uuid(1) });
    expect(due[0]!.because).toBe('Seen at 1.');
    expect(due[1]!.tasks[0]!.partId).toBeNull();
    const tasks = tasksOf(due, new Set(due.map(({ key }) => key)));
    expect(visitPlan.safeParse({ tasks, off: 'its main breaker', minutes: 30 }).success).toBe(true);
  });

  test('a proposal brings what moves first, and a new circuit is connected', () => {
    const steps = [
      { breakerId: uuid(5), to: { space: 9, half: null }, as: 'move' as const },
      { breakerId: uuid(1), to: { space: 11, half: 'upper' as const }, as: 'narrow' as const },
    ];
    const [due] = dueTasks(
      planned({ proposals: [proposal({ place: { space: 5, half: null }, steps })] }),
      [],
      newId,
    );
    expect(due!.tasks.map(({ work, space, from, half }) => [work, space, from, half])).toEqual([
      ['move', 9, 5, null],
      ['replace', 11, null, 'upper'],
      ['new-breaker', 5, null, null],
    ]);
    const [moved] = dueTasks(
      planned({
        proposals: [
          proposal({ breakerId: uuid(1), poles: 1, ratingAmps: 20, place: { space: 7, half: null } }),
        ],
      }),
      [],
      newId,
    );
    expect(moved!.tasks[0]).toMatchObject({ work: 'move', from: 1, space: 7, proposalId: uuid(1000) });
    const [gone] = dueTasks(planned({ proposals: [proposal({ breakerId: uuid(66) })] }), [], newId);
    expect(gone!.notHere).toMatch(/no longer in the panel/);
  });

  test('nothing is done twice at one place', () => {
    const due = dueTasks(
      planned({ proposals: [proposal({ breakerId: uuid(1), poles: 1, ratingAmps: 15 })] }),
      [decided(1, 'replace-breaker')],
      newId,
    );
    expect(tasksOf(due, new Set(due.map(({ key }) => key)))).toHaveLength(1);
    expect(tasksOf(due, new Set())).toEqual([]);
  });
});

describe('a shutdown', () => {
  const sub = planned({
    panel: aPanel({ id: uuid(701), name: 'Flat', spaces: 8, fedByBreakerId: uuid(2) }),
    breakers: [at(21, 'Solar inverter')],
  });

  test('says what makes it dead, what goes dark with it, and what else might feed it', () => {
    const site = planning(planned(), sub);
    expect(shutdownOf(site, site.panels[0]!)).toMatchObject({
      off: 'its main breaker',
      meterPulled: null,
      sources: ['solar'],
      dark: [{ circuits: ['Loft lights', 'Press', 'Oven'] }, { panel: 'Flat' }],
    });
    expect(shutdownOf(site, sub).off).toMatch(/^the breaker that feeds it, 2–4 in /);
    expect(visitOrder(site).map(({ panel }) => panel.id)).toEqual([uuid(701), uuid(700)]);
  });

  test('without a single main the utility pulls the meter', () => {
    const split = planned({ panel: aPanel({ id: uuid(702), splitAt: 5 }), breakers: [at(1, 'Range')] });
    expect(shutdownOf(planning(split), split).meterPulled).toMatch(/without a single main/);
    const unknown = planned({ panel: aPanel({ id: uuid(703) }), breakers: [at(1, 'Range')] });
    expect(shutdownOf(planning(unknown), unknown).meterPulled).toMatch(/No main is on record/);
  });

  test('what hangs on feed-through lugs goes dark with all of what feeds it', () => {
    const lugs = planned({ panel: aPanel({ id: uuid(704), fedThroughPanelId: uuid(700) }), breakers: [] });
    const { off, dark } = shutdownOf(planning(planned(), lugs), lugs);
    expect([off.startsWith('the main of'), dark.length]).toEqual([true, 2]);
  });
});

describe('how long, and who is told', () => {
  test('a plain swap is half an hour; earlier visits move it slowly, none by more than four times', () => {
    expect([
      minutesOff(['replace'], 1),
      minutesOff(['replace', 'replace'], 1),
      minutesOff(['replace'], 1.5),
    ]).toEqual([30, 45, 45]);
    expect([learntFactor([]), learntFactor([{ usual: 30, took: 60 }])]).toEqual([1, 1.25]);
    expect(learntFactor([{ usual: 30, took: 3000 }])).toBe(7 / 4);
  });

  test('the notice names what is off, from when to when, and who must not be without', () => {
    const told = {
      minutes: 45,
      dark: [
        { panel: 'Main', circuits: ['Oven'] },
        { panel: 'Flat', circuits: [] },
      ],
      dependents: ['aquarium'],
    };
    const text = noticeText(noticeOf({ ...told, when: { from: 'Monday 9:00', until: '9:45' } }));
    for (const part of [
      'Power will be off from Monday 9:00 to about 9:45, 45 minutes',
      '- Main: Oven',
      'every circuit in it',
      '- aquarium',
    ])
      expect(text).toContain(part);
    expect(noticeOf({ ...told, when: null }).when).toMatch(/^Power will be off for about 45 minutes/);
  });

  test('tools go by the work, and a homeowner is never led to the cover', () => {
    const aluminum = aVisitTask({
      conductor: { gauge: '12', material: 'aluminum', insulationC: 75, cable: 'nm' },
    });
    expect(toolsFor([aluminum])).toContain('Antioxidant compound for aluminum');
    expect(toolsFor([aVisitTask({ work: 'new-breaker' })]).join()).toMatch(/cable connectors/);
    const guide = homeownerGuide({ count: 2, minutes: 45, off: 'its main breaker' });
    const said = Object.values(guide).flat().join(' ');
    expect(said).not.toMatch(/\b(open|remove|take off) the cover/i);
    expect(said).toContain('does 2 tasks');
  });
});

describe('the largest breaker for a wire', () => {
  test.each([
    ['14', 'copper', 15],
    ['12', 'copper', 20],
    ['10', 'copper', 30],
    ['12', 'aluminum', 15],
    ['6', 'copper', 60],
  ] as const)('%s %s: %i A', (gauge, material, amps) => {
    const { ratingAmps, reason } = ratingForWire({ gauge, material }, false);
    expect(ratingAmps).toBe(amps);
    expect(reason).toContain(`at most ${amps} A`);
  });
});

describe('a visit line by line', () => {
  const plan = {
    ...aVisitPlan({ tasks: [aVisitTask({ kind: 'dual', neutral: 'pigtail' })] }),
    visitId: uuid(1),
  };
  const rows = (facts: readonly VisitFact[]) =>
    facts.map((fact, n) => ({
      entryId: uuid(2000 + n),
      n,
      at: new Date(Date.UTC(2026, 10, 30, 9, n)).toISOString(),
      simulated: true,
      fact,
    }));

  test('every fact has words and its figure with a unit, and its time off is counted', () => {
    const steps = rows([
      ...visitIn('none', plan).facts.slice(0, -1),
      { is: 'proof', id: uuid(1), proof: 'current', amps: 6.4 },
      { is: 'proof', id: uuid(1), proof: 'temperature', surfaceC: 28, ambientC: 21 },
      { is: 'finished' },
    ]);
    const lines = sheetLines({ plan, steps });
    expect(lines).toHaveLength(steps.length);
    expect(lines.every(({ what }) => what.length > 3)).toBe(true);
    expect(lines.find(({ what }) => what.startsWith('Current'))!.figure).toBe('6.4 A');
    expect(lines.find(({ what }) => what.includes('hot wire'))!.figure).toBe('25 lb·in');
    expect(lines.some(({ where }) => where === 'Load side of the main')).toBe(true);
    expect(standsAs({ plan, steps })).toBe('finished');
    expect(minutesTaken(steps)).toBe(steps.findIndex(({ fact }) => fact.is === 'main-on') - 3);
    expect(taskEnds({ plan, steps })).toEqual([
      {
        label: 'Loft lights',
        place: 'space 7',
        became: 'New breaker installed, 15 A, verified',
        isProved: true,
      },
    ]);
  });

  test('what was live, and what was left, is told', () => {
    const steps = rows(visitIn('main-welded', plan).facts);
    expect(standsAs({ plan, steps })).toBe('left');
    expect(sheetLines({ plan, steps }).find(({ trouble }) => trouble !== null)!.trouble).toMatch(
      /load side of the main is energized/,
    );
    expect(taskEnds({ plan, steps })[0]).toMatchObject({ became: 'Not done', isProved: false });
    expect(standsAs({ plan, steps: [] })).toBe('planned');
    expect(minutesTaken([])).toBeNull();
  });

  test('work at the panel is told by its name, and is done when its steps are', () => {
    const atPanel = aVisitPlan({
      tasks: (['fill-openings', 'inspect'] as const).map((work) => aTaskOf(work, { id: work })),
    });
    const { facts } = visitIn('none', atPanel);
    expect(taskEnds({ plan: { ...atPanel, visitId: uuid(900) }, steps: rows(facts) })).toEqual([
      { label: 'Install filler plates', place: 'Panel', became: 'Open slots filled', isProved: true },
      { label: 'Inspect the inside', place: 'Panel', became: 'Inside inspected', isProved: true },
    ]);
  });

  test('from everywhere it says how to leave the panel safe', () => {
    const { facts } = visitIn('none', plan);
    for (let i = 0; i <= facts.length; i++) {
      const { state } = walk(plan, facts.slice(0, i));
      const steps = leavingSteps(plan, state);
      expect(steps.length).toBeGreaterThan(0);
      expect(steps.join().includes('Put the cover on')).toBe(!state.gates.coverOn);
      if (!state.gates.mainOn && state.tasks[0]!.done.size > 0 && !state.gates.swapped.has(uuid(1)))
        expect(steps.join()).toMatch(/The main stays off, locked out and tagged/);
    }
  });

  test('each step has words for one pole and for two', () => {
    for (const poles of [1, 2] as const) {
      const task = aVisitTask({ poles, neutral: 'plug-on' });
      const [state] = walk(aVisitPlan({ tasks: [task] }), []).state.tasks;
      for (const step of STEPS) {
        const { title, how, done } = stepWords(step, task, state!);
        expect([title, done, ...how].every((text) => text.length > 3)).toBe(true);
      }
      expect(stepWords('free', task, state!).title).toBe(
        poles === 2 ? 'Disconnect its wires' : 'Disconnect its wire',
      );
    }
  });
});
