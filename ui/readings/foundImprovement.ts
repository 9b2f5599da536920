import type { WhatIf } from '@/core/explore/whatIf';
import type { Quantity } from '@/core/units/quantity';

/** What helps a figure most, and by how much. */
export interface FoundImprovement {
  readonly change: WhatIf;
  readonly by: Quantity;
}
