import { App, Button, Popconfirm, Segmented, Select } from 'antd';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { unique } from 'remeda';
import type { Side } from '../../../../core/body/written/side';
import { CAUTION_WORDS } from '../../../../core/movement/schema/caution';
import { type Movement, usualName } from '../../../../core/movement/schema/movement';
import { writtenSide } from '../../../../core/movement/walk/cycleFor';
import { useRepertoire } from '../../../app/repertoire';
import { api } from '../../../app/server/api';
import { whyRefused } from '../../../app/server/problemIn';
import { lazyPart } from '../../../app/shell/lazyPart';
import { Notice } from '../../../app/shell/Notice';
import { MovementFacts } from './MovementFacts';
import { MovementStage } from './MovementStage';
import { MovementStrip } from './MovementStrip';
import { MovementWords } from './MovementWords';
import { type Way, waysToShow } from './wayOf';
import './movement.css';

const InMyWords = lazyPart(async () => (await import('../../../class/InMyWords')).InMyWords, {
  what: 'In my words',
  // What stands after it does not move when it comes.
  waiting: <Button disabled>Say it my way</Button>,
  whenIdle: true,
});

/** One movement: it moves; its phases, its feet, what it asks, its variants, what to mind. */
export function MovementPage() {
  const { id = '' } = useParams();
  const repertoire = useRepertoire();
  const navigate = useNavigate();
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

const KIND_WORDS: Readonly<Record<Way['kind'], string>> = {
  written: 'The movement',
  variant: 'Offered instead',
  layer: 'Taught in steps',
  school: 'As other schools do it',
};

function Shown({ movement }: { readonly movement: Movement }) {
  const repertoire = useRepertoire();
  const [key, setKey] = useState('written');
  const ways = waysToShow(movement);
  const shown = ways.find((way) => way.key === key)?.movement ?? movement;
  const written = writtenSide(shown);
  const [side, setSide] = useState<Side | null>(written);
  const { english, pinyin, chinese } = movement.names;
  const newest = repertoire.newest(movement.id);
  const kinds = unique(ways.map(({ kind }) => kind));

  return (
    <div className="place movement">
      <div className="movement-top">
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
          <Acts movement={movement} />
          <section className="movement-cautions" aria-label="To mind">
            <h3>To mind</h3>
            <ul>
              {shown.cautions.map((caution) => (
                <li key={caution}>{CAUTION_WORDS[caution]}</li>
              ))}
            </ul>
          </section>
          {newest && newest.id !== movement.id && (
            <p className="movement-older">
              This is an older version that some classes keep.{' '}
              <Link to={`/repertoire/${newest.id}`}>To the newest</Link>
            </p>
          )}
        </header>
        <MovementStage movement={shown} side={side} name={usualName(movement)} />
      </div>

      <section aria-label="Phases">
        <div className="movement-strip-head">
          <h2>Phases</h2>
          <div className="movement-choices">
            {ways.length > 1 && (
              <Select
                value={key}
                onChange={setKey}
                popupMatchSelectWidth={false}
                aria-label="Which way of doing it is shown"
                options={kinds.map((kind) => ({
                  label: KIND_WORDS[kind],
                  options: ways.filter((way) => way.kind === kind).map(({ key: value, label }) => ({ value, label })),
                }))}
              />
            )}
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
        </div>
        <MovementStrip movement={shown} side={side} />
      </section>

      <MovementWords movement={shown} />
      <MovementFacts movement={shown} side={side} />
    </div>
  );
}

/** Changing it, copying it, taking it out of sight. */
function Acts({ movement }: { readonly movement: Movement }) {
  const repertoire = useRepertoire();
  const navigate = useNavigate();
  const [withdraw] = api.useWithdrawMovementMutation();
  const [restore] = api.useRestoreMovementMutation();
  const { message } = App.useApp();
  const saying = async (asked: Promise<{ error?: unknown }>) => {
    const { error } = await asked;
    if (error) message.error(whyRefused(error));
  };
  if (!repertoire.isShown(movement.id))
    return (
      <p className="movement-acts">
        <span className="faded">Out of sight: it is no longer offered, and classes that have it keep it.</span>{' '}
        <Button size="small" onClick={() => void saying(restore(movement.id))}>
          Bring it back
        </Button>
      </p>
    );
  return (
    <p className="movement-acts">
      <Button onClick={() => navigate(`/repertoire/${movement.id}/edit`)}>Change it</Button>
      <InMyWords movement={movement} />
      <Button onClick={() => navigate(`/repertoire/new?from=${encodeURIComponent(movement.id)}`)}>Make a copy</Button>
      <Popconfirm
        title="Take it out of sight?"
        description="It is no longer offered. Classes that have it keep it, and it can be brought back."
        okText="Take it away"
        cancelText="Keep it"
        onConfirm={() => void saying(withdraw(movement.id))}
      >
        <Button type="text">Take it away</Button>
      </Popconfirm>
    </p>
  );
}
