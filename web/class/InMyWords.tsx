import { App, Button, Input, Modal } from 'antd';
import { type ReactNode, useState } from 'react';
import { type OwnCall, writtenCall } from '../../core/movement/adapt/wording';
import { type Movement, usualName } from '../../core/movement/schema/movement';
import { PartName } from '../../core/movement/schema/parts';
import type { Phase } from '../../core/movement/schema/phase';
import { baseId } from '../../core/movement/schema/version';
import { BREATH_WORDS } from '../../core/session/schedule/calls';
import { speechSeconds } from '../../core/timing/speech';
import { COMPARING_PACE, secondsAtPace } from '../../core/timing/trackAtPace';
import { api } from '../app/server/api';
import { whyRefused } from '../app/server/problemIn';
import './wording.css';

/** How long a phase lasts where it is done, in seconds; null where it is not done. */
export type SecondsOf = (part: PartName, phase: number) => number | null;

interface Props {
  readonly movement: Movement;
  readonly size?: 'small' | 'middle';
  /** Told in a class; in the repertoire the comparing pace is taken. */
  readonly secondsOf?: SecondsOf;
}

/** Lets the calls of a movement be said in one's own words, in every class. */
export function InMyWords({ movement, size = 'middle', secondsOf }: Props) {
  const [isOpen, setIsOpen] = useState(false);
  return (
    <>
      <Button size={size} onClick={() => setIsOpen(true)}>
        Say it my way
      </Button>
      {isOpen && (
        <WordingForm
          movement={movement}
          secondsOf={secondsOf ?? ((part, phase) => usualSeconds(movement.parts[part]?.[phase]))}
          pace={secondsOf ? 'in this class' : `at ${COMPARING_PACE} breaths a minute`}
          onLeave={() => setIsOpen(false)}
        />
      )}
    </>
  );
}

const usualSeconds = (phase: Phase | undefined): number | null => (phase ? secondsAtPace(phase) : null);

const PART_WORDS: Readonly<Record<PartName, string>> = {
  entry: 'Coming into it',
  cycle: 'Each time',
  between: 'Between the sides',
  exit: 'Coming out of it',
};

interface Place {
  readonly part: PartName;
  readonly phase: number;
  readonly breath: Phase['breath'];
  /** What is written there, and what is said there now. */
  readonly was: string;
  readonly said: string;
}

const keyOf = ({ part, phase }: Pick<Place, 'part' | 'phase'>): string => `${part} ${phase}`;

function placesOf(movement: Movement, calls: readonly OwnCall[]): Place[] {
  return PartName.options.flatMap((part) =>
    (movement.parts[part] ?? []).map(({ breath, call }, phase) => ({
      part,
      phase,
      breath,
      was: writtenCall(calls, movement, part, phase),
      said: call,
    })),
  );
}

interface FormProps {
  readonly movement: Movement;
  readonly secondsOf: SecondsOf;
  readonly pace: string;
  readonly onLeave: () => void;
}

function WordingForm({ movement, secondsOf, pace, onLeave }: FormProps) {
  const movementId = baseId(movement.id);
  const { data: wording, isSuccess } = api.useWordingQuery();
  const [save, { isLoading }] = api.useSayMyWayMutation();
  const { message } = App.useApp();
  const places = placesOf(movement, wording?.find((one) => one.movementId === movementId)?.calls ?? []);
  const [written, setWritten] = useState<Readonly<Record<string, string>>>({});
  const saidAt = (place: Place): string => written[keyOf(place)] ?? place.said;

  const keep = async () => {
    const calls = places.flatMap((place): OwnCall[] => {
      const call = saidAt(place).trim();
      const { part, phase, was } = place;
      return call === '' || call === was ? [] : [{ part, phase, was, call }];
    });
    const answer = await save({ movementId, calls });
    if (answer.error) void message.error(whyRefused(answer.error));
    else onLeave();
  };

  return (
    <Modal
      open
      width={620}
      title={`${usualName(movement)}, in my words`}
      okText="Say it so in every class"
      cancelText="Leave it"
      confirmLoading={isLoading}
      okButtonProps={{ disabled: !isSuccess }}
      onOk={() => void keep()}
      onCancel={onLeave}
    >
      <p>What is called for each phase. An empty call is said as it is written.</p>
      {PartName.options.map((part) => (
        <Part key={part} part={part} places={places.filter((place) => place.part === part)}>
          {(place) => (
            <Call
              key={keyOf(place)}
              place={place}
              said={saidAt(place)}
              seconds={secondsOf(place.part, place.phase)}
              pace={pace}
              onSay={(call) => setWritten((before) => ({ ...before, [keyOf(place)]: call }))}
            />
          )}
        </Part>
      ))}
    </Modal>
  );
}

interface PartProps {
  readonly part: PartName;
  readonly places: readonly Place[];
  readonly children: (place: Place) => ReactNode;
}

function Part({ part, places, children }: PartProps) {
  if (places.length === 0) return null;
  return (
    <fieldset className="wording">
      <legend>{PART_WORDS[part]}</legend>
      {places.map(children)}
    </fieldset>
  );
}

interface CallProps {
  readonly place: Place;
  readonly said: string;
  readonly seconds: number | null;
  readonly pace: string;
  readonly onSay: (call: string) => void;
}

function Call({ place, said, seconds, pace, onSay }: CallProps) {
  const takes = speechSeconds(said.trim() === '' ? place.was : said);
  const isLong = seconds !== null && takes > seconds;
  return (
    <div className="wording-call">
      <span className="faded">{BREATH_WORDS[place.breath]}</span>
      <Input
        value={said}
        maxLength={80}
        placeholder={place.was}
        status={isLong ? 'warning' : ''}
        aria-label={`${PART_WORDS[place.part]}, call ${place.phase + 1}`}
        onChange={({ target }) => onSay(target.value)}
      />
      <span className={`number wording-time${isLong ? ' wording-time--long' : ''}`} title={pace}>
        {takes.toFixed(1)} {seconds === null ? 's' : `of ${seconds.toFixed(1)} s`}
        {isLong && <small>too long for it</small>}
      </span>
    </div>
  );
}
