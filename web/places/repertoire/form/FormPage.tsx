import { Slider } from 'antd';
import { useMemo, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { bridgeCall } from '../../../../core/movement/bridge/bridgeWords';
import { walkForm } from '../../../../core/movement/bridge/walkForm';
import { strideAt } from '../../../../core/movement/sample/track';
import type { Form } from '../../../../core/movement/schema/form';
import { usualName } from '../../../../core/movement/schema/movement';
import { displacement } from '../../../../core/movement/walk/stride';
import { trackAtPace } from '../../../../core/timing/trackAtPace';
import { useRepertoire } from '../../../app/repertoire';
import { Notice } from '../../../app/shell/Notice';
import { inWords } from '../../../app/words';
import { FloorPath } from '../../../drawing/FloorPath';
import { Figure } from '../../../drawing/figure/Figure';
import { Saveable } from '../../../drawing/Saveable';
import { Stage } from '../../../drawing/Stage';
import '../movement/movement.css';
import './form.css';

/** A form walked as one: its places in order, the steps between them, the floor from above. */
export function FormPage() {
  const { id = '' } = useParams();
  const repertoire = useRepertoire();
  const navigate = useNavigate();
  const form = repertoire.forms.find((one) => one.id === id);
  if (!form) {
    return (
      <Notice action={{ label: 'To the repertoire', onPress: () => navigate('/repertoire') }}>
        There is no form of that name.
      </Notice>
    );
  }
  return <Shown key={id} form={form} />;
}

const PACE = 6;

function Shown({ form }: { readonly form: Form }) {
  const repertoire = useRepertoire();
  const name = form.names.english[0] ?? form.id;
  const [upTo, setUpTo] = useState(form.entries.length);
  const [playing, setPlaying] = useState(false);
  const [at, setAt] = useState(0);
  const walked = useMemo(() => walkForm(form, repertoire.find, upTo), [form, repertoire, upTo]);
  const strides = useMemo(() => walked.entries.flatMap((entry) => entry.strides), [walked]);
  const track = useMemo(() => trackAtPace(strides, PACE), [strides]);
  const starts = useMemo(() => {
    let before = 0;
    return walked.entries.map((entry) => {
      const start = track.strides[before]?.start ?? 0;
      before += entry.strides.length;
      return start;
    });
  }, [walked, track]);
  const stations = useMemo(() => {
    let before = 0;
    return walked.entries.map((entry, index) => {
      const station = { at: before, label: String(index + 1) };
      before += entry.strides.length;
      return station;
    });
  }, [walked]);
  const [time, setTime] = useState(0);
  const current = starts.findLastIndex((start) => start <= time + 1e-6);
  const { x, y } = displacement(strides);
  const phase = strideAt(track, time)?.stride.phase;
  const cm = (metres: number) => `${Math.abs(Math.round(metres * 100))} cm`;

  return (
    <div className="place form">
      <div className="form-top">
        <header>
          <h1>{name}</h1>
          <p className="movement-names">
            <span className="han" lang="zh-Hant">
              {form.names.chinese.join('、')}
            </span>
            <span lang="zh-Latn">{form.names.pinyin.join(', ')}</span>
            <span className="faded">{form.names.english.slice(1).join(', ')}</span>
          </p>
          <p className="movement-about">{form.about}</p>
          <p>
            {inWords(track.seconds * 1000)} at {PACE} breaths a minute. Ends {cm(y)} {y >= 0 ? 'forward' : 'back'} and{' '}
            {cm(x)} to the {x >= 0 ? 'right' : 'left'} of where it began.
          </p>
        </header>
        <section aria-label="The floor from above">
          <Saveable name={`${name}, floor`} what="the floor">
            <FloorPath
              strides={strides}
              stations={stations}
              height={400}
              width={420}
              label="Where the feet go, place by place, the front at the top"
            />
          </Saveable>
        </section>
        <Stage
          track={track}
          name={name}
          label="The form, moving"
          said={phase?.call}
          scale={1.38}
          at={at}
          playing={playing}
          onPlaying={setPlaying}
          onTime={setTime}
        />
      </div>
      <div className="form-known">
        <span>As far as it is known</span>
        <Slider
          id="form-known"
          ariaLabelForHandle="As far as it is known"
          min={1}
          max={form.entries.length}
          value={upTo}
          onChange={setUpTo}
          tooltip={{ formatter: (n) => `${n} of ${form.entries.length}` }}
        />
        <span className="number">
          {upTo} of {form.entries.length}
        </span>
      </div>
      <ol className="form-entries">
        {walked.entries.map(({ movement, side, bridge, strides: of }, index) => {
          const told = of.reduce((one, other) =>
            Math.abs(other.to.load.left - other.to.load.right) > Math.abs(one.to.load.left - one.to.load.right)
              ? other
              : one,
          );
          const start = starts[index] ?? 0;
          const cycles = form.entries[index]?.cycles ?? 1;
          return (
            <li
              key={`${index}-${movement.id}`}
              className={index === current && playing ? 'form-entry form-entry--now' : 'form-entry'}
            >
              {bridge && <p className="form-bridge">{bridgeCall(bridge)}</p>}
              <button
                type="button"
                className="bare"
                onClick={() => {
                  setAt(start);
                  setTime(start);
                }}
                aria-label={`${usualName(movement)}: show where it begins`}
              >
                <Figure pose={told.to} scale={0.5} />
              </button>
              <Link to={`/repertoire/${movement.id}`} className="name">
                {usualName(movement)}
              </Link>
              <p className="faded">{[side, cycles > 1 ? `${cycles} times` : null].filter(Boolean).join(', ')}</p>
            </li>
          );
        })}
      </ol>
    </div>
  );
}
