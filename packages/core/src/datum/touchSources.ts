import type { z } from 'zod';
import type { BudgetPart } from '../metrology/uncertainty';
import type { featureMethod } from './touchPoint.schema';

type FeatureMethod = z.output<typeof featureMethod>;

/** What may be wrong with a single touch: its own scatter, and the display's step. */
export const touchSources = (
  { resolution }: FeatureMethod['method'],
  scatter: { variance: number; dof: number },
): BudgetPart[] => [
  { name: 'touches', u: Math.sqrt(scatter.variance), shape: 'normal', dof: scatter.dof },
  { name: 'display step', u: resolution / Math.sqrt(12), shape: 'uniform' },
];

/** Eccentricity of a contact that stands still, along one axis of the machine. */
export const stoppedTirPart = ({ contact }: FeatureMethod): number => (contact.spin === 'standing' ? contact.tir : 0);
