import { useMemo } from 'react';
import type { Side } from '../../../../core/body/written/side';
import { type Movement, usualName } from '../../../../core/movement/schema/movement';
import type { PartName } from '../../../../core/movement/schema/parts';
import { phasesFor } from '../../../../core/movement/walk/cycleFor';
import { walkMovement } from '../../../../core/movement/walk/walkMovement';
import { newMovementItem } from '../../../../core/session/plan/defaults';
import { countWords } from '../../../../core/session/report/countWords';
import { checkMovement } from '../../../../core/traits/checkMovement';
import { movementTraits } from '../../../../core/traits/movementTraits';
import { sectionWord } from '../../../../core/words/sectionWord';
import { spaced } from '../../../../core/words/spaced';
import { DemandBars } from '../../../drawing/DemandBars';
import { FloorPath } from '../../../drawing/FloorPath';
import { Saveable } from '../../../drawing/Saveable';
import { traditionWord } from './traditionWord';
import { UsedIn } from './UsedIn';

interface Props {
  /** As it is shown: as written, or as a variant or teaching step. */
  readonly movement: Movement;
  readonly side: Side | null;
}

const PART_WORDS: Readonly<Record<Exclude<PartName, 'cycle'>, string>> = {
  entry: 'coming into it',
  between: 'between the sides',
  exit: 'coming out of it',
};

/** What is done once besides the repetitions. */
function otherParts(movement: Movement, side: Side | null): string {
  const said = (Object.keys(PART_WORDS) as Exclude<PartName, 'cycle'>[]).flatMap((part) => {
    const calls = phasesFor(movement, part, side).map(({ call }) => call.toLowerCase());
    return calls.length > 0 ? [`${PART_WORDS[part]}: ${calls.join(', ')}`] : [];
  });
  return said.length > 0 ? `Once besides: ${said.join('; ')}.` : '';
}

const LEVEL_WORDS: Readonly<Record<number, string>> = {
  1: 'from the first class on',
  2: 'with some practice',
  3: 'for the seasoned',
};

/** What it asks, where the feet go, how many, what to mind, where it belongs. */
export function MovementFacts({ movement, side }: Props) {
  const traits = useMemo(() => movementTraits(movement), [movement]);
  const notes = useMemo(
    () => checkMovement({ ...movement, variants: [] }).filter(({ severity }) => severity !== 'notice'),
    [movement],
  );
  const strides = useMemo(
    () => walkMovement(movement, { side, cycles: 2 }).map(({ stride }) => stride),
    [movement, side],
  );
  const [role = 'main'] = movement.roles;
  const { words, total } = countWords(movement, newMovementItem('usual', movement, role));
  const { least, most, usual, step } = movement.count;
  const steps = strides.some(({ feet }) => feet.left.leaves || feet.right.leaves);
  return (
    <div className="movement-facts">
      <section aria-label="What it asks">
        <h2>What it asks</h2>
        <Saveable name={`${usualName(movement)}, demand`} what="what it asks">
          <DemandBars regions={traits.regions} />
        </Saveable>
        <p className="faded movement-key">
          Bar: on the mean; tick: at its peak; line beneath: how well it is moved. An index, not a measurement; press a
          region to see how it is reckoned.
        </p>
        {traits.prepares.length > 0 && <p>Makes ready: {traits.prepares.map(spaced).join(', ')}.</p>}
        {traits.loads.length > 0 && <p>Works: {traits.loads.map(spaced).join(', ')}.</p>}
      </section>
      <section aria-label="Where the feet go">
        <h2>Where the feet go</h2>
        {steps ? (
          <Saveable name={`${usualName(movement)}, feet`} what="where the feet go">
            <FloorPath
              strides={strides}
              height={210}
              width={330}
              label="The feet from above, two repetitions, front at the top"
            />
          </Saveable>
        ) : (
          <p>The feet stay where they are.</p>
        )}
        <p className="faded">
          {traits.space === 'walks'
            ? `Walks ${Math.round(traits.travels * 100)} cm with each repetition.`
            : 'Stays in place.'}{' '}
          Sweeps over {traits.floor.across.toFixed(1)} by {traits.floor.deep.toFixed(1)} m.{' '}
          {traits.balance > 0.45 ? 'Asks for balance.' : ''}
        </p>
        <h2 className="movement-second">How many</h2>
        <p className="movement-count">
          <span className="number">{usual}</span> {words}
        </p>
        <p className="faded">
          {total !== usual && `${total} in all. `}
          {least === most ? 'Always that many.' : `From ${least} to ${most}, by ${step}.`}
        </p>
        <p className="faded">{otherParts(movement, side)}</p>
      </section>
      <section aria-label="Where it belongs">
        <h2>Where it belongs</h2>
        <p>
          {movement.roles.map(sectionWord).join(', ')}. {traditionWord(movement.tradition)},{' '}
          {LEVEL_WORDS[movement.level]}. {movement.seated ? 'Can be done seated.' : 'Standing only.'}
        </p>
        <UsedIn movementId={movement.id} />
        {notes.length > 0 && (
          <>
            <h2 className="movement-second">What the footwork says</h2>
            <ul className="movement-notes">
              {notes.map(({ message }) => (
                <li key={message}>{message}</li>
              ))}
            </ul>
          </>
        )}
      </section>
    </div>
  );
}
