import { withResult, type Practised } from '@zero-point/core/practice/progress';
import { create } from 'zustand';
import { hasFields, isListOf, isText } from '../cache/shapes';
import { readStoredJson, storeLocally } from '../cache/storedJson';

interface PractisedState {
  /** How lessons went on this device, whoever did them. */
  practised: Practised[];
  /** Who is practising here by name; nobody has to. */
  people: string[];
  /** Who is practising now; nothing for somebody without a name. */
  person: string;
  choose: (person: string) => void;
  /** Puts a name on the list, and has that person practise. */
  add: (person: string) => void;
  /** Takes a name off the list with all that was kept of how that person's lessons went. */
  forget: (person: string) => void;
  keep: (result: Practised) => void;
}

const PRACTISED = 'zero-point.practised';
const PEOPLE = 'zero-point.practised-by';

const isPractised = (value: unknown): value is Practised[] =>
  isListOf((one) => hasFields(one, { session: isText, lesson: isText, at: isText, slips: isListOf(isText) }))(value);

const isPeople = (value: unknown): value is Pick<PractisedState, 'people' | 'person'> =>
  hasFields(value, { people: isListOf(isText), person: isText });

/** Who is practising on this device, and how it went: nothing of it reaches the shop. */
export const usePractised = create<PractisedState>((set, get) => {
  const keepPeople = (people: string[], person: string) => {
    storeLocally(PEOPLE, { people, person });
    set({ people, person });
  };
  const keepAll = (practised: Practised[]) => {
    storeLocally(PRACTISED, practised);
    set({ practised });
  };
  return {
    practised: readStoredJson(PRACTISED, [], isPractised),
    ...readStoredJson(PEOPLE, { people: [], person: '' }, isPeople),
    choose: (person) => keepPeople(get().people, person),
    add: (person) => keepPeople([...get().people.filter((one) => one !== person), person], person),
    forget: (person) => {
      keepPeople(
        get().people.filter((one) => one !== person),
        get().person === person ? '' : get().person,
      );
      keepAll(get().practised.filter(({ who = '' }) => who !== person));
    },
    keep: (result) => {
      const { person, practised } = get();
      keepAll(withResult(practised, { ...result, ...(person !== '' && { who: person }) }));
    },
  };
});
