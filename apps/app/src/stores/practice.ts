import type { Entry } from '@zero-point/core/records/kinds/entry';
import type { Lesson } from '@zero-point/core/practice/lessons/lesson';
import { ownPlay, type OwnMachine } from '@zero-point/core/practice/lessons/ownPlay';
import { lessonById } from '@zero-point/core/practice/lessons/lessons';
import { act } from '@zero-point/core/practice/mill/reduceMill';
import type { MillAct } from '@zero-point/core/practice/mill/millAct';
import { hide } from '@zero-point/core/practice/mill/hiddenTruth';
import { createMill, type Mill } from '@zero-point/core/practice/mill/mill';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { create } from 'zustand';
import { deviceStorage, keysOf, PRACTICE as SESSION } from '../cache/deviceStorage';
import { hasFields, isListOf, isRecord, isText } from '../cache/shapes';
import { setAsideStored, readStoredJson, storeLocally } from '../cache/storedJson';
import { logPracticeBy, PRACTICE_ID } from '../commands/practiceLog';
import { keptMachine } from './ownMachines';
import { useDrafts } from './routineDrafts';
import { useSettings } from './settings';
import { tellStored } from './tellStored';

/** One time through a lesson: everything that was done and logged, so that it stands again after a reload. */
interface Session {
  begun: string;
  /** The unit its notebook and its scales are in; mm where it is left out. */
  unit?: LengthUnit;
  /** The shop's machine it is on, as that was when it began, where it is on one. */
  own?: OwnMachine;
  acts: MillAct[];
  entries: Entry[];
}

export interface RunningSession extends Session {
  id: string;
  seed: number;
  lesson: Lesson;
  mill: Mill;
  /** What was logged there before this session began. */
  given: readonly Entry[];
}

interface PracticeState {
  running: RunningSession | undefined;
  /** The unit that lessons begin in. */
  unit: LengthUnit;
  chooseUnit: (unit: LengthUnit) => void;
  /** Goes on with a session, or begins it; undefined where there is no such lesson. */
  open: (id: string) => RunningSession | undefined;
  do: (id: string, what: MillAct) => void;
  log: (id: string, entry: Entry) => void;
}

const UNIT = 'zero-point.practised-in';

/** So many sessions are kept that can be gone on with. */
const OPEN = 5;

const isBegun = (value: unknown): value is { begun?: string } =>
  hasFields(value, { begun: (begun) => begun === undefined || isText(begun) });

const isUnit = (value: unknown): value is LengthUnit => value === 'mm' || value === 'in';

const isSession = (value: unknown): value is Session =>
  hasFields(value, {
    begun: isText,
    unit: (unit) => unit === undefined || isUnit(unit),
    own: (own) => own === undefined || isRecord(own),
    acts: isListOf((act) => hasFields(act, { do: isText })),
    entries: isListOf((entry) => hasFields(entry, { kind: isText, body: isRecord })),
  });

/** Whether there is a lesson by this id of a setup. */
export function isLesson(setupId: string): boolean {
  const name = PRACTICE_ID.exec(setupId)?.[1] ?? '';
  return (lessonById(name) ?? keptMachine(name)) !== undefined;
}

/** An id for a lesson on a mill of this seed. */
export const practiceId = (lesson: string, seed: number): string => `practice-${lesson}-${seed}`;

/** Lets go of the sessions that were begun longest ago. */
function letGoOfOld(): void {
  const old = keysOf(deviceStorage, SESSION)
    .map((key) => ({ key, begun: readStoredJson<{ begun?: string }>(key, {}, isBegun).begun ?? '' }))
    .sort((a, b) => b.begun.localeCompare(a.begun))
    .slice(OPEN);
  for (const { key } of old) {
    deviceStorage.removeItem(key);
    useDrafts.getState().forget(key.slice(SESSION.length));
  }
}

/** As it was chosen here, else as new setups begin. */
const unitKept = (): LengthUnit => readStoredJson<LengthUnit>(UNIT, useSettings.getState().units, isUnit);

function begin(id: string): RunningSession | undefined {
  const [, name = '', seed] = PRACTICE_ID.exec(id) ?? [];
  const machine = keptMachine(name);
  const fresh: Session = {
    begun: new Date().toISOString(),
    unit: unitKept(),
    ...(machine && { own: machine }),
    acts: [],
    entries: [],
  };
  try {
    return goOn(id, name, Number(seed), readStoredJson(SESSION + id, fresh, isSession));
  } catch {
    // What was done there cannot be done again: it is set aside, and the lesson begins again.
    setAsideStored(SESSION + id);
    return goOn(id, name, Number(seed), fresh);
  }
}

/** A session with all that was done in it done again. */
function goOn(id: string, name: string, seed: number, session: Session): RunningSession | undefined {
  const lesson = session.own ? ownPlay(name, session.own) : lessonById(name);
  if (!lesson) return undefined;
  const made = lesson.before?.(seed, id, session.begun);
  const start = made?.mill ?? createMill(lesson.mill, hide(lesson.mill, seed));
  return {
    ...session,
    id,
    seed,
    lesson,
    mill: session.acts.reduce(act, start),
    given: made?.entries ?? [],
  };
}

/** A wheel is turned many times a second; it is kept so often at most, ms. */
const KEEP = 250;

/** Keeps a session as it changes, not at every line of a wheel; what waits is kept before the page goes. */
function keepsSessions() {
  let waiting: RunningSession | undefined;
  let timer: ReturnType<typeof setTimeout> | undefined;
  const now = () => {
    clearTimeout(timer);
    timer = undefined;
    if (!waiting) return;
    const { id, begun, unit, own, acts, entries } = waiting;
    waiting = undefined;
    storeLocally(SESSION + id, { begun, ...(unit && { unit }), ...(own && { own }), acts, entries } satisfies Session);
  };
  if (typeof window !== 'undefined') window.addEventListener('pagehide', now);
  return {
    now,
    soon: (running: RunningSession) => {
      // Another lesson's last moves are kept before this one's.
      if (waiting && waiting.id !== running.id) now();
      waiting = running;
      timer ??= setTimeout(now, KEEP);
    },
  };
}

/** The practice mill on this device. Nothing of it reaches the shop. */
export const usePractice = create<PracticeState>((set, get) => {
  const keeper = keepsSessions();
  const change = (id: string, next: (running: RunningSession) => RunningSession): void => {
    const running = get().open(id);
    if (!running) return;
    const changed = next(running);
    set({ running: changed });
    keeper.soon(changed);
  };
  return {
    running: undefined,
    unit: unitKept(),
    chooseUnit: (unit) => {
      storeLocally(UNIT, unit);
      set({ unit });
    },
    open: (id) => {
      const { running } = get();
      if (running?.id === id) return running;
      const begun = begin(id);
      letGoOfOld();
      set({ running: begun });
      return begun;
    },
    do: (id, what) =>
      change(id, (running) => {
        const mill = act(running.mill, what);
        if (mill.events.length > running.mill.events.length && mill.found && !running.mill.found) tellStored();
        return { ...running, mill, acts: [...running.acts, what] };
      }),
    log: (id, entry) => {
      change(id, (running) => ({ ...running, entries: [...running.entries, entry] }));
      keeper.now();
      if (entry.kind === 'reading') tellStored();
    },
  };
});

logPracticeBy((id, entry) => usePractice.getState().log(id, entry));
