'use client';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import { useDeferredValue, useMemo } from 'react';
import { swapRange } from '@/core/biology/swapRange';
import { stagesOf } from '@/core/biology/planSwap';
import type { Filter } from '@/core/filter/filter';
import { FILTER_KINDS } from '@/core/filter/filterKindWords';
import { LAST_STAGE_DAY, MAX_STAGES, type Successor, type Swap } from '@/core/filter/swap';
import type { Job } from '@/core/job/job';
import type { Layer } from '@/core/layers/layer';
import { placeLayers } from '@/core/layers/placeLayers';
import { CATALOGUE } from '@/core/media/catalogue';
import { hasRole } from '@/core/media/hasRole';
import type { Surroundings } from '@/core/report/evaluatePack';
import { canBeRetired, judgeSwap, proposeSwap, swapPiece, withoutPieces } from '@/core/report/swapPieces';
import { swapVerdict } from '@/core/report/swapVerdict';
import { lowerFirst } from '@/core/units/firstLetter';
import { layerSurfaces, tankBiology } from '@/core/report/tankBiology';
import type { Stored } from '@/store/documentTable';
import { ChoiceField } from '../fields/ChoiceField';
import { useWords } from '../fields/UnitsProvider';
import { Swatch } from '../drawing/Swatch';
import { VerdictBanner } from '../frame/VerdictBanner';
import { PageLayout } from '../frame/PageLayout';
import { SaveStatus } from '../frame/SaveStatus';
import { stageLinks } from '../frame/stageLinks';
import { UndoButtons } from '../frame/UndoButtons';
import { useAutosave } from '../state/useAutosave';
import { undoShortcuts } from '../state/undoShortcuts';
import { useUndo } from '../state/useUndo';
import { StageList } from './StageList';
import { SwapChart } from './SwapChart';
import styles from './SwapSheet.module.css';

interface Props {
  readonly filter: Stored<Filter>;
  readonly job: Job | null;
  /** What is in the filter now, as far as is known. */
  readonly layers: readonly Layer[];
  readonly around: Surroundings;
  readonly now: string;
}

/** Days between two stages when the keeper makes one more or one fewer. */
const USUAL_APART = 14;

