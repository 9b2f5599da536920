import type { PackReport } from '@/core/report/evaluatePack';

/** The gravest finding about a layer that is more than a note; findings about the whole pack mark no layer. */
export function worstFindingLevel(
  { findings, layers }: PackReport,
  layerId: string,
): 'urgent' | 'check' | null {
  const about = findings.filter(
    (finding) =>
      finding.layers.includes(layerId) && (finding.layers.length < layers.length || layers.length === 1),
  );
  if (about.some(({ level }) => level === 'urgent')) return 'urgent';
  return about.some(({ level }) => level === 'check') ? 'check' : null;
}
