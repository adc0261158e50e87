import { Segmented } from 'antd';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import type { Side } from '../../../core/body/side';
import { STANCES } from '../../../core/body/stance';
import { CAUTION_WORDS } from '../../../core/movement/caution';
import { phasesFor, startFor, writtenSide } from '../../../core/movement/cycleFor';
import { type Movement, type PartName, usualName } from '../../../core/movement/movement';
import type { Phase } from '../../../core/movement/phase';
import { cycleStrip } from '../../../core/movement/strip';
import { BREATH_WORDS } from '../../../core/session/calls';
import { countWords } from '../../../core/session/countWords';
import { newMovementItem } from '../../../core/session/defaults';
import { useRepertoire } from '../../app/repertoire';
import { Notice, Waiting } from '../../app/shell/Notice';
import { sectionWord } from '../../app/words';
import { BreathLine } from '../../drawing/BreathLine';
import { COMPARING_PACE, cycleBreath } from '../../drawing/cycleBreath';
import { Footprints } from '../../drawing/Footprints';
import { traditionWord } from './traditionWord';
import { UsedIn } from './UsedIn';
import './repertoire.css';

/** One movement: its names, its phases as a strip of footprints, its breath, its count, what to mind. */
export function MovementPage() {
  const { id = '' } = useParams();
  const repertoire = useRepertoire();
  const navigate = useNavigate();
  if (!repertoire) return <Waiting />;
  const movement = repertoire.find(id);
  if (!movement) {
    return (
      <Notice action={{ label: 'To the repertoire', onPress: () => navigate('/repertoire') }}>
        There is no movement of that name.
      </Notice>
    );
  }
  return <Shown key={id} movement={movement} />;
}

function Shown({ movement }: { readonly movement: Movement }) {
  const written = writtenSide(movement);
  const [side, setSide] = useState<Side | null>(written);
  const { english, pinyin, chinese } = movement.names;
  const [role = 'main'] = movement.roles;
  const usual = newMovementItem('usual', movement, role);
  const { words, total } = countWords(movement, usual);
  const { least, most } = movement.count;

  return (
    <div className="place movement">
      <header>
        <h1>{usualName(movement)}</h1>
        <p className="movement-names">
          <span className="han" lang="zh-Hant">
            {chinese.join('、')}
          </span>
          <span lang="zh-Latn">{pinyin.join(', ')}</span>
          <span className="faded">{english.slice(1).join(', ')}</span>
        </p>
        <p className="movement-about">{movement.about}</p>
      </header>

      <section aria-label="Phases">
        <div className="movement-strip-head">
          <h2>Phases</h2>
          {written !== null && (
            <Segmented<Side>
              value={side ?? written}
              options={[
                { value: 'left', label: 'Left side' },
                { value: 'right', label: 'Right side' },
              ]}
              onChange={setSide}
              aria-label="Which side is shown"
            />
          )}
        </div>
        <ol className="movement-strip">
          <li className="movement-start">
            <Footprints posture={startFor(movement, side)} height={104} labelled />
            <p className="faded">begins here</p>
            <p>{STANCES[movement.start.stance].label}</p>
          </li>
          {cycleStrip(movement, side).map(({ phase, end }, index) => (
            <li key={`${index}-${phase.call}`}>
              <Footprints posture={end} height={104} labelled />
              <p className={`movement-breath movement-breath--${phase.breath}`}>{breathWords(phase)}</p>
              <p className="name">{phase.call}</p>
              <p className="faded">
                {STANCES[end.stance].label}, knees {end.sink}°
              </p>
            </li>
          ))}
        </ol>
        <BreathLine stretches={cycleBreath(movement)} scale={14} most={900} />
        <p className="faded">One repetition at {COMPARING_PACE} breaths a minute, to scale.</p>
      </section>

      <div className="movement-facts">
        <section aria-label="How many">
          <h2>How many</h2>
          <p className="movement-count">
            <span className="number">{movement.count.usual}</span> {words}
          </p>
          <p className="faded">
            {total !== movement.count.usual && `${total} in all. `}
            {least === most ? 'Always that many.' : `From ${least} to ${most}, by ${movement.count.step}.`}
          </p>
          <p className="faded">{otherParts(movement, side)}</p>
        </section>
        <section aria-label="Where it belongs">
          <h2>Where it belongs</h2>
          <p>{movement.roles.map(sectionWord).join(', ')}</p>
          <p>
            {traditionWord(movement.tradition)}. {movement.seated ? 'Can be done seated.' : 'Standing only.'}
          </p>
          <UsedIn movementId={movement.id} />
        </section>
        <section className="movement-cautions" aria-label="To mind">
          <h2>To mind</h2>
          <ul>
            {movement.cautions.map((caution) => (
              <li key={caution}>{CAUTION_WORDS[caution]}</li>
            ))}
          </ul>
        </section>
      </div>
    </div>
  );
}

function breathWords({ breath, length }: Phase): string {
  const word = BREATH_WORDS[breath];
  switch (length.kind) {
    case 'span':
      return length.share === 1 ? word : `${word}, ${Math.round(length.share * 100)} %`;
    case 'breaths':
      return length.breaths === 1 ? 'One free breath' : `${length.breaths} free breaths`;
    case 'beats':
      return `${length.beats} beats at ${length.tempo}`;
    case 'seconds':
      return `${length.seconds} seconds`;
  }
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