/** Retire media in stages: what goes out when, and what ammonia and nitrite come to. */
export function SwapSheet({ filter: stored, job, layers, around, now }: Props) {
  const words = useWords();
  const save = useAutosave('filter', stored);
  const filter = save.doc;
  const { swap } = filter;
  const undo = useUndo<{ swap: Swap | null }>();
  const { tank } = around;
  const change = (next: Swap | null, mark?: string) => {
    undo.remember({ swap }, mark);
    save.change((doc) => ({ ...doc, swap: next }));
  };
  const step = (to: 'undo' | 'redo') => () => {
    const found = undo[to]({ swap });
    if (found !== null) save.change((doc) => ({ ...doc, swap: found.swap }));
  };
  const biology = useMemo(
    () => tankBiology({ tank, filter, layers, others: around.others, now: around.now }),
    [tank, filter, layers, around],
  );
  const placed = useMemo(() => placeLayers(filter, layers), [filter, layers]);
  const surfaces = useMemo(
    () => new Map(layerSurfaces(filter, layers, tank.temperature).map((item) => [item.layer.id, item])),
    [filter, layers, tank.temperature],
  );
  const judged = useMemo(
    () => (swap === null || biology === null ? null : judgeSwap(biology, swap, tank.pH)),
    [swap, biology, tank.pH],
  );
  // The likely range takes a moment: dragging a stage does not wait for it.
  const drawn = useDeferredValue(swap);
  const bands = useMemo(
    () =>
      drawn === null || biology === null
        ? null
        : swapRange(withoutPieces(biology, drawn.pieces), drawn.pieces, drawn.stages),
    [drawn, biology],
  );
  const begun = swap !== null && swap.begunOn !== null;

  const choose = (layerId: string, successor: Successor | null) => {
    if (biology === null) return;
    const others = swap?.pieces.filter(({ key }) => key !== layerId) ?? [];
    const item = placed.find(({ layer }) => layer.id === layerId);
    const surface = surfaces.get(layerId);
    if (item === undefined || surface === undefined) return;
    const pieces = successor === null ? others : [...others, swapPiece(item, surface, successor, tank)];
    // In the order in which the water meets them.
    pieces.sort((a, b) => order(placed, a.key) - order(placed, b.key));
    change(pieces.length === 0 ? null : proposeSwap(biology, pieces, tank.pH));
  };
  const restage = (count: number) => {
    if (swap === null) return;
    const stages = stagesOf(swap.pieces, count, apartOf(swap));
    change({ ...swap, stages: stages.map(({ day, parts }) => ({ day, parts: [...parts], doneOn: null })) });
  };
  const editing = {
    undo: step('undo'),
    redo: step('redo'),
    canUndo: undo.canUndo,
    canRedo: undo.canRedo,
  };
  const shortcuts = undoShortcuts(editing.undo, editing.redo);
  const known = placed.filter(({ layer }) => canBeRetired(layer));

  return (
    <PageLayout
      page="Media swap"
      title={filter.name}
      subtitle={FILTER_KINDS[filter.kind].name}
      links={stageLinks(filter.id, job, 'media-swap')}
      linksLabel="Stages"
      shortcuts={[
        ...shortcuts,
        { keys: '← →', does: 'move the selected stage by a day' },
        { keys: 'Page Up, Page Down', does: 'move it by a week' },
      ]}
      status={
        <>
          <UndoButtons editing={editing} />
          <SaveStatus saves={[save]} />
        </>
      }
    >
      <VerdictBanner
        verdict={swapVerdict(
          biology === null
            ? 'no food'
            : known.length === 0 && swap === null
              ? 'no media'
              : (swap ?? 'nothing chosen'),
          judged,
          now,
        )}
      />
      <div className={styles.sheet}>
        <section aria-label="Media to replace" className={styles.choose}>
          <h2 className={`caption ${styles.heading}`}>Media to replace</h2>
          {begun ? (
            <p className="quiet">
              The swap has started, so you cannot change what it replaces. You can start a new repack at any
              time.
            </p>
          ) : null}
          <ul>
            {known.map(({ layer, medium, chamber }) => {
              const piece = swap?.pieces.find(({ key }) => key === layer.id);
              return (
                <li key={layer.id} className={styles.piece}>
                  <Swatch medium={medium} />
                  <div>
                    <FormControlLabel
                      label={`${medium.name} (${lowerFirst(chamber.name)})`}
                      control={
                        <Checkbox
                          checked={piece !== undefined}
                          disabled={begun || biology === null}
                          onChange={(_, on) => choose(layer.id, on ? 'same' : null)}
                        />
                      }
                    />
                    <span className="quiet">
                      {words.show({ kind: 'length', si: layer.thickness })} thick;{' '}
                      {words.show({ kind: 'surface', si: surfaces.get(layer.id)?.likely ?? 0 })} for bacteria
                    </span>
                    {piece === undefined || begun ? null : (
                      <SuccessorField
                        name={medium.name}
                        value={successorOf(piece, surfaces.get(layer.id)?.likely ?? 0)}
                        onChange={(successor) => choose(layer.id, successor)}
                      />
                    )}
                  </div>
                </li>
              );
            })}
          </ul>
        </section>
        <div className={styles.course}>
          {swap === null || bands === null ? (
            <p className="quiet">
              Tick the media to replace. The app then finds the fewest stages, on the earliest days, that keep
              ammonia, nitrite and free ammonia below their limits.
            </p>
          ) : (
            <>
              <SwapChart
                bands={bands}
                swap={swap}
                onDay={(index, day) =>
                  change(
                    {
                      ...swap,
                      stages: swap.stages.map((item, at) => (at === index ? { ...item, day } : item)),
                    },
                    `stage ${index}`,
                  )
                }
                latest={LAST_STAGE_DAY}
              />
              <div className={styles.tools}>
                {begun ? null : (
                  <>
                    <Button
                      disabled={swap.stages.length >= MAX_STAGES}
                      onClick={() => restage(swap.stages.length + 1)}
                    >
                      Add a stage
                    </Button>
                    <Button
                      disabled={swap.stages.length <= 1}
                      onClick={() => restage(swap.stages.length - 1)}
                    >
                      Remove a stage
                    </Button>
                    <Button
                      disabled={biology === null}
                      onClick={() => {
                        if (biology !== null) change(proposeSwap(biology, swap.pieces, tank.pH));
                      }}
                    >
                      Use the fewest safe stages
                    </Button>
                  </>
                )}
              </div>
              <StageList swap={swap} now={now} onChange={change} />
              <p className="quiet">
                These are estimates: trust your test kit. Dechlorinate all water that touches biological
                media. If the animals show distress, or ammonia or nitrite stays high, change water, feed less
                and ask an aquatic vet.
              </p>
            </>
          )}
        </div>
      </div>
    </PageLayout>
  );
}

const order = (placed: ReturnType<typeof placeLayers>, key: string): number =>
  placed.findIndex(({ layer }) => layer.id === key);

/** Days between the stages as they are. */
const apartOf = ({ stages }: Swap): number =>
  stages.length < 2
    ? USUAL_APART
    : Math.max(
        1,
        Math.round((Math.max(...stages.map(({ day }) => day)) - (stages[0]?.day ?? 0)) / (stages.length - 1)),
      );

/** What a piece is replaced by, read back from its surfaces. */
function successorOf({ newSurface }: Swap['pieces'][number], surface: number): 'same' | 'nothing' | 'other' {
  if (newSurface === 0) return 'nothing';
  return Math.abs(newSurface - surface) < 1e-9 * Math.max(1, surface) ? 'same' : 'other';
}

function SuccessorField({
  name,
  value,
  onChange,
}: {
  name: string;
  value: 'same' | 'nothing' | 'other';
  onChange: (successor: Successor) => void;
}) {
  const media = CATALOGUE.filter((medium) => hasRole(medium, 'biological'));
  return (
    <ChoiceField
      label={`${name}: replace with`}
      value={value}
      choices={[
        { value: 'same', label: 'the same medium, new' },
        { value: 'nothing', label: 'nothing' },
        ...(value === 'other' ? [{ value: 'other', label: 'another medium' }] : []),
        ...media.map((medium) => ({ value: medium.id, label: medium.name, group: 'another medium' })),
      ]}
      onChange={(chosen: string) => {
        if (chosen === 'other') return;
        onChange(chosen === 'same' || chosen === 'nothing' ? chosen : { medium: chosen });
      }}
      fullWidth
    />
  );
}
