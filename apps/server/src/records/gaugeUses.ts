import { knownBy } from '@zero-point/core/state/basis/gaugeStatus';
import type { Calibration } from '@zero-point/core/records/shop/calibration';
import type { GaugeUses } from '@zero-point/core/records/snapshots/gaugeUses';
import type { Store } from '../store/store';

/** How much every gauge was used since it was last found, and where; struck readings were touches too. */
export function countGaugeUses(store: Store): GaugeUses[] {
  const calibrations = store.entries
    .ofShop()
    .flatMap(({ kind, body }) => (kind === 'calibration' ? (body as Calibration) : []));
  const names = new Map<string, string>();
  const nameOf = (setupId: string): string => {
    const name = names.get(setupId) ?? store.documents.get('plan', setupId, '')?.body.name ?? setupId;
    names.set(setupId, name);
    return name;
  };
  return store.documents.all('gauge').map(({ body: { id, kind } }) => {
    const what = knownBy(kind);
    const since = calibrations
      .filter(({ of, found }) => of.kind === 'gauge' && of.gaugeId === id && what.includes(found.what))
      .reduce<string | null>((latest, { at }) => (latest === null || at > latest ? at : latest), null);
    const setups = store.readings.usesOf(id, since ?? '').map((one) => ({ ...one, name: nameOf(one.id) }));
    return { gaugeId: id, since, touches: setups.reduce((sum, { touches }) => sum + touches, 0), setups };
  });
}
