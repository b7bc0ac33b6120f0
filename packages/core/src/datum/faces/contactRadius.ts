import type { WorkingLine } from '../../working/working';
import type { EdgeInput } from './edge.schema';

/**
 * Distance from the spindle axis to the face while touching, term by term, all positive, mm:
 * half the contact diameter, the feeler, and half the run-out where the contact turns and its high side touches.
 */
export function contactRadiusLines(contact: EdgeInput['contact']): WorkingLine[] {
  // The control has taken it off, or a point touched: said, so that nobody looks for it.
  if (contact.diameter === 0 && contact.feeler === 0)
    return [{ label: 'radius: none, or taken off already', value: 0 }];
  const lines: WorkingLine[] = [
    {
      label: 'half the finder',
      value: contact.diameter / 2,
      detail: [{ length: contact.diameter }, ' / 2'],
    },
  ];
  if (contact.feeler > 0) lines.push({ label: 'feeler', value: contact.feeler });
  if (contact.spin !== 'standing' && contact.tir > 0) {
    lines.push({ label: 'half the run-out', value: contact.tir / 2, detail: [{ length: contact.tir }, ' / 2'] });
  }
  return lines;
}
